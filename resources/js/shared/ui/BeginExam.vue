<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { api } from '@/shared/api/api'
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
    [say('shared.task'), kindName(kind)],
    [say('shared.to-do'), toDo(kind, ends)],
    [say('shared.time'), minutes ? say('shared.minutes-minutes', { minutes }) : say('shared.no-limit')],
    [say('shared.tries'), tries === 1 ? say('shared.one') : String(tries)],
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
    <TopBar :title="exam.title"
      ><RouterLink to="/" class="btn">{{ say('shared.back') }}</RouterLink></TopBar
    >
    <main class="mx-auto w-full max-w-2xl p-10" data-test="to-begin">
      <p class="code mb-4 inline-block border-2 border-ink px-2 text-lg">{{ say('shared.exam') }}</p>
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
        {{
          say('shared.minutes-your-other-boards-stay', {
            minutes: exam.minutes ? say('shared.the-clock-starts-when-you') : '',
          })
        }}
      </p>
      <p v-if="refusal" role="alert" class="mb-3">{{ refusal }}</p>
      <p v-if="exam.state === 'held'" role="status" class="mb-3 font-bold" data-test="held">
        {{ say('shared.not-open-yet-it-opens') }}
      </p>
      <button type="button" class="btn-main text-lg" :disabled="busy || exam.state === 'held'" @click="begin">
        {{ busy ? say('shared.opening') : say('shared.begin') }}
      </button>
    </main>
  </div>
</template>
