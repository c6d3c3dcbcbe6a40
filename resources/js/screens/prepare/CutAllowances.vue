<script setup lang="ts">
import { computed } from 'vue'
import type { MaterialsData } from '@/shared/api/generated/http'

const props = defineProps<{ data: MaterialsData }>()
const asked = defineModel<{ sets: string; free: string; sheath: string; waste: string; round: string }>({
  required: true,
})

const FIELDS = computed(
  () =>
    [
      ['free', `free conductor, ${props.data.unit}`],
      ['sheath', `sheath into the box, ${props.data.unit}`],
      ['waste', 'waste, %'],
      ['round', `rounded up to, ${props.data.unit}`],
    ] as const,
)
</script>

<template>
  <form class="flex flex-col gap-2" aria-label="How many, and what is added to each cable" @submit.prevent>
    <label>
      <strong>boards</strong>
      <input v-model.lazy="asked.sets" class="field" type="number" min="1" max="200" data-test="sets" />
    </label>
    <label v-for="[name, label] in FIELDS" :key="name">
      {{ label }}
      <input
        v-model.lazy="asked[name]"
        class="field"
        type="number"
        min="0"
        step="any"
        :placeholder="String(data.allowances[name])"
        :data-test="`allow-${name}`"
      />
    </label>
    <p class="text-sm text-soft">{{ data.allowed }}.</p>
  </form>
</template>
