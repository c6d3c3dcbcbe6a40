<script setup lang="ts">
/** Three dots at the end of a row, or a hook beside a name. */
defineProps<{ named?: boolean }>()
</script>

<template>
  <svg viewBox="0 0 20 8" class="h-2 w-5" aria-hidden="true">
    <path v-if="named" d="M5 1l5 5 5-5" fill="none" stroke="var(--color-ink)" stroke-width="2" />
    <path v-else d="M3 4h.1M10 4h.1M17 4h.1" stroke="var(--color-ink)" stroke-width="4" stroke-linecap="round" />
  </svg>
</template>
