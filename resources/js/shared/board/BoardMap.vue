<script setup lang="ts">
import { computed } from 'vue'
import type { BoardLook } from '@/shared/api/generated/http'
import MapBox from './MapBox.vue'
import { layOutMap } from './mapLayout'
import MapRun from './MapRun.vue'

const props = withDefaults(
  defineProps<{
    board: BoardLook
    selected?: string | null
    /** Box → a short text under its name, such as 6/9. */
    counts?: ReadonlyMap<string, string>
    /** Box → numbers of the findings pinned there. */
    pins?: ReadonlyMap<string, readonly number[]>
    /** Boxes to light up: where the carried ends go. */
    far?: ReadonlySet<string>
    /** Cores that the current passes, as cable → colours. */
    traced?: ReadonlyMap<string, readonly string[]>
    /** Box with a lamp → whether it burns. */
    lamps?: ReadonlyMap<string, 'on' | 'dim' | 'off'>
    /** Box with switches → their positions. */
    paddles?: ReadonlyMap<string, string>
  }>(),
  {
    selected: null,
    counts: () => new Map(),
    pins: () => new Map(),
    far: () => new Set(),
    traced: () => new Map(),
    lamps: () => new Map(),
    paddles: () => new Map(),
  },
)
defineEmits<{ open: [box: string] }>()

const layout = computed(() => layOutMap(props.board))
const ground = computed(() => layout.value.view)
</script>

<template>
  <svg
    :viewBox="`${ground.x} ${ground.y} ${ground.width} ${ground.height}`"
    class="h-full w-full"
    role="group"
    aria-label="The board"
  >
    <defs>
      <pattern id="grain" width="50" height="50" patternUnits="userSpaceOnUse">
        <path d="M50 0H0V50" fill="none" stroke="var(--color-grain)" stroke-width="1.5" />
      </pattern>
    </defs>
    <rect v-bind="ground" fill="var(--color-face)" />
    <rect v-bind="ground" fill="url(#grain)" />
    <MapRun
      v-for="{ run, route } in layout.runs"
      :key="run.id"
      :print="run.print"
      :route="route"
      :traced="run.cables.flatMap((cable) => traced.get(cable) ?? [])"
    />
    <MapBox
      v-for="box in board.enclosures"
      :key="box.id"
      :box="box"
      :at="layout.at(box.id)"
      :selected="selected === box.id"
      :far="far.has(box.id)"
      :count="counts.get(box.id)"
      :lamp="lamps.get(box.id)"
      :paddle="paddles.get(box.id)"
      :pins="pins.get(box.id) ?? []"
      @open="$emit('open', box.id)"
    />
  </svg>
</template>
