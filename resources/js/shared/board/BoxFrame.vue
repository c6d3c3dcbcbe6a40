<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { BoxLayout } from './boxLayout'

/** The box itself: metal is hatched, plastic is not. */
defineProps<{ frame: BoxLayout['frame']; isMetal: boolean }>()
</script>

<template>
  <g>
    <defs>
      <pattern id="metal" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="7" height="7" fill="var(--color-paper)" />
        <path d="M0 0v7" stroke="var(--color-soft)" stroke-width="1.5" />
      </pattern>
    </defs>
    <rect
      :x="frame.left - 8"
      :y="frame.top - 8"
      :width="frame.right - frame.left + 16"
      :height="frame.bottom - frame.top + 16"
      rx="4"
      :fill="isMetal ? 'url(#metal)' : 'var(--color-paper)'"
      stroke="var(--color-ink)"
      stroke-width="2"
    />
    <rect
      :x="frame.left"
      :y="frame.top"
      :width="frame.right - frame.left"
      :height="frame.bottom - frame.top"
      rx="3"
      fill="var(--color-face)"
      stroke="var(--color-ink)"
      stroke-width="2"
    />
    <text
      :x="frame.right + 6"
      :y="frame.bottom + 26"
      text-anchor="end"
      font-size="14"
      fill="var(--color-soft)"
      data-test="material"
    >
      {{ isMetal ? say('shared.metal-box-hatched') : say('shared.plastic-box') }}
    </text>
  </g>
</template>
