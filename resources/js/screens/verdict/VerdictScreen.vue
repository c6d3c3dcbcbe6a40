<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/shared/api/client'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import { useSession } from '@/shared/stores/session'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import BoardPane from './BoardPane.vue'
import EditionBar from './EditionBar.vue'
import FindingList from './FindingList.vue'
import RepairSteps from './RepairSteps.vue'
import SchemeNote from './SchemeNote.vue'
import SetAsideSteps from './SetAsideSteps.vue'
import StandingBoard from './StandingBoard.vue'
import TruthTable from './TruthTable.vue'
import { useEdition } from './useEdition'
import { usePins } from './usePins'
import VerdictMark from './VerdictMark.vue'

const props = defineProps<{ attempt: number }>()
const session = useSession()
const POLL_MS = 4000
const { data, failure, load } = useLoaded(
  async () => {
    const bench = await api.bench(props.attempt)
    return { bench, verdict: bench.handedInAt === null ? null : await api.verdict(props.attempt) }
  },
  POLL_MS,
  ({ verdict }) => verdict !== null,
)

const openBox = ref<string | null>(null)
const state = ref(0)
const tab = ref(0)
const own = computed(() => data.value?.verdict ?? null)
const { edition, verdict, busy: judging, failure: editionFailure } = useEdition(props.attempt, own)
const bench = computed(() => data.value?.bench ?? null)
const standing = computed(() => {
  if (!bench.value) return null
  const steps = bench.value.steps.map(({ step }) => step)
  return replay(steps, placesOf(bench.value.board)).now
})
const { numbers, boxPins, placePins } = usePins(verdict)
const labelOf = (id: string) => bench.value?.board.enclosures.find((candidate) => candidate.id === id)?.label ?? id

const move = ref(-1)
const pointed = computed(() => new Set(verdict.value?.repair.moves[move.value]?.places ?? []))
watch(move, (chosen) => {
  const box = verdict.value?.repair.moves[chosen]?.box
  if (box) showBox(box)
})
// Another edition may have another repair.
watch(verdict, () => (move.value = -1))

function showBox(id: string) {
  openBox.value = id
  tab.value = 0
}
</script>

<template>
  <div class="flex h-dvh flex-col overflow-hidden">
    <TopBar :title="bench ? `${bench.title}${bench.isMine ? '' : ` · ${bench.trainee.name}`}` : 'Verdict'">
      <RouterLink :to="session.user?.role === 'instructor' ? '/class' : '/my-boards'" class="btn">{{
        session.user?.role === 'instructor' ? 'The class' : 'My boards'
      }}</RouterLink>
    </TopBar>
    <LoadState v-if="!bench || !standing" :failure="failure" what="The board" @again="load" />
    <StandingBoard v-else-if="!verdict" v-model="openBox" :board="bench.board" :standing="standing" />
    <template v-else>
      <section class="flex items-start gap-4 border-b-2 border-ink px-5 py-3" aria-label="Verdict">
        <VerdictMark :verdict="verdict.verdict" />
        <div class="max-h-40 min-w-0 grow overflow-auto">
          <p class="text-xl font-bold" data-test="headline">{{ verdict.headline }}</p>
          <SchemeNote :schemes="verdict.schemes" />
          <EditionBar v-model="edition" :verdict="verdict" :busy="judging" />
          <p v-if="editionFailure" role="alert">{{ editionFailure }}</p>
        </div>
      </section>
      <main class="grid min-h-0 grow grid-cols-[minmax(13rem,22fr)_minmax(0,46fr)_minmax(0,32fr)]">
        <section class="min-h-0 overflow-auto border-r-2 border-ink p-2" aria-label="Truth table">
          <TruthTable :verdict="verdict" :state="state" @choose="(chosen) => (state = chosen)" />
        </section>
        <BoardPane
          v-model:open-box="openBox"
          v-model:state="state"
          v-model:tab="tab"
          :attempt="attempt"
          :verdict="verdict"
          :practice="bench.practice"
          :board="bench.board"
          :standing="standing"
          :box-pins="boxPins"
          :place-pins="placePins"
          :pointed="pointed"
        />
        <section class="min-h-0 overflow-auto border-l-2 border-ink p-3" aria-label="Findings" tabindex="0">
          <RepairSteps v-model="move" :moves="verdict.repair.moves" :reason="verdict.repair.reason" />
          <FindingList :findings="verdict.findings" :numbers="numbers" :label-of="labelOf" @show="showBox" />
          <p class="mt-3 flex gap-2 border-t-2 border-ink pt-3 text-sm">
            <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />{{ verdict.caution }}
          </p>
          <SetAsideSteps :steps="bench.setAside" />
        </section>
      </main>
    </template>
  </div>
</template>
