<script setup lang="ts">
import { say } from '@/shared/words/say'
defineProps<{ message: string }>()
defineEmits<{ take: []; copy: [] }>()
</script>

<template>
  <div
    role="alert"
    class="flex flex-wrap items-center gap-3 border-b-2 border-ink bg-wash px-4 py-2"
    data-test="moved-on"
  >
    <p class="grow">{{ message }}</p>
    <button type="button" class="btn" @click="$emit('copy')">{{ say('drawing-board.save-mine-as-a-copy') }}</button>
    <button type="button" class="btn" @click="$emit('take')">{{ say('drawing-board.use-theirs') }}</button>
  </div>
</template>
