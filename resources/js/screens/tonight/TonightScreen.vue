<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { api } from '@/shared/api/api'
import type { AssignmentLine } from '@/shared/api/generated/http'
import { practiceOf } from '@/shared/practices'
import { useInAddress } from '@/shared/frame/useInAddress'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import AssignmentPane from './AssignmentPane.vue'
import FirstRun from './FirstRun.vue'
import StuckStrip from './StuckStrip.vue'
import { useOpenAssignment } from './useOpenAssignment'

const POLL_MS = 15_000
const {
  data,
  failure: listFailure,
  load,
} = useLoaded(async () => {
  const [tonight, set, evenings] = await Promise.all([api.tonight(), api.assignments(), api.evenings()])
  return { tonight, set, evenings }
}, POLL_MS)
const chosen = useInAddress('assignment')
const groups = computed(() => {
  if (!data.value) return []
  const { tonight, set } = data.value
  const running = new Set(tonight.running.map((line) => line.assignment))
  const waiting = new Set(tonight.waiting.map((line) => line.assignment))
  const next = new Set(tonight.next.map((line) => line.assignment))
  const of = (item: AssignmentLine) =>
    running.has(item.id)
      ? say('tonight.running-now')
      : waiting.has(item.id)
        ? say('tonight.waiting-for-marks')
        : next.has(item.id)
          ? say('tonight.set-not-started')
          : say('tonight.earlier')
  return [
    say('tonight.running-now'),
    say('tonight.waiting-for-marks'),
    say('tonight.set-not-started'),
    say('tonight.earlier'),
  ]
    .map((name) => ({ name, items: set.filter((item) => of(item) === name) }))
    .filter(({ items }) => items.length > 0)
})
const openId = computed(() => Number(chosen.value) || (groups.value[0]?.items[0]?.id ?? null))
const { assignment, failure: openFailure } = useOpenAssignment(openId)
const failure = computed(() => openFailure.value || listFailure.value)
const isDone = computed(() => Object.values(data.value?.tonight.firstRun ?? {}).every(Boolean))
async function goneBack() {
  chosen.value = ''
  await load()
}
/** What is over lies with the earlier, and is not in the way. */
const evenings = computed(() => data.value?.evenings.filter(({ isOver }) => !isOver).slice(0, 4) ?? [])
const pastEvenings = computed(() => data.value?.evenings.filter(({ isOver }) => isOver).slice(0, 20) ?? [])
/** The open one is newer than the list. */
const handedIn = (item: AssignmentLine) =>
  item.id === assignment.value?.id ? assignment.value.handedIn : item.handedIn
</script>

<template>
  <div class="screen">
    <TopBar :title="say('shared.tonight')">
      <RouterLink to="/evening/new" class="btn">{{ say('tonight.plan-an-exam-evening') }}</RouterLink>
      <RouterLink to="/boards" class="btn-main">{{ say('tonight.set-a-board') }}</RouterLink>
    </TopBar>
    <LoadState v-if="!data" :failure="failure" :what="say('tonight.the-evening')" @again="load" />
    <main v-else-if="data.set.length === 0" class="min-h-0 grow overflow-auto">
      <FirstRun :done="data.tonight.firstRun" />
    </main>
    <template v-else>
      <StuckStrip :running="data.tonight.running" :waiting="data.tonight.waiting" />
      <main class="panes grid-cols-[minmax(15rem,26fr)_minmax(0,74fr)]">
        <nav class="min-h-0 overflow-auto border-r border-line" :aria-label="say('tonight.boards-set')">
          <FirstRun v-if="!isDone" :done="data.tonight.firstRun" small />
          <section v-if="evenings.length > 0" :aria-label="say('tonight.exam-evenings')">
            <h2 class="px-4 pt-3 pb-1 text-sm text-soft">{{ say('tonight.exam-evenings') }}</h2>
            <ul>
              <li v-for="evening in evenings" :key="evening.id">
                <RouterLink
                  :to="evening.assignment ? `/wall/${evening.id}` : `/evening/${evening.id}`"
                  class="flex min-h-14 items-center gap-3 px-4 py-2 hover:text-violet"
                  data-test="evening"
                  ><span class="grow"
                    ><strong class="block">{{ evening.title }}</strong
                    ><span class="text-soft"
                      >{{ evening.classroomName }} ·
                      {{ evening.assignment ? say('tonight.the-wall') : say('tonight.planned') }}</span
                    ></span
                  ></RouterLink
                >
              </li>
            </ul>
          </section>
          <section v-for="group in groups" :key="group.name">
            <h2 class="px-4 pt-3 pb-1 text-sm text-soft">{{ group.name }}</h2>
            <ul>
              <li v-for="item in group.items" :key="item.id">
                <button
                  type="button"
                  class="flex min-h-14 w-full cursor-pointer items-center gap-3 border-l-3 px-4 py-2 text-left hover:text-violet"
                  :class="item.id === openId ? 'border-violet bg-wash' : 'border-transparent'"
                  :aria-current="item.id === openId"
                  @click="chosen = String(item.id)"
                >
                  <span class="code w-8 shrink-0 text-soft">{{ practiceOf(item.board.practice).short }}</span>
                  <span class="grow"
                    ><strong class="block">{{ item.task ?? item.board.title }}</strong
                    ><span class="text-soft"
                      >{{ item.mode === 'exam' ? say('tonight.exam') : '' }}{{ item.classroom }}</span
                    ></span
                  >
                  <span
                    class="code text-lg"
                    :title="say('tonight.handedin-of-seats-handed-in', { handedIn: handedIn(item), seats: item.seats })"
                    >{{ handedIn(item) }}/{{ item.seats }}</span
                  >
                </button>
              </li>
            </ul>
          </section>
          <details v-if="pastEvenings.length > 0" class="px-4 py-3" data-test="past-evenings">
            <summary class="cursor-pointer text-sm text-soft">
              {{ say('tonight.earlier-evenings-count', { count: pastEvenings.length }) }}
            </summary>
            <ul>
              <li v-for="evening in pastEvenings" :key="evening.id">
                <RouterLink
                  :to="evening.assignment ? `/wall/${evening.id}` : `/evening/${evening.id}`"
                  class="flex min-h-11 flex-col justify-center py-1 hover:text-violet"
                  ><span>{{ evening.title }}</span
                  ><span class="text-sm text-soft">{{ evening.classroomName }}</span></RouterLink
                >
              </li>
            </ul>
          </details>
        </nav>
        <LoadState
          v-if="!assignment || assignment.id !== openId"
          :failure="failure"
          :what="say('shared.this-board')"
          @again="load"
        />
        <AssignmentPane v-else :assignment="assignment" :failure="failure" @gone="goneBack" />
      </main>
    </template>
  </div>
</template>
