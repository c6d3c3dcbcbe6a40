<script setup lang="ts">
import { say } from '@/shared/words/say'
import { api } from '@/shared/api/api'
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
      <TopBar :title="say('viva.viva')">
        <button type="button" class="btn-main" :disabled="!data" @click="print">{{ say('shared.print') }}</button>
        <RouterLink :to="`/verdict/${attempt}`" class="btn">{{ say('viva.the-verdict') }}</RouterLink>
      </TopBar>
    </div>
    <LoadState v-if="!data" :failure="failure" :what="say('viva.the-questions')" @again="load" />
    <main v-else class="mx-auto max-w-4xl">
      <PaperPage
        :caution="data.bench.caution"
        :title="data.bench.title"
        :name="say('viva.viva-name', { name: data.bench.trainee.name })"
      >
        <p v-for="mistake in data.debrief.mistakes" :key="mistake" class="mb-2">
          {{ say('viva.to-mention-mistake', { mistake }) }}
        </p>
        <ol class="list-decimal pl-6">
          <li v-for="(one, i) in data.debrief.questions" :key="i" class="mb-4 break-inside-avoid" data-test="viva">
            <p class="font-bold">{{ one.question }}</p>
            <p>{{ say('viva.expected-answer', { answer: one.answer }) }}</p>
            <p class="mt-2">{{ say('viva.said-right-wrong') }}</p>
          </li>
        </ol>
      </PaperPage>
    </main>
  </div>
</template>
