<script setup lang="ts">
import { say } from '@/shared/words/say'
import { ref } from 'vue'
import type { KeepEvening } from '@/shared/api/generated/http'
import { typedIn } from '@/shared/ui/typed'

/** The stations where they stand in the room: the wall shows them so. */
const props = defineProps<{ stations: KeepEvening['stations'] }>()
const emit = defineEmits<{ change: [stations: KeepEvening['stations']] }>()
const room = ref<HTMLElement | null>(null)
const chosen = ref('')

function change(id: string, what: Partial<KeepEvening['stations'][number]>) {
  emit(
    'change',
    props.stations.map((station) => (station.id === id ? { ...station, ...what } : station)),
  )
}
const within = (value: number) => Math.round(Math.max(0, Math.min(100, value)))
function carry(event: PointerEvent, id: string) {
  if (!(event.currentTarget as HTMLElement).hasPointerCapture(event.pointerId) || !room.value) return
  const box = room.value.getBoundingClientRect()
  change(id, {
    x: within(((event.clientX - box.left) / box.width) * 100),
    y: within(((event.clientY - box.top) / box.height) * 100),
  })
}
function take(event: PointerEvent, id: string) {
  chosen.value = id
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}
function key(event: KeyboardEvent, station: KeepEvening['stations'][number]) {
  const way: Record<string, [number, number]> = {
    ArrowLeft: [-2, 0],
    ArrowRight: [2, 0],
    ArrowUp: [0, -2],
    ArrowDown: [0, 2],
  }
  const by = way[event.key]
  if (!by) return
  event.preventDefault()
  change(station.id, { x: within(station.x + by[0]), y: within(station.y + by[1]) })
}
function toggleBeside(id: string, other: string) {
  const own = props.stations.find((station) => station.id === id)!
  change(id, {
    nextTo: own.nextTo.includes(other) ? own.nextTo.filter((one) => one !== other) : [...own.nextTo, other],
  })
}
const areBeside = (one: string, other: string) =>
  props.stations.some(
    ({ id, nextTo }) => (id === one && nextTo.includes(other)) || (id === other && nextTo.includes(one)),
  )
</script>

<template>
  <div class="flex min-h-0 grow flex-col gap-3 p-4">
    <p class="text-soft">
      {{ say('evening.drag-each-station-to-its') }}
    </p>
    <div ref="room" class="relative min-h-64 grow border-2 border-ink bg-face" data-test="room">
      <svg class="pointer-events-none absolute inset-0 h-full w-full" viewBox="0 0 100 100" preserveAspectRatio="none">
        <template v-for="station in stations" :key="station.id">
          <line
            v-for="other in station.nextTo"
            :key="other"
            :x1="station.x"
            :y1="station.y"
            :x2="stations.find(({ id }) => id === other)?.x ?? station.x"
            :y2="stations.find(({ id }) => id === other)?.y ?? station.y"
            stroke="var(--color-soft)"
            stroke-width="2"
            stroke-dasharray="4 4"
            vector-effect="non-scaling-stroke"
          />
        </template>
      </svg>
      <button
        v-for="station in stations"
        :key="station.id"
        type="button"
        class="absolute min-h-11 -translate-x-1/2 -translate-y-1/2 touch-none rounded-md border-2 bg-sheet px-3"
        :class="station.id === chosen ? 'border-violet bg-wash' : 'border-ink'"
        :style="{ left: `${station.x}%`, top: `${station.y}%` }"
        :aria-pressed="station.id === chosen"
        @pointerdown="take($event, station.id)"
        @pointermove="carry($event, station.id)"
        @keydown="key($event, station)"
        @focus="chosen = station.id"
      >
        {{ station.label }}
      </button>
    </div>
    <div
      v-for="station in stations.filter(({ id }) => id === chosen)"
      :key="station.id"
      class="flex flex-wrap items-end gap-4"
    >
      <label
        >{{ say('shared.name') }}
        <input
          class="field w-44"
          maxlength="60"
          :value="station.label"
          @change="change(station.id, { label: typedIn($event) || station.id })"
      /></label>
      <label
        >{{ say('evening.wired-on') }}
        <select
          class="field w-44"
          :value="station.surface"
          @change="change(station.id, { surface: typedIn($event) as 'screen' | 'board' })"
        >
          <option value="screen">{{ say('evening.a-screen') }}</option>
          <option value="board">{{ say('evening.a-real-board') }}</option>
        </select></label
      >
      <fieldset class="flex flex-wrap items-center gap-2">
        <legend class="text-soft">{{ say('evening.beside') }}</legend>
        <button
          v-for="other in stations.filter(({ id }) => id !== station.id)"
          :key="other.id"
          type="button"
          class="btn min-h-9 px-3"
          :class="areBeside(station.id, other.id) ? 'border-violet bg-wash' : ''"
          :aria-pressed="areBeside(station.id, other.id)"
          @click="
            areBeside(station.id, other.id) && !station.nextTo.includes(other.id)
              ? toggleBeside(other.id, station.id)
              : toggleBeside(station.id, other.id)
          "
        >
          {{ other.label }}
        </button>
      </fieldset>
    </div>
  </div>
</template>
