<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/shared/api/client'
import type { AssignmentLine } from '@/shared/api/generated/http'
import { isWired } from '@/shared/api/taskKinds'
import { practiceOf } from '@/shared/practices'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import AttemptRow from './AttemptRow.vue'
import { useOpenAssignment } from './useOpenAssignment'

const LIST_POLL_MS = 20_000
const { data, failure: listFailure, load } = useLoaded(api.assignments, LIST_POLL_MS)
const chosen = ref<number | null>(null)
const openId = computed(() => chosen.value ?? data.value?.[0]?.id ?? null)
const { assignment, failure: openFailure } = useOpenAssignment(openId)
const failure = computed(() => openFailure.value || listFailure.value)
const isSeated = computed(() => assignment.value?.attempts.some(({ seat }) => seat !== null) ?? false)
/** The open one is newer than the list. */
const handedIn = (item: AssignmentLine) =>
  item.id === assignment.value?.id ? assignment.value.handedIn : item.handedIn
</script>

<template>
  <div class="flex h-dvh flex-col overflow-hidden">
    <TopBar title="The class"><RouterLink to="/assign" class="btn-main">Set a board</RouterLink></TopBar>
    <LoadState v-if="!data" :failure="failure" what="The class" @again="load" />
    <main v-else-if="data.length === 0" class="mx-auto max-w-xl p-12">
      <h2 class="mb-2 text-xl font-bold">No board is set yet</h2>
      <p class="mb-5">Take one from the library and set it to your class; the trainees see it at once.</p>
      <RouterLink to="/assign" class="btn-main">Set the first board</RouterLink>
    </main>
    <main v-else class="grid min-h-0 grow grid-cols-[minmax(16rem,30fr)_minmax(0,70fr)]">
      <nav class="min-h-0 overflow-auto border-r-2 border-ink" aria-label="Boards set">
        <ul class="divide-y divide-line">
          <li v-for="item in data" :key="item.id">
            <button
              type="button"
              class="flex min-h-16 w-full cursor-pointer items-center gap-3 px-4 py-2 text-left hover:text-violet"
              :class="item.id === openId ? 'border-l-8 border-violet bg-wash' : ''"
              :aria-current="item.id === openId"
              @click="chosen = item.id"
            >
              <span class="code w-10 shrink-0 border-2 border-ink text-center">{{
                practiceOf(item.board.practice).short
              }}</span>
              <span class="grow"
                ><strong class="block">{{ item.task ?? item.board.title }}</strong
                ><span class="text-soft">{{ item.mode === 'exam' ? 'exam · ' : '' }}{{ item.classroom }}</span></span
              >
              <span class="code text-lg">{{ handedIn(item) }}/{{ item.seats }}</span>
            </button>
          </li>
        </ul>
      </nav>
      <LoadState v-if="!assignment || assignment.id !== openId" :failure="failure" what="This board" @again="load" />
      <section v-else class="min-h-0 overflow-auto p-5" :aria-label="assignment.task ?? assignment.board.title">
        <p v-if="failure" role="status" class="mb-3 border-l-4 border-ink pl-3">
          {{ failure }} What you see may be old.
        </p>
        <header class="mb-3">
          <div class="flex items-start gap-4">
            <h2 class="grow text-2xl font-bold">{{ assignment.task ?? assignment.board.title }}</h2>
            <template v-if="assignment.task && isWired(assignment.kind)">
              <a :href="api.seatPaperOf(assignment.id, 'sheets')" class="btn" download>Seat sheets</a>
              <a :href="api.seatPaperOf(assignment.id, 'keys')" class="btn" download>Seat keys</a>
            </template>
            <RouterLink v-if="assignment.task" :to="`/marks/${assignment.id}`" class="btn-main">Marks</RouterLink>
            <RouterLink :to="`/plans/${assignment.board.id}`" class="btn">Its plans</RouterLink>
          </div>
          <p class="text-soft">
            {{ assignment.brief }} {{ assignment.minutes ? `${assignment.minutes} minutes.` : 'No time limit.' }}
          </p>
        </header>
        <table class="w-full border-collapse text-left">
          <caption class="sr-only">
            Trainees and how far they are
          </caption>
          <thead>
            <tr class="border-b-2 border-ink">
              <th v-if="isSeated" scope="col" class="w-16 pr-3">Seat</th>
              <th scope="col" class="py-1 pr-3">Trainee</th>
              <th scope="col" class="pr-3">{{ isWired(assignment.kind) ? 'Ends placed' : 'Answered' }}</th>
              <th scope="col" class="pr-3">How it stands</th>
              <th scope="col"><span class="sr-only">Open</span></th>
            </tr>
          </thead>
          <tbody>
            <AttemptRow
              v-for="attempt in assignment.attempts"
              :key="attempt.id"
              :attempt="attempt"
              :seated="isSeated"
            />
          </tbody>
        </table>
      </section>
    </main>
  </div>
</template>
