<script setup lang="ts">
import { say } from '@/shared/words/say'
defineProps<{ tone?: 'plain' | 'hazard' }>()
defineEmits<{ dismiss: [] }>()
</script>

<template>
  <div role="status" class="flex items-center gap-3 border-y-2 border-ink bg-paper px-4 py-1.5">
    <span v-if="tone === 'hazard'" class="hazard h-8 w-8 shrink-0 border-2 border-ink" aria-hidden="true" />
    <p class="grow"><slot /></p>
    <button type="button" class="btn" @click="$emit('dismiss')">{{ say('shared.got-it') }}</button>
  </div>
</template>
