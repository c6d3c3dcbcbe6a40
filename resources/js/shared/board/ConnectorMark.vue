<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { CONNECTOR_WORD, type PlacedConnector, portAt } from './boxLayout'

const props = defineProps<{ connector: PlacedConnector; label: string; holds: string; number: number | null }>()
defineEmits<{ pick: [] }>()

const joint = computed(() => props.connector.joint)
const spoken = computed(() => {
  const room = joint.value.ports ? say('shared.of-ports', { ports: joint.value.ports }) : ''
  return say('shared.label-with-count-room-holds', {
    label: props.label,
    count: joint.value.points.length,
    room,
    holds: props.holds,
    number: props.number === null ? '' : say('shared.number-number', { number: props.number }),
  })
})
</script>

<template>
  <g
    role="button"
    tabindex="0"
    :data-connector="joint.points[0]"
    :aria-label="spoken"
    :transform="`translate(${connector.x} ${connector.y})`"
    @click.stop="$emit('pick')"
    @keydown.enter.stop.prevent="$emit('pick')"
    @keydown.space.stop.prevent="$emit('pick')"
  >
    <rect :x="-connector.width / 2 - 4" y="-26" :width="connector.width + 8" height="52" fill="transparent" />
    <g fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="2.5">
      <path
        v-if="joint.by === 'wire-nut'"
        :d="`M${-connector.width / 2} -18h${connector.width}l${14 - connector.width / 2} 38h-28z`"
      />
      <rect v-else :x="-connector.width / 2" y="-18" :width="connector.width" height="38" rx="2" />
    </g>
    <template v-if="joint.by === 'lever'">
      <path
        v-for="(point, i) in joint.points"
        :key="point"
        :d="`M${portAt(connector, i).x - connector.x} 4v14`"
        stroke="var(--color-ink)"
        stroke-width="5"
      />
    </template>
    <text y="34" text-anchor="middle" :font-size="CONNECTOR_WORD" fill="var(--color-ink)">{{ connector.word }}</text>
    <g v-if="number !== null" :transform="`translate(${connector.width / 2} -16)`">
      <circle r="12" fill="var(--color-violet)" />
      <text y="5" text-anchor="middle" font-size="15" fill="var(--color-paper)">{{ number }}</text>
    </g>
  </g>
</template>
