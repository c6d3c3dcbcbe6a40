<script setup lang="ts">
/** A switch by the place where it is; its number in the drawing comes second. */
defineProps<{ label: string; id: string }>()
</script>

<template>
  <span class="flex min-w-0 items-baseline gap-1.5">
    <span class="min-w-0 truncate">{{ label }}</span>
    <span class="code shrink-0 text-[0.8em] font-normal text-soft">{{ id }}</span>
  </span>
</template>
