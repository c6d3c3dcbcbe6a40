<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { PlacedLanding } from './boxLayout'
import { paintOf } from './conductor'
import { inTwo } from './layout/letters'

const props = defineProps<{
  landing: PlacedLanding
  name: string
  /** What is under it, in words for who listens; empty where there is nothing. */
  holds: string
  number: number | null
  carried: boolean
  /** What is written beside it where it has no device. */
  word: string
}>()
defineEmits<{ pick: []; touch: [isOn: boolean] }>()

const FINISH: Record<string, string> = {
  brass: 'var(--color-brass)',
  dark: 'var(--color-dark-screw)',
  silver: 'var(--color-steel)',
  green: 'var(--color-green-screw)',
}
const finish = computed(() => props.landing.landing?.finish ?? 'green')
const holes = computed(() => props.landing.landing?.holes ?? 1)
const shape = computed(() => props.landing.landing?.shape ?? 'screw')
const fill = computed(() => FINISH[finish.value] ?? paintOf(finish.value).body)
const slot = computed(() => (finish.value === 'dark' ? 'var(--color-paper)' : 'var(--color-ink)'))
/** On the device, beside its screw, where no conductor comes; under the screw of a box. */
const letterAt = computed(() => {
  const { approach, x } = props.landing
  if (approach.x < x) return { x: 29, y: 5, anchor: 'start' } as const
  if (approach.x > x) return { x: -29, y: 5, anchor: 'end' } as const
  return { x: 0, y: 36, anchor: 'middle' } as const
})
const words = computed(() => (props.word ? (inTwo(props.word) ?? [props.word]) : []))
const letter = computed(
  () =>
    ({ brass: say('shared.br'), dark: say('shared.dk'), silver: say('shared.si'), green: say('shared.gn') })[
      finish.value
    ] ?? '',
)
</script>

<template>
  <g
    role="button"
    tabindex="0"
    :aria-label="`${name}${holds}${number === null ? '' : say('shared.number-number', { number })}${carried ? say('shared.in-hand') : ''}`"
    :data-place="landing.id"
    stroke="var(--color-ink)"
    stroke-width="2"
    @click.stop="$emit('pick')"
    @pointerenter="$emit('touch', true)"
    @pointerleave="$emit('touch', false)"
    @focus="$emit('touch', true)"
    @blur="$emit('touch', false)"
    @keydown.enter.stop.prevent="$emit('pick')"
    @keydown.space.stop.prevent="$emit('pick')"
  >
    <circle :cx="landing.x" :cy="landing.y" r="25" fill="transparent" stroke="none" />
    <circle
      v-if="carried"
      :cx="landing.x"
      :cy="landing.y"
      r="24"
      fill="none"
      stroke="var(--color-violet)"
      stroke-width="4"
    />
    <template v-if="shape === 'screw'">
      <circle :cx="landing.x" :cy="landing.y" r="15" :fill="fill" />
      <path :d="`M${landing.x - 9} ${landing.y + 5}l18 -10`" :stroke="slot" stroke-width="3" />
      <text
        v-if="letter"
        :x="landing.x + letterAt.x"
        :y="landing.y + letterAt.y"
        :text-anchor="letterAt.anchor"
        font-size="13"
        stroke="none"
        fill="var(--color-soft)"
      >
        <template v-if="!word">{{ letter }}</template>
        <tspan v-for="(line, i) in words" :key="line" :x="landing.x" :dy="i * 15">{{ line }}</tspan>
      </text>
    </template>
    <template v-else-if="shape === 'hole'">
      <rect :x="landing.x - 16" :y="landing.y - 15" width="32" height="30" rx="2" :fill="fill" />
      <circle :cx="landing.x" :cy="landing.y" r="8" fill="var(--color-paper)" />
    </template>
    <template v-else-if="shape === 'block'">
      <rect :x="landing.x - holes * 12" :y="landing.y - 16" :width="holes * 24" height="32" rx="2" :fill="fill" />
      <circle
        v-for="i in holes"
        :key="i"
        :cx="landing.x - holes * 12 + i * 24 - 12"
        :cy="landing.y"
        r="7"
        fill="var(--color-paper)"
      />
    </template>
    <template v-else>
      <circle :cx="landing.x" :cy="landing.y" r="11" :fill="fill" stroke-width="3" />
    </template>
    <text
      v-if="landing.landing?.print"
      :x="landing.x"
      :y="landing.y + (landing.approach.y > landing.y ? -21 : shape === 'block' ? 34 : 32)"
      text-anchor="middle"
      font-size="14"
      stroke="none"
      fill="var(--color-ink)"
    >
      {{ landing.landing.print }}
    </text>
    <text
      v-else-if="landing.landing?.word"
      :x="landing.x - landing.landing.holes * 12"
      :y="landing.y + 32"
      font-size="14"
      stroke="none"
      fill="var(--color-ink)"
    >
      {{ landing.landing.word }}
    </text>
  </g>
</template>
