<script setup lang="ts">
import { TabGroup, TabPanel, TabPanels } from '@headlessui/vue'
import { api } from '@/shared/api/client'
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

const TABS = ['Materials', 'Cut list', 'Labels', 'Mark out', 'In the boxes', 'Readings']
const leaf = useOpenLeaf('leaf', ['materials', 'cuts', 'labels', 'mark-out', 'boxes', 'readings'])
const TABLES = { materials: 'Materials', cuts: 'Cut list', labels: 'Labels', schedule: 'Wiring schedule' } as const
const FILES = { board: 'Board', wiring: 'Wiring', spice: 'SPICE', svg: 'SVG drawing' } as const
</script>

<template>
  <div class="screen">
    <TopBar :title="list?.board.title ?? 'Prepare'" :board="boardFile">
      <RouterLink :to="`/paper/${boardFile}/${plan}`" class="btn">On paper</RouterLink>
    </TopBar>
    <LoadState v-if="!data" :failure="failure" what="The lists" @again="load" />
    <main v-else class="panes grid-cols-[16rem_minmax(0,1fr)]">
      <aside class="flex min-h-0 flex-col gap-4 overflow-auto border-r-2 border-ink p-4" aria-label="Figures and files">
        <p v-if="failure" role="alert" class="border-2 border-ink p-2">{{ failure }}</p>
        <CutAllowances v-model="asked" :data="data" />
        <section aria-label="To download">
          <h2 class="font-bold">As tables (CSV)</h2>
          <ul>
            <li v-for="(name, table) in TABLES" :key="table">
              <a
                class="inline-flex min-h-9 items-center underline"
                :href="api.tableOf(boardFile, plan, table, query)"
                download
                >{{ name }}</a
              >
            </li>
          </ul>
          <h2 class="mt-2 font-bold">As files</h2>
          <ul>
            <li v-for="(name, as) in FILES" :key="as">
              <a
                class="inline-flex min-h-9 items-center underline"
                :href="api.fileOf(boardFile, plan, as, '')"
                download
                >{{ name }}</a
              >
            </li>
            <li>
              <a class="inline-flex min-h-9 items-center underline" :href="api.paperOf(boardFile, plan)" download
                >PDF, every page</a
              >
            </li>
          </ul>
        </section>
      </aside>
      <TabGroup
        as="section"
        class="flex min-h-0 flex-col"
        aria-label="What to get ready"
        data-test="prepare"
        :selected-index="leaf"
        @change="leaf = $event"
      >
        <TabHeads :names="TABS" />
        <TabPanels class="min-h-0 grow overflow-auto p-5" tabindex="0">
          <TabPanel :tabindex="-1"><MaterialsList :data="data" @keep="keep" /></TabPanel>
          <TabPanel :tabindex="-1">
            <DataTable
              caption="Cut list"
              :columns="['cable', 'type', 'from', 'to', 'run', 'cut at']"
              :rows="data.cuts.map(Object.values)"
            />
          </TabPanel>
          <TabPanel :tabindex="-1">
            <DataTable
              caption="Labels for the ends"
              :columns="['cable', 'end in', 'goes to', 'carries']"
              :rows="data.labels.map(Object.values)"
            />
          </TabPanel>
          <TabPanel :tabindex="-1">
            <p v-if="data.markOut.length === 0" class="text-soft">The board does not say where its boxes hang.</p>
            <DataTable
              v-else
              caption="Mark out"
              :columns="['box', 'from the left, to its middle', 'height of its middle', 'stud', 'depth of the box']"
              :rows="data.markOut.map(Object.values)"
            />
          </TabPanel>
          <TabPanel :tabindex="-1"><BoxNotes :data="data" /></TabPanel>
          <TabPanel :tabindex="-1">
            <CautionNote class="mb-3 border-2 border-ink p-2" :practice="data.practice" :of="['hands', 'live']"
              >These are worked out, not measured; ohms are read with the supply off and disconnected.</CautionNote
            >
            <DataTable
              caption="Readings to expect"
              :columns="['between', 'with', 'the meter should read']"
              :rows="data.readings.map(Object.values)"
            />
          </TabPanel>
        </TabPanels>
      </TabGroup>
    </main>
  </div>
</template>
