<script setup lang="ts">
import { computed } from 'vue'

/** Numbers that are typed to land on a screw. They step back while nothing is in hand. */
const props = defineProps<{
  numbers: ReadonlyMap<string, number>
  at: ReadonlyMap<string, { x: number; y: number }>
  isIdle: boolean
}>()
const spots = computed(() =>
  [...props.numbers].flatMap(([id, number]) => {
    const landing = props.at.get(id)
    return landing ? [{ id, number, x: landing.x + 17, y: landing.y - 17 }] : []
  }),
)
</script>

<template>
  <g v-for="{ id, number, x, y } in spots" :key="id" pointer-events="none">
    <circle
      :cx="x"
      :cy="y"
      :r="isIdle ? 9 : 12"
      :fill="isIdle ? 'var(--color-paper)' : 'var(--color-violet)'"
      stroke="var(--color-violet)"
    />
    <text
      :x="x"
      :y="y + 5"
      text-anchor="middle"
      :font-size="isIdle ? 13 : 15"
      :fill="isIdle ? 'var(--color-violet)' : 'var(--color-paper)'"
      :data-number="id"
    >
      {{ number }}
    </text>
  </g>
</template>
