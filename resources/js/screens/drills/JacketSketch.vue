<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { ConductorColour } from '@/shared/api/generated/http'
import { paintOf } from '@/shared/board/conductor'

/** A cable's jacket with its print, its conductors bare at the end. */
defineProps<{ print: string; colours: readonly ConductorColour[] }>()
</script>

<template>
  <svg
    viewBox="0 0 360 64"
    class="my-1 h-16 max-w-full"
    role="img"
    :aria-label="say('drills.cable-printed-print', { print })"
  >
    <g v-for="(colour, i) in colours" :key="i">
      <path
        :d="`M200 ${12 + (i * 40) / Math.max(1, colours.length - 1)}h150`"
        stroke="var(--color-ink)"
        :stroke-width="paintOf(colour).bare ? 6 : 9"
      />
      <path
        :d="`M200 ${12 + (i * 40) / Math.max(1, colours.length - 1)}h149`"
        :stroke="paintOf(colour).body"
        :stroke-width="paintOf(colour).bare ? 3 : 6"
      />
    </g>
    <rect
      x="2"
      y="4"
      width="210"
      height="56"
      rx="6"
      fill="var(--color-sheet)"
      stroke="var(--color-ink)"
      stroke-width="2.5"
    />
    <text x="106" y="40" text-anchor="middle" font-size="22" fill="var(--color-ink)">{{ print }}</text>
  </svg>
</template>
