<script setup lang="ts">
import { api } from '@/shared/api/client'
import TopBar from './TopBar.vue'
import { useSending } from './useSending'

const props = defineProps<{
  attempt: number
  exam: { title: string; brief: string; positions: readonly string[]; minutes: number | null; state?: string }
}>()
const emit = defineEmits<{ begun: [] }>()
const { busy, refusal, send } = useSending()

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
      <p class="my-5 border-l-4 border-ink pl-4">
        {{ exam.minutes ? `You have ${exam.minutes} minutes from when you begin.` : 'There is no time limit.' }} Until
        it is handed in, your other boards are closed.
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
