<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { positionName } from '@/shared/words/positionName'
import { say } from '@/shared/words/say'
import { TabGroup, TabPanel, TabPanels } from '@headlessui/vue'
import { useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import type { Enclosure, InstrumentId, WalkData } from '@/shared/api/generated/http'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import { useSittingClock } from '@/shared/bench/useSittingClock'
import { useExamClock } from '@/shared/bench/useExamClock'
import BoardMap from '@/shared/board/BoardMap.vue'
import { layOutMap, neighbour } from '@/shared/board/mapLayout'
import OpenBox from '@/shared/board/OpenBox.vue'
import { useOpenBox } from '@/shared/frame/useOpenBox'
import SavingState from '@/shared/outbox/SavingState.vue'
import BeginExam from '@/shared/ui/BeginExam.vue'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import LampSign from '@/shared/ui/LampSign.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import NoticeBar from '@/shared/ui/NoticeBar.vue'
import TabHeads from '@/shared/ui/TabHeads.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import TrialBar from '@/shared/ui/TrialBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import HuntPane from './HuntPane.vue'
import HandsPane from './HandsPane.vue'
import InstrumentBench from './InstrumentBench.vue'
import SheetPane from './SheetPane.vue'
import ShutBox from './ShutBox.vue'
import SupplyPanel from './SupplyPanel.vue'
import { useHandsOn } from './useHandsOn'
import { usePlaceKeys } from './usePlaceKeys'
import TrapBoard from './TrapBoard.vue'
import { useProbes, useProof } from './useProof'
import WalkPane from './WalkPane.vue'
import { elementOf } from '@/shared/ui/typed'
import SwitchName from '@/shared/ui/SwitchName.vue'
import { lampWord } from '@/shared/board/lampStates'

const props = defineProps<{ attempt: number }>()
const { data: bench, failure, load } = useLoaded(() => api.bench(props.attempt))
const proof = useProof(props.attempt)
const openBox = useOpenBox()
const board = computed(() => bench.value?.board ?? null)
const box = computed<Enclosure | null>(() => board.value?.enclosures.find(({ id }) => id === openBox.value) ?? null)
const standing = computed(() =>
  bench.value
    ? replay(
        bench.value.steps.map(({ step }) => step),
        placesOf(bench.value.board),
        bench.value.start,
      ).now
    : null,
)

/** What plugs in is on the bench where there is something to plug it into. */
const hasSocket = computed(() =>
  board.value?.enclosures.some(({ devices }) => devices.some(({ look }) => look.includes('receptacle'))),
)
const instruments = computed(() =>
  (proof.bench.value?.instruments ?? []).filter(({ isPlug }) => !isPlug || hasSocket.value),
)
const probes = useProbes(proof, () => instruments.value.find(({ id }) => id === probes.instrument.value)?.touches ?? 2)
const isLinking = ref(false)
const linkFrom = ref<string | null>(null)

const hands = useHandsOn(proof, board, box, standing, () => void load())
function take(tool: InstrumentId | 'hands') {
  hands.isOn.value = tool === 'hands'
  isLinking.value = false
  if (tool === 'hands') return
  hands.hand.putDown()
  probes.choose(tool)
}

/** A place under a hand, under a probe, or under an end of the lead that joins two. */
function pick(place: string) {
  if (hands.isOn.value) return hands.hand.tap(place)
  if (!isLinking.value) return probes.touch(place)
  if (linkFrom.value === null) return void (linkFrom.value = place)
  proof.act('link', { one: linkFrom.value, other: place })
  linkFrom.value = null
  isLinking.value = false
}
function link() {
  linkFrom.value = null
  if (proof.data.value?.link) proof.act('unlink')
  else isLinking.value = !isLinking.value
}

const { numbers } = usePlaceKeys(box, standing, pick, () => hands.isOn.value)
/** Where the probes stand: 1 and 2; the lead that joins two points has 3 at both ends. */
const pins = computed(() => {
  const pinned = new Map<string, number[]>()
  const pin = (place: string | null | undefined, number: number) => {
    if (place) pinned.set(place, [...(pinned.get(place) ?? []), number])
  }
  const held = proof.data.value?.held
  pin(probes.first.value ?? held?.one, 1)
  pin(probes.first.value === null ? held?.other : null, 2)
  for (const place of proof.data.value?.link ?? []) pin(place, 3)
  pin(linkFrom.value, 3)
  return pinned
})
const boxPins = computed(() => {
  const pinned = new Map<string, number[]>()
  for (const enclosure of board.value?.enclosures ?? []) {
    const places = [
      enclosure.earth ?? '',
      ...enclosure.ends.map(({ id }) => id),
      ...enclosure.devices.flatMap(({ landings }) => landings.map(({ id }) => id)),
    ]
    const found = places.flatMap((place) => pins.value.get(place) ?? [])
    if (found.length > 0) pinned.set(enclosure.id, found)
  }
  return pinned
})
const said = computed(() => {
  if (hands.isOn.value && !proof.data.value?.isRefused) return hands.hand.said.value || say('prove.pick-up-a-wire-then')
  if (isLinking.value)
    return linkFrom.value ? say('prove.test-lead-now-the-second') : say('prove.test-lead-touch-the-first')
  if (probes.first.value) return say('prove.first-probe-is-on-now')
  return proof.data.value?.said || say('prove.choose-an-instrument-open-a')
})

function goOn(by: number) {
  const boxes = board.value?.enclosures ?? []
  const at = boxes.findIndex(({ id }) => id === openBox.value)
  openBox.value = boxes[(at + by + boxes.length) % boxes.length]?.id ?? null
}
useEventListener('keydown', (event: KeyboardEvent) => {
  if (elementOf(event)?.closest('input, select, [role="tab"], [role="radio"]') || !board.value) return
  if (!event.key.startsWith('Arrow') || event.ctrlKey || event.altKey || event.metaKey) return
  const next = neighbour(
    layOutMap(board.value),
    board.value.enclosures.map(({ id }) => id),
    openBox.value ?? board.value.enclosures[0]!.id,
    event.key,
  )
  if (!next) return
  event.preventDefault()
  openBox.value = next
})
const tab = ref(0)
/** A fault is looked for: boxes are shut at first, and it is handed in. */
const hunt = computed(() => proof.data.value?.hunt ?? null)
const isShut = computed(() => hunt.value !== null && box.value !== null && !hunt.value.opened.includes(box.value.id))
const tabs = computed(() =>
  hunt.value
    ? [say('prove.job'), say('prove.steps'), say('prove.log')]
    : [say('prove.sheet'), say('prove.combinations'), say('prove.log')],
)
const router = useRouter()
const isFault = computed(() => bench.value?.kind === 'fault')
const isHandingIn = ref(false)
const isBusy = ref(false)
// What is seen of the board has changed: a cover is off.
watch(
  () => hunt.value?.opened.length,
  (now, before) => {
    if (now !== undefined && before !== undefined && now !== before) void load()
  },
)
function beginAgain() {
  void load()
  void proof.load()
}
useSittingClock(
  props.attempt,
  () => (isFault.value ? bench.value : null),
  () => void load(),
)
const clockOffsetMs = computed(() => (bench.value ? Date.parse(bench.value.serverTime) - loadedAt.value : 0))
const loadedAt = ref(Date.now())
watch(bench, (fresh) => {
  loadedAt.value = Date.now()
  if (isFault.value && fresh?.handedInAt) void router.replace(`/verdict/${props.attempt}`)
})
const left = useExamClock(
  props.attempt,
  () => (isFault.value ? bench.value : null),
  () => clockOffsetMs.value,
  load,
)
async function handIn() {
  isBusy.value = true
  try {
    await orSay(proof.notice, async () => {
      await api.handIn(props.attempt)
      await router.push(`/verdict/${props.attempt}`)
    })
  } finally {
    isBusy.value = false
    isHandingIn.value = false
  }
}
const trap = ref<WalkData | null>(null)
const isExam = computed(() => bench.value?.mode === 'exam' && !bench.value.isTrial)
</script>

<template>
  <BeginExam v-if="bench?.isToBegin" :attempt="attempt" :exam="bench" @begun="beginAgain" />
  <div v-else class="screen bench">
    <TopBar
      :title="
        bench ? `${isFault ? say('shared.find-the-fault') : say('prove.prove')}: ${bench.title}` : say('prove.prove')
      "
    >
      <span v-if="left" class="code text-xl" :aria-label="say('prove.time-left')">{{ left }}</span>
      <p class="text-right leading-tight"><SavingState :state="proof.saving.value" :to-send="proof.waiting.value" /></p>
      <button v-if="isFault" type="button" class="btn-main" data-test="hand-in" @click="isHandingIn = true">
        {{ say('prove.hand-in') }}
      </button>
      <template v-else-if="proof.data.value && !isExam">
        <button type="button" class="btn px-3" @click="proof.begin(false)">
          {{ say('prove.start-over-supply-off') }}
        </button>
        <button type="button" class="btn px-3" @click="proof.begin(true)">
          {{ say('prove.start-over-supply-on') }}
        </button>
      </template>
      <RouterLink
        v-if="bench && !isFault"
        :to="bench.handedInAt ? `/verdict/${attempt}` : `/bench/${attempt}`"
        class="btn"
        >{{ bench.handedInAt ? say('prove.the-verdict') : say('prove.back-to-the-bench') }}</RouterLink
      >
    </TopBar>
    <TrialBar v-if="bench?.isTrial && bench.boardFile !== null" :attempt="attempt" :board-file="bench.boardFile" />
    <LoadState v-if="!bench || !board || !standing" :failure="failure" :what="say('shared.the-board')" @again="load" />
    <LoadState
      v-else-if="!proof.data.value"
      :failure="proof.failure.value"
      :what="say('prove.the-supply')"
      @again="proof.load"
    />
    <template v-else>
      <ConfirmBar
        v-if="isHandingIn && hunt"
        :label="say('prove.hand-in')"
        :yes="say('prove.hand-in-now')"
        :busy-word="say('prove.handing-in')"
        :no="say('shared.not-yet')"
        :busy="isBusy"
        @yes="handIn"
        @no="isHandingIn = false"
        ><strong>{{ say('prove.hand-in-for-good') }}</strong>
        {{
          say('prove.count-of-faults-found-seen', {
            count: hunt.named.filter(({ isRight }) => isRight).length,
            faults: hunt.faults,
            seen: hunt.seen,
            states: hunt.states,
          })
        }}</ConfirmBar
      >
      <p v-if="proof.told.value" role="alert" class="border-b-2 border-ink bg-wash px-4 py-2 font-bold">
        {{ proof.told.value }}
      </p>
      <NoticeBar v-if="proof.notice.value" tone="hazard" @dismiss="proof.notice.value = ''">{{
        proof.notice.value
      }}</NoticeBar>
      <TrapBoard
        v-if="trap?.report?.trap"
        :trap="trap.report.trap"
        :switches="proof.data.value.switches"
        :lamps="proof.data.value.lamps"
        @leave="trap = null"
      />
      <main v-else class="panes grid-cols-[minmax(12rem,23fr)_minmax(0,54fr)_minmax(12rem,23fr)]">
        <section
          class="min-h-0 space-y-3 overflow-auto border-r border-line p-3"
          :aria-label="say('prove.supply-and-switches')"
        >
          <SupplyPanel :data="proof.data.value" @act="(kind, on) => proof.act(kind, { on })" />
          <p
            class="flex items-center gap-2 border-2 border-ink px-2 py-1 font-bold"
            :class="{ 'bg-ink text-paper': proof.data.value.trip !== null }"
            role="status"
            data-test="supply-state"
          >
            {{
              proof.data.value.trip
                ? say('shared.tripped')
                : proof.data.value.parts.some(({ state }) => state === 'tripped')
                  ? say('prove.something-has-tripped')
                  : say('prove.dont-call-it-dead-until')
            }}
          </p>
          <ul class="space-y-1" :aria-label="say('prove.switches-and-lamps')">
            <li v-for="item in proof.data.value.switches" :key="item.id">
              <button
                type="button"
                class="btn w-full justify-start px-2"
                :aria-label="
                  say('prove.flip-label-now-position', { label: item.label, position: positionName(item.position) })
                "
                :data-flip="item.id"
                @click="proof.act('flip', { on: item.id })"
              >
                <SwitchName :id="item.id" :label="item.label" />
                <span class="code ml-auto"
                  >{{ item.position === 'up' ? '▲' : '▼' }} {{ positionName(item.position) }}</span
                >
              </button>
            </li>
            <li v-for="item in proof.data.value.lamps" :key="item.id" class="flex items-center gap-1">
              <span class="flex min-w-0 grow items-center gap-2 px-2" :data-lamp="item.id" :data-state="item.state">
                <LampSign class="h-7 w-7" :state="item.state" :is-out="item.isOut" />
                <span class="truncate">{{ item.label }}</span>
                <span class="code ml-auto" role="status">{{
                  item.isOut ? say('prove.lamp-is-out') : lampWord(item.state)
                }}</span>
              </span>
              <button
                type="button"
                class="btn px-2"
                :data-test="`lamp-${item.id}`"
                @click="proof.act(item.isOut ? 'lamp-in' : 'lamp-out', { on: item.id })"
              >
                {{ item.isOut ? say('prove.lamp-in') : say('prove.lamp-out') }}
              </button>
            </li>
          </ul>
        </section>
        <section class="flex min-h-0 flex-col" :aria-label="say('shared.the-board')">
          <div class="flex items-center gap-2 px-2 py-1 [&>button]:min-h-9 [&>button]:px-3">
            <button v-if="box" type="button" class="btn" @click="openBox = null">
              {{ say('shared.whole-board') }}
            </button>
            <strong class="grow truncate">{{ box ? box.label : say('prove.open-a-box-to-put') }}</strong>
            <template v-if="box">
              <button type="button" class="btn" :aria-label="say('shared.previous-box')" @click="goOn(-1)">◂</button>
              <button type="button" class="btn" :aria-label="say('shared.next-box')" @click="goOn(1)">▸</button>
            </template>
          </div>
          <div class="min-h-0 grow px-2">
            <ShutBox
              v-if="box && isShut"
              :label="box.label"
              :is-live="proof.data.value.isLive"
              @open="proof.act('open-box', { on: box.id })"
            />
            <OpenBox
              v-else-if="box"
              :board="board"
              :box="box"
              :bench="hands.isOn.value ? hands.bench.value : standing"
              :carried="hands.hand.carried.value"
              :numbers="hands.isBusy.value ? hands.hand.targets.value : numbers"
              :pins="pins"
              :is-idle="!hands.isBusy.value"
              @pick="pick"
              @alike="hands.hand.takeAlike"
              @connector="(place) => (hands.isOn.value ? hands.hand.tapConnector(place) : pick(place))"
            />
            <BoardMap
              v-else
              :board="board"
              :lamps="proof.lamps.value"
              :paddles="proof.paddles.value"
              :pins="boxPins"
              @open="(id) => (openBox = id)"
            />
          </div>
          <InstrumentBench
            :instruments="instruments"
            :chosen="probes.instrument.value"
            :data="proof.data.value"
            :said="said"
            :board="board"
            :is-linking="isLinking"
            :has-hands="hunt !== null"
            :is-hands="hands.isOn.value"
            @choose="take"
            @act="(kind, more) => proof.act(kind, more)"
            @link="link"
          >
            <HandsPane
              v-if="hunt && proof.bench.value?.repairs"
              :board="board"
              :box="isShut ? null : box"
              :hand="hands.hand"
              :hunt="hunt"
              :repairs="proof.bench.value.repairs"
              :is-live="proof.data.value.isLive"
              @tighten="hands.tighten"
              @act="(kind, more) => proof.act(kind, more)"
            />
          </InstrumentBench>
        </section>
        <TabGroup
          as="section"
          class="flex min-h-0 flex-col border-l border-line"
          :aria-label="say('prove.records')"
          :selected-index="tab"
          @change="tab = $event"
        >
          <TabHeads :names="tabs" />
          <TabPanels class="min-h-0 grow overflow-auto">
            <TabPanel v-if="hunt && proof.bench.value?.namings" :tabindex="-1">
              <HuntPane
                :hunt="hunt"
                :namings="proof.bench.value.namings"
                :open-box="openBox"
                @name="(on) => proof.act('name', { on })"
              />
            </TabPanel>
            <TabPanel :tabindex="-1">
              <SheetPane :attempt="attempt" :acts="proof.data.value.acts" :steps-only="hunt !== null" />
            </TabPanel>
            <TabPanel v-if="!hunt" :tabindex="-1">
              <WalkPane
                :attempt="attempt"
                :acts="proof.data.value.acts"
                :is-live="proof.data.value.isLive"
                @flip="(on) => proof.act('flip', { on })"
                @sign-off="proof.act('sign-off')"
                @trap="(found) => (trap = found)"
              />
            </TabPanel>
            <TabPanel :tabindex="-1">
              <ol class="space-y-1 p-3 text-sm" data-test="log">
                <li v-for="(line, i) in proof.data.value.lines" :key="i">{{ line }}</li>
                <li v-if="proof.data.value.lines.length === 0" class="text-soft">
                  {{ say('prove.nothing-done-yet') }}
                </li>
              </ol>
            </TabPanel>
          </TabPanels>
        </TabGroup>
      </main>
    </template>
  </div>
</template>
