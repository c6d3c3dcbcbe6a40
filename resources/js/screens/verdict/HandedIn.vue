<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
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
  if (isWired(kind)) return saySome('verdict.one-step-count-steps', steps.length)
  return kind === 'fault'
    ? say('verdict.placed-of-ends-named', { placed, ends })
    : say('verdict.placed-of-ends-questions-answered', { placed, ends })
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
    <h2 class="mb-3 text-2xl font-bold">{{ say('verdict.handed-in') }}</h2>
    <p v-if="bench.isTimeUp" class="mb-3 text-lg font-bold" data-test="time-up">
      {{ saySome('verdict.time-ran-out-at-minutes', bench.minutes ?? 0, { minutes: bench.minutes }) }}
    </p>
    <p v-if="bench.handedInAt" class="code mb-3 text-lg" data-test="receipt">
      {{
        say('verdict.received-handedinat-counted-no-id', {
          handedInAt: new Date(bench.handedInAt).toLocaleTimeString(),
          counted,
          id: bench.id,
        })
      }}
    </p>
    <p class="mb-5 text-lg">
      {{ say('verdict.your-instructor-has-title-your', { title: bench.title }) }}
    </p>
    <p v-if="refusal" role="alert" class="mb-3">{{ refusal }}</p>
    <p v-if="bench.triesLeft > 0" class="mb-3">
      {{ say('verdict.your-other-boards-stay-closed') }}
    </p>
    <div v-if="bench.triesLeft > 0" class="flex flex-wrap gap-3">
      <button type="button" class="btn" @click="tryAgain('handed-in')">
        {{ saySome('verdict.carry-on-one-try-left', bench.triesLeft) }}
      </button>
      <button v-if="isWired(bench.kind)" type="button" class="btn" @click="tryAgain('bare')">
        {{ say('verdict.wire-it-again-from-bare') }}
      </button>
      <button type="button" class="btn" :disabled="asked" @click="asked = true">{{ say('verdict.i-am-done') }}</button>
    </div>
    <ConfirmBar
      v-if="asked"
      class="mt-5"
      :label="say('verdict.i-am-done')"
      :yes="say('verdict.done-for-good')"
      :busy-word="say('verdict.closing')"
      :no="say('shared.not-yet')"
      :busy="busy"
      @yes="finish"
      @no="asked = false"
      >{{ saySome('verdict.you-give-up-the-try', bench.triesLeft) }}</ConfirmBar
    >
  </main>
</template>
