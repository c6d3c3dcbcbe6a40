<script setup lang="ts">
import { say } from '@/shared/words/say'
/** A box with its cover on: what is in it is seen once the cover is off. */
defineProps<{ label: string; isLive: boolean }>()
defineEmits<{ open: [] }>()
</script>

<template>
  <div class="flex h-full flex-col items-center justify-center gap-4" data-test="shut-box">
    <svg viewBox="0 0 120 90" class="h-40" aria-hidden="true">
      <rect
        x="4"
        y="4"
        width="112"
        height="82"
        rx="5"
        fill="var(--color-face)"
        stroke="var(--color-ink)"
        stroke-width="3"
      />
      <g v-for="x in [16, 104]" :key="x" stroke="var(--color-ink)" stroke-width="2" fill="var(--color-sheet)">
        <circle :cx="x" cy="45" r="5" />
        <path :d="`M${x - 3.5} 45h7`" />
      </g>
    </svg>
    <p class="text-lg">{{ say('prove.the-cover-is-on-label', { label }) }}</p>
    <p v-if="isLive" class="flex items-center gap-2">
      <span class="hazard h-5 w-5 shrink-0 border border-ink" aria-hidden="true" />{{
        say('prove.live-inside-probes-only-fingers')
      }}
    </p>
    <button type="button" class="btn-main" data-test="cover-off" @click="$emit('open')">
      {{ say('prove.take-the-cover-off') }}
    </button>
  </div>
</template>
