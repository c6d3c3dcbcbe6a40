<script setup lang="ts">
/** A switch's paddle in its frame, up or down. */
defineProps<{ isDown: boolean }>()
</script>

<template>
  <svg viewBox="0 0 20 32">
    <rect x="1" y="1" width="18" height="30" rx="2.5" fill="none" stroke="var(--color-ink)" stroke-width="2" />
    <rect x="4" :y="isDown ? 17 : 4" width="12" height="11" fill="var(--color-ink)" />
  </svg>
</template>
