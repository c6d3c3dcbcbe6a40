<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { BoardLook, Enclosure, Step } from '@/shared/api/generated/http'
import BoardMap from '@/shared/board/BoardMap.vue'
import { layOutMap, neighbour } from '@/shared/board/mapLayout'
import OpenBox from '@/shared/board/OpenBox.vue'
import { useInAddress } from '@/shared/frame/useInAddress'
import { useBench } from '@/shared/bench/useBench'
import { useSittingClock } from '@/shared/bench/useSittingClock'
import BeginExam from '@/shared/ui/BeginExam.vue'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import NoticeBar from '@/shared/ui/NoticeBar.vue'
import TrialBar from '@/shared/ui/TrialBar.vue'
import BenchHeader from './BenchHeader.vue'
import FirstHints from './FirstHints.vue'
import CoachPanel from './CoachPanel.vue'
import KeyHelp from './KeyHelp.vue'
import { reasonFor } from '@/shared/bench/reasons'
import ToolTray from '@/shared/hand/ToolTray.vue'
import { useDrag } from './useDrag'
import { useHand } from '@/shared/hand/useHand'
import { useKeys } from '@/shared/hand/useKeys'
import { useRefusals } from './useRefusals'
import { useWhatIsLeft } from './useWhatIsLeft'
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

const openInAddress = useInAddress('box', true)
/** The first box to be wired is open at first, and the address does not tell of it. */
const firstBox = computed(
  () => (board.value.enclosures.find(({ kind }) => kind !== 'supply') ?? board.value.enclosures[0])?.id ?? '',
)
const openId = computed({
  get: () => openInAddress.value || firstBox.value,
  set: (id) => (openInAddress.value = id === firstBox.value ? '' : id),
})
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
  (target) => {
    if (target.connector) hand.tapConnector(target.connector)
    else if (target.place && hand.carried.value.includes(target.place))
      hand.announce(say('bench.youre-still-holding-it-drop'))
    else if (target.place) hand.landOn(target.place)
    else if (target.tray === 'cap') hand.cap()
    else if (target.tray === 'pigtail') hand.takePigtail()
    else if (target.tray) {
      const item = board.value.tray.find((candidate) => `${candidate.by}-${candidate.ports ?? ''}` === target.tray)
      if (item) hand.gather(item)
    } else hand.announce(say('bench.youre-still-holding-it-drop'))
  },
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
/** What is unfinished, box by box; it never says what is wrong. */
const unfinished = computed(() =>
  left.value
    .filter(({ placed, ends, open: words }) => placed < ends || words)
    .map(({ label, placed, ends, open: words }) =>
      [label, placed < ends ? say('bench.what-of-ends-still-loose', { what: ends - placed, ends }) : '', words]
        .filter(Boolean)
        .join(': '),
    ),
)
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
      @time-up="work.timeUp"
    />
    <TrialBar v-if="data.isTrial && data.boardFile !== null" :attempt="attempt" :board-file="data.boardFile" />
    <ConfirmBar
      v-if="handingIn"
      :label="say('bench.hand-in')"
      :yes="say('bench.hand-in-now')"
      :busy-word="say('bench.handing-in')"
      :no="say('shared.not-yet')"
      :busy="busy"
      @yes="handIn"
      @no="handingIn = false"
      ><strong>{{ say('bench.hand-in-for-good') }}</strong>
      {{
        looseCount === 0
          ? say('bench.every-conductor-is-connected-or')
          : saySome('bench.one-conductor-is-still-loose', looseCount)
      }}
      <span v-if="unfinished.length > 0" data-test="unfinished">{{ unfinished.join('; ') }}.</span>
      {{
        data.triesLeft > 1 ? say('bench.you-can-wire-it-again') : say('bench.you-cannot-change-the-board')
      }}</ConfirmBar
    >
    <p v-if="work.told.value" role="alert" class="border-b-2 border-ink bg-wash px-4 py-2 font-bold" data-test="told">
      {{ work.told.value }}
    </p>
    <NoticeBar v-if="work.notice.value" @dismiss="work.notice.value = ''">{{ work.notice.value }}</NoticeBar>
    <p
      v-if="data.isSupplyOn"
      role="status"
      class="flex items-center gap-3 border-b-2 border-ink bg-wash px-4 py-2 font-bold"
      data-test="supply-on"
    >
      <span class="hazard h-6 w-6 shrink-0 border-2 border-ink" aria-hidden="true" />
      {{ say('bench.the-supply-is-on-isolate') }}
      <RouterLink :to="`/prove/${attempt}`" class="btn px-3">{{ say('bench.to-the-supply') }}</RouterLink>
    </p>
    <p v-if="isPaused" role="status" class="border-b-2 border-ink bg-wash px-4 py-3 font-bold" data-test="paused">
      {{ say('bench.the-clock-is-paused-leave') }}
    </p>
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
        <ul
          class="flex flex-wrap gap-1 border-t-2 border-ink p-2"
          :aria-label="say('bench.what-is-left-box-by')"
          data-hint="boxes"
        >
          <li v-for="item in left" :key="item.id">
            <button
              type="button"
              class="btn px-2.5"
              :class="{ 'border-violet bg-wash': item.id === box.id }"
              :aria-pressed="item.id === box.id"
              @click="open(item.id)"
            >
              <span class="text-sm">{{ item.label }}</span><span class="code">{{
                item.placed === item.ends && !item.open ? '✓' : `${item.placed}/${item.ends}`
              }}</span
              ><span v-if="item.open && item.placed === item.ends" class="text-sm text-soft" data-test="open">{{
                item.open
              }}</span>
            </button>
          </li>
        </ul>
      </section>
      <section
        class="relative flex min-h-0 flex-col"
        :class="{ 'max-md:hidden': side === 'board' }"
        :aria-label="say('bench.the-open-box')"
      >
        <div class="flex items-center gap-3 px-3 py-1 max-md:flex-wrap">
          <button type="button" class="btn px-3 md:hidden" data-test="to-board" @click="side = 'board'">
            {{ say('bench.board') }}
          </button>
          <h2 class="grow truncate text-lg">
            <span class="text-soft">{{ say('bench.open') }}</span> <strong>{{ box.label }}</strong>
          </h2>
          <button
            type="button"
            class="btn px-3"
            :aria-pressed="view === 'schedule'"
            @click="view = view === 'box' ? 'schedule' : 'box'"
          >
            {{ view === 'box' ? say('bench.schedule') : say('bench.box') }}
          </button>
          <button type="button" class="btn px-3" :aria-pressed="lettersOn" @click="lettersOn = !lettersOn">
            {{ lettersOn ? say('bench.letters-on') : say('bench.letters-off') }}
          </button>
          <RouterLink
            v-if="data.mayLookForFaults"
            :to="`/diagnosis/attempt/${attempt}`"
            class="btn px-3"
            data-test="to-faults"
            >{{ say('bench.diagnose-a-real-board') }}</RouterLink
          >
          <RouterLink v-if="data.mayProve" :to="`/prove/${attempt}`" class="btn px-3" data-test="to-prove">{{
            say('bench.prove-it')
          }}</RouterLink>
          <button
            v-if="data.hasHelp"
            type="button"
            class="btn px-3"
            :aria-expanded="coachOpen"
            @click="coachOpen = !coachOpen"
          >
            {{ say('bench.help') }}
          </button>
          <button
            type="button"
            class="btn px-3"
            :aria-expanded="helpOpen"
            :aria-label="say('bench.keys')"
            @click="helpOpen = !helpOpen"
          >
            ?
          </button>
        </div>
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
    <div
      v-if="drag.at.value"
      class="code pointer-events-none fixed z-30 -translate-x-1/2 border-3 border-violet bg-wash px-3 py-1 text-lg"
      :style="{ left: `${drag.at.value.x}px`, top: `${drag.at.value.y - 70}px` }"
      aria-hidden="true"
    >
      {{ hand.carried.value.length > 1 ? say('bench.count-wires', { count: hand.carried.value.length }) : carriedFlag }}
    </div>
  </div>
</template>
