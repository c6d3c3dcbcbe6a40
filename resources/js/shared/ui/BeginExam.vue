<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/shared/api/client'
import { kindName, toDo } from '@/shared/api/taskKinds'
import TopBar from './TopBar.vue'
import { useSending } from './useSending'

const props = defineProps<{
  attempt: number
  exam: {
    title: string
    brief: string
    positions: readonly string[]
    minutes: number | null
    kind: string | null
    ends: number
    triesAllowed: number | null
    state?: string
  }
}>()
const emit = defineEmits<{ begun: [] }>()
const { busy, refusal, send } = useSending()
/** What one lets oneself in for, before the clock runs. */
const facts = computed(() => {
  const { kind, ends, minutes, triesAllowed } = props.exam
  const tries = triesAllowed ?? 1
  return [
    ['Task', kindName(kind)],
    ['To do', toDo(kind, ends)],
    ['Time', minutes ? `${minutes} minutes` : 'no limit'],
    ['Tries', tries === 1 ? say('«one»') : String(tries)],
  ]
})

async function begin() {
  await send(async () => {
    await api.begin(props.attempt)
    emit('begun')
  })
}
</script>

<template>
  <div class="flex min-h-full flex-col">
    <TopBar :title="exam.title"><RouterLink to="/" class="btn">Back</RouterLink></TopBar>
    <main class="mx-auto w-full max-w-2xl p-10" data-test="to-begin">
      <p class="code mb-4 inline-block border-2 border-ink px-2 text-lg">EXAM</p>
      <h2 class="mb-3 text-2xl font-bold">{{ exam.title }}</h2>
      <p v-if="exam.brief" class="mb-3 text-lg">{{ exam.brief }}</p>
      <p v-for="position in exam.positions" :key="position" class="mb-2 text-lg">{{ position }}</p>
      <dl class="my-5 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 border-y border-line py-4 text-lg" data-test="cover">
        <template v-for="[name, value] in facts" :key="name">
          <dt class="text-soft">{{ name }}</dt>
          <dd class="font-bold">{{ value }}</dd>
        </template>
      </dl>
      <p class="mb-5">
        {{ exam.minutes ? say('«The clock starts when you begin.»') : '' }} Your other boards stay closed until you hand it in.
      </p>
      <p v-if="refusal" role="alert" class="mb-3">{{ refusal }}</p>
      <p v-if="exam.state === 'held'" role="status" class="mb-3 font-bold" data-test="held">
        Not open yet. It opens here by itself when your instructor opens it.
      </p>
      <button type="button" class="btn-main text-lg" :disabled="busy || exam.state === 'held'" @click="begin">
        {{ busy ? 'Opening …' : 'Begin' }}
      </button>
    </main>
  </div>
</template>
