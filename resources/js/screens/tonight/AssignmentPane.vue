<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import type { Assignment } from '@/shared/api/generated/http'
import { countedAs, isWired, workPath } from '@/shared/api/taskKinds'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import { usePrinter } from '@/shared/ui/usePrinter'
import { useSending } from '@/shared/ui/useSending'
import AttemptRow from './AttemptRow.vue'

/** One board that is set: who is how far. */
const props = defineProps<{ assignment: Assignment; failure: string }>()
const isSeated = computed(() => props.assignment.attempts.some(({ seat }) => seat !== null))
const printer = usePrinter()
const router = useRouter()
const { busy, refusal, send } = useSending()
const emit = defineEmits<{ gone: [] }>()
/** Setting can be taken back until somebody has begun. */
const isUntouched = computed(() =>
  props.assignment.attempts.every(({ state }) => state === 'waiting' || state === 'held'),
)
const asking = ref(false)
async function takeBack() {
  if (await send(() => api.takeSettingBack(props.assignment.id))) emit('gone')
  asking.value = false
}

/** The board of a seat on one's own bench; nothing of it is kept. */
async function tryBoard(seat: number, mode: 'coached' | 'exam') {
  await send(async () => {
    const { attempt, kind } = await api.tryBoard({ attempt: seat, mode })
    await router.push(workPath(kind, attempt))
  })
}
</script>

<template>
  <section class="min-h-0 overflow-auto p-5 max-md:px-2" :aria-label="assignment.task ?? assignment.board.title">
    <p v-if="refusal" role="alert" class="mb-3 border-l-3 border-ink pl-3">{{ refusal }}</p>
    <p v-if="failure" role="status" class="mb-3 border-l-4 border-ink pl-3">
      {{ say('tonight.failure-what-you-see-may', { failure }) }}
    </p>
    <ConfirmBar
      v-if="asking"
      class="mb-3"
      :label="say('tonight.take-it-back')"
      :yes="say('tonight.take-it-back')"
      :busy-word="say('tonight.taking-it-back')"
      :no="say('shared.cancel')"
      :busy="busy"
      @yes="takeBack"
      @no="asking = false"
      ><strong>{{ say('tonight.take-this-back-from-classroom', { classroom: assignment.classroom }) }}</strong>
      {{ say('tonight.nobody-has-started-it-disappears') }}</ConfirmBar
    >
    <header class="mb-3">
      <div class="flex items-start gap-4 max-md:flex-wrap max-md:gap-2">
        <h2 class="grow text-2xl font-bold">{{ assignment.task ?? assignment.board.title }}</h2>
        <template v-if="assignment.task && isWired(assignment.kind)">
          <a :href="downloads.seatPaperOf(assignment.id, 'sheets', printer)" class="btn" download>{{
            say('tonight.seat-sheets')
          }}</a>
          <a :href="downloads.seatPaperOf(assignment.id, 'keys', printer)" class="btn" download>{{
            say('tonight.seat-keys')
          }}</a>
        </template>
        <RouterLink v-if="assignment.task" :to="`/marks/${assignment.id}`" class="btn-main">{{
          say('shared.marks')
        }}</RouterLink>
        <RouterLink :to="`/plans/${assignment.board.id}`" class="btn">{{ say('shared.plans') }}</RouterLink>
        <button v-if="isUntouched" type="button" class="btn-quiet" data-test="take-setting-back" @click="asking = true">
          {{ say('tonight.take-it-back') }}
        </button>
      </div>
      <p class="text-soft">
        {{ assignment.brief }}
        {{
          assignment.minutes
            ? say('tonight.minutes-minutes', { minutes: assignment.minutes })
            : say('tonight.no-time-limit')
        }}
      </p>
    </header>
    <table class="w-full border-collapse text-left">
      <caption class="sr-only">
        {{
          say('tonight.trainees-and-their-progress')
        }}
      </caption>
      <thead>
        <tr class="border-b-2 border-ink">
          <th v-if="isSeated" scope="col" class="w-16 pr-3">{{ say('tonight.seat') }}</th>
          <th scope="col" class="py-1 pr-3">{{ say('tonight.trainee') }}</th>
          <th scope="col" class="pr-3 first-letter:uppercase">{{ countedAs(assignment.kind) }}</th>
          <th scope="col" class="pr-3">{{ say('tonight.progress') }}</th>
          <th scope="col">
            <span class="sr-only">{{ say('tonight.open') }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <AttemptRow
          v-for="attempt in assignment.attempts"
          :key="attempt.id"
          :attempt="attempt"
          :seated="isSeated"
          @try="(mode) => tryBoard(attempt.id, mode)"
        />
      </tbody>
    </table>
  </section>
</template>
