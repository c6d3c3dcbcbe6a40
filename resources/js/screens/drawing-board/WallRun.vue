<script setup lang="ts">
import { computed } from 'vue'
import type { DrawingReview } from '@/shared/api/generated/http'
import { paintOf } from '@/shared/board/conductor'
import type { Route } from '@/shared/board/runLayout'

const props = defineProps<{
  route: Route
  said?: DrawingReview['cables'][number]
  selected: boolean
  wrong: boolean
}>()
defineEmits<{ choose: [] }>()

const BESIDE = 13
const d = computed(() => `M${props.route.points.map((at) => at.join(' ')).join('L')}`)
const carried = computed(() => props.said?.cores.filter(({ colour }) => !paintOf(colour).bare) ?? [])
const shift = (i: number) => (i - (carried.value.length - 1) / 2) * BESIDE
const words = computed(() => carried.value.map(({ flag, role }) => `${flag} ${role}`))
const title = computed(() => `${props.route.id}${props.said ? ` · ${props.said.print}` : ' · not chosen yet'}`)
</script>

<template>
  <g
    role="button"
    tabindex="0"
    class="cursor-pointer"
    :aria-label="`Cable ${title}${words.length > 0 ? `: ${words.join(', ')}` : ''}${wrong ? ', something is wrong' : ''}`"
    :data-wall-cable="route.id"
    fill="none"
    @pointerdown.stop
    @click.stop="$emit('choose')"
    @keydown.enter.stop.prevent="$emit('choose')"
    @keydown.space.stop.prevent="$emit('choose')"
  >
    <path :d="d" stroke="transparent" stroke-width="90" />
    <path
      :d="d"
      :stroke="selected ? 'var(--color-violet)' : 'var(--color-ink)'"
      :stroke-width="20 + carried.length * BESIDE"
    />
    <path
      :d="d"
      stroke="var(--color-paper)"
      :stroke-width="14 + carried.length * BESIDE"
      :stroke-dasharray="said ? undefined : '30 22'"
    />
    <g v-for="(core, i) in carried" :key="i" :transform="`translate(${shift(i)} ${shift(i)})`">
      <path :d="d" stroke="var(--color-ink)" stroke-width="11" />
      <path :d="d" :stroke="paintOf(core.colour).body" stroke-width="8" />
    </g>
    <g
      :transform="`translate(${route.middle[0] + (route.isUpright ? 50 : 0)} ${route.middle[1] - (route.isUpright ? -60 : 26 + carried.length * 8 + words.length * 40)})`"
      :text-anchor="route.isUpright ? 'start' : 'middle'"
      fill="var(--color-ink)"
      paint-order="stroke"
      stroke="var(--color-face)"
      stroke-width="10"
    >
      <text font-size="42" font-weight="600"
        >{{ wrong ? '! ' : '' }}{{ title }}{{ said?.proposed ? ' (proposed)' : ''
        }}{{ said?.length ? ` ${said.length}` : '' }}</text
      >
      <text v-for="(word, i) in words" :key="i" :y="44 + i * 40" font-size="36">{{ word }}</text>
    </g>
  </g>
</template>
