<script setup lang="ts">
import { orSay, reasonOf } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/shared/api/api'
import { inTurn } from '@/shared/api/inTurn'
import type { AsBuilt, GradedAttempt } from '@/shared/api/generated/http'
import MarkLines from '@/shared/marks/MarkLines.vue'
import { withChange } from '@/shared/as-found/withChange'
import { useInAddress } from '@/shared/frame/useInAddress'
import CautionNote from '@/shared/ui/CautionNote.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import FoundRows from '@/shared/as-found/FoundRows.vue'
import SpokenRows from '@/shared/as-found/SpokenRows.vue'
import PhotoStrip from './PhotoStrip.vue'
import ObservationList from '@/shared/marks/ObservationList.vue'
import { typedIn } from '@/shared/ui/typed'

/** A station in one hand: what stands there, what the eye says, verdict and mark. */
const props = defineProps<{ attempt: number }>()
const sheet = shallowRef<AsBuilt | null>(null)
const graded = shallowRef<GradedAttempt | null>(null)
const failure = ref('')
const busy = ref('')
const at = useInAddress('box', true)
const box = computed(() => sheet.value?.boxes.find(({ id }) => id === at.value) ?? sheet.value?.boxes[0] ?? null)
const isAtWork = computed(() => sheet.value?.state === 'running' || sheet.value?.state === 'paused')
const lands = computed(() => sheet.value?.boxes.flatMap(({ rows }) => rows) ?? [])
const landed = computed(() => lands.value.filter((row) => row.isEnd && row.lands !== '').length)
const ends = computed(() => lands.value.filter(({ isEnd }) => isEnd).length)

async function run(what: string, work: () => Promise<void>) {
  busy.value = what
  try {
    await work()
    failure.value = ''
  } catch (error) {
    failure.value = reasonOf(error)
    await load().catch(() => undefined)
  } finally {
    busy.value = ''
  }
}
async function load() {
  sheet.value = await api.asBuilt(props.attempt)
  graded.value = sheet.value.state === 'handed-in' ? await api.mark(props.attempt) : null
}
void run('load', load)

const asPlanned = () =>
  run('planned', async () => {
    sheet.value = await api.keepAsBuilt(props.attempt, { asPlanned: true })
  })
const exchanged = ref('')
const isSpoken = ref(false)
/** Typed faster than the network answers: one sheet after the other, in the order in which they were written. */
const ask = inTurn()
let writes = 0
function write(point: string, change: { lands?: string; mark?: string }) {
  if (!sheet.value) return
  const [boxes, moved] = withChange(sheet.value.boxes, point, change)
  exchanged.value = moved ? say('station.moved-is-where-it-was', { moved }) : ''
  sheet.value = { ...sheet.value, boxes }
  const filled = (field: 'lands' | 'mark') =>
    Object.fromEntries(lands.value.filter((row) => row[field] !== '').map((row) => [row.point, row[field]]))
  const [own, whole] = [++writes, { lands: filled('lands'), marks: filled('mark') }]
  void run('write', async () => {
    const kept = await ask(() => api.keepAsBuilt(props.attempt, whole))
    // What was written meanwhile is on its way, and stands.
    if (own === writes) sheet.value = kept
  })
}
const move = (move: 'start' | 'close') =>
  run(move, async () => {
    await api.moveSitting(props.attempt, { move })
    await load()
  })
/** Ticked by one thumb, faster than the network answers: what was said here counts until the server has it. */
const said = ref<Record<string, boolean>>({})
const observed = computed(() => ({ ...sheet.value?.observed, ...said.value }))
async function observe(now: Record<string, boolean>) {
  said.value = { ...said.value, ...now }
  await orSay(failure, async () => {
    const seen = await api.observe(props.attempt, now)
    if (graded.value) graded.value = seen
    failure.value = ''
  })
}
</script>

<template>
  <div class="screen">
    <TopBar
      :title="sheet ? `${sheet.trainee}: ${sheet.title}` : say('station.station')"
      :crumb="{ to: '/tonight', name: say('shared.tonight') }"
    />
    <LoadState v-if="!sheet" :failure="failure" :what="say('station.the-station')" @again="run('load', load)" />
    <main v-else class="mx-auto w-full max-w-3xl min-h-0 grow overflow-auto p-4">
      <p v-if="failure" role="alert" class="mb-3 border-2 border-ink p-2">{{ failure }}</p>
      <template v-if="sheet.state === 'waiting' || sheet.state === 'held'">
        <p class="mb-3">
          {{ sheet.state === 'held' ? say('station.the-exam-is-not-open') : say('station.not-begun') }}
        </p>
        <button
          type="button"
          class="btn-main min-h-14 w-full"
          :disabled="sheet.state === 'held' || busy !== ''"
          @click="move('start')"
        >
          {{ busy === 'start' ? say('station.starting') : say('station.start-the-clock') }}
        </button>
      </template>
      <template v-else-if="isAtWork">
        <CautionNote class="mb-3" :practice="sheet.practice" :of="['hands', 'neutral']" />
        <div class="mb-4 flex flex-wrap items-center gap-2">
          <button
            type="button"
            class="btn min-h-14 grow"
            :disabled="busy !== ''"
            data-test="as-planned"
            @click="asPlanned"
          >
            {{ busy === 'planned' ? say('station.saving') : say('station.same-as-the-plan') }}
          </button>
          <p role="status" class="grow">
            {{ say('station.except-where-you-change-it') }} <span class="code">{{ landed }}/{{ ends }}</span>
            {{ say('station.written-down') }}
          </p>
        </div>
        <RouterLink :to="`/diagnosis/attempt/${attempt}`" class="btn mb-3 w-full" data-test="find-fault">{{
          say('station.it-doesnt-work-find-the')
        }}</RouterLink>
        <nav class="mb-3 flex flex-wrap gap-2" :aria-label="say('station.boxes')">
          <button
            v-for="one in sheet.boxes"
            :key="one.id"
            type="button"
            class="btn px-3"
            :class="one.id === box?.id ? 'border-violet bg-wash' : ''"
            :aria-pressed="one.id === box?.id"
            @click="at = one.id"
          >
            {{ one.label }}
          </button>
        </nav>
        <details v-if="sheet.observations.length > 0" class="mb-3 border-y border-line py-2" open>
          <summary class="cursor-pointer font-bold">
            {{ say('shared.inspection') }}
            <span class="code">{{ Object.keys(observed).length }}/{{ sheet.observations.length }}</span>
          </summary>
          <ObservationList :items="sheet.observations" :observed="observed" @observe="observe" />
        </details>
        <p v-if="exchanged" role="status" class="mb-2 border-l-3 border-violet pl-3">{{ exchanged }}</p>
        <SpokenRows
          v-if="isSpoken"
          :boxes="sheet.boxes"
          @write="write"
          @box="(id) => (at = id)"
          @done="isSpoken = false"
        />
        <template v-else>
          <button type="button" class="btn mb-3 w-full" data-test="one-by-one" @click="isSpoken = true">
            {{ say('station.one-by-one-by-number') }}
          </button>
          <FoundRows v-if="box" :box="box" :marks="sheet.marks" @write="write" />
        </template>
        <PhotoStrip v-if="box && sheet.isOnWall" :key="box.id" :attempt="attempt" :box="box.id" :label="box.label" />
        <button
          type="button"
          class="btn-main mt-5 min-h-14 w-full"
          :disabled="busy !== ''"
          data-test="hand-in"
          @click="move('close')"
        >
          {{ busy === 'close' ? say('station.judging') : say('station.hand-in-and-judge') }}
        </button>
      </template>
      <template v-else-if="graded">
        <p class="mb-4 text-xl font-bold" data-test="verdict">
          {{ graded.verdict === 'fail' ? say('station.fail') : say('station.pass') }} {{ graded.headline }}
        </p>
        <ObservationList
          v-if="sheet.observations.length > 0"
          :items="sheet.observations"
          :observed="observed"
          @observe="observe"
        />
        <MarkLines v-if="graded.mark" :mark="graded.mark" />
        <label class="mt-4 block"
          >{{ say('station.comment') }}
          <textarea
            class="field min-h-20 py-2"
            maxlength="2000"
            :value="sheet.note"
            @change="run('note', async () => void (await api.noteOn(attempt, typedIn($event))))"
          ></textarea>
        </label>
        <RouterLink :to="`/verdict/${attempt}`" class="btn mt-4">{{ say('station.verdict-and-board') }}</RouterLink>
      </template>
      <p v-else>{{ sheet.state === 'withdrawn' ? say('station.withdrawn') : say('station.judging') }}</p>
    </main>
  </div>
</template>
