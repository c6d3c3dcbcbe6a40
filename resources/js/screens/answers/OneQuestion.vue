<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { AskedQuestion } from '@/shared/api/generated/http'

const props = defineProps<{ question: AskedQuestion }>()
const emit = defineEmits<{ answer: [chosen: number[]] }>()

const left = computed(() => props.question.options.map((_, i) => i).filter((i) => !props.question.answer.includes(i)))
const choose = (i: number) => emit('answer', props.question.isOrdered ? [...props.question.answer, i] : [i])
const takeBack = (from: number) => emit('answer', props.question.answer.slice(0, from))
</script>

<template>
  <div :data-question="question.number">
    <h2 class="mb-3 text-xl font-bold">{{ question.number }}. {{ question.text }}</h2>
    <template v-if="question.isOrdered">
      <ol class="mb-3 min-h-12 border-2 border-dashed border-soft p-2" :aria-label="say('answers.your-order-so-far')">
        <li v-if="question.answer.length === 0" class="text-soft">
          {{ say('answers.tap-them-in-the-order') }}
        </li>
        <li v-for="(chosen, place) in question.answer" :key="chosen" class="flex items-center gap-2 py-0.5">
          <span class="code w-7 text-right">{{ place + 1 }}</span>
          <span class="grow">{{ question.options[chosen] }}</span>
          <button
            type="button"
            class="btn min-h-9 px-3 text-sm"
            :aria-label="say('answers.undo-back-to-options', { options: question.options[chosen] })"
            @click="takeBack(place)"
          >
            ↶
          </button>
        </li>
      </ol>
      <div class="flex flex-wrap gap-2">
        <button v-for="i in left" :key="i" type="button" class="btn px-3" :data-option="i" @click="choose(i)">
          {{ question.options[i] }}
        </button>
      </div>
    </template>
    <div v-else class="flex flex-col gap-2" role="radiogroup" :aria-label="question.text">
      <button
        v-for="(option, i) in question.options"
        :key="i"
        type="button"
        role="radio"
        class="btn justify-start px-4 whitespace-normal text-left"
        :class="question.answer[0] === i ? 'border-violet bg-wash' : ''"
        :aria-checked="question.answer[0] === i"
        :data-option="i"
        @click="choose(i)"
      >
        <span class="code w-6" aria-hidden="true">{{ question.answer[0] === i ? '●' : '○' }}</span><span
          v-if="question.marks[i]?.length === 1"
          class="code rounded-full bg-violet px-2 text-paper"
          >{{ i + 1 }}</span
        >{{ option }}
      </button>
    </div>
  </div>
</template>
