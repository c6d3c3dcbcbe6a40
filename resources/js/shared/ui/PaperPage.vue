<script setup lang="ts">
import HouseMark from './HouseMark.vue'

defineProps<{ title: string; name: string; practice: 'na' | 'gb' }>()
</script>

<template>
  <section class="paper-page my-6 border-2 border-line bg-white p-8" :aria-label="name">
    <header class="mb-4 flex items-center gap-3 border-b-2 border-ink pb-2">
      <HouseMark />
      <h2 class="grow text-xl font-bold">{{ title }}</h2>
      <span>{{ name }}</span>
    </header>
    <slot />
    <footer class="mt-4 border-t border-line pt-1 text-sm">
      A drawing proves nothing about a real board: isolate, lock off, prove dead.
      {{
        practice === 'na'
          ? 'The authority having jurisdiction and a licensed electrician decide.'
          : 'BS 7671 and a competent person decide.'
      }}
    </footer>
  </section>
</template>
