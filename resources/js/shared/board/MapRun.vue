<script setup lang="ts">
import { computed } from 'vue'
import { paintOf } from './conductor'
import { BESIDE_RUN_MM } from './mapLayout'
import type { Route } from './runLayout'

const props = defineProps<{ print: string; route: Route; traced: readonly string[] }>()

const BESIDE = 16
const d = computed(() => `M${props.route.points.map((at) => at.join(' ')).join('L')}`)
/** Room for a line of print under where an upright stretch may be written on. */
const DOWN_MM = 40
/** Traced cores run side by side along the cable. */
const shift = (i: number) => (i - (props.traced.length - 1) / 2) * BESIDE
</script>

<template>
  <g fill="none">
    <path :d="d" stroke="var(--color-ink)" stroke-width="26" />
    <path :d="d" stroke="var(--color-paper)" stroke-width="20" />
    <g v-for="(colour, i) in traced" :key="i" :transform="`translate(${shift(i)} ${shift(i)})`">
      <path :d="d" stroke="var(--color-violet)" stroke-width="16" />
      <path :d="d" :stroke="paintOf(colour).body" stroke-width="8" />
    </g>
    <text
      :x="route.middle[0] + (route.isUpright ? BESIDE_RUN_MM : 0)"
      :y="route.middle[1] + (route.isUpright ? DOWN_MM : -BESIDE_RUN_MM)"
      :text-anchor="route.isUpright ? 'start' : 'middle'"
      font-size="42"
      fill="var(--color-ink)"
    >
      {{ print }}
    </text>
  </g>
</template>
