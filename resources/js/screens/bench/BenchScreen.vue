<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { BoardLook, Enclosure, Step } from '@/shared/api/generated/http'
import BoardMap from '@/shared/board/BoardMap.vue'
import { layOutMap, neighbour } from '@/shared/board/mapLayout'
import OpenBox from '@/shared/board/OpenBox.vue'
import { useBench } from '@/shared/bench/useBench'
import { useSittingClock } from '@/shared/bench/useSittingClock'
import BeginExam from '@/shared/ui/BeginExam.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TrialBar from '@/shared/ui/TrialBar.vue'
import BenchHeader from './BenchHeader.vue'
import BenchNotices from './BenchNotices.vue'
import BoxHeader from './BoxHeader.vue'
import CarriedWires from './CarriedWires.vue'
import FirstHints from './FirstHints.vue'
import CoachPanel from './CoachPanel.vue'
import HandInBar from './HandInBar.vue'
import KeyHelp from './KeyHelp.vue'
import { reasonFor } from '@/shared/bench/reasons'
import ToolTray from '@/shared/hand/ToolTray.vue'
import { dropOn } from './dropOn'
import { useDrag } from './useDrag'
import { useHand } from '@/shared/hand/useHand'
import { useKeys } from '@/shared/hand/useKeys'
import { useOpenBox } from './useOpenBox'
import { useRefusals } from './useRefusals'
import { useWhatIsLeft } from './useWhatIsLeft'
import WhatIsLeft from './WhatIsLeft.vue'
import WireSchedule from './WireSchedule.vue'

const props = defineProps<{ attempt: number }>()
const router = useRouter()
const work = useBench(props.attempt)
const data = work.data
void work.load()
/** The instructor pauses, adds time, closes or opens again: the screen follows. */
const sitting = useSittingClock(
  props.attempt,
  () => (data.value?.mode === 'exam' && !data.value.isTrial ? data.value : null),
  () => void work.load(),
)
const isPaused = computed(() => sitting.state.value === 'paused' || data.value?.state === 'paused')

const openId = useOpenBox(() => board.value.enclosures)
const view = ref<'box' | 'schedule'>('box')
/** On a narrow screen the board or the open box is in sight, in turn. */
const side = ref<'board' | 'box'>('box')
const helpOpen = ref(false)
const coachOpen = ref(false)
const handingIn = ref(false)
const busy = ref(false)
const lettersOn = useLocalStorage('zwindle-letters', true)

const board = computed<BoardLook>(
  () => data.value?.board ?? { enclosures: [], cables: [], tray: [], marks: [], words: {} as BoardLook['words'] },
)
const box = computed<Enclosure>(
  () => board.value.enclosures.find((candidate) => candidate.id === openId.value) ?? board.value.enclosures[0]!,
)
const hand = useHand(board, box, work.bench, work.places, work.make, useRefusals(props.attempt))
const drag = useDrag(
  (id) => {
    if (!hand.carried.value.includes(id)) hand.toggle(id)
  },
  (target) => dropOn(target, hand, board.value.tray),
)
useKeys({
  hand,
  box: () => box.value,
  tray: () => board.value.tray,
  lettersOn: () => lettersOn.value && view.value === 'box',
  goTo: (arrow) => {
    const next = neighbour(
      layOutMap(board.value),
      board.value.enclosures.map(({ id }) => id),
      box.value.id,
      arrow,
    )
    if (next) open(next)
  },
  toggleHelp: () => (helpOpen.value = !helpOpen.value),
})

watch(data, (fresh) => {
  if (fresh?.handedInAt || (fresh && !fresh.isMine)) return void router.replace(`/verdict/${props.attempt}`)
})

function open(id: string) {
  if (id !== openId.value) hand.putDown()
  openId.value = id
  side.value = 'box'
}

function makeFromSchedule(step: Step) {
  const reason = work.make(step)
  hand.announce(reason ? reasonFor(reason) : say('bench.done'))
}

const { left, counts, looseCount } = useWhatIsLeft(board, work.bench)
const far = computed(
  () => new Set(box.value?.ends.filter(({ id }) => hand.carried.value.includes(id)).map((end) => end.far)),
)
const carriedFlag = computed(() => box.value?.ends.find(({ id }) => id === hand.carried.value.at(-1))?.flag ?? '')

const hint = computed(() =>
  view.value === 'box' ? say('bench.tap-a-wire-to-pick') : say('bench.choose-where-each-conductor-goes'),
)

async function handIn() {
  busy.value = true
  const done = await work.handIn()
  busy.value = false
  handingIn.value = false
  if (done) await router.push(`/verdict/${props.attempt}`)
}
</script>

<template>
  <BeginExam v-if="data?.isToBegin" :attempt="attempt" :exam="data" @begun="work.load" />
  <LoadState
    v-else-if="!data || !box"
    :failure="work.failure.value"
    :what="say('shared.the-board')"
    @again="work.load"
  />
  <div v-else class="bench screen">
    <BenchHeader
      :title="data.title"
      :brief="data.brief"
      :positions="data.positions"
      :due-at="data.dueAt"
      :minutes="data.minutes"
      :clock-offset-ms="work.clockOffsetMs.value"
      :saving="work.saving.value"
      :waiting="work.waitingCount.value"
      :attempt="attempt"
      :steps="work.stepCount.value"
      :can-undo="work.canUndo.value"
      :can-redo="work.canRedo.value"
      :paused="isPaused"
      @undo="hand.undo"
      @redo="hand.redo"
      @hand-in="handingIn = true"
    />
    <TrialBar v-if="data.isTrial && data.boardFile !== null" :attempt="attempt" :board-file="data.boardFile" />
    <HandInBar
      v-if="handingIn"
      :left="left"
      :loose="looseCount"
      :is-last="data.triesLeft <= 1"
      :busy="busy"
      @yes="handIn"
      @no="handingIn = false"
    />
    <BenchNotices
      :attempt="attempt"
      :told="work.told.value"
      :notice="work.notice.value"
      :is-supply-on="data.isSupplyOn"
      :is-paused="isPaused"
      @dismiss="work.notice.value = ''"
    />
    <main
      class="panes grid-cols-[minmax(0,36fr)_minmax(0,64fr)]"
      :class="{ 'opacity-40': isPaused }"
      :inert="isPaused || undefined"
    >
      <section
        class="flex min-h-0 flex-col border-r border-line"
        :class="{ 'max-md:hidden': side === 'box' }"
        :aria-label="say('shared.the-board')"
      >
        <div class="min-h-0 grow bg-face contain-content">
          <BoardMap :board="board" :selected="box.id" :counts="counts" :far="far" @open="open" />
        </div>
        <WhatIsLeft :left="left" :open="box.id" @open="open" />
      </section>
      <section
        class="relative flex min-h-0 flex-col"
        :class="{ 'max-md:hidden': side === 'board' }"
        :aria-label="say('bench.the-open-box')"
      >
        <BoxHeader
          v-model:view="view"
          v-model:letters="lettersOn"
          v-model:coach="coachOpen"
          v-model:help="helpOpen"
          :bench="data"
          :label="box.label"
          @to-board="side = 'board'"
        />
        <div class="min-h-0 grow px-2 contain-content">
          <OpenBox
            v-if="view === 'box'"
            :board="board"
            :box="box"
            :bench="work.bench.value"
            :carried="hand.carried.value"
            :numbers="
              hand.carried.value.length > 0 || hand.isPigtailInHand.value ? hand.targets.value : hand.numbers.value
            "
            :is-idle="hand.carried.value.length === 0 && !hand.isPigtailInHand.value"
            :keys="lettersOn"
            @pick="hand.tap"
            @alike="hand.takeAlike"
            @connector="hand.tapConnector"
            @hold="drag.hold"
          />
          <WireSchedule
            v-else
            :board="board"
            :box="box"
            :bench="work.bench.value"
            :places="work.places.value"
            @make="makeFromSchedule"
          />
        </div>
        <p class="min-h-7 truncate px-3 text-soft" aria-live="polite" data-test="said">
          {{ hand.said.value || hint }}
        </p>
        <div v-if="view === 'box'" class="border-t-2 border-ink p-2">
          <ToolTray :board="board" :hand="hand" :keys="lettersOn" />
        </div>
        <CoachPanel
          v-if="coachOpen"
          :attempt="attempt"
          :box="box"
          :steps="work.stepCount.value"
          @close="coachOpen = false"
        />
        <KeyHelp v-if="helpOpen" :mark-keys="board.words.markKeys" @close="helpOpen = false" />
      </section>
    </main>
    <FirstHints
      v-if="data.mode !== 'exam' && view === 'box' && !handingIn && !helpOpen && !coachOpen"
      :has-in-hand="hand.carried.value.length > 0"
      :steps="work.stepCount.value"
      :box="box.id"
    />
    <CarriedWires v-if="drag.at.value" :at="drag.at.value" :count="hand.carried.value.length" :flag="carriedFlag" />
  </div>
</template>
