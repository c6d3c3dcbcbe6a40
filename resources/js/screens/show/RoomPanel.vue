<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { ClassQuestion } from '@/shared/api/generated/http'
import { lampWord } from '@/shared/board/lampStates'

/** What the room is asked, how many hands, and then what is so and who thinks what. */
const props = defineProps<{
  question: ClassQuestion
  where: string
  hands: { on: number; off: number }
  isShown: boolean
}>()
defineEmits<{ count: [side: 'on' | 'off', by: number]; show: []; next: []; leave: [] }>()
const most = computed(() => Math.max(1, props.hands.on, props.hands.off))
const SIDES = [
  { id: 'on', word: lampWord('on'), plus: 'O' },
  { id: 'off', word: lampWord('off'), plus: 'X' },
] as const
const thinks = (side: 'on' | 'off') => (side === 'on' ? props.question.sayOn : props.question.sayOff)
const isRight = (side: 'on' | 'off') => (side === 'on') === props.question.isOn
</script>

<template>
  <section
    class="border-t-2 border-ink bg-paper px-6 py-3 text-[28px] leading-tight"
    :aria-label="say('show.ask-the-class')"
    data-test="room"
  >
    <p class="font-bold" role="status">
      {{
        isShown
          ? say('show.switch-was-flipped-the-light', {
              where,
              switch: question.switch,
              isOn: lampWord(question.isOn ? 'on' : 'off'),
            })
          : say('show.flip-switch-where-will-the', { switch: question.switch, where })
      }}
    </p>
    <div class="mt-2 grid grid-cols-2 gap-6 max-md:grid-cols-1">
      <div v-for="side in SIDES" :key="side.id" :data-side="side.id" class="min-w-0">
        <div class="flex items-center gap-3">
          <strong class="code w-20">{{ side.word }}{{ isShown && isRight(side.id) ? ' ✓' : '' }}</strong>
          <button
            type="button"
            class="btn min-h-14 px-4 text-[28px]"
            :aria-label="say('show.one-fewer-for-word', { word: side.word })"
            @click="$emit('count', side.id, -1)"
          >
            −
          </button>
          <span class="code w-12 text-center" :data-hands="side.id">{{ hands[side.id] }}</span>
          <button
            type="button"
            class="btn min-h-14 px-4 text-[28px]"
            :aria-label="say('show.one-more-for-word', { word: side.word })"
            @click="$emit('count', side.id, 1)"
          >
            + <kbd class="code text-soft">{{ side.plus }}</kbd>
          </button>
          <span class="h-8 grow border-2 border-ink" aria-hidden="true"
            ><span class="block h-full bg-ink" :style="{ width: `${(hands[side.id] / most) * 100}%` }"
          /></span>
        </div>
        <ul v-if="isShown && thinks(side.id).length > 0" class="mt-1" :data-thinks="side.id">
          <li v-for="one in thinks(side.id)" :key="one">“{{ one }}”</li>
        </ul>
      </div>
    </div>
    <p class="mt-3 flex gap-3">
      <button
        v-if="!isShown"
        type="button"
        class="btn-main min-h-14 text-[28px]"
        data-test="show-answer"
        @click="$emit('show')"
      >
        {{ say('show.flip-it-and-show') }}
      </button>
      <button
        v-else
        type="button"
        class="btn-main min-h-14 text-[28px]"
        data-test="next-question"
        @click="$emit('next')"
      >
        {{ say('show.ask-another') }}
      </button>
      <button type="button" class="btn min-h-14 text-[28px]" @click="$emit('leave')">{{ say('shared.done') }}</button>
    </p>
  </section>
</template>
