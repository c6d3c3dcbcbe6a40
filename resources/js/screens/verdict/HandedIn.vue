<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/client'
import { isWired, workPath } from '@/shared/api/taskKinds'
import type { BenchData } from '@/shared/api/generated/http'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import { useSending } from '@/shared/ui/useSending'

const props = defineProps<{ bench: BenchData }>()
const router = useRouter()
const { busy, refusal, send } = useSending()
const asked = ref(false)
/** What the receipt is for. */
const counted = computed(() => {
  const { kind, placed, ends, steps } = props.bench
  if (isWired(kind)) return saySome('«{1} one step|[0,*] :count steps»', steps.length)
  return kind === 'fault' ? `${placed} of ${ends} named` : `${placed} of ${ends} questions answered`
})

async function tryAgain(from: 'bare' | 'handed-in') {
  await send(async () => {
    await api.retry(props.bench.id, from)
    await router.push(workPath(props.bench.kind, props.bench.id))
  })
}

async function finish() {
  await send(async () => {
    await api.finish(props.bench.id)
    await router.push('/my-boards')
  })
}
</script>

<template>
  <main class="mx-auto max-w-xl p-12" data-test="handed-in">
    <h2 class="mb-3 text-2xl font-bold">Handed in</h2>
    <p v-if="bench.isTimeUp" class="mb-3 text-lg font-bold" data-test="time-up">
      Time was up after {{ bench.minutes }} minutes: it was handed in as it stood then.
    </p>
    <p v-if="bench.handedInAt" class="code mb-3 text-lg" data-test="receipt">
      Received {{ new Date(bench.handedInAt).toLocaleTimeString() }} · {{ counted }} · no. {{ bench.id }}
    </p>
    <p class="mb-5 text-lg">
      {{ bench.title }} is with your instructor. The mark, and what there is to say about your board, come when it is
      released. This page can stay open.
    </p>
    <p v-if="refusal" role="alert" class="mb-3">{{ refusal }}</p>
    <p v-if="bench.triesLeft > 0" class="mb-3">
      While there are tries left, your other boards stay closed. Say so when you are done.
    </p>
    <div v-if="bench.triesLeft > 0" class="flex flex-wrap gap-3">
      <button type="button" class="btn" @click="tryAgain('handed-in')">
        {{ saySome('«{1} Carry on (one try left)|[0,*] Carry on (:count tries left)»', bench.triesLeft) }}
      </button>
      <button v-if="isWired(bench.kind)" type="button" class="btn" @click="tryAgain('bare')">
        Wire it again from bare
      </button>
      <button type="button" class="btn" :disabled="asked" @click="asked = true">I am done</button>
    </div>
    <ConfirmBar
      v-if="asked"
      class="mt-5"
      label="I am done"
      yes="Done for good"
      busy-word="Closing …"
      no="Not yet"
      :busy="busy"
      @yes="finish"
      @no="asked = false"
      >{{ saySome('«{1} You give up the try you have left.|[0,*] You give up the :count tries you have left.»', bench.triesLeft) }}</ConfirmBar
    >
  </main>
</template>
