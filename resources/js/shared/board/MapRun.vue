<script setup lang="ts">
import { computed } from 'vue'
import BoardLabel from './BoardLabel.vue'
import { paintOf } from './conductor'
import type { Label } from './layout/labels'
import type { Spot } from './layout/rects'
import { beside, pathOf } from './layout/ways'

const props = defineProps<{
  print: string
  points: readonly Spot[]
  width: number
  label?: Label
  traced: readonly string[]
}>()

const d = computed(() => pathOf(props.points))
/** Traced cores run side by side along the cable. */
const cores = computed(() => {
  const apart = (props.width - 3) / Math.max(2, props.traced.length)
  return props.traced.map((colour, i) => ({
    colour,
    d: pathOf(beside(props.points, (i - (props.traced.length - 1) / 2) * apart)),
    width: apart * 0.62,
  }))
})
</script>

<template>
  <g fill="none" stroke-linejoin="round">
    <path :d="d" stroke="var(--color-ink)" :stroke-width="width" data-run-path />
    <path :d="d" stroke="var(--color-paper)" :stroke-width="width - 3" />
    <g v-for="(core, i) in cores" :key="i">
      <path :d="core.d" stroke="var(--color-violet)" :stroke-width="core.width + 2" />
      <path :d="core.d" :stroke="paintOf(core.colour).body" :stroke-width="core.width" />
    </g>
    <BoardLabel v-if="label" :label="label" :whole="print" />
  </g>
</template>
