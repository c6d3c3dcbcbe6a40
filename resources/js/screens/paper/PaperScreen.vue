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
  wanted.value = paper.pages.map(({ page }) => page)
  return paper
})
const print = () => window.print()
</script>

<template>
  <div class="min-h-dvh">
    <div class="print:hidden">
      <TopBar :title="data?.title ?? 'On paper'" :board="boardFile">
        <button type="button" class="btn-main" :disabled="!data" @click="print">Print</button>
        <a class="btn" :href="api.paperOf(boardFile, plan, wanted)" download data-test="pdf">Download as PDF</a>
      </TopBar>
      <fieldset class="flex flex-wrap gap-x-5 border-b-2 border-ink px-5 py-2">
        <legend class="sr-only">Pages to print</legend>
        <label v-for="{ page, name } in data?.pages" :key="page" class="flex min-h-11 items-center gap-2">
          <input v-model="wanted" type="checkbox" :value="page" class="h-5 w-5 accent-violet" />{{ name }}
        </label>
      </fieldset>
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
