<script setup lang="ts">
import { ref, watch } from 'vue'

/** A figure that is kept when it is left; what is being typed is never overwritten by an answer that comes meanwhile. */
const props = defineProps<{ label: string; value: string; step: string }>()
const emit = defineEmits<{ keep: [value: string] }>()

const field = ref<HTMLInputElement | null>(null)
const typed = ref(props.value)
watch(
  () => props.value,
  (now) => {
    if (document.activeElement !== field.value) typed.value = now
  },
)
</script>

<template>
  <input
    ref="field"
    v-model="typed"
    class="min-h-9 w-full rounded-md border border-soft bg-sheet pr-1 pl-2 text-right"
    type="number"
    min="0"
    :step="step"
    :aria-label="label"
    @change="emit('keep', String(typed))"
  />
</template>
