<script setup lang="ts">
import { api } from '@/shared/api/client'
import PaperPage from '@/shared/ui/PaperPage.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

const props = defineProps<{ attempt: number }>()
const { data, failure, load } = useLoaded(async () => ({
  bench: await api.bench(props.attempt),
  debrief: await api.debrief(props.attempt),
}))
const print = () => window.print()
</script>

<template>
  <div class="min-h-dvh">
    <div class="print:hidden">
      <TopBar title="Viva">
        <button type="button" class="btn-main" :disabled="!data" @click="print">Print</button>
        <RouterLink :to="`/verdict/${attempt}`" class="btn">The verdict</RouterLink>
      </TopBar>
    </div>
    <LoadState v-if="!data" :failure="failure" what="The questions" @again="load" />
    <main v-else class="mx-auto max-w-4xl">
      <PaperPage :caution="data.bench.caution" :title="data.bench.title" :name="`Viva · ${data.bench.trainee.name}`">
        <p v-for="mistake in data.debrief.mistakes" :key="mistake" class="mb-2">To be told: {{ mistake }}</p>
        <ol class="list-decimal pl-6">
          <li v-for="(one, i) in data.debrief.questions" :key="i" class="mb-4 break-inside-avoid" data-test="viva">
            <p class="font-bold">{{ one.question }}</p>
            <p>Expected: {{ one.answer }}</p>
            <p class="mt-2">Said: ______________________________________________________ ☐ right ☐ wrong</p>
          </li>
        </ol>
      </PaperPage>
    </main>
  </div>
</template>
