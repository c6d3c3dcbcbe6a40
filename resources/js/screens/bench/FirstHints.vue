<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'

/** Three short hints at the thing itself, on the first board that somebody wires: gone for good once they are done. */
const props = defineProps<{ hasInHand: boolean; steps: number; box: string }>()
const done = useLocalStorage('zwindle-hints-done', 0)
const firstBox = props.box

const SIZE = { width: 244, height: 60 }
const BESIDE_PX = 8
const HINTS = [
  { at: '[role=checkbox][data-place]', words: say('bench.tap-a-wires-tag-to') },
  { at: '[data-number]', words: say('bench.now-tap-a-numbered-screw') },
  { at: '[data-hint=boxes]', words: say('bench.tap-another-box-to-open') },
]
/** What a hint may not lie on: whatever can be tapped in the open box, and the boxes. */
const TAPPED = '[data-place], [data-number], [data-connector], [data-hint=boxes]'
const hint = computed(() => HINTS[done.value] ?? null)
const spot = ref<{ left: string; top: string } | null>(null)

/** Beside the thing where it is now, on as little else as can be; nothing is shown while it is not in sight. */
function place() {
  const rect = hint.value ? document.querySelector(hint.value.at)?.getBoundingClientRect() : null
  const isSeen = rect && rect.width > 0 && rect.top >= 0 && rect.bottom <= window.innerHeight
  if (!isSeen) return void (spot.value = null)
  const taken = [...document.querySelectorAll(TAPPED)].map((element) => element.getBoundingClientRect())
  const [middle, centre] = [rect.left + rect.width / 2 - SIZE.width / 2, rect.top + rect.height / 2 - SIZE.height / 2]
  const choices = [
    [rect.right + BESIDE_PX, centre],
    [middle, rect.top - SIZE.height - BESIDE_PX],
    [middle, rect.bottom + BESIDE_PX],
    [rect.left - SIZE.width - BESIDE_PX, centre],
    [rect.right + BESIDE_PX, rect.top - SIZE.height - BESIDE_PX],
    [rect.left - SIZE.width, rect.top - SIZE.height - 4 * BESIDE_PX],
    [rect.left + BESIDE_PX, rect.top - SIZE.height - BESIDE_PX],
  ].map(([x, y]) => ({
    left: Math.max(BESIDE_PX, Math.min(window.innerWidth - SIZE.width, x!)),
    top: Math.max(BESIDE_PX, Math.min(window.innerHeight - SIZE.height, y!)),
  }))
  const covered = ({ left, top }: { left: number; top: number }) =>
    taken.filter(
      (other) =>
        other.left < left + SIZE.width && left < other.right && other.top < top + SIZE.height && top < other.bottom,
    ).length
  const best = choices.reduce((one, other) => (covered(other) < covered(one) ? other : one))
  spot.value = { left: `${best.left}px`, top: `${best.top}px` }
}
const looking = useIntervalFn(place, 300, { immediateCallback: true })
watch(
  hint,
  (now) => {
    if (!now) looking.pause()
  },
  { immediate: true },
)

watch(
  () => [props.hasInHand, props.steps, props.box] as const,
  ([hasInHand, steps, box]) => {
    if (done.value === 0 && hasInHand) done.value = 1
    if (done.value === 1 && steps > 0) done.value = 2
    if (done.value === 2 && box !== firstBox) done.value = 3
  },
)
</script>

<template>
  <p
    v-if="hint && spot"
    class="pointer-events-none fixed z-20 max-w-60 border-l-4 border-violet bg-wash px-3 py-1 font-bold"
    :style="spot"
    role="status"
    data-test="first-hint"
  >
    {{ hint.words }}
  </p>
</template>
