<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { computed } from 'vue'
import type { PlanList } from '@/shared/api/generated/http'
import { practices } from '@/shared/practices'

const props = defineProps<{ list: PlanList; busy: boolean; converting: boolean; refusal: string }>()
defineEmits<{ convert: [to: string] }>()
const chosen = defineModel<number>('chosen', { required: true })
const edition = defineModel<string>('edition', { required: true })

const others = computed(() => practices().filter(({ id }) => id !== props.list.board.practice))

const SIGNS = { pass: '✓', remarks: '✓ with a remark', fail: '✕' }
</script>

<template>
  <section
    class="flex min-h-0 flex-col gap-3 overflow-auto border-r-2 border-ink p-3"
    aria-label="The plans"
    tabindex="0"
  >
    <p v-if="refusal" role="alert" class="border-2 border-ink p-2">{{ refusal }}</p>
    <slot />
    <label class="block text-soft">
      planned by
      <select v-model="edition" class="field min-h-9" data-test="edition" :aria-busy="busy">
        <option v-for="item in list.editions" :key="item.id" :value="item.id">
          {{ item.id }}{{ item.own ? ' (the board’s)' : '' }}
        </option>
      </select>
    </label>
    <RadioGroup v-if="list.plans.length > 0" v-model="chosen" class="divide-y-2 divide-line border-y-2 border-ink">
      <RadioGroupLabel class="sr-only">Plan</RadioGroupLabel>
      <RadioGroupOption v-for="(line, i) in list.plans" :key="i" v-slot="{ checked }" :value="i" as="template">
        <div
          class="flex min-h-14 cursor-pointer items-center gap-3 px-2 py-1"
          :class="checked ? 'border-l-8 border-violet bg-wash' : ''"
          :data-plan="i"
        >
          <span class="code w-7 shrink-0 text-right text-xl">{{ i + 1 }}</span>
          <RadioGroupLabel as="p"
            ><strong class="block">{{ line.scheme }}</strong
            ><span class="block text-soft">{{ SIGNS[line.verdict] }}{{ i === 0 ? ', preferred' : '' }}</span
            ><span v-for="sentence in line.differs" :key="sentence" class="block text-sm">{{
              sentence
            }}</span></RadioGroupLabel
          >
        </div>
      </RadioGroupOption>
    </RadioGroup>
    <p v-if="list.truncated" class="text-soft">The list stops at {{ list.truncated }}; there may be more.</p>
    <section v-if="list.neutrals.length > 0">
      <h2 class="font-bold">An electronic switch?</h2>
      <p v-for="sentence in list.neutrals" :key="sentence" class="text-sm">{{ sentence }}</p>
    </section>
    <section v-for="other in others" :key="other.id">
      <h2 class="font-bold">In {{ other.name }}?</h2>
      <p class="mb-2 text-sm">
        Puts a copy in the library, carried over to the other practice, and says what is different there.
      </p>
      <button type="button" class="btn" :disabled="converting" @click="$emit('convert', other.id)">
        {{ converting ? 'Carrying it over …' : `Carry it over to ${other.name}` }}
      </button>
    </section>
  </section>
</template>
