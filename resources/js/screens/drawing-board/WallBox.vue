<script setup lang="ts">
import { computed } from 'vue'
import type { Board, DrawingReview } from '@/shared/api/generated/http'
import type { Spot } from '@/shared/board/runLayout'

const props = defineProps<{
  box: Board['enclosures'][number]
  at: Spot
  fill?: DrawingReview['boxes'][number]
  selected: boolean
  offered: boolean
  wrong: boolean
}>()
defineEmits<{ take: [event: PointerEvent]; choose: [] }>()

const GAUGE = 150
const label = computed(() => props.box.label ?? props.box.id)
const isLight = computed(() => props.box.kind === 'light-box' || props.box.kind === 'ceiling-rose')
const outline = computed(() =>
  props.selected
    ? { stroke: 'var(--color-violet)', 'stroke-width': 14 }
    : { stroke: 'var(--color-ink)', 'stroke-width': 6 },
)
/** Ground for what is written under a box, so that a run passes behind it; the letters of this face are narrow. */
const plaque = computed(() => {
  const width = Math.max(label.value.length * 18, (props.fill?.text.length ?? 0) * 14, GAUGE) + 12
  return { x: -width / 2, width, height: props.fill?.text ? 116 : 52 }
})
const caption = {
  'text-anchor': 'middle',
  'paint-order': 'stroke',
  stroke: 'var(--color-face)',
  'stroke-width': 12,
} as const
</script>

<template>
  <g
    role="button"
    tabindex="0"
    :aria-label="`${label}${fill?.text ? `, ${fill.text}` : ''}${fill?.neutral ? `, ${fill.neutral}` : ''}${wrong ? ', something is wrong' : ''}${selected ? ', chosen' : ''}`"
    :data-wall-box="box.id"
    :transform="`translate(${at[0]} ${at[1]})`"
    class="cursor-pointer"
    @pointerdown.stop="(event) => $emit('take', event)"
    @click="(event) => event.detail === 0 && $emit('choose')"
    @keydown.enter.stop.prevent="$emit('choose')"
    @keydown.space.stop.prevent="$emit('choose')"
  >
    <rect x="-110" y="-80" width="220" height="250" fill="transparent" />
    <rect
      v-if="offered"
      x="-92"
      y="-92"
      width="184"
      height="184"
      rx="10"
      fill="var(--color-wash)"
      stroke="var(--color-violet)"
      stroke-width="8"
    />
    <template v-if="isLight">
      <circle r="62" fill="var(--color-paper)" v-bind="outline" />
      <path d="M-30 -30L30 30M-30 30L30 -30" stroke="var(--color-ink)" stroke-width="6" />
    </template>
    <template v-else>
      <rect x="-58" y="-62" width="116" height="124" rx="8" fill="var(--color-paper)" v-bind="outline" />
      <path v-if="box.kind === 'supply'" d="M14 -36L-22 8H0L-14 40L24 -8H2Z" fill="var(--color-ink)" />
      <g v-else-if="box.kind === 'switch-box'" stroke="var(--color-ink)" stroke-width="6" fill="none">
        <rect x="-20" y="-38" width="40" height="76" rx="6" />
        <rect x="-12" y="-30" width="24" height="26" fill="var(--color-ink)" />
      </g>
    </template>
    <rect v-bind="plaque" y="76" rx="8" fill="var(--color-face)" />
    <text y="116" font-size="48" fill="var(--color-ink)" v-bind="caption">{{ label }}</text>
    <text v-if="fill?.neutral" y="-78" font-size="34" fill="var(--color-ink)" v-bind="caption">{{ fill.neutral }}</text>
    <g v-if="fill && fill.share !== null" :transform="`translate(${-GAUGE / 2} 128)`">
      <rect :width="GAUGE" height="16" fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="3" />
      <rect :width="GAUGE * Math.min(1, fill.share)" height="16" fill="var(--color-ink)" />
    </g>
    <text v-if="fill?.text" y="182" font-size="38" fill="var(--color-ink)" v-bind="caption">
      {{ fill.fits === false ? '✕ ' : '' }}{{ fill.text }}
    </text>
    <g v-if="wrong" transform="translate(66 -66)">
      <path d="M0 -34L36 28H-36Z" fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="6" />
      <text y="22" font-size="48" text-anchor="middle" fill="var(--color-ink)">!</text>
    </g>
  </g>
</template>
