<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/shared/api/client'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import OpenBox from '@/shared/board/OpenBox.vue'
import WiringDiagram from '@/shared/board/WiringDiagram.vue'
import BoxNotes from '@/shared/prepare/BoxNotes.vue'
import DataTable from '@/shared/ui/DataTable.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import PaperPage from '@/shared/ui/PaperPage.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

const props = defineProps<{ boardFile: number; plan: number }>()
const { data, failure, load } = useLoaded(async () => ({
  list: await api.plans(props.boardFile),
  plan: await api.plan(props.boardFile, props.plan),
  lists: await api.materials(props.boardFile, props.plan, {}),
}))

const PAGES = {
  task: 'Task sheet, without answers',
  board: 'Board',
  schedule: 'Wiring schedule',
  diagram: 'Schematic',
  key: 'Answer key, box by box',
  materials: 'Materials and cut list',
  'mark-out': 'Mark-out sheet',
  boxes: 'In the boxes',
  readings: 'Readings to expect',
  labels: 'Labels',
  'blank-labels': 'Labels, blank for an exam',
  'as-found': 'As-found sheet',
} as const
type Page = keyof typeof PAGES
const LABEL_PAGES = ['labels', 'blank-labels'] as const
const wanted = ref<Page[]>(Object.keys(PAGES) as Page[])
const has = (page: Page) => wanted.value.includes(page)

const title = computed(() => data.value?.list.board.title ?? '')
const standing = computed(() =>
  data.value ? replay(data.value.plan.standing, placesOf(data.value.plan.board)).now : null,
)
const positions = computed(() => new Map(data.value?.plan.verdict.switches.map(({ id }) => [id, 'up'])))
const SCHEDULE = ['box', 'cable', 'conductor', 'carries', 'lands on', 'mark']
const schedule = computed(() => (data.value?.lists.schedule ?? []).map(Object.values))
/** The same without its answers. */
const blank = computed(() => schedule.value.map(([box, cable, conductor]) => [box, cable, conductor, '', '']))
const steps = computed(() => data.value?.plan.orders.boxByBox ?? [])
const print = () => window.print()
</script>

<template>
  <div class="min-h-dvh">
    <div class="print:hidden">
      <TopBar :title="`On paper · ${title}`">
        <button type="button" class="btn-main" :disabled="!data" @click="print">Print</button>
        <a class="btn" :href="api.paperOf(boardFile, plan, wanted)" download data-test="pdf">Download as PDF</a>
        <RouterLink :to="`/plans/${boardFile}`" class="btn">Its plans</RouterLink>
      </TopBar>
      <fieldset class="flex flex-wrap gap-x-5 border-b-2 border-ink px-5 py-2">
        <legend class="sr-only">Pages to print</legend>
        <label v-for="(name, page) in PAGES" :key="page" class="flex min-h-11 items-center gap-2">
          <input v-model="wanted" type="checkbox" :value="page" class="h-5 w-5 accent-violet" />{{ name }}
        </label>
      </fieldset>
    </div>
    <LoadState v-if="!data || !standing" :failure="failure" what="The pages" @again="load" />
    <main v-else class="mx-auto max-w-4xl">
      <PaperPage v-if="has('task')" :practice="data.list.board.practice" :title="title" name="Task" data-page="task">
        <p class="mb-2 text-lg">{{ data.list.board.brief }}</p>
        <img class="max-w-full" :src="api.fileOf(boardFile, plan, 'blank-svg', '')" alt="The board, to scale" />
        <p class="mt-2 font-bold">Write down what each conductor carries and where it lands.</p>
        <DataTable caption="Conductors" :columns="['box', 'cable', 'conductor', 'carries', 'lands on']" :rows="blank" />
        <p class="mt-4">Name ____________________ Station ________ Date ____________</p>
      </PaperPage>
      <PaperPage v-if="has('board')" :practice="data.list.board.practice" :title="title" name="Board" data-page="board">
        <img
          class="max-w-full"
          :src="api.fileOf(boardFile, plan, 'svg', '')"
          alt="The board, to scale, with what each core carries"
        />
      </PaperPage>
      <PaperPage
        v-if="has('schedule')"
        :practice="data.list.board.practice"
        :title="title"
        name="Wiring schedule"
        data-page="schedule"
      >
        <DataTable caption="Wiring schedule" :columns="SCHEDULE" :rows="schedule" />
      </PaperPage>
      <PaperPage
        v-if="has('diagram')"
        :practice="data.list.board.practice"
        :title="title"
        name="Schematic"
        data-page="diagram"
      >
        <div class="h-96">
          <WiringDiagram
            :diagram="data.plan.verdict.diagram"
            :positions="positions"
            :lamps="new Map()"
            :traced="new Set()"
            :hidden="new Set()"
          />
        </div>
      </PaperPage>
      <PaperPage
        v-if="has('key')"
        :practice="data.list.board.practice"
        :title="title"
        name="Answer key"
        data-page="key"
      >
        <p class="mb-2">{{ data.plan.verdict.headline }}</p>
        <ol class="list-decimal pl-6">
          <li v-for="(step, i) in steps" :key="i" class="break-inside-avoid">{{ step.text }}</li>
        </ol>
        <div class="mt-4 grid grid-cols-2 gap-4">
          <figure v-for="box in data.plan.board.enclosures" :key="box.id" class="break-inside-avoid">
            <figcaption class="font-bold">{{ box.label }}</figcaption>
            <div class="h-64"><OpenBox :board="data.plan.board" :box="box" :bench="standing" read-only /></div>
          </figure>
        </div>
      </PaperPage>
      <PaperPage
        v-if="has('materials')"
        :practice="data.list.board.practice"
        :title="title"
        name="Materials and cut list"
        data-page="materials"
      >
        <DataTable
          caption="Materials"
          :columns="['', 'what', 'how many']"
          :rows="data.lists.materials.map(({ kind, what, amount }) => [kind, what, amount])"
        />
        <p class="mt-4 mb-1">Lengths: {{ data.lists.allowed }}.</p>
        <DataTable
          caption="Cut list"
          :columns="['cable', 'type', 'from', 'to', 'run', 'cut at']"
          :rows="data.lists.cuts.map(Object.values)"
        />
      </PaperPage>
      <PaperPage
        v-if="has('mark-out')"
        :practice="data.list.board.practice"
        :title="title"
        name="Mark-out sheet"
        data-page="mark-out"
      >
        <DataTable
          caption="Mark out"
          :columns="['box', 'from the left, to its middle', 'height of its middle', 'stud', 'depth of the box']"
          :rows="data.lists.markOut.map(Object.values)"
        />
      </PaperPage>
      <PaperPage
        v-if="has('boxes')"
        :practice="data.list.board.practice"
        :title="title"
        name="In the boxes"
        data-page="boxes"
      >
        <BoxNotes :data="data.lists" />
      </PaperPage>
      <PaperPage
        v-if="has('readings')"
        :practice="data.list.board.practice"
        :title="title"
        name="Readings to expect"
        data-page="readings"
      >
        <DataTable
          caption="Readings to expect"
          :columns="['between', 'with', 'the meter should read']"
          :rows="data.lists.readings.map(Object.values)"
        />
      </PaperPage>
      <template v-for="page in LABEL_PAGES" :key="page">
        <PaperPage
          v-if="has(page)"
          :practice="data.list.board.practice"
          :title="title"
          :name="PAGES[page]"
          :data-page="page"
        >
          <div class="grid grid-cols-3 gap-2">
            <div v-for="(label, i) in data.lists.labels" :key="i" class="break-inside-avoid border-2 border-ink p-2">
              <strong class="code text-xl">{{ label.cable }}</strong>
              <p>{{ label.end }} → {{ label.other }}</p>
              <p class="min-h-5 text-sm">{{ page === 'labels' ? label.carries : '' }}</p>
            </div>
          </div>
        </PaperPage>
      </template>
      <PaperPage
        v-if="has('as-found')"
        :practice="data.list.board.practice"
        :title="title"
        name="As-found sheet"
        data-page="as-found"
      >
        <p class="mb-2">
          Isolate, lock off, prove dead. Before anything comes off, write down where every conductor lands and what its
          tape or sleeve says. Then it can come off.
        </p>
        <DataTable
          caption="As found"
          :columns="['box', 'cable', 'conductor', 'lands on', 'tape or sleeve']"
          :rows="blank"
        />
      </PaperPage>
    </main>
  </div>
</template>
