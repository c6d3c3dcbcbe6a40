<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { DiagramData, DiagramWire, Layer } from '@/shared/api/generated/http'
import { ACROSS, DOWN, MARGIN, x, y } from './diagramPaint'
import DiagramSymbol from './DiagramSymbol.vue'

const props = defineProps<{
  diagram: DiagramData
  /** Switch → `up` or `down`. */
  positions: ReadonlyMap<string, string>
  /** Lamp → `on`, `dim` or `off`. */
  lamps: ReadonlyMap<string, string>
  traced: ReadonlySet<string>
  hidden: ReadonlySet<Layer>
}>()
defineEmits<{ flip: [id: string] }>()

const path = (wire: DiagramWire) =>
  wire.pieces.map(([fromX, fromRow, toX, toRow]) => `M${x(fromX)} ${y(fromRow)}L${x(toX)} ${y(toRow)}`).join('')
const isTraced = (wire: DiagramWire) => wire.places.filter((place) => props.traced.has(place)).length > 1
</script>

<template>
  <svg
    :viewBox="`0 0 ${diagram.width * ACROSS + 2 * MARGIN} ${diagram.rows * DOWN + 2 * MARGIN + 30}`"
    class="h-full w-full bg-face"
    role="group"
    :aria-label="say('shared.diagram-the-line-at-the')"
    data-test="diagram"
  >
    <g
      v-for="(wire, i) in diagram.wires"
      v-show="!hidden.has(wire.layer)"
      :key="i"
      fill="none"
      stroke-linecap="round"
      :data-wire="wire.role"
    >
      <path v-if="isTraced(wire)" :d="path(wire)" stroke="var(--color-violet)" stroke-width="9" data-traced />
      <path
        :d="path(wire)"
        stroke="var(--color-ink)"
        stroke-width="2.5"
        :stroke-dasharray="wire.layer === 'neutral' ? '9 5' : undefined"
      />
      <circle
        v-for="([dotX, dotRow], k) in wire.dots"
        :key="k"
        :cx="x(dotX)"
        :cy="y(dotRow)"
        r="5"
        fill="var(--color-ink)"
        stroke="none"
      />
      <circle
        v-if="wire.stub"
        :cx="x(wire.pieces[0]![2])"
        :cy="y(wire.pieces[0]![3])"
        r="5"
        fill="var(--color-paper)"
        stroke="var(--color-ink)"
        stroke-width="2"
      />
    </g>
    <DiagramSymbol
      v-for="symbol in diagram.symbols"
      :key="symbol.id"
      :symbol="symbol"
      :position="positions.get(symbol.id) ?? 'up'"
      :lamp="lamps.get(symbol.id) ?? 'off'"
      :traced="traced"
      :earths="!hidden.has('earth')"
      @flip="$emit('flip', symbol.id)"
    />
  </svg>
</template>
