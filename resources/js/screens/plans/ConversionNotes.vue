<script setup lang="ts">
import { say } from '@/shared/words/say'
defineProps<{ from: string; sentences: readonly string[] }>()
defineEmits<{ dismiss: [] }>()
</script>

<template>
  <section
    class="border-2 border-ink p-3"
    role="status"
    :aria-label="say('plans.what-is-different-here')"
    data-test="conversion"
  >
    <h2 class="font-bold">{{ say('plans.converted-from-from', { from }) }}</h2>
    <ul class="my-2 list-disc space-y-1 pl-5 text-sm">
      <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
    </ul>
    <button type="button" class="btn" @click="$emit('dismiss')">{{ say('shared.got-it') }}</button>
  </section>
</template>
