<script setup lang="ts">
import { say } from '@/shared/words/say'
/** What was just done, and the way back. */
defineProps<{ says: string }>()
defineEmits<{ undo: []; dismiss: [] }>()
</script>

<template>
  <div role="status" class="flex items-center gap-3 border-b border-line bg-wash px-6 py-1">
    <p>{{ says }}</p>
    <button type="button" class="btn-quiet underline" @click="$emit('undo')">{{ say('shared.undo') }}</button>
    <button type="button" class="btn-quiet ml-auto" @click="$emit('dismiss')">{{ say('shared.got-it') }}</button>
  </div>
</template>
