<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/shared/api/client'
import BoardMap from '@/shared/board/BoardMap.vue'
import OpenBox from '@/shared/board/OpenBox.vue'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import { useSession } from '@/shared/stores/session'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import FindingList from './FindingList.vue'
import TruthTable from './TruthTable.vue'
import { useCurrentPath } from './useCurrentPath'
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
const verdict = computed(() => data.value?.verdict ?? null)
const bench = computed(() => data.value?.bench ?? null)
const board = computed(() => bench.value?.board ?? null)
const standing = computed(() => {
  if (!bench.value) return null
  const steps = bench.value.steps.map(({ step }) => step)
  return replay(steps, placesOf(bench.value.board)).now
})
const box = computed(() => board.value?.enclosures.find(({ id }) => id === openBox.value) ?? null)
const { numbers, boxPins, placePins } = usePins(verdict)
const {
  state,
  lamp,
  path,
  failure: pathFailure,
  positions,
  paddles,
  lamps,
  tracedCores,
  tracedPlaces,
  flip,
} = useCurrentPath(props.attempt, verdict, board)
const labelOf = (id: string) => board.value?.enclosures.find((candidate) => candidate.id === id)?.label ?? id
</script>

<template>
  <div class="flex h-dvh flex-col overflow-hidden">
    <TopBar :title="bench ? `${bench.title}${bench.isMine ? '' : ` · ${bench.trainee.name}`}` : 'Verdict'">
      <RouterLink :to="session.user?.role === 'instructor' ? '/class' : '/my-boards'" class="btn">{{
        session.user?.role === 'instructor' ? 'The class' : 'My boards'
      }}</RouterLink>
    </TopBar>
    <LoadState v-if="!bench || !board || !standing" :failure="failure" what="The board" @again="load" />
    <template v-else>
      <section v-if="verdict" class="flex items-center gap-4 border-b-2 border-ink px-5 py-3" aria-label="Verdict">
        <VerdictMark :verdict="verdict.verdict" />
        <div class="grow">
          <p class="text-xl font-bold" data-test="headline">{{ verdict.headline }}</p>
          <p class="text-soft">
            {{ verdict.scheme ? `Scheme: ${verdict.scheme} · ` : '' }}judged by {{ verdict.edition }}
          </p>
        </div>
      </section>
      <p v-else class="border-b-2 border-ink bg-wash px-5 py-3">
        Not handed in yet: this is the board as it stands. The verdict comes with the hand-in.
      </p>
      <main
        class="grid min-h-0 grow"
        :class="verdict ? 'grid-cols-[minmax(13rem,22fr)_minmax(0,46fr)_minmax(0,32fr)]' : 'grid-cols-1'"
      >
        <section v-if="verdict" class="min-h-0 overflow-auto border-r-2 border-ink p-2" aria-label="Truth table">
          <TruthTable :verdict="verdict" :state="state" @choose="(chosen) => (state = chosen)" />
        </section>
        <section class="flex min-h-0 flex-col" aria-label="The board">
          <div class="flex flex-wrap items-center gap-2 border-b border-line p-2">
            <button v-if="box" type="button" class="btn" @click="openBox = null">◂ Whole board</button>
            <strong v-if="box">{{ box.label }}</strong>
            <template v-else-if="verdict">
              <button
                v-for="(item, i) in positions"
                :key="item.id"
                type="button"
                class="btn px-3"
                :aria-label="`Flip ${item.label}, now ${item.position}`"
                :data-flip="item.id"
                @click="flip(i)"
              >
                <span class="code">{{ item.id }} {{ item.position === 'up' ? '▲ up' : '▼ down' }}</span>
              </button>
              <select v-if="verdict.lamps.length > 1" v-model="lamp" class="field w-auto" aria-label="Lamp to follow">
                <option v-for="item in verdict.lamps" :key="item.id" :value="item.id">{{ item.label }}</option>
              </select>
            </template>
            <span v-else class="text-soft">Tap a box to look inside.</span>
          </div>
          <div class="min-h-0 grow">
            <OpenBox
              v-if="box"
              :board="board"
              :box="box"
              :bench="standing"
              :traced="tracedPlaces"
              :pins="placePins"
              read-only
            />
            <BoardMap
              v-else
              :board="board"
              :pins="boxPins"
              :lamps="lamps"
              :paddles="paddles"
              :traced="tracedCores"
              @open="(id) => (openBox = id)"
            />
          </div>
          <div
            v-if="verdict"
            class="max-h-44 shrink-0 overflow-auto border-t-2 border-ink p-3"
            aria-label="The current's path"
            role="region"
            tabindex="0"
          >
            <p v-if="pathFailure" role="alert">{{ pathFailure }}</p>
            <template v-else-if="path">
              <p class="font-bold" data-test="path">{{ path.sentence }}</p>
              <ol class="list-inside list-decimal text-soft">
                <li v-for="(stretch, i) in path.stretches" :key="i">{{ stretch }}</li>
              </ol>
            </template>
            <p v-else class="text-soft">Following the current …</p>
          </div>
        </section>
        <section
          v-if="verdict"
          class="min-h-0 overflow-auto border-l-2 border-ink p-3"
          aria-label="Findings"
          tabindex="0"
        >
          <FindingList
            :findings="verdict.findings"
            :numbers="numbers"
            :label-of="labelOf"
            @show="(id) => (openBox = id)"
          />
          <p class="mt-3 flex gap-2 border-t-2 border-ink pt-3 text-sm">
            <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />{{ verdict.caution }}
          </p>
          <details v-if="bench.setAside.length > 0" class="mt-3">
            <summary class="min-h-8 cursor-pointer">Steps set aside: {{ bench.setAside.length }}</summary>
            <p v-for="step in bench.setAside" :key="`${step.device}-${step.number}`" class="text-sm">
              {{ step.device }} no. {{ step.number }}: {{ step.reason }}, made {{ step.madeAt }}, received
              {{ step.receivedAt }}
            </p>
          </details>
        </section>
      </main>
    </template>
  </div>
</template>
