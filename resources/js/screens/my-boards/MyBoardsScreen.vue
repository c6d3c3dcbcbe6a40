<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed } from 'vue'
import { api } from '@/shared/api/api'
import { countedAs, isWired, kindName, workPath } from '@/shared/api/taskKinds'
import type { AttemptSummary } from '@/shared/api/generated/http'
import { practiceOf } from '@/shared/practices'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

const { data, failure, load } = useLoaded(api.attempts)
const LEVELS = [
  '',
  say('my-boards.level-1-each-light-from'),
  say('my-boards.level-2-one-light-from'),
  say('my-boards.level-3-one-light-from'),
  say('my-boards.level-4-several-lights-from'),
]
/** What is to be done first, the easier boards before the harder; what is handed in follows, the newest first. */
const sorted = computed(() =>
  [...(data.value ?? [])].sort((a, b) => {
    if ((a.handedInAt === null) !== (b.handedInAt === null)) return a.handedInAt === null ? -1 : 1
    return a.handedInAt === null ? (a.level ?? 0) - (b.level ?? 0) || b.id - a.id : b.id - a.id
  }),
)

function state(attempt: AttemptSummary): string {
  if (attempt.closed) return attempt.closed
  if (attempt.handedInAt) return attempt.headline ?? say('my-boards.handed-in-2')
  if (attempt.startedAt)
    return say('my-boards.in-progress-placed-of-ends', {
      placed: attempt.placed,
      ends: attempt.ends,
      countedAs: countedAs(attempt.kind),
    })
  const first = isWired(attempt.kind)
    ? say('my-boards.make-your-first-connection')
    : attempt.kind === 'fault'
      ? say('my-boards.make-your-first-move')
      : say('my-boards.give-your-first-answer')
  const start = attempt.mode === 'exam' ? say('my-boards.begin') : first
  return attempt.minutes
    ? say('my-boards.not-started-you-have-minutes', { minutes: attempt.minutes, start })
    : say('my-boards.not-started-no-time-limit')
}

const when = (at: string) => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
const PASSES: Record<string, string> = {
  pass: say('my-boards.pass'),
  remarks: say('my-boards.pass-with-remarks'),
  fail: say('my-boards.not-passed'),
}
/** Pass or mark of what counts, in one word. */
function result({ mark, verdict }: AttemptSummary): string {
  if (mark)
    return say('my-boards.passes-got-of-total', { passes: mark.passes ? '✓' : '✕', got: mark.got, total: mark.total })
  return verdict ? (PASSES[verdict] ?? '') : ''
}
/** The tries beside the one that counts. */
const others = ({ tries }: AttemptSummary) => tries.filter(({ counts }) => !counts)
const workAt = (attempt: AttemptSummary) => workPath(attempt.kind, attempt.id)
</script>

<template>
  <div class="flex min-h-full flex-col">
    <TopBar :title="say('shared.my-work')" />
    <LoadState v-if="!data" :failure="failure" :what="say('my-boards.your-boards')" @again="load" />
    <main v-else class="mx-auto w-full max-w-4xl grow p-6">
      <p v-if="data.length === 0" class="border-2 border-dashed border-soft p-8 text-lg">
        {{ say('my-boards.nothing-is-set-for-you') }}
      </p>
      <ul class="divide-y divide-line border-y border-line">
        <li v-for="attempt in sorted" :key="attempt.id" class="flex items-center gap-5 py-4 max-md:flex-wrap">
          <span class="code w-12 shrink-0 border-2 border-ink py-1 text-center text-xl">{{
            practiceOf(attempt.board.practice).short
          }}</span>
          <div class="grow">
            <h2 class="text-lg font-bold">
              {{ attempt.board.title }}
              <span v-if="attempt.mode === 'exam'" class="code ml-1 border-2 border-ink px-1 text-sm">{{
                say('shared.exam')
              }}</span>
              <span v-if="attempt.seat" class="ml-1 text-base font-normal text-soft">{{
                say('my-boards.seat-seat', { seat: attempt.seat })
              }}</span>
            </h2>
            <p class="text-sm text-soft">
              <span data-test="kind">{{ kindName(attempt.kind) }}</span><span v-if="attempt.level" data-test="level">
                · {{ LEVELS[attempt.level] }}</span
              >
            </p>
            <p class="text-soft">{{ attempt.board.brief }}</p>
            <p class="mt-1">{{ state(attempt) }}</p>
            <details v-if="others(attempt).length > 0" class="mt-1" data-test="tries">
              <summary class="cursor-pointer text-soft underline">
                {{ saySome('my-boards.one-other-try-count-other', others(attempt).length) }}
              </summary>
              <ul>
                <li v-for="one in others(attempt)" :key="one.try">
                  <RouterLink
                    :to="`/verdict/${attempt.id}?try=${one.try}`"
                    class="flex min-h-11 items-center gap-3 hover:text-violet"
                    ><span class="code w-6 text-soft">{{ one.try }}</span
                    ><strong class="w-28 whitespace-nowrap">{{
                      one.got === null
                        ? PASSES[one.verdict ?? '']
                        : say('my-boards.passes-got-of-total', {
                            passes: one.passes ? '✓' : '✕',
                            got: one.got,
                            total: one.total,
                          })
                    }}</strong
                    ><span class="text-soft">{{ when(one.at) }}</span></RouterLink
                  >
                </li>
              </ul>
            </details>
          </div>
          <p v-if="result(attempt)" class="code shrink-0 text-right text-lg" data-test="result">
            {{ result(attempt) }}
            <span v-if="attempt.handedInAt" class="block text-sm text-soft">{{ when(attempt.handedInAt) }}</span>
          </p>
          <span v-if="attempt.closed" class="shrink-0 text-soft" data-test="closed">{{
            say('my-boards.closed-for-now')
          }}</span>
          <RouterLink v-else-if="attempt.handedInAt" :to="`/verdict/${attempt.id}`" class="btn shrink-0">{{
            attempt.isReleased ? say('my-boards.see-the-verdict') : say('my-boards.handed-in')
          }}</RouterLink>
          <RouterLink v-else :to="workAt(attempt)" class="btn-main shrink-0">{{
            attempt.startedAt
              ? say('my-boards.carry-on')
              : attempt.tries.length > 0
                ? say('shared.try-again')
                : say('my-boards.open-the-board')
          }}</RouterLink>
        </li>
      </ul>
    </main>
  </div>
</template>
