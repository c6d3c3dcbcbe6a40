<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/shared/api/client'
import LoadState from '@/shared/ui/LoadState.vue'
import PaperPage from '@/shared/ui/PaperPage.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import PrintedPage from './PrintedPage.vue'

const props = defineProps<{ boardFile: number; plan: number }>()
const wanted = ref<string[]>([])
const { data, failure, load } = useLoaded(async () => {
  const paper = await api.paperPages(props.boardFile, props.plan)
  // Nothing with answers lies on the printer unless it is asked for.
  wanted.value = paper.pages.filter(({ tells }) => !tells).map(({ page }) => page)
  return paper
})
const size = ref('')
const boards = ref(1)
const print = () => window.print()
</script>

<template>
  <div class="min-h-dvh">
    <div class="print:hidden">
      <TopBar :title="data?.title ?? 'On paper'" :board="boardFile">
        <button type="button" class="btn-main" :disabled="!data" @click="print">Print</button>
        <a class="btn" :href="api.paperOf(boardFile, plan, wanted, size, boards)" download data-test="pdf"
          >Download as PDF</a
        >
      </TopBar>
      <fieldset class="flex flex-wrap gap-x-5 border-b border-line px-5 py-1">
        <legend class="sr-only">Pages to print</legend>
        <label v-for="{ page, name, tells } in data?.pages" :key="page" class="flex min-h-11 items-center gap-2">
          <input v-model="wanted" type="checkbox" :value="page" class="h-5 w-5 accent-violet" />{{ name
          }}{{ tells ? ' ◆' : '' }}
        </label>
        <span class="flex min-h-11 items-center text-soft">◆ tells answers</span>
      </fieldset>
      <p class="flex flex-wrap items-center gap-4 border-b border-line px-5 py-1">
        <label class="flex items-center gap-2"
          >Paper of the PDF
          <select v-model="size" class="field min-h-9 w-auto" data-test="size">
            <option value="">as usual here</option>
            <option value="letter">Letter</option>
            <option value="a4">A4</option>
          </select></label
        >
        <label class="flex items-center gap-2"
          >Boards of this drawing
          <input v-model.number="boards" class="field min-h-9 w-20" type="number" min="1" max="60" data-test="boards"
        /></label>
      </p>
    </div>
    <LoadState v-if="!data" :failure="failure" what="The pages" @again="load" />
    <main v-else class="mx-auto max-w-4xl overflow-x-auto print:overflow-visible" tabindex="0">
      <template v-for="({ page, name, html }, i) in data.pages" :key="page">
        <PaperPage
          v-if="wanted.includes(page)"
          :caution="data.caution"
          :title="data.title"
          :name="name"
          :label="`Page ${i + 1}`"
          :data-page="page"
        >
          <PrintedPage :html="html" :css="data.style" />
        </PaperPage>
      </template>
    </main>
  </div>
</template>
