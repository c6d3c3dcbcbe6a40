<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, onBeforeUpdate, onUpdated, ref } from 'vue'
import type { EveningPlan, KeepEvening, SittingPlan } from '@/shared/api/generated/http'
import { keyOf } from './useEvening'

const props = defineProps<{ draft: KeepEvening; plan: EveningPlan; names: Record<string, string> }>()
const emit = defineEmits<{
  put: [sitting: SittingPlan, to: { station: string; from: number }]
  letGo: [sitting: SittingPlan]
}>()

const ROW = 52
const HEAD = 30
const LEFT = 132
const span = computed(() => Math.max(60, props.plan.minutes + 12))
const PER_MINUTE = computed(() => Math.max(5, Math.min(14, 860 / span.value)))
const width = computed(() => LEFT + span.value * PER_MINUTE.value)
const height = computed(() => HEAD + props.draft.stations.length * ROW + 8)
const rowOf = (station: string) => props.draft.stations.findIndex(({ id }) => id === station)
const xOf = (minute: number) => LEFT + minute * PER_MINUTE.value
const marks = computed(() => Array.from({ length: Math.floor(span.value / 15) + 1 }, (_, i) => i * 15))
const broken = computed(() => new Set(props.plan.conflicts.flatMap(({ sittings }) => sittings.map(keyOf))))
const fixed = computed(() => new Set(props.draft.fixed.map(keyOf)))
const clock = (minute: number) => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`
const nameOf = (sitting: SittingPlan) =>
  `${props.names[sitting.person] ?? '?'}${sitting.retest ? say('evening.retest-2') : ''}`
const wordsOf = (sitting: SittingPlan) =>
  [
    nameOf(sitting),
    props.draft.stations[rowOf(sitting.station)]?.label ?? '',
    say('evening.clock-to-clockb', { clock: clock(sitting.from), clockb: clock(sitting.to) }),
    say('evening.variant-variant', { variant: sitting.variant }),
    fixed.value.has(keyOf(sitting)) ? say('evening.placed-by-hand') : '',
    broken.value.has(keyOf(sitting)) ? say('evening.breaks-a-rule') : '',
  ]
    .filter(Boolean)
    .join(', ')

/** A new plan puts sittings into another order, and what is moved in the page loses the focus: it gets it back. */
const chart = ref<HTMLElement | null>(null)
let focused: string | undefined
onBeforeUpdate(() => (focused = chart.value?.querySelector<SVGGElement>('[data-sitting]:focus')?.dataset.sitting))
onUpdated(() => {
  if (focused === undefined || chart.value?.contains(document.activeElement)) return
  chart.value?.querySelector<SVGGElement>(`[data-sitting="${focused}"]`)?.focus({ preventScroll: true })
})

/** A sitting in hand, and where it would go. */
const held = ref<{ key: string; dx: number; dy: number; x: number; y: number } | null>(null)
function take(event: PointerEvent, sitting: SittingPlan) {
  ;(event.currentTarget as SVGGElement).setPointerCapture(event.pointerId)
  held.value = { key: keyOf(sitting), x: event.clientX, y: event.clientY, dx: 0, dy: 0 }
}
function carry(event: PointerEvent) {
  if (held.value) held.value = { ...held.value, dx: event.clientX - held.value.x, dy: event.clientY - held.value.y }
}
function drop(sitting: SittingPlan) {
  const { dx, dy } = held.value ?? { dx: 0, dy: 0 }
  held.value = null
  if (Math.abs(dx) < 6 && Math.abs(dy) < ROW / 2) return
  move(sitting, Math.round(dx / PER_MINUTE.value), Math.round(dy / ROW))
}
function move(sitting: SittingPlan, minutes: number, rows: number) {
  const row = Math.max(0, Math.min(props.draft.stations.length - 1, rowOf(sitting.station) + rows))
  emit('put', sitting, { station: props.draft.stations[row]!.id, from: sitting.from + minutes })
}
function key(event: KeyboardEvent, sitting: SittingPlan) {
  const by = event.shiftKey ? 5 : 1
  const step: Record<string, [number, number]> = {
    ArrowLeft: [-by, 0],
    ArrowRight: [by, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  }
  const way = step[event.key]
  if (way) move(sitting, ...way)
  else if (event.key === 'Delete' || event.key === 'Backspace') emit('letGo', sitting)
  else return
  event.preventDefault()
}
</script>

<template>
  <div ref="chart" class="min-h-0 grow overflow-auto" tabindex="0" :aria-label="say('evening.the-plan-one-row-per')">
    <svg
      :width="width"
      :height="height"
      role="group"
      :aria-label="say('evening.sittings-by-station-and-time')"
      class="select-none"
    >
      <g v-for="minute in marks" :key="minute">
        <path :d="`M${xOf(minute)} ${HEAD}V${height}`" stroke="var(--color-line)" />
        <text :x="xOf(minute)" y="20" text-anchor="middle" font-size="14" fill="var(--color-soft)">
          {{ clock(minute) }}
        </text>
      </g>
      <g v-for="(pause, i) in draft.breaks" :key="`b${i}`">
        <rect
          :x="xOf(pause.from)"
          :y="HEAD"
          :width="(pause.to - pause.from) * PER_MINUTE"
          :height="height - HEAD"
          fill="var(--color-grain)"
        />
        <text :x="xOf(pause.from) + 4" :y="height - 6" font-size="13" fill="var(--color-soft)">
          {{ say('evening.break') }}
        </text>
      </g>
      <g v-for="(station, i) in draft.stations" :key="station.id">
        <path :d="`M0 ${HEAD + (i + 1) * ROW}H${width}`" stroke="var(--color-line)" />
        <text x="6" :y="HEAD + i * ROW + 31" font-size="15" fill="var(--color-ink)">{{ station.label }}</text>
      </g>
      <path :d="`M${xOf(plan.minutes)} ${HEAD}V${height}`" stroke="var(--color-ink)" stroke-width="2" />
      <g
        v-for="sitting in plan.sittings"
        :key="keyOf(sitting)"
        role="button"
        tabindex="0"
        :aria-label="wordsOf(sitting)"
        :data-sitting="keyOf(sitting)"
        :data-from="sitting.from"
        :data-station="sitting.station"
        :transform="
          held?.key === keyOf(sitting)
            ? `translate(${xOf(sitting.from) + held.dx} ${HEAD + rowOf(sitting.station) * ROW + 6 + held.dy})`
            : `translate(${xOf(sitting.from)} ${HEAD + rowOf(sitting.station) * ROW + 6})`
        "
        :style="say('evening.touch-action-none')"
        @pointerdown="take($event, sitting)"
        @pointermove="carry"
        @pointerup="drop(sitting)"
        @pointercancel="held = null"
        @keydown="key($event, sitting)"
      >
        <title>{{ wordsOf(sitting) }}</title>
        <rect
          :width="Math.max(8, (sitting.to - sitting.from) * PER_MINUTE - 2)"
          height="40"
          rx="3"
          :fill="held?.key === keyOf(sitting) ? 'var(--color-wash)' : 'var(--color-sheet)'"
          :stroke="broken.has(keyOf(sitting)) || fixed.has(keyOf(sitting)) ? 'var(--color-violet)' : 'var(--color-ink)'"
          :stroke-width="broken.has(keyOf(sitting)) ? 4 : fixed.has(keyOf(sitting)) ? 3 : 1.5"
          :stroke-dasharray="broken.has(keyOf(sitting)) ? '6 4' : undefined"
        />
        <svg :width="Math.max(8, (sitting.to - sitting.from) * PER_MINUTE - 6)" height="40">
          <text x="6" y="18" font-size="15" fill="var(--color-ink)">{{ nameOf(sitting) }}</text>
          <text x="6" y="34" font-size="13" fill="var(--color-soft)">
            {{ clock(sitting.from) }} · v{{ sitting.variant
            }}{{ fixed.has(keyOf(sitting)) ? say('evening.by-hand') : '' }}
          </text>
        </svg>
      </g>
    </svg>
  </div>
</template>
