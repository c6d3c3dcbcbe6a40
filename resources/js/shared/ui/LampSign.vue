<script setup lang="ts">
import { computed } from 'vue'

/** A lamp beside its word: eight rays on, four dim, broken rays where it flickers, dark off, a broken ring where it is out. */
const props = defineProps<{ state: 'on' | 'dim' | 'off' | 'flickers'; isOut?: boolean }>()
const rays = computed(() => ({ on: 8, flickers: 8, dim: 4, off: 0 })[props.state])
</script>

<template>
  <svg viewBox="0 0 28 28" class="shrink-0" aria-hidden="true">
    <circle
      cx="14"
      cy="14"
      r="7"
      :fill="state === 'off' ? 'var(--color-ink)' : 'var(--color-sheet)'"
      :fill-opacity="isOut ? 0 : 1"
      :stroke-dasharray="isOut ? '3 3' : undefined"
      stroke="var(--color-ink)"
      stroke-width="2"
    />
    <path v-if="state === 'flickers'" d="M14 7a7 7 0 0 1 0 14z" fill="var(--color-ink)" />
    <g stroke="var(--color-ink)" stroke-width="2" :stroke-dasharray="state === 'flickers' ? '1.4 1.4' : undefined">
      <path v-for="i in rays" :key="i" d="M14 4v-4" :transform="`rotate(${(i * 360) / rays} 14 14)`" />
    </g>
  </svg>
</template>
