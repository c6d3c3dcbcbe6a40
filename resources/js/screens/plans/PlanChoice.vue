<script setup lang="ts">
import { say } from '@/shared/words/say'
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { computed } from 'vue'
import type { PlanList } from '@/shared/api/generated/http'
import { practices } from '@/shared/practices'
import SchemeSketch from './SchemeSketch.vue'

const props = defineProps<{ list: PlanList; switches: number; busy: boolean; converting: boolean; refusal: string }>()
defineEmits<{ convert: [to: string] }>()
const chosen = defineModel<number>('chosen', { required: true })
const edition = defineModel<string>('edition', { required: true })

const others = computed(() => practices().filter(({ id }) => id !== props.list.board.practice))

/** Plans that differ only in which color carries what are one entry, with a choice. */
const heads = computed(() =>
  [...new Set(props.list.plans.map(({ head }) => head))].flatMap((head) => {
    const plan = props.list.plans[head]
    return plan ? [{ head, plan }] : []
  }),
)
const chosenHead = computed(() => props.list.plans[chosen.value]?.head ?? 0)
const colours = computed(() =>
  props.list.plans.flatMap((plan, number) => (plan.head === chosenHead.value ? [{ number, plan }] : [])),
)

const SIGNS = { pass: '✓', remarks: say('plans.with-a-remark'), fail: '✕' }
</script>

<template>
  <section
    class="flex min-h-0 flex-col gap-3 overflow-auto border-r border-line p-3"
    :aria-label="say('plans.the-plans')"
    tabindex="0"
  >
    <p v-if="refusal" role="alert" class="border-2 border-ink p-2">{{ refusal }}</p>
    <slot />
    <label class="block text-soft">
      {{ say('plans.code-edition') }}
      <select v-model="edition" class="field min-h-9" data-test="edition" :aria-busy="busy">
        <option v-for="item in list.editions" :key="item.id" :value="item.id">
          {{ item.id }}{{ item.own ? say('plans.the-boards') : '' }}
        </option>
      </select>
    </label>
    <RadioGroup
      v-if="heads.length > 0"
      :model-value="chosenHead"
      class="divide-y divide-line border-y border-ink"
      @update:model-value="(head: number) => (chosen = head)"
    >
      <RadioGroupLabel class="sr-only">{{ say('plans.plan') }}</RadioGroupLabel>
      <RadioGroupOption v-for="{ head, plan } in heads" :key="head" v-slot="{ checked }" :value="head" as="template">
        <div
          class="flex min-h-14 cursor-pointer items-center gap-3 px-2 py-2"
          :class="checked ? 'border-l-4 border-violet bg-wash' : ''"
          :data-plan="head"
        >
          <SchemeSketch :scheme="plan.schemeId" :switches="switches" />
          <RadioGroupLabel as="p" class="min-w-0"
            ><strong class="block">{{ plan.scheme }}</strong
            ><span class="block text-soft">{{ SIGNS[plan.verdict] }}{{ head === 0 ? say('plans.preferred') : '' }}</span
            ><span v-for="sentence in plan.differs" :key="sentence" class="block text-sm">{{
              sentence
            }}</span></RadioGroupLabel
          >
        </div>
      </RadioGroupOption>
    </RadioGroup>
    <label v-if="colours.length > 1" class="block" data-test="colours">
      {{ say('plans.which-wire-carries-what') }}
      <select v-model.number="chosen" class="field min-h-9">
        <option v-for="{ number, plan } in colours" :key="number" :value="number">
          {{ plan.head === number ? say('plans.in-the-usual-order') : plan.differs.join('; ') }}
        </option>
      </select>
    </label>
    <p v-if="list.truncated" class="text-soft">
      {{ say('plans.only-the-first-truncated-are', { truncated: list.truncated }) }}
    </p>
    <details v-if="list.neutrals.length > 0">
      <summary class="min-h-9 cursor-pointer font-bold">{{ say('plans.an-electronic-switch') }}</summary>
      <p v-for="sentence in list.neutrals" :key="sentence" class="text-sm">{{ sentence }}</p>
    </details>
    <section v-for="other in others" :key="other.id">
      <h2 class="font-bold">{{ say('plans.in-name', { name: other.name }) }}</h2>
      <p class="mb-2 text-sm">
        {{ say('plans.puts-a-copy-in-the') }}
      </p>
      <button type="button" class="btn" :disabled="converting" @click="$emit('convert', other.id)">
        {{ converting ? say('plans.converting') : say('plans.convert-it-to-name', { name: other.name }) }}
      </button>
    </section>
  </section>
</template>
