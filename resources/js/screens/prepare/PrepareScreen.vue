<script setup lang="ts">
import { say } from '@/shared/words/say'
import { TabGroup, TabPanel, TabPanels } from '@headlessui/vue'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import { useOpenLeaf } from '@/shared/frame/useOpenLeaf'
import CautionNote from '@/shared/ui/CautionNote.vue'
import DataTable from '@/shared/ui/DataTable.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TabHeads from '@/shared/ui/TabHeads.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import BoxNotes from './BoxNotes.vue'
import CutAllowances from './CutAllowances.vue'
import MaterialsList from './MaterialsList.vue'
import { usePrepare } from './usePrepare'

const props = defineProps<{ boardFile: number; plan: number }>()
const { data, failure, asked, query, load, keep } = usePrepare(props.boardFile, props.plan)
const { data: list } = useLoaded(() => api.plans(props.boardFile))

const TABS = [
  say('prepare.materials'),
  say('prepare.cut-list'),
  say('prepare.labels'),
  say('prepare.mark-out'),
  say('prepare.in-the-boxes'),
  say('prepare.readings'),
]
const leaf = useOpenLeaf('leaf', ['materials', 'cuts', 'labels', 'mark-out', 'boxes', 'readings'])
const TABLES = {
  materials: say('prepare.materials'),
  cuts: say('prepare.cut-list'),
  labels: say('prepare.labels'),
  schedule: say('prepare.wiring-schedule'),
} as const
const FILES = {
  board: say('shared.board'),
  wiring: say('prepare.wiring'),
  spice: 'SPICE',
  svg: say('prepare.svg-drawing'),
} as const
</script>

<template>
  <div class="screen">
    <TopBar :title="list?.board.title ?? say('shared.prepare')" :board="boardFile">
      <RouterLink :to="`/paper/${boardFile}/${plan}`" class="btn">{{ say('prepare.on-paper') }}</RouterLink>
    </TopBar>
    <LoadState v-if="!data" :failure="failure" :what="say('prepare.the-lists')" @again="load" />
    <main v-else class="panes grid-cols-[16rem_minmax(0,1fr)]">
      <aside
        class="flex min-h-0 flex-col gap-4 overflow-auto border-r-2 border-ink p-4"
        :aria-label="say('prepare.figures-and-files')"
      >
        <p v-if="failure" role="alert" class="border-2 border-ink p-2">{{ failure }}</p>
        <CutAllowances v-model="asked" :data="data" />
        <section :aria-label="say('prepare.to-download')">
          <h2 class="font-bold">{{ say('prepare.as-tables-csv') }}</h2>
          <ul>
            <li v-for="(name, table) in TABLES" :key="table">
              <a
                class="inline-flex min-h-9 items-center underline"
                :href="downloads.tableOf(boardFile, plan, table, query)"
                download
                >{{ name }}</a
              >
            </li>
          </ul>
          <h2 class="mt-2 font-bold">{{ say('prepare.as-files') }}</h2>
          <ul>
            <li v-for="(name, as) in FILES" :key="as">
              <a
                class="inline-flex min-h-9 items-center underline"
                :href="downloads.fileOf(boardFile, plan, as, '')"
                download
                >{{ name }}</a
              >
            </li>
            <li>
              <a
                class="inline-flex min-h-9 items-center underline"
                :href="downloads.paperOf(boardFile, plan)"
                download
                >{{ say('prepare.pdf-every-page') }}</a
              >
            </li>
          </ul>
        </section>
      </aside>
      <TabGroup
        as="section"
        class="flex min-h-0 flex-col"
        :aria-label="say('prepare.what-to-get-ready')"
        data-test="prepare"
        :selected-index="leaf"
        @change="leaf = $event"
      >
        <TabHeads :names="TABS" />
        <TabPanels class="min-h-0 grow overflow-auto p-5" tabindex="0">
          <TabPanel :tabindex="-1"><MaterialsList :data="data" @keep="keep" /></TabPanel>
          <TabPanel :tabindex="-1">
            <DataTable
              :caption="say('prepare.cut-list')"
              :columns="['cable', 'type', 'from', 'to', 'run', say('prepare.cut-at')]"
              :rows="data.cuts.map(Object.values)"
            />
          </TabPanel>
          <TabPanel :tabindex="-1">
            <DataTable
              :caption="say('prepare.labels-for-the-ends')"
              :columns="['cable', say('prepare.end-in'), say('shared.goes-to'), 'carries']"
              :rows="data.labels.map(Object.values)"
            />
          </TabPanel>
          <TabPanel :tabindex="-1">
            <p v-if="data.markOut.length === 0" class="text-soft">{{ say('prepare.this-board-does-not-say') }}</p>
            <DataTable
              v-else
              :caption="say('prepare.mark-out')"
              :columns="[
                'box',
                say('prepare.from-the-left-to-its'),
                say('prepare.height-to-its-center'),
                'stud',
                say('prepare.depth-of-the-box'),
              ]"
              :rows="data.markOut.map(Object.values)"
            />
          </TabPanel>
          <TabPanel :tabindex="-1"><BoxNotes :data="data" /></TabPanel>
          <TabPanel :tabindex="-1">
            <CautionNote class="mb-3 border-2 border-ink p-2" :practice="data.practice" :of="['hands', 'live']">{{
              say('prepare.these-are-calculated-not-measured')
            }}</CautionNote>
            <DataTable
              :caption="say('prepare.readings-to-expect')"
              :columns="['between', 'with', say('prepare.meter-should-read')]"
              :rows="data.readings.map(Object.values)"
            />
          </TabPanel>
        </TabPanels>
      </TabGroup>
    </main>
  </div>
</template>
