<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'

/** A switch with its print taped over: two terminals are touched, the paddle stands up or down. */
const props = defineProps<{ terminals: number; face: number; isOver: boolean; busy: boolean }>()
const emit = defineEmits<{ measure: [id: string] }>()
const isDown = ref(false)
const first = ref<number | null>(null)

/** Three faces, as makers differ: corners, sides, a row. */
const FACES = [
  [
    [40, 50],
    [200, 50],
    [200, 190],
    [40, 190],
  ],
  [
    [40, 120],
    [200, 60],
    [200, 180],
    [40, 190],
  ],
  [
    [48, 215],
    [96, 215],
    [144, 215],
    [192, 215],
  ],
] as const
const spots = computed(() =>
  (FACES[props.face % FACES.length] ?? []).slice(0, props.terminals).map(([x, y], i) => ({ number: i + 1, x, y })),
)

function touch(number: number) {
  if (props.isOver || props.busy) return
  if (first.value === null) return void (first.value = number)
  if (first.value === number) return void (first.value = null)
  const [one, other] = [Math.min(first.value, number), Math.max(first.value, number)]
  emit('measure', `${one}-${other} ${isDown.value ? 'down' : 'up'}`)
  first.value = null
}
</script>

<template>
  <svg
    viewBox="0 0 240 270"
    class="mx-auto block h-72 max-w-full"
    role="group"
    :aria-label="say('drills.the-device-with-its-markings')"
  >
    <rect
      x="60"
      y="20"
      width="120"
      height="180"
      rx="4"
      fill="var(--color-sheet)"
      stroke="var(--color-ink)"
      stroke-width="3"
    />
    <g
      role="button"
      tabindex="0"
      :aria-label="say('drills.paddle-now-what', { what: isDown ? say('shared.down') : say('shared.up') })"
      data-test="paddle"
      @click="isDown = !isDown"
      @keydown.enter.prevent="isDown = !isDown"
      @keydown.space.prevent="isDown = !isDown"
    >
      <rect
        x="92"
        y="66"
        width="56"
        height="92"
        rx="3"
        fill="var(--color-paper)"
        stroke="var(--color-ink)"
        stroke-width="3"
      />
      <rect x="100" :y="isDown ? 112 : 74" width="40" height="38" fill="var(--color-ink)" />
    </g>
    <text x="120" y="182" text-anchor="middle" font-size="18" fill="var(--color-ink)">
      {{ isDown ? say('shared.down') : say('shared.up') }}
    </text>
    <g
      v-for="spot in spots"
      :key="spot.number"
      role="button"
      tabindex="0"
      :aria-label="
        say('drills.terminal-number-numberb', {
          number: spot.number,
          numberb: first === spot.number ? say('drills.probe-on-it') : '',
        })
      "
      :data-terminal="spot.number"
      @click="touch(spot.number)"
      @keydown.enter.prevent="touch(spot.number)"
      @keydown.space.prevent="touch(spot.number)"
    >
      <circle :cx="spot.x" :cy="spot.y" r="26" fill="transparent" />
      <circle
        :cx="spot.x"
        :cy="spot.y"
        r="17"
        fill="var(--color-brass)"
        :stroke="first === spot.number ? 'var(--color-violet)' : 'var(--color-ink)'"
        :stroke-width="first === spot.number ? 6 : 3"
      />
      <path :d="`M${spot.x - 10} ${spot.y + 5}l20 -10`" stroke="var(--color-ink)" stroke-width="3" />
      <text :x="spot.x" :y="spot.y + 38" text-anchor="middle" font-size="18" fill="var(--color-ink)">
        {{ spot.number }}
      </text>
    </g>
  </svg>
</template>
