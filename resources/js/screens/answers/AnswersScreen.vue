<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import BeginExam from '@/shared/ui/BeginExam.vue'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import SavingState from '@/shared/outbox/SavingState.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import OneQuestion from './OneQuestion.vue'
import QuestionBoard from './QuestionBoard.vue'
import { useSittingClock } from '@/shared/bench/useSittingClock'
import { useExamClock } from '@/shared/bench/useExamClock'
import { useAnswers } from './useAnswers'

const props = defineProps<{ attempt: number }>()
const router = useRouter()
const work = useAnswers(props.attempt)
const { sheet, answered } = work
/** The instructor adds time, closes or opens again: the screen follows. */
useSittingClock(
  props.attempt,
  () => sheet.value,
  () => void work.load(),
)
const at = ref(0)
const question = computed(() => sheet.value?.questions[at.value] ?? null)
const answer = (chosen: readonly number[]) => question.value && work.answer(question.value.number, chosen)
const handingIn = ref(false)
const busy = ref(false)

const left = useExamClock(
  props.attempt,
  () => sheet.value,
  () => work.clockOffsetMs.value,
  work.load,
)
watch(sheet, (fresh) => {
  if (fresh?.handedInAt) void router.replace(`/verdict/${props.attempt}`)
})

async function handIn() {
  busy.value = true
  const isDone = await work.handIn()
  busy.value = false
  if (isDone) await router.push(`/verdict/${props.attempt}`)
}
</script>

<template>
  <BeginExam v-if="sheet?.isToBegin" :attempt="attempt" :exam="sheet" @begun="work.load" />
  <div v-else class="screen">
    <TopBar :title="sheet?.title ?? say('answers.questions')">
      <span v-if="left" class="code text-xl" :aria-label="say('answers.time-left')">{{ left }}</span>
      <SavingState class="text-soft" :state="work.saving.value" :to-send="work.toSend.value" />
      <button v-if="sheet && !sheet.handedInAt" type="button" class="btn-main" @click="handingIn = true">
        {{ say('answers.hand-in') }}
      </button>
    </TopBar>
    <LoadState v-if="!sheet" :failure="work.failure.value" :what="say('answers.the-questions')" @again="work.load" />
    <p v-else-if="!question" class="p-10 text-lg">{{ say('answers.this-board-gives-no-questions') }}</p>
    <template v-else>
      <ConfirmBar
        v-if="handingIn"
        :label="say('answers.hand-in')"
        :yes="say('answers.hand-in-now')"
        :busy-word="say('answers.handing-in')"
        :no="say('shared.not-yet')"
        :busy="busy"
        @yes="handIn"
        @no="handingIn = false"
        ><strong>{{ say('answers.hand-in-for-good') }}</strong>
        {{ say('answers.you-have-answered-answered-of', { answered, count: sheet.questions.length }) }}</ConfirmBar
      >
      <p v-if="work.failure.value" role="alert" class="border-b border-line px-5 py-1">{{ work.failure.value }}</p>
      <main class="panes grid-cols-[minmax(0,56fr)_minmax(0,44fr)]">
        <section class="min-h-0 overflow-auto border-r-2 border-ink" :aria-label="say('answers.the-board-in-question')">
          <QuestionBoard :sheet="sheet" :question="question" @answer="answer" />
        </section>
        <section class="flex min-h-0 flex-col" :aria-label="say('answers.the-question')">
          <div class="min-h-0 grow overflow-auto p-5" tabindex="0">
            <p v-if="at === 0 && sheet.brief" class="mb-3 text-soft">{{ sheet.brief }}</p>
            <p v-for="position in at === 0 ? sheet.positions : []" :key="position" class="mb-3 text-soft">
              {{ position }}
            </p>
            <OneQuestion :question="question" @answer="answer" />
          </div>
          <nav class="flex flex-wrap gap-2 border-t-2 border-ink p-3" :aria-label="say('answers.questions')">
            <button
              v-for="(one, i) in sheet.questions"
              :key="one.number"
              type="button"
              class="btn px-4"
              :class="i === at ? 'border-violet bg-wash' : ''"
              :aria-current="i === at"
              @click="at = i"
            >
              {{ one.number }}{{ one.answer.length > 0 ? ' ✓' : '' }}
            </button>
          </nav>
        </section>
      </main>
    </template>
  </div>
</template>
