<script setup lang="ts">
import { computed } from 'vue'
import type { PlacedDevice } from './boxLayout'

const props = defineProps<{ placed: PlacedDevice }>()

/** A small plate full of terminals has room for its letters only. */
const isCrowded = computed(() => ['rocker', 'batten'].includes(props.placed.device.look))

const hasEars = computed(() => ['toggle', 'receptacle'].includes(props.placed.device.look))
const isUpright = computed(() => props.placed.device.turned % 180 === 0)

/** The body is drawn as it left the maker and turned with its ears; what is written stays upright. */
const body = computed(() => {
  const { width, height, turned } = props.placed.device
  const [w, h] = isUpright.value ? [width, height] : [height, width]
  return { w, h, transform: `translate(${width / 2} ${height / 2}) rotate(${turned}) translate(${-w / 2} ${-h / 2})` }
})

/** Where the name stands clear of the landings and of the conductors that come to them. */
const title = computed(() => {
  const { look, width, height } = props.placed.device
  if (isCrowded.value) return { x: 6, y: height - 8, anchor: 'start' } as const
  if (look === 'rose') return { x: 26, y: height - 28, anchor: 'start' } as const
  // On the ear over it, where no conductor and no screw comes.
  if (hasEars.value) return { x: width / 2, y: isUpright.value ? -8 : height / 2 - 40, anchor: 'middle' } as const
  const y = { pendant: 50, lampholder: 22, supply: height - 12 }[look] ?? 18
  return { x: width / 2, y, anchor: 'middle' } as const
})
</script>

<template>
  <g
    :transform="`translate(${placed.x} ${placed.y})`"
    stroke="var(--color-ink)"
    stroke-width="2"
    fill="var(--color-paper)"
  >
    <g :transform="body.transform">
      <template v-if="placed.device.look === 'toggle' || placed.device.look === 'receptacle'">
        <path :d="`M30 -26h${body.w - 60}v26h-${body.w - 60}z`" fill="var(--color-face)" />
        <path :d="`M30 ${body.h}h${body.w - 60}v26h-${body.w - 60}z`" fill="var(--color-face)" />
        <rect :width="body.w" :height="body.h" rx="3" />
        <rect
          v-if="placed.device.look === 'toggle'"
          :x="body.w / 2 - 11"
          :y="body.h / 2 - 30"
          width="22"
          height="60"
          rx="2"
        />
        <path
          v-else
          :d="`M${body.w / 2 - 16} ${body.h / 2 - 14}v24M${body.w / 2 + 16} ${body.h / 2 - 14}v24`"
          stroke-width="5"
        />
      </template>
      <template v-else-if="placed.device.look === 'lampholder'">
        <circle :cx="body.w / 2" :cy="body.h / 2" :r="body.w / 2" />
        <circle :cx="body.w / 2" :cy="body.h / 2" r="38" fill="var(--color-face)" />
        <path v-for="i in 3" :key="i" :d="`M${body.w / 2 - 30} ${body.h / 2 - 24 + i * 12}q30 10 60 0`" fill="none" />
      </template>
      <template v-else>
        <rect :width="body.w" :height="body.h" :rx="placed.device.look === 'rose' ? 40 : 4" />
        <path
          v-if="placed.device.look === 'luminaire' || placed.device.look === 'pendant'"
          :d="`M20 ${body.h / 2}h${body.w - 40}`"
          stroke-dasharray="2 6"
        />
      </template>
    </g>
    <text
      v-if="placed.device.print"
      :x="placed.device.width / 2"
      :y="placed.device.look === 'toggle' ? placed.device.height / 2 + 48 : placed.device.height - 10"
      text-anchor="middle"
      font-size="13"
      stroke="none"
      fill="var(--color-ink)"
    >
      {{ placed.device.print }}
    </text>
    <text :x="title.x" :y="title.y" :text-anchor="title.anchor" font-size="15" stroke="none" fill="var(--color-soft)">
      {{ placed.device.id }}{{ isCrowded || hasEars ? '' : ` ${placed.device.name}` }}
    </text>
  </g>
</template>
