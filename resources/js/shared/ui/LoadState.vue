<script setup lang="ts">
defineProps<{ failure: string; what: string }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <div class="mx-auto max-w-xl p-10">
    <template v-if="failure">
      <h2 class="mb-2 text-xl font-bold">{{ what }} could not be loaded</h2>
      <p class="mb-5" role="alert">{{ failure }}</p>
      <div class="flex gap-3">
        <button type="button" class="btn-main" @click="$emit('again')">Try again</button>
        <RouterLink to="/" class="btn">Back to the start</RouterLink>
      </div>
    </template>
    <p v-else role="status" class="text-soft">Fetching {{ what.toLowerCase() }} …</p>
  </div>
</template>
