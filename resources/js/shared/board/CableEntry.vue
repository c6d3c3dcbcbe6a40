<script setup lang="ts">
import { computed } from 'vue'
import type { Entry, Frame } from './boxLayout'

const props = defineProps<{ entry: Entry; frame: Frame }>()

const sheath = computed(() => {
  const { side, mouth } = props.entry
  const { frame } = props
  if (side === 'left' || side === 'right') {
    return { x: side === 'left' ? 0 : frame.right - 4, y: mouth.y - 13, width: frame.left + 4, height: 26 }
  }
  return { x: mouth.x - 13, y: side === 'top' ? 0 : frame.bottom - 4, width: 26, height: frame.top + 4 }
})
const print = computed(() => {
  const { side, mouth } = props.entry
  const { frame } = props
  if (side === 'left' || side === 'right')
    return `translate(${side === 'left' ? 16 : frame.width - 10} ${mouth.y - 22}) rotate(-90)`
  return `translate(${mouth.x + 20} ${side === 'top' ? 20 : frame.height - 10})`
})
</script>

<template>
  <rect v-bind="sheath" fill="var(--color-grain)" stroke="var(--color-ink)" stroke-width="2" />
  <text :transform="print" font-size="15" fill="var(--color-ink)">{{ entry.label }}</text>
</template>
