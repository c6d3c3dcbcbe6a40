<script setup lang="ts">
import { computed } from 'vue'
import type { BoardLook, Enclosure, Landing } from '@/shared/api/types'
import { type BenchState, jointAt } from '@/shared/bench/bench'
import { BOX, layOutBox, type Point, portAt } from './boxLayout'
import ConductorStroke from './ConductorStroke.vue'
import DeviceFace from './DeviceFace.vue'
import EndFlag from './EndFlag.vue'
import LandingMark from './LandingMark.vue'
import { layOutMap } from './mapLayout'

const props = withDefaults(
  defineProps<{
    board: BoardLook
    box: Enclosure
    bench: BenchState
    carried?: readonly string[]
    /** Place → the number that is typed to land there. */
    numbers?: ReadonlyMap<string, number>
    keys?: boolean
    traced?: ReadonlySet<string>
    /** Place → numbers of the findings about it. */
    pins?: ReadonlyMap<string, readonly number[]>
    readOnly?: boolean
  }>(),
  {
    carried: () => [],
    numbers: () => new Map(),
    keys: true,
    traced: () => new Set(),
    pins: () => new Map(),
    readOnly: false,
  },
)
const emit = defineEmits<{
  pick: [place: string]
  connector: [first: string]
  hold: [place: string, event: PointerEvent]
}>()

const map = computed(() => layOutMap(props.board))
const joints = computed(() => props.bench.joints.filter((joint) => joint.box === props.box.id))
const labelOf = (id: string) => props.board.enclosures.find((enclosure) => enclosure.id === id)?.label ?? id
const layout = computed(() =>
  layOutBox(props.box, props.board.cables, map.value.at, labelOf, joints.value, props.board.words.conduit),
)

const connectorOf = (id: string) => layout.value.connectors.find(({ joint }) => joint.points.includes(id))
const stateOf = (id: string) =>
  props.bench.caps.includes(id) ? 'capped' : jointAt(props.bench, id) ? 'joined' : 'loose'

/** Where a place's conductor leads to, beyond its flag or its screw: behind the devices, then in front of them. */
function target(id: string): { behind: string; front: string } {
  const connector = connectorOf(id)
  if (connector) {
    const port = portAt(connector, connector.joint.points.indexOf(id))
    return { behind: `L${port.x} ${port.y - 14}L${port.x} ${port.y}`, front: '' }
  }
  const fixed = jointAt(props.bench, id)?.points.find(
    (other) => other !== id && layout.value.landings.has(other) && !isLead(other),
  )
  const landing = fixed ? layout.value.landings.get(fixed) : undefined
  if (!landing) return { behind: '', front: '' }
  const { approach } = landing
  return {
    behind: `L${approach.x} ${approach.y}`,
    front: `M${approach.x} ${approach.y}L${landing.x} ${landing.y}`,
  }
}

const isLead = (id: string) => layout.value.landings.get(id)?.landing?.shape === 'lead'

const strokes = computed(() =>
  props.box.ends.map((end) => {
    const slot = layout.value.slots.get(end.id)!
    const tip = props.bench.caps.includes(end.id) ? '' : inward(slot)
    const { behind, front } = target(end.id)
    return {
      id: end.id,
      colour: end.colour,
      behind: `M${slot.mouth.x} ${slot.mouth.y}L${slot.x} ${slot.y}${tip}${behind}`,
      front,
    }
  }),
)

/** A short straight piece beyond the flag, so that conductors leave their flags squarely. */
function inward(slot: Point & { side: string }): string {
  const step = { left: [34, 0], right: [-34, 0], top: [0, 32], bottom: [0, -32] }[slot.side] as [number, number]
  return `L${slot.x + step[0]} ${slot.y + step[1]}`
}

const pigtails = computed(() =>
  [...layout.value.landings.values()]
    .map((landing) => ({ landing, target: target(landing.id) }))
    .filter(({ landing, target }) => connectorOf(landing.id) || (isLead(landing.id) && target.behind))
    .map(({ landing, target }) => ({
      id: landing.id,
      colour: pigtailColour(landing.landing),
      behind: `M${landing.approach.x} ${landing.approach.y}${target.behind}`,
      front: `M${landing.x} ${landing.y}L${landing.approach.x} ${landing.approach.y}${target.front}`,
    })),
)

/** A lead has its own colour; a pigtail is cut from what the terminal's finish calls for. */
function pigtailColour(landing: Landing | null): string {
  if (landing?.shape === 'lead') return landing.finish
  if (!landing || landing.finish === 'green' || landing.print === 'E') return 'green'
  return landing.finish === 'silver' ? 'white' : 'black'
}

const conductors = computed(() => [...pigtails.value, ...strokes.value])

const nameOf = (id: string) => layout.value.landings.get(id)?.landing?.name ?? props.board.words.boxEarth
/** The pins of the findings about this box, above the place that each is about. */
const pinned = computed(() =>
  [...props.pins].flatMap(([id, numbers]) => {
    const place = layout.value.slots.get(id) ?? layout.value.landings.get(id)
    return place ? numbers.map((number, i) => ({ id, number, x: place.x + i * 26, y: place.y - 34 })) : []
  }),
)

const isLit = (id: string) => props.carried.includes(id) || props.traced.has(id)
const isDimmed = (id: string) => props.carried.length > 0 && !props.carried.includes(id)
const connectorLabel = (by: string) => props.board.tray.find((item) => item.by === by)?.label.replace(/ \d$/, '') ?? by
const connectorNumber = (points: readonly string[]) => props.numbers.get(points[0] ?? '') ?? null
</script>

<template>
  <svg
    :viewBox="`0 0 ${BOX.width} ${BOX.height}`"
    class="h-full w-full touch-none select-none"
    role="group"
    :aria-label="`Open box ${box.label}`"
    :data-box="box.id"
  >
    <defs>
      <pattern id="metal" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="7" height="7" fill="#F5F2EA" />
        <path d="M0 0v7" stroke="#545B66" stroke-width="1.5" />
      </pattern>
    </defs>
    <rect
      :x="BOX.left - 8"
      :y="BOX.top - 8"
      :width="BOX.right - BOX.left + 16"
      :height="BOX.bottom - BOX.top + 16"
      rx="4"
      :fill="box.metal ? 'url(#metal)' : '#F5F2EA'"
      stroke="#1D2129"
      stroke-width="2"
    />
    <rect
      :x="BOX.left"
      :y="BOX.top"
      :width="BOX.right - BOX.left"
      :height="BOX.bottom - BOX.top"
      rx="3"
      fill="#EBE6D9"
      stroke="#1D2129"
      stroke-width="2"
    />

    <g v-for="entry in layout.entries" :key="entry.key">
      <rect
        v-if="entry.side === 'left' || entry.side === 'right'"
        :x="entry.side === 'left' ? 0 : BOX.right - 4"
        :y="entry.mouth.y - 13"
        :width="BOX.left + 4"
        height="26"
        fill="#DDD6C4"
        stroke="#1D2129"
        stroke-width="2"
      />
      <rect
        v-else
        :x="entry.mouth.x - 13"
        :y="entry.side === 'top' ? 0 : BOX.bottom - 4"
        width="26"
        :height="BOX.top + 4"
        fill="#DDD6C4"
        stroke="#1D2129"
        stroke-width="2"
      />
      <text
        v-if="entry.side === 'left' || entry.side === 'right'"
        :transform="`translate(${entry.side === 'left' ? 16 : BOX.width - 10} ${entry.mouth.y - 22}) rotate(-90)`"
        font-size="15"
        fill="#1D2129"
      >
        {{ entry.label }}
      </text>
      <text
        v-else
        :x="entry.mouth.x + 20"
        :y="entry.side === 'top' ? 20 : BOX.height - 10"
        font-size="15"
        fill="#1D2129"
      >
        {{ entry.label }}
      </text>
    </g>

    <ConductorStroke
      v-for="conductor in conductors"
      :key="conductor.id"
      :d="conductor.behind"
      :colour="conductor.colour"
      :lifted="isLit(conductor.id)"
      :dimmed="isDimmed(conductor.id)"
    />

    <DeviceFace v-for="placed in layout.devices" :key="placed.device.id" :placed="placed" />

    <g v-for="connector in layout.connectors" :key="connector.joint.points.join()">
      <g
        role="button"
        tabindex="0"
        :data-connector="connector.joint.points[0]"
        :aria-label="`${connectorLabel(connector.joint.by)} with ${connector.joint.points.length}${connector.joint.ports ? ` of ${connector.joint.ports}` : ''}${connectorNumber(connector.joint.points) === null ? '' : `, number ${connectorNumber(connector.joint.points)}`}`"
        @click.stop="emit('connector', connector.joint.points[0]!)"
        @keydown.enter.stop.prevent="emit('connector', connector.joint.points[0]!)"
        @keydown.space.stop.prevent="emit('connector', connector.joint.points[0]!)"
      >
        <rect
          :x="connector.x - connector.width / 2 - 4"
          :y="connector.y - 26"
          :width="connector.width + 8"
          height="52"
          fill="transparent"
        />
        <path
          v-if="connector.joint.by === 'wire-nut'"
          :d="`M${connector.x - connector.width / 2} ${connector.y - 18}h${connector.width}l-${connector.width / 2 - 14} 38h-28z`"
          fill="#F5F2EA"
          stroke="#1D2129"
          stroke-width="2.5"
        />
        <rect
          v-else
          :x="connector.x - connector.width / 2"
          :y="connector.y - 18"
          :width="connector.width"
          height="38"
          rx="2"
          fill="#F5F2EA"
          stroke="#1D2129"
          stroke-width="2.5"
        />
        <path
          v-for="(point, i) in connector.joint.by === 'lever' ? connector.joint.points : []"
          :key="point"
          :d="`M${portAt(connector, i).x} ${connector.y + 4}v14`"
          stroke="#1D2129"
          stroke-width="5"
        />
        <text
          :x="connector.x"
          :y="connector.y + (connector.joint.by === 'wire-nut' ? 36 : 36)"
          text-anchor="middle"
          font-size="14"
          fill="#1D2129"
        >
          {{ connectorLabel(connector.joint.by) }} {{ connector.joint.points.length
          }}{{ connector.joint.ports ? `/${connector.joint.ports}` : '' }}
        </text>
        <g v-if="connectorNumber(connector.joint.points) !== null">
          <circle :cx="connector.x + connector.width / 2" :cy="connector.y - 16" r="12" fill="#5B2BB5" />
          <text
            :x="connector.x + connector.width / 2"
            :y="connector.y - 11"
            text-anchor="middle"
            font-size="15"
            fill="#F5F2EA"
          >
            {{ connectorNumber(connector.joint.points) }}
          </text>
        </g>
      </g>
    </g>

    <ConductorStroke
      v-for="conductor in conductors.filter(({ front }) => front)"
      :key="conductor.id"
      :d="conductor.front"
      :colour="conductor.colour"
      :lifted="isLit(conductor.id)"
      :dimmed="isDimmed(conductor.id)"
    />

    <EndFlag
      v-for="end in box.ends"
      :key="end.id"
      :end="end"
      :at="layout.slots.get(end.id)!"
      :state="stateOf(end.id)"
      :state-word="stateOf(end.id)"
      :lifted="carried.includes(end.id)"
      :dimmed="isDimmed(end.id)"
      :mark="board.marks.find((mark) => mark.as === bench.marks[end.id]) ?? null"
      :keys="keys && !readOnly"
      @pick="emit('pick', end.id)"
      @hold="(event) => emit('hold', end.id, event)"
    />
    <LandingMark
      v-for="landing in layout.landings.values()"
      :key="landing.id"
      :landing="landing"
      :name="nameOf(landing.id)"
      :number="numbers.get(landing.id) ?? null"
      :carried="carried.includes(landing.id) || traced.has(landing.id)"
      :used="jointAt(bench, landing.id) !== undefined"
      @pick="emit('pick', landing.id)"
    />
    <g
      v-for="pin in pinned"
      :key="`${pin.id}-${pin.number}`"
      :transform="`translate(${pin.x} ${pin.y})`"
      :data-pin="pin.id"
    >
      <path d="M0 20L-8 4H8Z" fill="#1D2129" />
      <circle r="13" fill="#1D2129" stroke="#F5F2EA" stroke-width="2" />
      <text y="5" text-anchor="middle" font-size="16" fill="#F5F2EA">{{ pin.number }}</text>
    </g>
  </svg>
</template>
