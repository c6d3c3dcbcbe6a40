<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, onMounted, ref } from 'vue'
import type { ProofData, TrapBoard } from '@/shared/api/generated/http'
import LampSign from '@/shared/ui/LampSign.vue'
import PaddleSign from '@/shared/ui/PaddleSign.vue'
import { LAMP_STATES, lampWord } from '@/shared/board/lampStates'
import SwitchName from '@/shared/ui/SwitchName.vue'

/** Another board, wired by somebody else: it answers to one's own flips as it should, is signed off, and then fails in sight. */
const props = defineProps<{ trap: TrapBoard; switches: ProofData['switches']; lamps: ProofData['lamps'] }>()
const emit = defineEmits<{ leave: [] }>()
const STEP_MS = 900
const state = ref(props.trap.from)
const done = ref(0)
const stage = ref<'walk' | 'signed' | 'told'>('walk')
const heading = ref<HTMLElement | null>(null)
onMounted(() => heading.value?.focus())

const bitOf = (id: string) => {
  const place = props.switches.findIndex((item) => item.id === id)
  return 1 << (props.switches.length - 1 - place)
}
const isDown = (id: string) => (state.value & bitOf(id)) !== 0
const stateOf = (lamp: string) => LAMP_STATES[props.trap.lamps[lamp]?.[state.value] ?? '0'] ?? 'off'
const next = computed(() => props.trap.flips[done.value] ?? null)
const last = computed(() => props.trap.tell[props.trap.tell.length - 1]!)

function flip(id: string) {
  state.value ^= bitOf(id)
  if (stage.value === 'walk' && id === next.value) done.value++
}
/** The flips that would have told, one after the other; at once where motion is not wanted. */
async function signOff() {
  stage.value = 'signed'
  const pause = matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : STEP_MS
  for (const id of props.trap.tell) {
    await new Promise((resolve) => setTimeout(resolve, pause))
    flip(id)
  }
  await new Promise((resolve) => setTimeout(resolve, pause))
  stage.value = 'told'
}
</script>

<template>
  <section
    class="flex min-h-0 grow flex-col gap-4 overflow-auto p-6"
    :aria-label="say('prove.one-more-board')"
    data-test="trap"
  >
    <h2 ref="heading" tabindex="-1" class="text-3xl font-bold outline-none">{{ say('prove.one-more-board') }}</h2>
    <p class="text-lg">
      {{ say('prove.the-same-parts-wired-by', { count: trap.flips.length }) }}
    </p>
    <div class="flex flex-wrap gap-3">
      <button
        v-for="item in switches"
        :key="item.id"
        type="button"
        class="btn flex-col py-3 text-xl"
        :class="{ 'outline-3 outline-violet': stage === 'walk' && next === item.id }"
        :disabled="stage !== 'walk'"
        :aria-label="
          say('prove.flip-label-now-isdown', {
            label: item.label,
            isDown: isDown(item.id) ? say('shared.down') : say('shared.up'),
          })
        "
        :data-trap-flip="item.id"
        @click="flip(item.id)"
      >
        <PaddleSign class="h-24" aria-hidden="true" :is-down="isDown(item.id)" />
        <SwitchName :id="item.id" :label="item.label" />
      </button>
      <div
        v-for="item in lamps"
        :key="item.id"
        class="flex flex-col items-center justify-end px-4"
        :data-trap-lamp="item.id"
      >
        <LampSign class="h-24" :state="stateOf(item.id)" />
        <strong class="code text-2xl" role="status">{{ lampWord(stateOf(item.id)) }}</strong>
        <span>{{ item.label }}</span>
      </div>
    </div>
    <template v-if="stage === 'walk'">
      <p v-if="next" role="status">
        {{ say('prove.your-flip-what-of-count', { what: done + 1, count: trap.flips.length, next }) }}
      </p>
      <p v-else role="status">{{ say('prove.those-were-your-flips-the') }}</p>
      <p class="flex gap-3">
        <button type="button" class="btn-main" :disabled="next !== null" data-test="trap-sign-off" @click="signOff">
          {{ say('prove.sign-it-off-it-is') }}
        </button>
        <button type="button" class="btn" @click="emit('leave')">{{ say('prove.back-to-my-board') }}</button>
      </p>
    </template>
    <p v-else-if="stage === 'signed'" class="text-2xl font-bold" role="status">
      {{ say('prove.signed-off-now-the-customer') }}
    </p>
    <div v-else class="border-l-4 border-ink pl-4" role="status" data-test="trap-told">
      <p class="text-3xl font-bold">{{ say('prove.it-fails-flip-last-and', { last }) }}</p>
      <p class="mt-1 text-lg">{{ trap.sentence }}</p>
      <p class="mt-1">{{ say('prove.one-more-flip-would-have', { tell: trap.tell.join(', ') }) }}</p>
      <button type="button" class="btn-main mt-3" data-test="trap-leave" @click="emit('leave')">
        {{ say('prove.back-to-my-board') }}
      </button>
    </div>
  </section>
</template>
