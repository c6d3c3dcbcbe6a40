<script setup lang="ts">
import { say } from '@/shared/words/say'
import { ref } from 'vue'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import LoadState from '@/shared/ui/LoadState.vue'
import PaperPage from '@/shared/ui/PaperPage.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import { usePrinter } from '@/shared/ui/usePrinter'
import PrintedPage from './PrintedPage.vue'

const props = defineProps<{ boardFile: number; plan: number }>()
const wanted = ref<string[]>([])
const { data, failure, load } = useLoaded(async () => {
  const paper = await api.paperPages(props.boardFile, props.plan)
  // Nothing with answers lies on the printer unless it is asked for.
  wanted.value = paper.pages.filter(({ tells }) => !tells).map(({ page }) => page)
  return paper
})
const printer = usePrinter()
const boards = ref(1)
const firstLabel = ref(1)
/** Ready-cut labels by how many are on a sheet, and how large one is. */
const LABEL_SHEETS = {
  'letter-30': say('paper.letter-30-a-sheet-2'),
  'letter-80': say('paper.letter-80-a-sheet-1'),
  'a4-24': say('paper.a4-24-a-sheet-70'),
  'a4-21': say('paper.a4-21-a-sheet-63'),
  'a4-65': say('paper.a4-65-a-sheet-38'),
}
const labelsTell = ref(false)
const print = () => window.print()
</script>

<template>
  <div class="min-h-dvh">
    <div class="print:hidden">
      <TopBar :title="data?.title ?? say('paper.on-paper')" :board="boardFile">
        <button type="button" class="btn-main" :disabled="!data" @click="print">{{ say('shared.print') }}</button>
        <a
          class="btn"
          :href="downloads.paperOf(boardFile, plan, wanted, { size: printer.size, isDuplex: printer.isDuplex, boards })"
          download
          data-test="pdf"
          >{{ say('paper.download-as-pdf') }}</a
        >
      </TopBar>
      <fieldset class="flex flex-wrap gap-x-5 border-b border-line px-5 py-1">
        <legend class="sr-only">{{ say('paper.pages-to-print') }}</legend>
        <label v-for="{ page, name, tells } in data?.pages" :key="page" class="flex min-h-11 items-center gap-2">
          <input v-model="wanted" type="checkbox" :value="page" class="h-5 w-5 accent-violet" />{{ name
          }}{{ tells ? ' ◆' : '' }}
        </label>
        <span class="flex min-h-11 items-center text-soft">{{ say('paper.shows-answers') }}</span>
      </fieldset>
      <p class="flex flex-wrap items-center gap-4 border-b border-line px-5 py-1">
        <label class="flex items-center gap-2"
          >{{ say('paper.paper-size') }}
          <select v-model="printer.size" class="field min-h-9 w-auto" data-test="size">
            <option value="">{{ say('paper.the-usual-size-here') }}</option>
            <option value="letter">{{ say('paper.letter') }}</option>
            <option value="a4">A4</option>
          </select></label
        >
        <label class="flex min-h-11 items-center gap-2">
          <input v-model="printer.isDuplex" type="checkbox" class="h-5 w-5 accent-violet" data-test="duplex" />{{
            say('paper.both-sides-each-part-begins')
          }}
        </label>
        <label class="flex items-center gap-2"
          >{{ say('paper.how-many-of-this-board') }}
          <input v-model.number="boards" class="field min-h-9 w-20" type="number" min="1" max="60" data-test="boards"
        /></label>
      </p>
      <p class="flex flex-wrap items-center gap-4 border-b border-line px-5 py-1">
        <label class="flex max-w-full flex-wrap items-center gap-2"
          >{{ say('paper.ready-cut-labels') }}
          <select v-model="printer.labels" class="field min-h-9 w-auto max-w-full" data-test="label-sheet">
            <option v-for="(name, id) in LABEL_SHEETS" :key="id" :value="id">{{ name }}</option>
          </select></label
        >
        <label class="flex items-center gap-2"
          >{{ say('paper.first-unused-label') }}
          <input v-model.number="firstLabel" class="field min-h-9 w-20" type="number" min="1" max="80"
        /></label>
        <label class="flex min-h-11 items-center gap-2">
          <input v-model="labelsTell" type="checkbox" class="h-5 w-5 accent-violet" />{{
            say('paper.with-what-each-conductor-is')
          }}
        </label>
        <a
          class="btn"
          :href="
            downloads.paperOf(boardFile, plan, [labelsTell ? 'labels' : 'blank-labels'], {
              labels: printer.labels,
              firstLabel,
              boards,
            })
          "
          download
          data-test="labels-pdf"
          >{{ say('paper.labels-as-pdf') }}</a
        >
      </p>
    </div>
    <LoadState v-if="!data" :failure="failure" :what="say('paper.the-pages')" @again="load" />
    <main v-else class="mx-auto max-w-4xl overflow-x-auto print:overflow-visible" tabindex="0">
      <template v-for="({ page, name, html }, i) in data.pages" :key="page">
        <PaperPage
          v-if="wanted.includes(page)"
          :caution="data.caution"
          :title="data.title"
          :name="name"
          :label="say('paper.page-what', { what: i + 1 })"
          :data-page="page"
        >
          <PrintedPage :html="html" :css="data.style" />
        </PaperPage>
      </template>
    </main>
  </div>
</template>
