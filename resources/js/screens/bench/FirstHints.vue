<script setup lang="ts">
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'

/** Three short hints at the thing itself, on the first board that somebody wires: gone for good once they are done. */
const props = defineProps<{ hasInHand: boolean; steps: number; box: string }>()
const done = useLocalStorage('zwindle-hints-done', 0)
const firstBox = props.box

const ABOVE_PX = 64
const HINTS: { at: string; words: string; above?: boolean }[] = [
  { at: '[role=checkbox][data-place]', words: 'Tap the flag of a conductor to take it in hand.' },
  { at: '[data-number]', words: 'Now tap a numbered screw: it lands there.' },
  { at: '[data-hint=boxes]', words: 'Tap another box to open it, here or on the board.', above: true },
]
const hint = computed(() => HINTS[done.value] ?? null)
const spot = ref<{ left: string; top: string } | null>(null)

/** Where the thing is now; nothing is shown while it is not in sight. */
function place() {
  const rect = hint.value ? document.querySelector(hint.value.at)?.getBoundingClientRect() : null
  const isSeen = rect && rect.width > 0 && rect.top >= 0 && rect.bottom <= window.innerHeight
  spot.value = isSeen
    ? hint.value!.above
      ? { left: `${rect.left + 8}px`, top: `${rect.top - ABOVE_PX}px` }
      : { left: `${Math.min(window.innerWidth - 250, rect.right + 8)}px`, top: `${Math.max(8, rect.top - 6)}px` }
    : null
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
