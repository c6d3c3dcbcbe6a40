<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { End, Mark } from '@/shared/api/generated/http'
import type { Point } from './boxLayout'
import { paintOf } from './conductor'

const props = defineProps<{
  end: End
  at: Point
  state: 'loose' | 'joined' | 'capped'
  lifted: boolean
  dimmed: boolean
  mark: Mark | null
  stateWord: string
  keys: boolean
}>()
defineEmits<{ pick: []; alike: []; hold: [PointerEvent]; touch: [isOn: boolean] }>()

const tape = computed(() => (props.mark ? paintOf(props.mark.colour) : null))
const paint = computed(() => paintOf(props.end.colour))
const label = computed(
  () =>
    `${props.end.name}, ${props.stateWord}${props.mark ? `, ${props.mark.label}` : ''}${props.lifted ? say('shared.in-hand') : ''}`,
)
</script>

<template>
  <g
    role="checkbox"
    tabindex="0"
    :aria-checked="lifted"
    :aria-label="label"
    :data-place="end.id"
    :opacity="dimmed ? 0.45 : 1"
    :transform="lifted ? 'translate(0 -6)' : undefined"
    @click.stop="$emit('pick')"
    @dblclick.stop="$emit('alike')"
    @pointerdown="$emit('hold', $event)"
    @pointerenter="$emit('touch', true)"
    @pointerleave="$emit('touch', false)"
    @focus="$emit('touch', true)"
    @blur="$emit('touch', false)"
    @keydown.enter.stop.prevent="$emit('pick')"
    @keydown.space.stop.prevent="$emit('pick')"
  >
    <rect :x="at.x - 27" :y="at.y - 24" width="54" height="48" fill="transparent" />
    <rect
      :x="at.x - 24"
      :y="at.y - 21"
      width="48"
      height="42"
      rx="2"
      :fill="lifted ? 'var(--color-wash)' : 'var(--color-paper)'"
      :stroke="lifted ? 'var(--color-violet)' : 'var(--color-ink)'"
      :stroke-width="lifted ? 3 : 1.5"
    />
    <rect
      :x="at.x - 24"
      :y="at.y - 21"
      width="8"
      height="42"
      :fill="paint.body"
      stroke="var(--color-ink)"
      stroke-width="1.5"
    />
    <path
      v-if="paint.stripe"
      :d="`M${at.x - 20} ${at.y - 20}v40`"
      :stroke="paint.stripe"
      stroke-width="6"
      stroke-dasharray="6 7"
    />
    <text :x="at.x + 4" :y="at.y - 3" text-anchor="middle" font-size="17" fill="var(--color-ink)">{{ end.flag }}</text>
    <text v-if="keys" :x="at.x + 15" :y="at.y + 17" text-anchor="middle" font-size="16" fill="var(--color-violet)">{{
      end.key
    }}</text>
    <g :transform="`translate(${at.x - 4} ${at.y + 11})`" fill="none" stroke="var(--color-ink)" stroke-width="2">
      <circle v-if="state === 'loose'" r="4.5" />
      <circle v-else-if="state === 'joined'" r="4.5" fill="var(--color-ink)" />
      <path v-else d="M-5 4v-5a5 5 0 0 1 10 0v5z" fill="var(--color-ink)" />
    </g>
    <rect
      v-if="tape"
      :x="at.x - 15"
      :y="at.y - 30"
      width="38"
      height="8"
      :fill="tape.body"
      stroke="var(--color-ink)"
      stroke-width="1.5"
    />
    <path
      v-if="tape?.stripe"
      :d="`M${at.x - 14} ${at.y - 26}h36`"
      :stroke="tape.stripe"
      stroke-width="6"
      stroke-dasharray="6 7"
    />
  </g>
</template>
