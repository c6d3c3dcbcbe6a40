<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed } from 'vue'
import type { WallStation } from '@/shared/api/generated/http'
import { clockOf } from './useWall'

/** One station: who, how long, how far, and a plain word where something is wrong. */
const props = defineProps<{ station: WallStation; left: number | null; open: boolean }>()
defineEmits<{ choose: [] }>()
const STATES: Record<string, string> = {
  held: say('wall.not-open-yet'),
  waiting: say('wall.not-here-yet'),
  paused: say('wall.paused'),
  'handed-in': say('wall.handed-in'),
  withdrawn: say('wall.withdrawn'),
}
const plate = computed(() => props.station.now)
const time = computed(() => (props.left === null ? '' : props.left === 0 ? say('wall.time-up') : clockOf(props.left)))
const state = computed(() => {
  if (!plate.value) return say('wall.free')
  if (plate.value.state === 'waiting' && plate.value.isHere) return say('wall.here-ready')
  return STATES[plate.value.state] ?? ''
})
const isAtWork = computed(() => plate.value?.state === 'running' || plate.value?.state === 'paused')
</script>

<template>
  <div class="relative h-full" data-plate>
    <button
      type="button"
      class="flex h-full w-full cursor-pointer flex-col rounded-md border-2 bg-sheet p-2 text-left leading-tight"
      :class="[
        open ? 'border-violet bg-wash' : plate?.word ? 'border-ink border-l-8' : 'border-soft',
        isAtWork || open ? '' : 'text-soft',
      ]"
      :aria-pressed="open"
      :data-station="station.id"
      @click="$emit('choose')"
    >
      <span class="flex w-full items-baseline gap-2 pr-9 text-sm text-soft"
        ><span>{{ station.label }}</span
        ><span v-if="station.parts > 0" class="code text-ink">{{
          saySome('wall.one-bad-part-count-bad', station.parts)
        }}</span></span
      >
      <strong class="w-full text-lg text-ink">{{ plate ? plate.name : '—' }}</strong>
      <span class="flex w-full items-baseline justify-between gap-2">
        <span v-if="isAtWork && time" class="code text-2xl text-ink">{{ time }}</span>
        <span>{{ state }}{{ plate?.retest ? say('wall.retest') : '' }}</span>
      </span>
      <span
        v-if="plate && plate.state !== 'waiting' && plate.state !== 'held'"
        class="mt-1 flex w-full items-center gap-2"
      >
        <span class="h-2 grow border border-ink" aria-hidden="true"
          ><span
            class="block h-full bg-ink"
            :style="{ width: `${(plate.placed / Math.max(1, plate.ends)) * 100}%` }" /></span
        ><span class="code text-sm">{{ plate.placed }}/{{ plate.ends }}</span>
      </span>
      <span v-if="plate?.word" class="mt-1 font-bold text-ink" data-test="word">▲ {{ plate.word }}</span>
    </button>
    <RouterLink
      v-if="plate && plate.state !== 'waiting' && plate.state !== 'held'"
      :to="`/verdict/${plate.attempt}`"
      class="absolute top-1 right-1 flex h-11 w-11 items-center justify-center rounded-md hover:text-violet"
      :aria-label="say('wall.board-of-name-large', { name: plate.name })"
      data-test="large"
      ><svg viewBox="0 0 20 20" class="h-5 w-5" aria-hidden="true">
        <path d="M3 8V3h5M17 12v5h-5M3 3l6 6M17 17l-6-6" fill="none" stroke="currentColor" stroke-width="2" /></svg
    ></RouterLink>
  </div>
</template>
