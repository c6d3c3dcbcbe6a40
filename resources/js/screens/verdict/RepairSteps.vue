<script setup lang="ts">
import { computed } from 'vue'
import type { RepairData } from '@/shared/api/generated/http'
import StepThrough from '@/shared/ui/StepThrough.vue'
import { waysOf } from './repairWays'

const props = defineProps<{ repair: RepairData }>()
/** The move that is shown on the board; -1 before the first. */
const at = defineModel<number>({ required: true })
/** Which of the ways to put it right is looked at. */
const way = defineModel<number>('way', { required: true })

const ways = computed(() => waysOf(props.repair))
const shown = computed(() => ways.value[way.value] ?? ways.value[0])
</script>

<template>
  <section aria-label="Repair" data-test="repair">
    <p v-if="repair.reason">{{ repair.reason }}</p>
    <p v-else-if="!shown">Nothing has to be put right.</p>
    <template v-else>
      <div v-if="ways.length > 1" class="mb-2 grid gap-1" role="radiogroup" aria-label="Ways to put it right">
        <button
          v-for="(choice, i) in ways"
          :key="i"
          type="button"
          role="radio"
          class="btn px-3 text-left"
          :aria-checked="i === way"
          :class="i === way ? 'border-violet bg-wash font-bold' : ''"
          data-test="repair-way"
          @click="way = i"
        >
          <span aria-hidden="true">{{ i === way ? '●' : '○' }}</span> {{ choice.title }}
        </button>
      </div>
      <h3 v-else class="font-bold">{{ shown.title }}</h3>
      <p v-if="shown.undoes">That takes back: {{ shown.undoes }}.</p>
      <p v-if="shown.note" class="text-soft">{{ shown.note }}</p>
      <StepThrough v-model="at" :steps="shown.moves" first="Show the first move" done="See it put right" />
    </template>
  </section>
</template>
