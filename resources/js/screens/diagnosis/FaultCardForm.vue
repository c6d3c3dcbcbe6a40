<script setup lang="ts">
import { ref } from 'vue'
import { downloads } from '@/shared/api/downloads'
import { say } from '@/shared/words/say'

defineProps<{ boardFile: number }>()
const seats = ref(6)
const seed = ref('')
</script>

<template>
  <details class="mt-auto border-t border-line pt-2" data-test="cards">
    <summary class="min-h-11 cursor-pointer py-2 font-bold">
      {{ say('diagnosis.fault-cards-for-real-boards') }}
    </summary>
    <p class="text-soft">
      {{ say('diagnosis.one-fault-per-seat-equally') }}
    </p>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <label
        >{{ say('diagnosis.seats') }} <input v-model.number="seats" type="number" min="1" max="40" class="field w-24"
      /></label>
      <label>{{ say('diagnosis.seed') }} <input v-model="seed" maxlength="64" class="field w-40" /></label>
      <a :href="downloads.faultCards(boardFile, seats, seed)" target="_blank" class="btn">{{
        say('diagnosis.print-the-cards')
      }}</a>
    </div>
  </details>
</template>
