<script setup lang="ts">
import { reasonOf } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import LateStepBoard from './LateStepBoard.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import { setAsideWords } from '@/shared/bench/setAsideWords'

/** Steps that came too late: for the instructor to let count, or not. */
const props = defineProps<{ attempt: number }>()
const { data, load } = useLoaded(async () => {
  const [steps, acts] = await Promise.all([api.lateSteps(props.attempt), api.lateActs(props.attempt)])
  return { steps, acts }
})
const failure = ref('')
const drawn = ref<number | null>(null)
const steps = computed(() => data.value?.steps ?? [])
const acts = computed(() => data.value?.acts ?? [])
const time = (at: string) => new Date(at).toLocaleTimeString()
async function settle(step: number, accepted: boolean) {
  try {
    data.value = { steps: await api.settleStep(props.attempt, step, accepted), acts: acts.value }
    failure.value = ''
  } catch (error) {
    failure.value = reasonOf(error)
    await load()
  }
}
async function settleAct(id: number, accepted: boolean) {
  try {
    data.value = { steps: steps.value, acts: await api.settleAct(props.attempt, id, accepted) }
    failure.value = ''
  } catch (error) {
    failure.value = reasonOf(error)
    await load()
  }
}
</script>

<template>
  <section v-if="steps.length > 0 || acts.length > 0" data-test="late-steps">
    <h3 class="font-bold">{{ say('wall.arrived-too-late') }}</h3>
    <p v-if="failure" role="alert" class="border-l-3 border-ink pl-2">{{ failure }}</p>
    <ul>
      <li v-for="step in steps" :key="step.id" class="border-b border-line py-2">
        <span class="block">{{ step.words }}</span>
        <span class="block text-sm text-soft">{{
          say('wall.setasidewords-made-time-received-timeb', {
            setAsideWords: setAsideWords(step.reason),
            time: time(step.madeAt),
            timeb: time(step.receivedAt),
            device: step.device,
          })
        }}</span>
        <button
          type="button"
          class="btn-quiet px-0 text-sm underline"
          :aria-expanded="drawn === step.id"
          @click="drawn = drawn === step.id ? null : step.id"
        >
          {{ drawn === step.id ? say('wall.hide-the-board') : say('wall.show-it-on-the-board') }}
        </button>
        <LateStepBoard v-if="drawn === step.id" :attempt="attempt" :late="step" />
        <span v-if="step.accepted !== null" class="font-bold">{{
          step.accepted ? say('wall.counts') : say('wall.does-not-count')
        }}</span>
        <span v-else class="mt-1 flex gap-2">
          <button type="button" class="btn min-h-9 px-3" :disabled="!step.fits" @click="settle(step.id, true)">
            {{ say('wall.count-it') }}
          </button>
          <button type="button" class="btn min-h-9 px-3" @click="settle(step.id, false)">
            {{ say('wall.dont-count-it') }}
          </button>
        </span>
      </li>
      <li v-for="act in acts" :key="`act-${act.id}`" class="border-b border-line py-2" data-test="late-act">
        <span class="block">{{ act.words }}</span>
        <img
          v-if="act.kind === 'photograph'"
          :src="downloads.lateActOf(attempt, act.id)"
          :alt="act.words"
          class="my-1 h-24 border-2 border-ink object-cover"
        />
        <span class="block text-sm text-soft">{{
          say('wall.made-time-received-timeb', { time: time(act.madeAt), timeb: time(act.receivedAt) })
        }}</span>
        <span v-if="act.accepted !== null" class="font-bold">{{
          act.accepted ? say('wall.counts') : say('wall.does-not-count')
        }}</span>
        <span v-else class="mt-1 flex gap-2">
          <button type="button" class="btn min-h-9 px-3" @click="settleAct(act.id, true)">
            {{ say('wall.count-it') }}
          </button>
          <button type="button" class="btn min-h-9 px-3" @click="settleAct(act.id, false)">
            {{ say('wall.dont-count-it') }}
          </button>
        </span>
      </li>
    </ul>
  </section>
</template>
