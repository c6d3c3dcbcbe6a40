<script setup lang="ts">
/** Asks once more before something that cannot be taken back, without covering the work. */
defineProps<{ label: string; yes: string; busyWord: string; no: string; busy: boolean }>()
defineEmits<{ yes: []; no: [] }>()
</script>

<template>
  <div class="flex items-center gap-4 border-b-2 border-ink bg-wash px-4 py-2" role="region" :aria-label="label">
    <p class="grow"><slot /></p>
    <button type="button" class="btn-main" :disabled="busy" @click="$emit('yes')">{{ busy ? busyWord : yes }}</button>
    <button type="button" class="btn" @click="$emit('no')">{{ no }}</button>
  </div>
</template>
