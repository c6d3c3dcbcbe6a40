<script setup lang="ts">
import type { RepairData } from '@/shared/api/generated/http'
import StepThrough from '@/shared/ui/StepThrough.vue'

defineProps<{ repair: RepairData }>()
/** The move that is shown on the board; -1 before the first. */
const at = defineModel<number>({ required: true })
</script>

<template>
  <section aria-label="Repair" data-test="repair">
    <p v-if="repair.reason">{{ repair.reason }}</p>
    <p v-else-if="repair.moves.length === 0">Nothing has to be put right.</p>
    <template v-else>
      <h3 class="font-bold">
        {{ repair.moves.length === 1 ? 'One move puts it right' : `${repair.moves.length} moves put it right` }}
      </h3>
      <p v-if="repair.undoes">That takes back: {{ repair.undoes }}.</p>
      <StepThrough v-model="at" :steps="repair.moves" first="Show the first move" done="See it put right" />
    </template>
  </section>
</template>
