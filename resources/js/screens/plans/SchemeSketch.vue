<script setup lang="ts">
import { computed } from 'vue'

/** A way of wiring, drawn small: where the feed comes in, where the light hangs, and how the switches stand between. */
const props = defineProps<{ scheme: string | null; switches: number }>()

type Sign = 'feed' | 'switch' | 'light'
interface Drawn {
  signs: [Sign, number, number][]
  runs: [number, number, number, number, number?][]
}

/** Three-core runs, with the travelers in them, are drawn double. */
const DOUBLE = 2
const sketch = computed<Drawn>(() => {
  const two = props.switches > 1
  switch (props.scheme) {
    case 'dead-end':
      return {
        signs: [
          ['feed', 14, 30],
          ['switch', 46, 30],
          ['light', 46, 9],
          ['switch', 82, 30],
        ],
        runs: [
          [14, 30, 46, 30],
          [46, 30, 46, 9],
          [46, 30, 82, 30, DOUBLE],
        ],
      }
    case 'light-fed':
      return {
        signs: [
          ['feed', 14, 9],
          ['light', 48, 9],
          ['switch', 48, 32],
          ...((two ? [['switch', 82, 32]] : []) as Drawn['signs']),
        ],
        runs: [[14, 9, 48, 9], [48, 9, 48, 32], ...((two ? [[48, 32, 82, 32, DOUBLE]] : []) as Drawn['runs'])],
      }
    case 'common-link':
      return {
        signs: [
          ['feed', 14, 30],
          ['switch', 42, 30],
          ['switch', 78, 30],
          ['light', 42, 9],
        ],
        runs: [
          [14, 30, 42, 30],
          [42, 30, 78, 30, DOUBLE],
          [42, 36, 78, 36],
          [42, 30, 42, 9],
        ],
      }
    default:
      return {
        signs: two
          ? [
              ['feed', 12, 20],
              ['switch', 38, 20],
              ['switch', 64, 20],
              ['light', 88, 20],
            ]
          : [
              ['feed', 14, 20],
              ['switch', 48, 20],
              ['light', 82, 20],
            ],
        runs: two
          ? [
              [12, 20, 38, 20],
              [38, 20, 64, 20, DOUBLE],
              [64, 20, 88, 20],
            ]
          : [[14, 20, 82, 20]],
      }
  }
})
</script>

<template>
  <svg viewBox="0 0 100 42" class="h-11 w-26 shrink-0" aria-hidden="true" :data-sketch="scheme ?? 'none'">
    <g stroke="var(--color-soft)" stroke-width="2">
      <template v-for="([x1, y1, x2, y2, cores], i) in sketch.runs" :key="i">
        <path v-if="cores" :d="`M${x1} ${y1 - 2}L${x2} ${y2 - 2}M${x1} ${y1 + 2}L${x2} ${y2 + 2}`" />
        <path v-else :d="`M${x1} ${y1}L${x2} ${y2}`" />
      </template>
    </g>
    <g
      v-for="([sign, x, y], i) in sketch.signs"
      :key="i"
      :transform="`translate(${x} ${y})`"
      stroke="var(--color-ink)"
      stroke-width="1.6"
    >
      <path v-if="sign === 'feed'" d="M-9 -6h11l6 6l-6 6h-11z" fill="var(--color-ink)" />
      <template v-else-if="sign === 'light'">
        <circle r="7.5" fill="var(--color-paper)" />
        <path d="M-5 -5L5 5M-5 5L5 -5" />
      </template>
      <template v-else>
        <rect x="-7" y="-7.5" width="14" height="15" rx="1" fill="var(--color-paper)" />
        <rect x="-2.5" y="-4" width="5" height="8" fill="none" />
      </template>
    </g>
  </svg>
</template>
