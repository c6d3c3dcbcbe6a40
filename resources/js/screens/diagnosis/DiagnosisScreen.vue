<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { api } from '@/shared/api/api'
import { paintOf } from '@/shared/board/conductor'
import { useSession } from '@/shared/stores/session'
import CautionNote from '@/shared/ui/CautionNote.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { type Answer, useDiagnosis } from './useDiagnosis'
import SwitchName from '@/shared/ui/SwitchName.vue'

/** A standing board, a phone in one hand: flip, tap what the light does, look where it says, put it right, flip again. */
const props = defineProps<{ boardFile?: number; attempt?: number }>()
const title = ref(say('shared.find-the-fault'))
const { boardFile, attempt } = props
if (boardFile !== undefined) void api.boardFile(boardFile).then((file) => (title.value = file.title))
const find = useDiagnosis(
  attempt === undefined
    ? { key: String(boardFile), diagnose: (seen) => api.diagnose(boardFile!, seen) }
    : {
        key: `attempt-${attempt}`,
        diagnose: (seen) => api.diagnoseAttempt(attempt, seen),
        toldBefore: async () => {
          const told = await api.attemptDiagnosis(attempt)
          title.value = say('diagnosis.find-the-fault-title-trainee', { title: told.title, trainee: told.trainee })
          return told.seen
        },
      },
)
const session = useSession()
const crumb = computed(() => {
  if (attempt === undefined) return undefined
  return session.user?.role === 'instructor'
    ? { to: `/station/${attempt}`, name: say('diagnosis.station') }
    : { to: '/my-boards', name: say('shared.my-work') }
})
const lampAt = ref(0)
const answers = ref<Record<string, Exclude<Answer, 'tripped'>>>({})
const confirmed = ref('')
const lamps = computed(() => find.data.value?.lamps ?? [])
const lamp = computed(() => lamps.value[lampAt.value] ?? null)
const next = computed(() => find.data.value?.next ?? null)
const hasSomething = computed(
  () => find.data.value !== null && find.data.value.fits + find.data.value.nearest.length > 0,
)
const only = computed(() => {
  const data = find.data.value
  return data && data.suspects.length > 0 && next.value === null && data.contradictions.length === 0
    ? data.suspects
    : []
})

/** One lamp after the other, then the combination is told. */
function tell(answer: Answer) {
  if (answer === 'tripped') {
    find.tell(Object.fromEntries(lamps.value.map(({ id }) => [id, 'off' as const])), true)
  } else {
    if (lamp.value) answers.value = { ...answers.value, [lamp.value.id]: answer }
    if (lampAt.value + 1 < lamps.value.length) return void lampAt.value++
    find.tell(answers.value, false)
  }
  lampAt.value = 0
  answers.value = {}
}
async function confirm(kind: string, at: readonly string[]) {
  if (attempt === undefined) await api.confirmMistake(boardFile!, kind, at)
  else await api.confirmOnAttempt(attempt, kind, at)
  confirmed.value = say('diagnosis.saved-now-put-it-right')
}
function again() {
  confirmed.value = ''
  find.clear()
}
</script>

<template>
  <div class="screen">
    <TopBar :title="title" :board="boardFile" :crumb="crumb">
      <button type="button" class="btn px-3" :disabled="!find.canUndo.value" data-test="undo" @click="find.undo">
        {{ say('shared.undo') }}
      </button>
      <button type="button" class="btn px-3" data-test="again" @click="again">{{ say('diagnosis.start-over') }}</button>
    </TopBar>
    <LoadState
      v-if="!find.data.value"
      :failure="find.failure.value"
      :what="say('shared.the-board')"
      @again="find.ask"
    />
    <main v-else class="mx-auto flex w-full max-w-3xl grow flex-col gap-4 overflow-auto p-4">
      <p v-if="find.isOffline.value" role="status" class="border-l-3 border-ink pl-3">
        {{ say('diagnosis.no-network-what-you-tap') }}
      </p>
      <p v-else-if="find.failure.value" role="alert" class="border-l-3 border-ink pl-3">{{ find.failure.value }}</p>
      <p v-for="text in find.data.value.contradictions" :key="text" role="alert" class="border-2 border-ink p-2">
        ! {{ text }}
      </p>

      <section v-if="!find.isWhole.value && lamp" :aria-label="say('diagnosis.flip-and-tap')" data-test="flip-and-tap">
        <CautionNote class="mb-2" :practice="find.data.value.practice" :of="['live']" />
        <p class="mb-2 text-lg font-bold">
          {{ say('diagnosis.covers-on-hands-clear-set') }}
        </p>
        <div class="mb-3 flex flex-wrap gap-2">
          <button
            v-for="item in find.data.value.switches"
            :key="item.id"
            type="button"
            class="btn min-h-16 flex-col gap-0 px-3 py-2"
            :aria-label="say('diagnosis.label-id-change-it', { label: item.label, id: find.positions.value[item.id] })"
            :data-stand="item.id"
            @click="find.flip(item.id)"
          >
            <SwitchName :id="item.id" :label="item.label" />
            <span class="code text-xl">{{
              find.positions.value[item.id] === 'down' ? say('diagnosis.down') : say('diagnosis.up')
            }}</span>
          </button>
        </div>
        <p v-if="lamps.length > 1" class="mb-1">{{ say('diagnosis.label', { label: lamp.label }) }}</p>
        <div class="grid grid-cols-2 gap-3">
          <button type="button" class="btn min-h-28 text-4xl" data-test="tap-on" @click="tell('on')">
            {{ say('diagnosis.on') }}
          </button>
          <button type="button" class="btn min-h-28 text-4xl" data-test="tap-off" @click="tell('off')">
            {{ say('diagnosis.off') }}
          </button>
        </div>
        <div class="mt-3 grid grid-cols-3 gap-3">
          <button type="button" class="btn min-h-14" data-test="tap-dim" @click="tell('dim')">
            {{ say('diagnosis.dim') }}
          </button>
          <button type="button" class="btn min-h-14" data-test="tap-flickers" @click="tell('flickers')">
            {{ say('diagnosis.flickers') }}
          </button>
          <button type="button" class="btn min-h-14" data-test="tap-tripped" @click="tell('tripped')">
            {{ say('diagnosis.tripped') }}
          </button>
        </div>
        <p class="mt-2 text-soft">
          {{
            say('diagnosis.size-of-count-combinations-checked', {
              size: find.told.value.size,
              count: 2 ** find.data.value.switches.length,
            })
          }}
        </p>
      </section>

      <section
        v-else-if="next && next.kind !== 'flip'"
        :aria-label="say('diagnosis.check-next')"
        class="border-2 border-ink p-3"
        :class="{ 'opacity-60': find.isAsking.value }"
        :aria-busy="find.isAsking.value"
        data-test="look-next"
      >
        <CautionNote
          class="mb-2"
          :practice="find.data.value.practice"
          :of="next.kind === 'probe' ? ['live'] : ['hands', 'neutral']"
        />
        <p class="mb-3 text-xl font-bold">{{ next.text }}</p>
        <div v-if="next.kind === 'look'" class="flex flex-col gap-2">
          <button
            v-for="choice in next.choices"
            :key="choice.name"
            type="button"
            class="btn min-h-14 justify-start whitespace-normal px-3 text-left"
            :data-choice="choice.with.join(' ')"
            @click="find.answer(next, { with: choice.with, taped: choice.taped })"
          >
            <span
              v-for="({ colour, mark }, i) in choice.conductors"
              :key="i"
              class="flex h-6 w-12 shrink-0 justify-end border-2 border-ink"
              :style="{ background: paintOf(colour).body }"
              aria-hidden="true"
            >
              <span v-if="mark" class="w-5 border-l-2 border-ink" :style="{ background: paintOf(mark).body }" />
            </span>
            {{ choice.name }}
          </button>
        </div>
        <div v-else class="grid grid-cols-2 gap-3">
          <button type="button" class="btn min-h-20 text-2xl" data-test="yes" @click="find.answer(next, { is: true })">
            {{ next.kind === 'part' ? say('diagnosis.good') : say('diagnosis.yes') }}
          </button>
          <button type="button" class="btn min-h-20 text-2xl" data-test="no" @click="find.answer(next, { is: false })">
            {{ next.kind === 'part' ? say('diagnosis.bad') : say('diagnosis.no') }}
          </button>
        </div>
      </section>

      <p
        v-if="find.data.value.first"
        role="status"
        class="flex items-center gap-2 border-2 border-ink p-2"
        data-test="first"
      >
        <strong aria-hidden="true">!</strong> {{ find.data.value.first }}
      </p>
      <section
        v-if="only.length > 0"
        class="border-l-4 border-ink pl-3"
        :aria-label="say('diagnosis.found')"
        data-test="found"
      >
        <h2 class="text-xl font-bold">
          {{ only.length === 1 ? say('diagnosis.it-is-this') : say('diagnosis.it-is-one-of-these') }}
        </h2>
        <CautionNote class="mt-2" :practice="find.data.value.practice" :of="['hands', 'neutral']" />
        <div v-for="suspect in only" :key="suspect.text" class="mt-2">
          <p class="text-lg">{{ suspect.text }}</p>
          <ol class="list-inside list-decimal">
            <li v-for="step in suspect.repair" :key="step">{{ step }}</li>
          </ol>
          <button
            v-if="!confirmed"
            type="button"
            class="btn-main mt-2"
            data-test="confirm"
            @click="confirm(suspect.kind, suspect.at)"
          >
            {{ say('diagnosis.that-was-the-fault') }}
          </button>
        </div>
        <p v-if="confirmed" role="status" class="mt-2 font-bold">{{ confirmed }}</p>
        <button v-if="confirmed" type="button" class="btn mt-2" @click="again">
          {{ say('diagnosis.flip-through-it-again-to') }}
        </button>
      </section>

      <p v-if="find.data.value.mayBeRight && find.isWhole.value" class="text-lg font-bold" data-test="may-be-right">
        {{ say('diagnosis.every-combination-is-right') }}
      </p>
      <p v-if="find.data.value.isSilent && find.isWhole.value" class="text-lg font-bold" data-test="silent">
        {{ say('diagnosis.saved-with-your-board-youll') }}
      </p>
      <WhatFits v-if="only.length === 0 && !find.data.value.isSilent && hasSomething" :data="find.data.value" />
      <FaultCardForm v-if="boardFile !== undefined" :board-file="boardFile" />
    </main>
  </div>
</template>
