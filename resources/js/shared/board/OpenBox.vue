<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, toRef } from 'vue'
import type { BoardLook, Enclosure } from '@/shared/api/generated/http'
import type { BenchState } from '@/shared/bench/bench'
import { connectorHandle } from '@/shared/bench/placeNumbers'
import { drawConductors } from './boxConductors'
import { layOutBox } from './boxLayout'
import BoxFrame from './BoxFrame.vue'
import CableEntry from './CableEntry.vue'
import ConductorStroke from './ConductorStroke.vue'
import ConnectorMark from './ConnectorMark.vue'
import DeviceFace from './DeviceFace.vue'
import EndFlag from './EndFlag.vue'
import LandingMark from './LandingMark.vue'
import { wide } from './layout/letters'
import { layOutMap } from './mapLayout'
import PlaceNumbers from './PlaceNumbers.vue'
import { connectorLabel, useBoxWords } from './useBoxWords'
import { useTouched } from './useTouched'

const props = withDefaults(
  defineProps<{
    board: BoardLook
    box: Enclosure
    bench: BenchState
    carried?: readonly string[]
    /** Place → the number that is typed to land there. */
    numbers?: ReadonlyMap<string, number>
    keys?: boolean
    /** Whether nothing is in hand: the numbers step back. */
    isIdle?: boolean
    traced?: ReadonlySet<string>
    /** Place → numbers of the findings about it. */
    pins?: ReadonlyMap<string, readonly number[]>
    /** Places out of sight: only their outlines stay. */
    faded?: ReadonlySet<string>
    readOnly?: boolean
  }>(),
  {
    carried: () => [],
    numbers: () => new Map(),
    keys: true,
    isIdle: false,
    traced: () => new Set(),
    pins: () => new Map(),
    faded: () => new Set(),
    readOnly: false,
  },
)
const emit = defineEmits<{
  pick: [place: string]
  alike: [end: string]
  connector: [first: string]
  hold: [place: string, event: PointerEvent]
}>()

const map = computed(() => layOutMap(props.board))
const { joints, nameOf, placeName, stateOf, whereIs, holding } = useBoxWords(toRef(() => props))
const labelOf = (id: string) => props.board.enclosures.find((enclosure) => enclosure.id === id)?.label ?? id
const labelOfConnector = (by: string) => connectorLabel(props.board, by)
const words = computed(() => ({ boxOf: labelOf, conduit: props.board.words.conduit, connector: labelOfConnector }))
const layout = computed(() => layOutBox(props.box, props.board.cables, map.value.at, words.value, joints.value))

const conductors = computed(() => drawConductors(props.box, layout.value, props.bench, props.board.marks))
const markOf = (id: string) => {
  const as = props.bench.marks[id]
  return as === undefined ? null : (props.board.marks.find((mark) => mark.as === as) ?? null)
}
/** The pins of the findings about this box, above the place that each is about. */
const pinned = computed(() =>
  [...props.pins].flatMap(([id, numbers]) => {
    const place = layout.value.slots.get(id) ?? layout.value.landings.get(id)
    return place ? numbers.map((number, i) => ({ id, number, x: place.x + i * 26, y: place.y - 34 })) : []
  }),
)

const {
  touch,
  forward,
  name: touchedName,
} = useTouched(
  toRef(() => props),
  conductors,
)

const lookOf = ({ id, colour }: { id: string; colour: string }) => ({
  colour,
  lifted: isLit(id),
  dimmed: isDimmed(id) || (forward.value !== null && forward.value.id !== id),
  gone: props.faded.has(id),
})
const isLit = (id: string) => props.carried.includes(id) || props.traced.has(id)
const isDimmed = (id: string) => props.faded.has(id) || (props.carried.length > 0 && !props.carried.includes(id))
</script>

<template>
  <svg
    :viewBox="`0 0 ${layout.frame.width} ${layout.frame.height}`"
    class="h-full w-full touch-none select-none max-md:touch-pan-y"
    role="group"
    :aria-label="say('shared.open-box-label', { label: box.label })"
    :data-box="box.id"
  >
    <BoxFrame :frame="layout.frame" :is-metal="box.metal" />
    <CableEntry v-for="entry in layout.entries" :key="entry.key" :entry="entry" :frame="layout.frame" />

    <ConductorStroke
      v-for="conductor in conductors"
      :key="conductor.id"
      :d="conductor.path"
      v-bind="lookOf(conductor)"
      :data-conductor="conductor.id"
    />

    <DeviceFace v-for="placed in layout.devices" :key="placed.device.id" v-memo="[placed]" :placed="placed" />

    <ConnectorMark
      v-for="connector in layout.connectors"
      :key="connector.joint.points.join()"
      v-memo="[connector, keys && !isIdle ? numbers.get(connectorHandle(connector.joint, box)) : null]"
      :connector="connector"
      :label="labelOfConnector(connector.joint.by)"
      :holds="connector.joint.points.map(placeName).join(', ')"
      :number="keys && !isIdle ? (numbers.get(connectorHandle(connector.joint, box)) ?? null) : null"
      @pick="emit('connector', connector.joint.points[0]!)"
    />

    <LandingMark
      v-for="landing in layout.landings.values()"
      :key="landing.id"
      v-memo="[
        landing,
        holding(landing.id),
        carried.includes(landing.id) || traced.has(landing.id),
        isIdle ? null : numbers.get(landing.id),
      ]"
      :landing="landing"
      :name="nameOf(landing.id)"
      :holds="holding(landing.id)"
      :number="isIdle ? null : (numbers.get(landing.id) ?? null)"
      :carried="carried.includes(landing.id) || traced.has(landing.id)"
      :word="landing.landing ? '' : board.words.boxEarth"
      @pick="emit('pick', landing.id)"
      @touch="(isOn) => touch(landing.id, isOn)"
    />
    <ConductorStroke
      v-for="conductor in conductors.filter(({ tip }) => tip)"
      :key="conductor.id"
      :d="conductor.tip"
      v-bind="lookOf(conductor)"
      :data-tip="conductor.id"
    />
    <template v-if="forward">
      <ConductorStroke
        v-for="d in [forward.path, forward.tip].filter(Boolean)"
        :key="d"
        :d="d"
        :colour="forward.colour"
        lifted
      />
    </template>
    <EndFlag
      v-for="end in box.ends"
      :key="end.id"
      v-memo="[
        end,
        layout.slots.get(end.id)?.x,
        layout.slots.get(end.id)?.y,
        whereIs(end.id),
        bench.marks[end.id],
        carried.includes(end.id),
        isDimmed(end.id),
        keys && !readOnly,
      ]"
      :end="end"
      :at="layout.slots.get(end.id)!"
      :state="stateOf(end.id)"
      :state-word="whereIs(end.id)"
      :lifted="carried.includes(end.id)"
      :dimmed="isDimmed(end.id)"
      :mark="markOf(end.id)"
      :keys="keys && !readOnly"
      @pick="emit('pick', end.id)"
      @alike="emit('alike', end.id)"
      @hold="(event) => emit('hold', end.id, event)"
      @touch="(isOn) => touch(end.id, isOn)"
    />
    <PlaceNumbers v-if="keys || !isIdle" :numbers="numbers" :at="layout.landings" :is-idle="isIdle" />
    <g v-if="touchedName" pointer-events="none" data-test="touched">
      <rect
        :x="layout.frame.left + 2"
        :y="layout.frame.bottom + 10"
        :width="wide(touchedName, 16) + 16"
        height="26"
        fill="var(--color-wash)"
      />
      <text :x="layout.frame.left + 10" :y="layout.frame.bottom + 29" font-size="16" fill="var(--color-ink)">
        {{ touchedName }}
      </text>
    </g>
    <g
      v-for="pin in pinned"
      :key="`${pin.id}-${pin.number}`"
      :transform="`translate(${pin.x} ${pin.y})`"
      :data-pin="pin.id"
    >
      <path d="M0 20L-8 4H8Z" fill="var(--color-ink)" />
      <circle r="13" fill="var(--color-ink)" stroke="var(--color-paper)" stroke-width="2" />
      <text y="5" text-anchor="middle" font-size="16" fill="var(--color-paper)">{{ pin.number }}</text>
    </g>
  </svg>
</template>
