<script setup lang="ts">
import { computed } from 'vue'
import type { Enclosure } from '@/shared/api/generated/http'
import type { Point } from './boxLayout'

const props = defineProps<{
  box: Enclosure
  at: Point
  selected: boolean
  far: boolean
  count?: string
  lamp?: 'on' | 'dim' | 'off'
  paddle?: string
  pins: readonly number[]
}>()
defineEmits<{ open: [] }>()

const LAMP_WORDS = { on: 'LIT', dim: 'DIM', off: 'DARK' }
const RAYS = { on: { count: 8, d: 'M0 -78v-26', width: 9 }, dim: { count: 4, d: 'M0 -78v-14', width: 7 }, off: null }
const isLight = computed(() => props.box.kind === 'light-box' || props.box.kind === 'ceiling-rose')
const rays = computed(() => (props.lamp ? RAYS[props.lamp] : null))
const under = computed(() => props.count ?? (props.lamp ? LAMP_WORDS[props.lamp] : props.paddle))
const outline = computed(() =>
  props.selected
    ? { stroke: 'var(--color-violet)', 'stroke-width': 14 }
    : { stroke: 'var(--color-ink)', 'stroke-width': 6 },
)
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
    :aria-label="`Box ${box.label}${under ? `, ${under}` : ''}${selected ? ', open' : ''}`"
    :data-map-box="box.id"
    :transform="`translate(${at.x} ${at.y})`"
    stroke="var(--color-ink)"
    @click="$emit('open')"
    @keydown.enter.prevent="$emit('open')"
    @keydown.space.prevent="$emit('open')"
  >
    <rect x="-115" y="-75" width="230" height="255" fill="transparent" stroke="none" />
    <rect
      v-if="far"
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
      <circle
        r="66"
        :fill="lamp === 'on' ? 'var(--color-sheet)' : lamp === 'dim' ? 'var(--color-paper)' : 'var(--color-face)'"
        v-bind="outline"
      />
      <path d="M-30 -30L30 30M-30 30L30 -30" stroke-width="6" />
      <g v-if="rays" :stroke-width="rays.width">
        <path v-for="i in rays.count" :key="i" :transform="`rotate(${(i * 360) / rays.count})`" :d="rays.d" />
      </g>
    </template>
    <template v-else>
      <rect x="-58" y="-66" width="116" height="132" rx="8" fill="var(--color-paper)" v-bind="outline" />
      <path v-if="box.kind === 'supply'" d="M14 -36L-22 8H0L-14 40L24 -8H2Z" fill="var(--color-ink)" />
      <g v-else-if="box.kind === 'switch-box'" stroke-width="6" fill="none">
        <rect x="-20" y="-38" width="40" height="76" rx="6" />
        <rect x="-12" :y="paddle === 'down' ? 4 : -30" width="24" height="26" fill="var(--color-ink)" />
      </g>
    </template>
    <text y="124" font-size="52" fill="var(--color-ink)" v-bind="caption">{{ box.label }}</text>
    <text
      v-if="under"
      y="176"
      font-size="46"
      :fill="count ? 'var(--color-soft)' : 'var(--color-ink)'"
      v-bind="caption"
      >{{ under }}</text
    >
    <g v-for="(pin, i) in pins" :key="pin" :transform="`translate(${70 + i * 56} -70)`" stroke="none">
      <path d="M0 44L-16 12H16Z" fill="var(--color-ink)" />
      <circle r="30" fill="var(--color-ink)" />
      <text y="13" text-anchor="middle" font-size="38" fill="var(--color-paper)">{{ pin }}</text>
    </g>
  </g>
</template>
