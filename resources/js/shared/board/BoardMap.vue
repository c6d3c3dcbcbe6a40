<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { BoardLook } from '@/shared/api/generated/http'
import MapBox from './MapBox.vue'
import { type BoxWords, labelsOf, layOutMap } from './mapLayout'
import MapRun from './MapRun.vue'
import { useLetter } from './useLetter'
import { lampWord } from './lampStates'

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
    /** Box with a lamp → whether it is on. */
    lamps?: ReadonlyMap<string, 'on' | 'dim' | 'off' | 'flickers'>
    /** Box with switches → their positions. */
    paddles?: ReadonlyMap<string, string>
    /** How tall letters are, in pixels, where not as usual. */
    letter?: number
  }>(),
  {
    selected: null,
    counts: () => new Map(),
    pins: () => new Map(),
    far: () => new Set(),
    traced: () => new Map(),
    lamps: () => new Map(),
    paddles: () => new Map(),
    letter: undefined,
  },
)
defineEmits<{ open: [box: string] }>()

const svg = ref<SVGSVGElement | null>(null)
const { width, height } = useElementSize(svg)
const usual = useLetter()
const layout = computed(() =>
  layOutMap(props.board, { width: width.value, height: height.value, letter: props.letter ?? usual.value }),
)
const underOf = (id: string) => {
  const lamp = props.lamps.get(id)
  return props.counts.get(id) ?? (lamp ? lampWord(lamp) : (props.paddles.get(id) ?? ''))
}
/** What changes with a flip takes the room of the longest of its kind: a flip lays nothing out anew. */
const LONGEST: Record<string, string> = {
  [lampWord('on')]: lampWord('off'),
  [lampWord('dim')]: lampWord('off'),
  up: 'down',
}
const words = computed(() =>
  JSON.stringify(
    props.board.enclosures.map(({ id, label }) => {
      const under = underOf(id)
      return { id, label, under: LONGEST[under] ?? under, pins: props.pins.get(id) ?? [] }
    }),
  ),
)
const placed = computed(() => labelsOf(layout.value, JSON.parse(words.value) as BoxWords[]))
const labels = computed(() => ({
  runs: placed.value.runs,
  boxes: placed.value.boxes.map((label) => ({
    ...label,
    lines: label.lines.map((line) => (line.isSoft ? { ...line, text: underOf(label.of) } : line)),
  })),
}))
const labelOf = computed(() => new Map([...labels.value.boxes, ...labels.value.runs].map((label) => [label.of, label])))
const shapes = computed(() => new Map(layout.value.boxes.map((shape) => [shape.id, shape])))
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${layout.pane.width} ${layout.pane.height}`"
    class="block h-full w-full"
    role="group"
    :aria-label="say('shared.the-board')"
    data-board-drawing
  >
    <defs>
      <pattern id="grain" width="16" height="16" patternUnits="userSpaceOnUse">
        <path d="M16 0H0V16" fill="none" stroke="var(--color-grain)" stroke-width="0.5" />
      </pattern>
    </defs>
    <rect width="100%" height="100%" fill="var(--color-face)" />
    <rect width="100%" height="100%" fill="url(#grain)" />
    <MapRun
      v-for="way in layout.ways"
      :key="way.id"
      :print="way.print"
      :points="way.points"
      :width="layout.runWidth"
      :label="labelOf.get(way.id)"
      :traced="way.cables.flatMap((cable) => traced.get(cable) ?? [])"
    />
    <MapBox
      v-for="box in board.enclosures"
      :key="box.id"
      :box="box"
      :shape="shapes.get(box.id)!"
      :label="labelOf.get(box.id)"
      :under="underOf(box.id)"
      :selected="selected === box.id"
      :far="far.has(box.id)"
      :lamp="lamps.get(box.id)"
      :paddle="paddles.get(box.id)"
      @open="$emit('open', box.id)"
    />
  </svg>
</template>
