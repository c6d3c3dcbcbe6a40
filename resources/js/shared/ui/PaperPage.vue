<script setup lang="ts">
import HouseMark from './HouseMark.vue'

defineProps<{ title: string; name: string; caution: string; label?: string }>()
</script>

<template>
  <section class="paper-page my-6 border-2 border-line bg-white p-8" :aria-label="label ?? name">
    <header class="mb-4 flex items-center gap-3 border-b-2 border-ink pb-2">
      <HouseMark />
      <h2 class="grow text-xl font-bold">{{ title }}</h2>
      <span>{{ name }}</span>
    </header>
    <slot />
    <footer class="mt-4 border-t border-line pt-1 text-sm">
      {{ caution }}
    </footer>
  </section>
</template>
