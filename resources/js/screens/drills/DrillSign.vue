<script setup lang="ts">
import type { DrillKind } from '@/shared/api/generated/http'

/** A small ink drawing of what a drill is about. */
defineProps<{ kind: DrillKind }>()
</script>

<template>
  <svg viewBox="0 0 72 48" class="h-16" fill="none" stroke="var(--color-ink)" stroke-width="2.5" aria-hidden="true">
    <template v-if="kind === 'device'">
      <rect x="22" y="4" width="28" height="40" rx="2" fill="var(--color-sheet)" />
      <circle cx="14" cy="12" r="5" />
      <circle cx="58" cy="12" r="5" />
      <circle cx="58" cy="36" r="5" fill="var(--color-ink)" />
      <path d="M32 16h8v16h-8z" />
    </template>
    <template v-else-if="kind === 'feed'">
      <rect x="20" y="8" width="32" height="32" fill="var(--color-sheet)" />
      <path d="M0 16h20M0 32h20M52 16h20M52 32h20" />
      <path d="M34 14l-5 11h7l-3 10" stroke-width="3" />
    </template>
    <template v-else-if="kind === 'drop'">
      <circle cx="20" cy="16" r="12" fill="var(--color-sheet)" />
      <path d="M32 16h24v16M56 32v4" />
      <rect x="48" y="32" width="16" height="14" fill="var(--color-sheet)" />
    </template>
    <template v-else-if="kind === 'lamp'">
      <circle cx="36" cy="24" r="9" fill="var(--color-sheet)" />
      <path d="M36 9V2M36 46v-7M51 24h7M14 24h7M47 13l5 -5M20 40l5 -5M25 13l-5 -5M52 40l-5 -5" />
    </template>
    <template v-else>
      <path d="M2 18h44v12H2z" fill="var(--color-sheet)" />
      <path d="M46 20h22M46 24h22M46 28h22" />
    </template>
  </svg>
</template>
