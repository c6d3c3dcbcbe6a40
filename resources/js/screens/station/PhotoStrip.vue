<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import { useOutbox } from '@/shared/outbox/useOutbox'
import type { PhotographLine } from '@/shared/api/generated/http'
import { smallJpeg } from './smallJpeg'

/** Photographs of one box of a real board, kept with the attempt. */
const props = defineProps<{ attempt: number; box: string; label: string }>()
const all = ref<readonly PhotographLine[]>([])
const failure = ref('')
const isBusy = ref(false)
const own = computed(() => all.value.filter(({ box }) => box === props.box))

async function run(work: () => Promise<readonly PhotographLine[]>) {
  isBusy.value = true
  try {
    await orSay(failure, async () => {
      all.value = await work()
      failure.value = ''
    })
  } finally {
    isBusy.value = false
  }
}
void run(() => api.photographs(props.attempt))

/** What was taken while the server was away is sent when it is back, with the moment at which it was taken. */
const waiting: { box: string; jpeg: string; at: string }[] = []
const outbox = useOutbox({ waiting: () => waiting.length, send: sendOne })
async function sendOne() {
  const { box, jpeg, at } = waiting[0]!
  try {
    all.value = await api.keepPhotograph(props.attempt, box, jpeg, at)
    failure.value = ''
  } catch (error) {
    if (!(error instanceof Refused) || error.status >= 500 || error.status === 401) throw error
    failure.value = error.message
  }
  waiting.shift()
}

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  const at = new Date().toISOString()
  if (file) {
    await orSay(failure, async () => {
      waiting.push({ box: props.box, jpeg: await smallJpeg(file), at })
      outbox.changed()
    })
  }
  input.value = ''
}
</script>

<template>
  <section class="mt-4" :aria-label="say('station.photographs-label', { label })" data-test="photographs">
    <ul v-if="own.length > 0" class="mb-2 flex flex-wrap gap-2">
      <li v-for="(one, i) in own" :key="one.id" class="flex flex-col gap-1">
        <a :href="downloads.photograph(attempt, one.id)" target="_blank">
          <img
            :src="downloads.photograph(attempt, one.id)"
            :alt="
              say('station.label-photograph-what-at', { label, what: i + 1, at: new Date(one.at).toLocaleTimeString() })
            "
            class="h-32 border-2 border-ink object-cover"
          />
        </a>
        <button type="button" class="btn px-2" @click="run(() => api.deletePhotograph(attempt, one.id))">
          {{ say('station.delete') }}
        </button>
      </li>
    </ul>
    <label
      class="btn inline-flex min-h-14 cursor-pointer items-center focus-within:outline-3 focus-within:outline-violet"
    >
      {{
        outbox.state.value === 'offline'
          ? say('station.tosend-to-send-when-the', { toSend: outbox.toSend.value })
          : isBusy || outbox.state.value === 'saving'
            ? say('station.saving')
            : say('station.photograph-label', { label })
      }}
      <input type="file" accept="image/*" capture="environment" class="sr-only" :disabled="isBusy" @change="take" />
    </label>
    <p v-if="failure" role="alert" class="mt-2 border-2 border-ink p-2">{{ failure }}</p>
  </section>
</template>
