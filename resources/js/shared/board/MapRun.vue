<script setup lang="ts">
import { computed } from 'vue'
import { paintOf } from './conductor'
import { isUpright, type Run } from './mapLayout'
import type { Point } from './boxLayout'

const props = defineProps<{ run: Run; from: Point; to: Point; traced: readonly string[] }>()

const BESIDE = 16
const d = computed(() => `M${props.from.x} ${props.from.y}L${props.to.x} ${props.to.y}`)
const goesUp = computed(() => isUpright(props.from, props.to))
/** Traced cores run side by side along the cable. */
const shift = (i: number) => (i - (props.traced.length - 1) / 2) * BESIDE
</script>

<template>
  <g fill="none">
    <path :d="d" stroke="#1D2129" stroke-width="26" />
    <path :d="d" stroke="#F5F2EA" stroke-width="20" />
    <g v-for="(colour, i) in traced" :key="i" :transform="`translate(${shift(i)} ${shift(i)})`">
      <path :d="d" stroke="#5B2BB5" stroke-width="16" />
      <path :d="d" :stroke="paintOf(colour).body" stroke-width="8" />
    </g>
    <text
      :x="(from.x + to.x) / 2 + (goesUp ? 26 : 0)"
      :y="(from.y + to.y) / 2 - (goesUp ? 0 : 26)"
      :text-anchor="goesUp ? 'start' : 'middle'"
      font-size="42"
      fill="#1D2129"
    >
      {{ run.print }}
    </text>
  </g>
</template>
