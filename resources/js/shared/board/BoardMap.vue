<script setup lang="ts">
import { computed } from 'vue'
import type { BoardLook } from '@/shared/api/types'
import { layOutMap } from './mapLayout'
import { paintOf } from './conductor'

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
const emit = defineEmits<{ open: [box: string] }>()

const layout = computed(() => layOutMap(props.board))
const runs = computed(() => {
  const groups = new Map<
    string,
    { key: string; from: string; to: string; print: string; colours: string[]; cables: string[] }
  >()
  for (const cable of props.board.cables) {
    const key = cable.single ? [cable.from, cable.to].sort().join('–') : cable.id
    const group = groups.get(key) ?? { key, from: cable.from, to: cable.to, print: '', colours: [], cables: [] }
    group.colours.push(...cable.colours)
    group.cables.push(cable.id)
    group.print = cable.single ? `${group.cables.length} × ${cable.print}` : `${cable.id} · ${cable.print}`
    groups.set(key, group)
  }
  return [...groups.values()]
})
const tracedColours = (cables: readonly string[]) => cables.flatMap((cable) => props.traced.get(cable) ?? [])
const isLight = (kind: string) => kind === 'light-box' || kind === 'ceiling-rose'
</script>

<template>
  <svg
    :viewBox="`${layout.view.x} ${layout.view.y} ${layout.view.width} ${layout.view.height}`"
    class="h-full w-full"
    role="group"
    aria-label="The board"
  >
    <defs>
      <pattern id="grain" width="50" height="50" patternUnits="userSpaceOnUse">
        <path d="M50 0H0V50" fill="none" stroke="#DDD6C4" stroke-width="1.5" />
      </pattern>
    </defs>
    <rect
      :x="layout.view.x"
      :y="layout.view.y"
      :width="layout.view.width"
      :height="layout.view.height"
      fill="#EBE6D9"
    />
    <rect
      :x="layout.view.x"
      :y="layout.view.y"
      :width="layout.view.width"
      :height="layout.view.height"
      fill="url(#grain)"
    />
    <g v-for="run in runs" :key="run.key">
      <path
        :d="`M${layout.at(run.from).x} ${layout.at(run.from).y}L${layout.at(run.to).x} ${layout.at(run.to).y}`"
        stroke="#1D2129"
        stroke-width="26"
      />
      <path
        :d="`M${layout.at(run.from).x} ${layout.at(run.from).y}L${layout.at(run.to).x} ${layout.at(run.to).y}`"
        stroke="#F5F2EA"
        stroke-width="20"
      />
      <g v-for="(colour, i) in tracedColours(run.cables)" :key="i">
        <path
          :d="`M${layout.at(run.from).x} ${layout.at(run.from).y}L${layout.at(run.to).x} ${layout.at(run.to).y}`"
          :transform="`translate(${(i - (tracedColours(run.cables).length - 1) / 2) * 16} ${(i - (tracedColours(run.cables).length - 1) / 2) * 16})`"
          stroke="#5B2BB5"
          stroke-width="16"
        />
        <path
          :d="`M${layout.at(run.from).x} ${layout.at(run.from).y}L${layout.at(run.to).x} ${layout.at(run.to).y}`"
          :transform="`translate(${(i - (tracedColours(run.cables).length - 1) / 2) * 16} ${(i - (tracedColours(run.cables).length - 1) / 2) * 16})`"
          :stroke="paintOf(colour).body"
          stroke-width="8"
        />
      </g>
      <text
        :x="
          (layout.at(run.from).x + layout.at(run.to).x) / 2 +
          (Math.abs(layout.at(run.from).x - layout.at(run.to).x) < 60 ? 26 : 0)
        "
        :y="
          (layout.at(run.from).y + layout.at(run.to).y) / 2 -
          (Math.abs(layout.at(run.from).x - layout.at(run.to).x) < 60 ? 0 : 26)
        "
        :text-anchor="Math.abs(layout.at(run.from).x - layout.at(run.to).x) < 60 ? 'start' : 'middle'"
        font-size="42"
        fill="#1D2129"
      >
        {{ run.print }}
      </text>
    </g>
    <g
      v-for="box in board.enclosures"
      :key="box.id"
      role="button"
      tabindex="0"
      :aria-label="`Box ${box.label}${counts.get(box.id) ? `, ${counts.get(box.id)}` : ''}${selected === box.id ? ', open' : ''}`"
      :data-map-box="box.id"
      @click="emit('open', box.id)"
      @keydown.enter.prevent="emit('open', box.id)"
      @keydown.space.prevent="emit('open', box.id)"
    >
      <g :transform="`translate(${layout.at(box.id).x} ${layout.at(box.id).y})`" stroke="#1D2129">
        <rect x="-115" y="-75" width="230" height="240" fill="transparent" stroke="none" />
        <rect
          v-if="far.has(box.id)"
          x="-92"
          y="-92"
          width="184"
          height="184"
          rx="10"
          fill="#E9E1F7"
          stroke="#5B2BB5"
          stroke-width="8"
        />
        <circle
          v-if="isLight(box.kind)"
          r="66"
          :fill="lamps.get(box.id) === 'on' ? '#FFFFFF' : lamps.get(box.id) === 'dim' ? '#F5F2EA' : '#EBE6D9'"
          :stroke-width="selected === box.id ? 14 : 6"
          :stroke="selected === box.id ? '#5B2BB5' : '#1D2129'"
        />
        <rect
          v-else
          x="-58"
          y="-66"
          width="116"
          height="132"
          rx="8"
          fill="#F5F2EA"
          :stroke-width="selected === box.id ? 14 : 6"
          :stroke="selected === box.id ? '#5B2BB5' : '#1D2129'"
        />
        <g v-if="isLight(box.kind)" stroke-width="6">
          <path d="M-30 -30L30 30M-30 30L30 -30" />
          <g v-if="lamps.get(box.id) === 'on'">
            <path v-for="i in 8" :key="i" :transform="`rotate(${i * 45})`" d="M0 -78v-26" stroke-width="9" />
          </g>
          <g v-else-if="lamps.get(box.id) === 'dim'">
            <path v-for="i in 4" :key="i" :transform="`rotate(${i * 90})`" d="M0 -78v-14" stroke-width="7" />
          </g>
        </g>
        <path v-else-if="box.kind === 'supply'" d="M14 -36L-22 8H0L-14 40L24 -8H2Z" fill="#1D2129" />
        <g v-else-if="box.kind === 'switch-box'" stroke-width="6" fill="none">
          <rect x="-20" y="-38" width="40" height="76" rx="6" />
          <rect x="-12" :y="paddles.get(box.id) === 'down' ? 4 : -30" width="24" height="26" fill="#1D2129" />
        </g>
        <text
          y="124"
          text-anchor="middle"
          font-size="52"
          paint-order="stroke"
          stroke="#EBE6D9"
          stroke-width="12"
          fill="#1D2129"
        >
          {{ box.label }}
        </text>
        <text
          v-if="counts.get(box.id)"
          y="176"
          text-anchor="middle"
          font-size="46"
          paint-order="stroke"
          stroke="#EBE6D9"
          stroke-width="12"
          fill="#545B66"
        >
          {{ counts.get(box.id) }}
        </text>
        <text
          v-else-if="lamps.get(box.id)"
          y="176"
          text-anchor="middle"
          font-size="46"
          paint-order="stroke"
          stroke="#EBE6D9"
          stroke-width="12"
          fill="#1D2129"
        >
          {{ { on: 'LIT', dim: 'DIM', off: 'DARK' }[lamps.get(box.id)!] }}
        </text>
        <text
          v-else-if="paddles.get(box.id)"
          y="176"
          text-anchor="middle"
          font-size="46"
          paint-order="stroke"
          stroke="#EBE6D9"
          stroke-width="12"
          fill="#1D2129"
        >
          {{ paddles.get(box.id) }}
        </text>
        <g
          v-for="(pin, i) in pins.get(box.id) ?? []"
          :key="pin"
          :transform="`translate(${70 + i * 56} -70)`"
          stroke="none"
        >
          <path d="M0 44L-16 12H16Z" fill="#1D2129" />
          <circle r="30" fill="#1D2129" />
          <text y="13" text-anchor="middle" font-size="38" fill="#F5F2EA">{{ pin }}</text>
        </g>
      </g>
    </g>
  </svg>
</template>
