<script setup lang="ts">
import { say } from '@/shared/words/say'

/** What is dragged, above the finger that drags it. */
defineProps<{ at: { x: number; y: number }; count: number; flag: string }>()
const ABOVE_PX = 70
</script>

<template>
  <div
    class="code pointer-events-none fixed z-30 -translate-x-1/2 border-3 border-violet bg-wash px-3 py-1 text-lg"
    :style="{ left: `${at.x}px`, top: `${at.y - ABOVE_PX}px` }"
    aria-hidden="true"
  >
    {{ count > 1 ? say('bench.count-wires', { count }) : flag }}
  </div>
</template>
