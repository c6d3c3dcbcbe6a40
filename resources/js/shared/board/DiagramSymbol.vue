<script setup lang="ts">
import { positionName } from '@/shared/words/positionName'
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { DiagramPin, DiagramSymbol } from '@/shared/api/generated/http'
import { ACROSS, DOWN, leversOf, x, y } from './diagramPaint'

const props = defineProps<{
  symbol: DiagramSymbol
  position: string
  lamp: string
  traced: ReadonlySet<string>
  earths: boolean
}>()
defineEmits<{ flip: [] }>()

const left = computed(() => x(props.symbol.x))
const right = computed(() => x(props.symbol.x + props.symbol.width))
const middle = computed(() => (left.value + right.value) / 2)
const top = computed(() => y(props.symbol.row))
const bottom = computed(() => top.value + (props.symbol.rows - 1) * DOWN)
const levers = computed(() => leversOf(props.symbol, props.position))
/** Where a lever begins or ends, inside the plate. */
const inside = (pin: DiagramPin) => x(pin.x) + (pin.x === props.symbol.x ? 1 : -1) * ACROSS * 3.4
const isTraced = (...pins: DiagramPin[]) => pins.every(({ place }) => props.traced.has(place))
</script>

<template>
  <g v-if="symbol.kind === 'line' || symbol.kind === 'neutral' || symbol.kind === 'earth'">
    <circle
      :cx="symbol.kind === 'line' ? right : left"
      :cy="top"
      r="6"
      fill="var(--color-paper)"
      stroke="var(--color-ink)"
      stroke-width="2"
    />
    <text :x="middle" :y="top + 6" text-anchor="middle" font-size="20" fill="var(--color-ink)">
      {{ { line: 'L', neutral: 'N', earth: 'E' }[symbol.kind] }}
    </text>
  </g>
  <g
    v-else-if="symbol.kind === 'switch'"
    role="button"
    tabindex="0"
    :aria-label="say('shared.flip-id-now-position', { id: symbol.id, position: positionName(position) })"
    :data-symbol="symbol.id"
    @click="$emit('flip')"
    @keydown.enter.prevent="$emit('flip')"
    @keydown.space.prevent="$emit('flip')"
  >
    <rect
      :x="left"
      :y="top - 26"
      :width="right - left"
      :height="bottom - top + 46"
      rx="3"
      fill="var(--color-paper)"
      stroke="var(--color-ink)"
      stroke-width="2"
    />
    <text :x="middle" :y="top - 32" text-anchor="middle" font-size="19" fill="var(--color-ink)"
      >{{ symbol.id }} {{ positionName(position) }}</text
    >
    <g v-for="lever in levers" :key="`${lever.from.place} ${lever.to.place}`" fill="none" stroke-linecap="round">
      <path
        v-if="lever.closed && isTraced(lever.from, lever.to)"
        :d="`M${x(lever.from.x)} ${y(lever.from.row)}H${inside(lever.from)}L${inside(lever.to)} ${y(lever.to.row)}H${x(lever.to.x)}`"
        stroke="var(--color-violet)"
        stroke-width="9"
      />
      <path
        :d="`M${inside(lever.from)} ${y(lever.from.row)}L${inside(lever.to)} ${y(lever.to.row)}`"
        :stroke="lever.closed ? 'var(--color-ink)' : 'var(--color-soft)'"
        :stroke-width="lever.closed ? 3.5 : 2"
        :stroke-dasharray="lever.closed ? undefined : '1 7'"
      />
    </g>
    <g v-for="pin in symbol.pins" :key="pin.place">
      <path :d="`M${x(pin.x)} ${y(pin.row)}H${inside(pin)}`" stroke="var(--color-ink)" stroke-width="2.5" />
      <circle :cx="inside(pin)" :cy="y(pin.row)" r="4" fill="var(--color-ink)" />
      <text
        v-if="symbol.pins.length > 2"
        :x="x(pin.x) + (pin.x === symbol.x ? 5 : -5)"
        :y="y(pin.row) - 6"
        :text-anchor="pin.x === symbol.x ? 'start' : 'end'"
        font-size="17"
        fill="var(--color-ink)"
        stroke="var(--color-paper)"
        stroke-width="4"
        paint-order="stroke"
      >
        {{ pin.name }}
      </text>
    </g>
  </g>
  <g v-else :data-symbol="symbol.id">
    <path
      v-if="symbol.pins.length === 2 && isTraced(...symbol.pins)"
      :d="`M${left} ${top}H${right}`"
      stroke="var(--color-violet)"
      stroke-width="9"
    />
    <path :d="`M${left} ${top}H${right}`" stroke="var(--color-ink)" stroke-width="2.5" />
    <template v-if="symbol.kind === 'lamp'">
      <path
        v-for="i in lamp === 'on' ? 8 : lamp === 'dim' ? 4 : 0"
        :key="i"
        d="M0 -19v-6"
        stroke="var(--color-ink)"
        stroke-width="2"
        :transform="`translate(${middle} ${top}) rotate(${i * (lamp === 'on' ? 45 : 90)})`"
      />
      <circle
        :cx="middle"
        :cy="top"
        r="16"
        :fill="lamp === 'off' ? 'var(--color-paper)' : 'var(--color-sheet)'"
        stroke="var(--color-ink)"
        stroke-width="2"
      />
      <path :d="`M${middle - 11} ${top - 11}l22 22m0 -22l-22 22`" stroke="var(--color-ink)" stroke-width="2" />
    </template>
    <rect
      v-else
      :x="middle - 22"
      :y="top - 13"
      width="44"
      height="26"
      rx="4"
      fill="var(--color-paper)"
      stroke="var(--color-ink)"
      stroke-width="2"
    />
    <text
      :x="middle"
      :y="top + (symbol.kind === 'lamp' ? 44 : 5)"
      text-anchor="middle"
      font-size="18"
      fill="var(--color-ink)"
    >
      {{ symbol.id }}{{ symbol.kind === 'lamp' ? ` ${lamp}` : '' }}
    </text>
  </g>
  <g
    v-if="earths && symbol.earthed !== null"
    :transform="`translate(${right - 14} ${bottom + 20})`"
    stroke="var(--color-ink)"
    stroke-width="2"
    :data-earthed="symbol.earthed"
  >
    <path d="M0 0v6" />
    <path v-if="symbol.earthed" d="M-8 6h16M-5 10h10M-2 14h4" />
    <path v-else d="M-5 9l10 8m0 -8l-10 8" stroke-width="3" />
  </g>
</template>
