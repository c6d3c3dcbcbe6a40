<script setup lang="ts">
import { positionName } from '@/shared/words/positionName'
import { say } from '@/shared/words/say'
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed, toRef } from 'vue'
import type { BoardLook, PathData, VerdictData } from '@/shared/api/generated/http'
import type { BenchState } from '@/shared/bench/bench'
import BoardMap from '@/shared/board/BoardMap.vue'
import OpenBox from '@/shared/board/OpenBox.vue'
import WiringDiagram from '@/shared/board/WiringDiagram.vue'
import { practiceOf } from '@/shared/practices'
import FigureList from './FigureList.vue'
import LayerToggles from './LayerToggles.vue'
import PathWords from './PathWords.vue'
import { useCurrentPath } from './useCurrentPath'
import { useLayers } from './useLayers'
import SwitchName from '@/shared/ui/SwitchName.vue'

const props = defineProps<{
  /** The current's way towards a lamp in a state, as the server works it out. */
  pathOf: (lamp: string, state: number) => Promise<PathData>
  verdict: VerdictData
  practice: string
  board: BoardLook
  standing: BenchState
  boxPins: ReadonlyMap<string, readonly number[]>
  placePins: ReadonlyMap<string, readonly number[]>
  /** Places that a move or a step is about. */
  pointed: ReadonlySet<string>
  /** Whether it is being worked on, with the supply isolated: nothing is lit and no current runs. */
  dead?: boolean
}>()
const openBox = defineModel<string | null>('openBox', { required: true })
const state = defineModel<number>('state', { required: true })

const verdict = toRef(props, 'verdict')
const layers = useLayers(verdict)
const current = useCurrentPath((lamp, wanted) => props.pathOf(lamp, wanted), verdict, toRef(props, 'board'), state)
const box = computed(() => props.board.enclosures.find(({ id }) => id === openBox.value) ?? null)
const tabs = computed(() => [
  say('shared.board'),
  say('shared.diagram'),
  practiceOf(props.practice).reckonsBoxFill ? say('shared.box-fill') : say('shared.figures'),
])
const tab = defineModel<number>('tab', { default: 0 })

function goOn(by: number) {
  const boxes = props.board.enclosures
  const at = boxes.findIndex(({ id }) => id === openBox.value)
  openBox.value = boxes[(at + by + boxes.length) % boxes.length]?.id ?? null
}

function flipById(id: string) {
  const i = current.positions.value.findIndex((item) => item.id === id)
  if (i >= 0) current.flip(i)
}
</script>

<template>
  <TabGroup
    as="section"
    class="flex min-h-0 flex-col"
    :aria-label="say('shared.the-board')"
    :selected-index="tab"
    @change="tab = $event"
  >
    <div class="flex flex-wrap items-center gap-2 border-b border-line p-2">
      <TabList class="flex">
        <Tab v-for="name in tabs" :key="name" v-slot="{ selected }" as="template">
          <button
            type="button"
            class="min-h-11 border-b-4 px-3 font-bold"
            :class="selected ? 'border-violet text-violet' : 'border-transparent'"
          >
            {{ name }}
          </button>
        </Tab>
      </TabList>
      <button
        v-for="(item, i) in dead ? [] : current.positions.value"
        :key="item.id"
        type="button"
        class="btn px-3"
        :aria-label="
          say('shared.flip-label-now-position', { label: item.label, position: positionName(item.position) })
        "
        :data-flip="item.id"
        @click="current.flip(i)"
      >
        <SwitchName :id="item.id" :label="item.place" />
        <span class="code">{{ item.position === 'up' ? '▲' : '▼' }}</span>
      </button>
      <select
        v-if="verdict.lamps.length > 1 && !dead"
        v-model="current.lamp.value"
        class="field w-auto"
        :aria-label="say('shared.lamp-to-follow')"
      >
        <option v-for="item in verdict.lamps" :key="item.id" :value="item.id">{{ item.label }}</option>
      </select>
    </div>
    <TabPanels class="min-h-0 grow">
      <TabPanel class="flex h-full flex-col" :tabindex="-1">
        <div v-if="box" class="flex items-center gap-3 px-2 pt-1 [&>button]:min-h-9">
          <button type="button" class="btn" @click="openBox = null">{{ say('shared.whole-board') }}</button>
          <strong class="grow">{{ box.label }}</strong>
          <button type="button" class="btn px-3" @click="goOn(-1)">
            <span aria-hidden="true">◂</span><span class="max-xl:sr-only">{{ say('shared.previous-box') }}</span>
          </button>
          <button type="button" class="btn px-3" @click="goOn(1)">
            <span class="max-xl:sr-only">{{ say('shared.next-box') }}</span><span aria-hidden="true">▸</span>
          </button>
        </div>
        <div class="min-h-0 grow">
          <OpenBox
            v-if="box"
            :board="board"
            :box="box"
            :bench="standing"
            :traced="dead ? pointed : current.tracedPlaces.value"
            :pins="placePins"
            :faded="layers.places.value"
            read-only
          />
          <BoardMap
            v-else
            :board="board"
            :pins="boxPins"
            v-bind="
              dead
                ? {}
                : { lamps: current.lamps.value, paddles: current.paddles.value, traced: current.tracedCores.value }
            "
            @open="(id) => (openBox = id)"
          />
        </div>
        <LayerToggles
          v-if="box"
          class="px-2 pb-1"
          :layers="verdict.layers"
          :names="verdict.layerNames"
          :hidden="layers.hidden.value"
          @toggle="layers.toggle"
        />
      </TabPanel>
      <TabPanel class="flex h-full flex-col" :tabindex="-1">
        <div class="min-h-0 grow">
          <WiringDiagram
            :diagram="verdict.diagram"
            :positions="current.positionOf.value"
            :lamps="current.lampOf.value"
            :traced="current.tracedPlaces.value"
            :hidden="layers.hidden.value"
            @flip="flipById"
          />
        </div>
        <LayerToggles
          class="p-2"
          :layers="verdict.layers"
          :names="verdict.layerNames"
          :hidden="layers.hidden.value"
          @toggle="layers.toggle"
        />
      </TabPanel>
      <TabPanel class="h-full overflow-auto">
        <FigureList :blocks="verdict.figures" />
      </TabPanel>
    </TabPanels>
    <p v-if="dead" class="border-t-2 border-ink p-3" data-test="dead">
      {{ say('shared.supply-off-nothing-is-live') }}
    </p>
    <PathWords
      v-else-if="tab < 2"
      :is-brief="tab === 0 && box !== null"
      :path="current.path.value"
      :failure="current.failure.value"
    />
  </TabGroup>
</template>
