<script setup lang="ts">
import { computed } from 'vue'
import type { Sketch } from '@/shared/api/generated/http'
import type { Spot } from './layout/rects'
import { pathOf, waysOf } from './layout/ways'

/** A board drawn small: where the feed comes in, what hangs where, which boxes are joined. */
const props = defineProps<{ sketch: Sketch }>()

/** Millimetres of the wall: a box is drawn large, so that a small picture tells what it is. */
const HALF = 130
const RUN = 26
const MARGIN = 230
const SIGNS: Record<string, string> = { 'one-pole': 'S', 'three-way': 'S3', 'four-way': 'S4', 'two-pole': '2P' }

const shapes = computed(() =>
  props.sketch.boxes.map(({ at }, i) => ({ id: String(i), at: at as Spot, halfWidth: HALF, halfHeight: HALF })),
)
const ways = computed(() =>
  waysOf(
    props.sketch.runs.map(([from, to], i) => ({ id: String(i), from: String(from), to: String(to), width: RUN })),
    shapes.value,
    { step: 1.6 * RUN, air: RUN / 2, clear: 2 * RUN },
  ),
)
const view = computed(() => {
  const xs = props.sketch.boxes.map(({ at }) => at[0]!)
  const ys = props.sketch.boxes.map(({ at }) => at[1]!)
  if (xs.length === 0) return '0 0 1200 700'
  const [left, top] = [Math.min(...xs) - MARGIN, Math.min(...ys) - MARGIN]
  const [width, height] = [Math.max(...xs) + MARGIN - left, Math.max(...ys) + MARGIN - top]
  // Three boxes across at least, so that one box does not fill the picture.
  const [wide, high] = [Math.max(width, 1200), Math.max(height, 700)]
  return `${left - (wide - width) / 2} ${top - (high - height) / 2} ${wide} ${high}`
})
const signOf = (box: Sketch['boxes'][number]) => {
  const switches = box.holds.flatMap((held) => SIGNS[held] ?? [])
  if (box.kind === 'supply') return ''
  if (switches.length > 1) return `${switches.length}S`
  return switches[0] ?? ''
}
const hasLamp = (box: Sketch['boxes'][number]) => box.holds.some((held) => held === 'lamp' || held === 'rose')
</script>

<template>
  <svg :viewBox="view" class="h-full w-full" aria-hidden="true" data-board-drawing>
    <path
      v-for="way in ways"
      :key="way.id"
      :d="pathOf(way.points)"
      fill="none"
      stroke="var(--color-soft)"
      :stroke-width="RUN"
      data-run-path
    />
    <g v-for="(box, i) in sketch.boxes" :key="i" :transform="`translate(${box.at[0]} ${box.at[1]})`">
      <template v-if="box.kind === 'supply'">
        <path
          :d="`M${-HALF} ${-HALF * 0.7}h${HALF * 1.3}l${HALF * 0.7} ${HALF * 0.7}l${-HALF * 0.7} ${HALF * 0.7}h${-HALF * 1.3}z`"
          fill="var(--color-ink)"
        />
      </template>
      <template v-else-if="hasLamp(box)">
        <circle :r="HALF" fill="var(--color-sheet)" stroke="var(--color-ink)" stroke-width="22" />
        <path
          :d="`M${-HALF * 0.68} ${-HALF * 0.68}L${HALF * 0.68} ${HALF * 0.68}M${HALF * 0.68} ${-HALF * 0.68}L${-HALF * 0.68} ${HALF * 0.68}`"
          stroke="var(--color-ink)"
          stroke-width="18"
        />
      </template>
      <template v-else>
        <rect
          :x="-HALF"
          :y="-HALF"
          :width="2 * HALF"
          :height="2 * HALF"
          rx="14"
          fill="var(--color-sheet)"
          stroke="var(--color-ink)"
          stroke-width="22"
        />
        <path
          v-if="box.holds.includes('receptacle')"
          :d="`M-40 -50v100M40 -50v100`"
          stroke="var(--color-ink)"
          stroke-width="24"
        />
        <text v-else text-anchor="middle" y="52" font-size="150" fill="var(--color-ink)">{{ signOf(box) }}</text>
      </template>
    </g>
  </svg>
</template>
