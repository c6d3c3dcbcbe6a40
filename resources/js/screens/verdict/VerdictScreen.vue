<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import { isWired, workPath } from '@/shared/api/taskKinds'
import type { PathData, Step } from '@/shared/api/generated/http'
import BoardPane from '@/shared/board-pane/BoardPane.vue'
import StandingBoard from '@/shared/board-pane/StandingBoard.vue'
import { bareBench, placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import { useInAddress } from '@/shared/frame/useInAddress'
import { useOpenLeaf } from '@/shared/frame/useOpenLeaf'
import { useOpenBox } from '@/shared/frame/useOpenBox'
import { useSession } from '@/shared/stores/session'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import TrialBar from '@/shared/ui/TrialBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import TraceView from '@/shared/board-pane/TraceView.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import MarkLines from '@/shared/marks/MarkLines.vue'
import EditionBar from './EditionBar.vue'
import HuntReport from './HuntReport.vue'
import HandedIn from './HandedIn.vue'
import SchemeNote from './SchemeNote.vue'
import TriesList from './TriesList.vue'
import TruthTable from './TruthTable.vue'
import { useEdition } from './useEdition'
import { waysOf } from './repairWays'
import { usePins } from './usePins'
import VerdictNotes from './VerdictNotes.vue'
import WireAgain from './WireAgain.vue'

const props = defineProps<{ attempt: number }>()
const router = useRouter()
const session = useSession()
const POLL_MS = 4000
/** Which of several tries is looked at; empty: the newest. */
const tried = useInAddress('try')
const { data, failure, load } = useLoaded(
  async () => {
    const bench = await api.bench(props.attempt)
    if (bench.isToBegin) await router.replace(workPath(bench.kind, bench.id))
    const isJudged = bench.handedInAt !== null || (bench.mode !== 'exam' && bench.tries.length > 0)
    const isOut = isJudged && (bench.isReleased || !bench.isMine)
    return {
      bench,
      verdict: isOut && isWired(bench.kind) ? await api.verdict(props.attempt, '', tried.value) : null,
      mark: isOut && bench.kind !== null ? (await api.mark(props.attempt)).mark : null,
      debrief:
        isOut && bench.kind !== null && isWired(bench.kind) ? await api.debrief(props.attempt, tried.value) : null,
    }
  },
  POLL_MS,
  ({ verdict, mark }) => verdict !== null || mark !== null,
)
watch(tried, () => void load())

const openBox = useOpenBox()
const state = ref(0)
const tab = useOpenLeaf('leaf', ['board', 'diagram', 'figures'])
const own = computed(() => data.value?.verdict ?? null)
const { edition, verdict, busy: judging, failure: editionFailure } = useEdition(props.attempt, own)
const bench = computed(() => data.value?.bench ?? null)
const standingAfter = (steps: readonly Step[], from: readonly Step[] = []) =>
  bench.value ? replay(steps, placesOf(bench.value.board), from).now : bareBench
const standing = computed(() => standingAfter(bench.value?.steps.map(({ step }) => step) ?? [], bench.value?.start))
const { numbers, boxPins, placePins } = usePins(verdict)
const labelOf = (id: string) => bench.value?.board.enclosures.find((candidate) => candidate.id === id)?.label ?? id

const notes = useOpenLeaf('notes', ['wrong', 'repair', 'nearest', 'mark', 'debrief'])
const move = ref(-1)
const PUT_IT_RIGHT = 1
const NEAREST_PLAN = 2
/** Which of the ways to put it right is stepped through. */
const way = ref(0)
const repair = computed(() => (verdict.value ? waysOf(verdict.value.repair)[way.value] : undefined))
const isRepairing = computed(() => notes.value === PUT_IT_RIGHT && move.value >= 0)
const pointed = computed(() => new Set(isRepairing.value ? repair.value?.moves[move.value]?.places : []))
/** With the moves made that come before the one that is shown. */
const repaired = computed(() => {
  const made = repair.value?.moves[move.value - 1]
  return isRepairing.value && made ? standingAfter(made.standing) : standing.value
})
/** After the last move the board is seen to work: its own table, its own lamps. */
const after = computed(() =>
  isRepairing.value && repair.value && move.value >= repair.value.moves.length ? repair.value.after : null,
)
const shown = computed(() => {
  if (!verdict.value || !after.value) return verdict.value
  const statesOf = new Map(after.value.lamps.map(({ id, states }) => [id, states]))
  const lamps = verdict.value.lamps.map((lamp) => ({ ...lamp, states: statesOf.get(lamp.id) ?? lamp.states }))
  return { ...verdict.value, lamps, trips: after.value.trips }
})
/** What is put right has no findings pinned to it. */
const noPins: ReadonlyMap<string, readonly number[]> = new Map()
const PUT_RIGHT: PathData = {
  end: 'returns',
  sentence: say('verdict.put-right-flip-the-switches'),
  stretches: [],
  steps: [],
  hops: [],
  stopsAt: null,
}
const pathOf = (lamp: string, wanted: number) =>
  after.value ? Promise.resolve(PUT_RIGHT) : api.path(props.attempt, lamp, wanted, false, tried.value)
const isTracing = ref(false)
const traceOf = (lamp: string, wanted: number, isBack: boolean) =>
  api.path(props.attempt, lamp, wanted, isBack, tried.value)
const nearest = computed(() => standingAfter(verdict.value?.nearest.standing ?? []))
watch(move, (chosen) => {
  const box = repair.value?.moves[chosen]?.box
  if (box) showBox(box)
})
// Another edition may have another repair.
watch(verdict, () => (way.value = 0))
watch([verdict, way], () => (move.value = -1))

function showBox(id: string) {
  openBox.value = id
  tab.value = 0
}
</script>

<template>
  <div class="screen">
    <TopBar :title="bench ? `${bench.title}${bench.isMine ? '' : ` · ${bench.trainee.name}`}` : say('verdict.verdict')">
      <WireAgain v-if="bench" :bench="bench" />
      <a
        v-if="verdict && bench?.mayProve"
        :href="downloads.testSheetPaper(attempt)"
        target="_blank"
        class="btn"
        data-test="test-sheet"
        >{{ say('verdict.test-sheet') }}</a
      >
      <RouterLink v-if="verdict && bench?.isMine && bench.mayProve" :to="`/prove/${attempt}`" class="btn">{{
        say('verdict.prove-it')
      }}</RouterLink>
      <RouterLink v-if="session.user?.role === 'trainee'" to="/my-boards" class="btn">{{
        say('shared.my-work')
      }}</RouterLink>
    </TopBar>
    <TrialBar v-if="bench?.isTrial && bench.boardFile !== null" :attempt="attempt" :board-file="bench.boardFile" />
    <LoadState v-if="!bench" :failure="failure" :what="say('shared.the-board')" @again="load" />
    <HandedIn v-else-if="bench.handedInAt && bench.isMine && !bench.isReleased" :bench="bench" />
    <main
      v-else-if="!verdict && data?.mark"
      tabindex="0"
      class="mx-auto w-full overflow-auto p-8"
      :class="bench.kind === 'fault' ? 'max-w-4xl' : 'max-w-2xl'"
    >
      <MarkLines :mark="data.mark" />
      <HuntReport v-if="bench.kind === 'fault'" :attempt="attempt" />
    </main>
    <StandingBoard v-else-if="!verdict" v-model="openBox" class="grow" :board="bench.board" :standing="standing">{{
      say('verdict.not-handed-in-yet-this')
    }}</StandingBoard>
    <template v-else>
      <section class="flex items-center gap-5 border-b border-line px-5 py-2" :aria-label="say('verdict.verdict')">
        <VerdictMark :verdict="after?.verdict ?? verdict.verdict" :word="after ? 'PUT RIGHT' : ''" />
        <div class="min-w-0 grow">
          <p class="text-xl font-bold" data-test="headline">
            {{ after ? say('verdict.as-handed-in') : '' }}{{ verdict.headline }}
          </p>
          <SchemeNote :schemes="verdict.schemes" />
          <TriesList :attempt="attempt" :tries="bench.tries" :shown="own?.try ?? null" />
          <EditionBar v-model="edition" :verdict="verdict" :busy="judging" />
          <p v-if="editionFailure" role="alert">{{ editionFailure }}</p>
        </div>
        <button type="button" class="btn" data-test="trace" :aria-pressed="isTracing" @click="isTracing = !isTracing">
          {{ say('shared.trace-the-current') }}
        </button>
      </section>
      <TraceView
        v-if="isTracing"
        v-model:state="state"
        :path-of="traceOf"
        :verdict="verdict"
        :board="bench.board"
        :standing="standing"
        @leave="isTracing = false"
      />
      <main v-else class="panes grid-cols-[minmax(13rem,22fr)_minmax(0,46fr)_minmax(0,32fr)]">
        <section class="min-h-0 overflow-auto border-r-2 border-ink p-2" :aria-label="say('verdict.truth-table')">
          <TruthTable :verdict="shown!" :state="state" :place-of="labelOf" @choose="(chosen) => (state = chosen)" />
        </section>
        <StandingBoard
          v-if="notes === NEAREST_PLAN && verdict.nearest.changes.length > 0"
          v-model="openBox"
          :board="bench.board"
          :standing="nearest"
          >{{ say('verdict.this-is-the-nearest-plan') }}</StandingBoard
        >
        <BoardPane
          v-else
          v-model:open-box="openBox"
          v-model:state="state"
          v-model:tab="tab"
          :path-of="pathOf"
          :verdict="shown!"
          :practice="bench.practice"
          :board="bench.board"
          :standing="repaired"
          :box-pins="after ? noPins : boxPins"
          :place-pins="after ? noPins : placePins"
          :pointed="pointed"
          :dead="isRepairing && !after"
        />
        <VerdictNotes
          v-model:tab="notes"
          v-model:move="move"
          v-model:way="way"
          :verdict="verdict"
          :numbers="numbers"
          :label-of="labelOf"
          :set-aside="bench.setAside"
          :mark="data?.mark ?? null"
          :debrief="data?.debrief ?? null"
          :attempt="attempt"
          :may-print="session.user?.role === 'instructor'"
          @show="showBox"
        />
      </main>
    </template>
  </div>
</template>
