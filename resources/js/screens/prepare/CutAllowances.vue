<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { MaterialsData } from '@/shared/api/generated/http'

const props = defineProps<{ data: MaterialsData }>()
const asked = defineModel<{ sets: string; free: string; sheath: string; waste: string; round: string }>({
  required: true,
})

const FIELDS = computed(
  () =>
    [
      ['free', say('prepare.free-conductor-unit', { unit: props.data.unit })],
      ['sheath', say('prepare.sheath-inside-the-box-unit', { unit: props.data.unit })],
      ['waste', say('prepare.waste')],
      ['round', say('prepare.round-up-to-unit', { unit: props.data.unit })],
    ] as const,
)
</script>

<template>
  <form class="flex flex-col gap-2" :aria-label="say('prepare.how-many-boards-and-how')" @submit.prevent>
    <label>
      <strong>{{ say('prepare.boards') }}</strong>
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
