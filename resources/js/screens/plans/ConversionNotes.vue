<script setup lang="ts">
defineProps<{ from: string; sentences: readonly string[] }>()
defineEmits<{ dismiss: [] }>()
</script>

<template>
  <section class="border-2 border-ink p-3" role="status" aria-label="What is different here" data-test="conversion">
    <h2 class="font-bold">Carried over from {{ from }}</h2>
    <ul class="my-2 list-disc space-y-1 pl-5 text-sm">
      <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
    </ul>
    <button type="button" class="btn" @click="$emit('dismiss')">Got it</button>
  </section>
</template>
