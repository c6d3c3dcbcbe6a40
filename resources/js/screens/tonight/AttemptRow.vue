<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed } from 'vue'
import { isWired } from '@/shared/api/taskKinds'
import type { AttemptSummary } from '@/shared/api/generated/http'
import RowMenu from '@/shared/ui/RowMenu.vue'

const props = defineProps<{ attempt: AttemptSummary; seated: boolean }>()
const emit = defineEmits<{ try: [mode: 'coached' | 'exam'] }>()
const items = [
  { name: say('tonight.try-this-board-coached'), run: () => emit('try', 'coached') },
  { name: say('tonight.try-it-like-an-exam'), run: () => emit('try', 'exam') },
]
const MARKS = { pass: '✓', remarks: '✓ …', fail: '✕' }
const state = computed(() => {
  if (props.attempt.handedInAt) {
    const { isTimeUp, minutes, headline } = props.attempt
    const ranOut = isTimeUp ? saySome('tonight.time-ran-out-at-minutes', minutes ?? 0, { minutes }) : ''
    return [ranOut, headline ?? say('tonight.handed-in')].filter(Boolean).join(' ')
  }
  if (!props.attempt.startedAt) return say('tonight.not-started')
  if (props.attempt.dueAt && Date.parse(props.attempt.dueAt) < Date.now()) return say('tonight.time-is-up-not-handed')
  if (!isWired(props.attempt.kind)) return say('tonight.answering')
  return saySome('tonight.wiring-one-step-wiring-count', props.attempt.steps)
})
/** Answers under way stand on no board. */
const canBeOpened = computed(
  () => props.attempt.startedAt !== null && (props.attempt.handedInAt !== null || isWired(props.attempt.kind)),
)
</script>

<template>
  <tr class="border-b border-line">
    <td v-if="seated" class="code pr-3 text-lg">{{ attempt.seat }}</td>
    <th scope="row" class="py-2 pr-3 font-bold whitespace-nowrap max-md:whitespace-normal">
      {{ attempt.trainee?.name }}
    </th>
    <td class="w-44 pr-3 max-md:w-auto">
      <span class="flex items-center gap-2">
        <svg viewBox="0 0 100 12" preserveAspectRatio="none" class="h-3 w-24 max-md:hidden" aria-hidden="true">
          <rect width="100" height="12" fill="none" stroke="var(--color-ink)" stroke-width="4" />
          <rect :width="(attempt.placed / Math.max(1, attempt.ends)) * 100" height="12" fill="var(--color-ink)" />
        </svg>
        <span class="code">{{ attempt.placed }}/{{ attempt.ends }}</span>
      </span>
    </td>
    <td class="pr-3">
      <strong v-if="attempt.verdict" class="code mr-2 text-lg">{{ MARKS[attempt.verdict] }}</strong>{{ state }}
    </td>
    <td class="py-1 text-right whitespace-nowrap max-md:whitespace-normal">
      <div class="flex items-center justify-end gap-1 max-md:flex-wrap">
        <RouterLink v-if="canBeOpened" :to="`/verdict/${attempt.id}`" class="btn px-3">{{
          attempt.handedInAt ? say('tonight.verdict') : say('tonight.board-now')
        }}</RouterLink>
        <RowMenu :label="say('tonight.the-board-of-name', { name: attempt.trainee?.name })" :items="items" />
      </div>
    </td>
  </tr>
</template>
