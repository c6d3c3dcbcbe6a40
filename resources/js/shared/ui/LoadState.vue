<script setup lang="ts">
import { say } from '@/shared/words/say'
defineProps<{ failure: string; what: string }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <div class="mx-auto max-w-xl p-10">
    <template v-if="failure">
      <h2 class="mb-2 text-xl font-bold">{{ say('shared.what-could-not-be-loaded', { what }) }}</h2>
      <p class="mb-5" role="alert">{{ failure }}</p>
      <div class="flex gap-3">
        <button type="button" class="btn-main" @click="$emit('again')">{{ say('shared.try-again') }}</button>
        <RouterLink to="/" class="btn">{{ say('shared.back-to-the-start') }}</RouterLink>
      </div>
    </template>
    <p v-else role="status" class="text-soft">
      {{ say('shared.fetching-tolowercase', { toLowerCase: what.toLowerCase() }) }}
    </p>
  </div>
</template>
