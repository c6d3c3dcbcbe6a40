<script setup lang="ts">
import { say } from '@/shared/words/say'
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'
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
  <section :aria-label="say('verdict.repair')" data-test="repair">
    <p v-if="repair.reason">{{ repair.reason }}</p>
    <p v-else-if="!shown">{{ say('verdict.nothing-to-put-right') }}</p>
    <template v-else>
      <RadioGroup
        v-if="ways.length > 1"
        v-model="way"
        class="mb-2 grid gap-1"
        :aria-label="say('verdict.ways-to-put-it-right')"
      >
        <RadioGroupOption v-for="(choice, i) in ways" :key="i" v-slot="{ checked }" :value="i" as="template">
          <button
            type="button"
            class="btn px-3 text-left"
            :class="checked ? 'border-violet bg-wash font-bold' : ''"
            data-test="repair-way"
          >
            <span aria-hidden="true">{{ checked ? '●' : '○' }}</span> {{ choice.title }}
          </button>
        </RadioGroupOption>
      </RadioGroup>
      <h3 v-else class="font-bold">{{ shown.title }}</h3>
      <p v-if="shown.undoes">{{ say('verdict.the-mistake-undoes', { undoes: shown.undoes }) }}</p>
      <p v-if="shown.note" class="text-soft">{{ shown.note }}</p>
      <StepThrough
        v-model="at"
        :steps="shown.moves"
        :first="say('verdict.show-the-first-move')"
        :done="say('verdict.see-the-finished-repair')"
      />
    </template>
  </section>
</template>
