<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say, saySome } from '@/shared/words/say'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import type { DrillData } from '@/shared/api/generated/http'
import BoardThumb from '@/shared/board/BoardThumb.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useSending } from '@/shared/ui/useSending'
import CableRow from './CableRow.vue'
import JacketSketch from './JacketSketch.vue'
import TapedDevice from './TapedDevice.vue'

/** One drill: what is hidden is found by readings, or questions are answered; it is timed, and graded once. */
const props = defineProps<{ drill: number }>()
const router = useRouter()
const data = shallowRef<DrillData | null>(null)
const failure = ref('')
const { busy, refusal, send } = useSending()
const answer = ref('')
const given = ref<string[]>([])
const now = ref(Date.now())
const offset = ref(0)
const ticking = setInterval(() => (now.value = Date.now()), 1000)
onScopeDispose(() => clearInterval(ticking))

const isOver = computed(() => data.value?.points !== null)
const seconds = computed(
  () =>
    data.value?.seconds ??
    Math.max(0, Math.round((now.value + offset.value - Date.parse(data.value?.startedAt ?? '')) / 1000)),
)
const clock = computed(() => `${Math.floor(seconds.value / 60)}:${String(seconds.value % 60).padStart(2, '0')}`)
const last = computed(() => data.value?.readings[data.value.readings.length - 1] ?? null)
const isAnswered = computed(() =>
  data.value?.questions.length ? data.value.questions.every((_, i) => Boolean(given.value[i])) : answer.value !== '',
)

async function guarded(work: () => Promise<DrillData>) {
  await send(async () => {
    data.value = await work()
  })
}
async function load() {
  await orSay(failure, async () => {
    data.value = await api.drill(props.drill)
    offset.value = Date.parse(data.value.serverTime) - Date.now()
    given.value = data.value.questions.map((question) => question.given ?? '')
    failure.value = ''
  })
}
const measure = (id: string) => guarded(() => api.measureDrill(props.drill, id))
const tell = () =>
  guarded(() => api.answerDrill(props.drill, data.value?.questions.length ? given.value : [answer.value]))
async function another() {
  const { kind, practice } = data.value!
  const { id } = await api.beginDrill(kind, practice)
  await router.replace(`/drill/${id}`)
}
watch(
  () => props.drill,
  () => {
    data.value = null
    answer.value = ''
    void load()
  },
  { immediate: true },
)
</script>

<template>
  <div class="screen">
    <TopBar :title="data?.name ?? say('drills.drill')" :crumb="{ to: '/drills', name: say('shared.drills') }">
      <span v-if="data" class="code text-2xl" role="timer" :aria-label="say('drills.time-clock', { clock })">{{
        clock
      }}</span>
    </TopBar>
    <LoadState v-if="!data" :failure="failure" :what="say('drills.the-drill')" @again="load" />
    <main v-else class="mx-auto flex w-full max-w-5xl grow flex-col gap-4 overflow-auto p-6">
      <p class="text-xl font-bold">{{ data.task }}</p>
      <p v-if="data.caution" class="flex items-center gap-2 text-sm">
        <span class="hazard h-5 w-5 shrink-0 border-2 border-ink" aria-hidden="true" />{{ data.caution }}
      </p>
      <p v-if="refusal" role="alert" class="border-l-3 border-ink pl-3">{{ refusal }}</p>
      <div v-if="data.questions.length === 0" class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-6 max-md:block">
        <section :aria-label="say('drills.the-bench')" class="min-h-0">
          <TapedDevice
            v-if="data.kind === 'device'"
            :terminals="data.terminals"
            :face="data.face"
            :is-over="isOver"
            :busy="busy"
            @measure="measure"
          />
          <CableRow v-else :kind="data.kind" :cables="data.cables" :is-over="isOver" :busy="busy" @measure="measure" />
          <p
            class="mt-3 min-h-14 border-2 border-ink bg-sheet px-4 py-2 text-2xl"
            role="status"
            data-test="drill-reading"
          >
            <template v-if="last"
              ><span class="text-base">{{ last.name }}:</span> <strong class="code">{{ last.shown }}</strong></template
            >
            <template v-else>{{ say('drills.no-reading-yet') }}</template>
          </p>
        </section>
        <section :aria-label="say('drills.readings-and-answer')" class="max-md:mt-4">
          <h2 class="font-bold">
            {{ saySome('drills.one-reading-count-readings', data.readings.length) }}
          </h2>
          <ol
            class="mb-3 max-h-48 overflow-auto text-sm"
            data-test="readings"
            tabindex="0"
            :aria-label="saySome('drills.one-reading-count-readings', data.readings.length)"
          >
            <li
              v-for="reading in data.readings"
              :key="reading.id"
              class="flex justify-between border-b border-line py-0.5"
            >
              <span>{{ reading.name }}</span><span class="code">{{ reading.shown }}</span>
            </li>
          </ol>
          <fieldset :disabled="isOver">
            <legend class="font-bold">{{ say('drills.my-answer') }}</legend>
            <label v-for="option in data.answers" :key="option.id" class="flex min-h-10 items-center gap-2">
              <input v-model="answer" type="radio" name="answer" class="h-5 w-5 accent-violet" :value="option.id" />{{
                option.name
              }}
            </label>
          </fieldset>
        </section>
      </div>
      <template v-else>
        <div v-if="data.sketch" class="h-48 shrink-0 border border-line bg-face p-2">
          <BoardThumb :sketch="data.sketch" />
        </div>
        <ol class="space-y-3">
          <li v-for="(question, i) in data.questions" :key="i" class="border-b border-line pb-3" :data-question="i">
            <fieldset :disabled="isOver">
              <legend>{{ i + 1 }}. {{ question.text }}</legend>
              <JacketSketch v-if="question.print" :print="question.print" :colours="question.colours" />
              <div class="mt-1 flex flex-wrap gap-2">
                <label
                  v-for="option in question.options"
                  :key="option.id"
                  class="flex min-h-11 cursor-pointer items-center border px-4 has-focus-visible:outline-3 has-focus-visible:outline-violet"
                  :class="given[i] === option.id ? 'border-3 border-violet bg-wash font-bold' : 'border-soft'"
                >
                  <input v-model="given[i]" type="radio" class="sr-only" :name="`question-${i}`" :value="option.id" />
                  {{ option.name }}{{ question.right === option.id ? ' ✓' : '' }}
                  <span v-if="question.right && given[i] === option.id && question.right !== option.id">&nbsp;✕</span>
                </label>
              </div>
            </fieldset>
          </li>
        </ol>
      </template>
      <div v-if="isOver" class="border-l-4 border-ink pl-4" role="status" data-test="drill-result">
        <p class="text-3xl font-bold">{{ data.points }}/100</p>
        <p class="text-xl">{{ data.verdict }}</p>
        <p>{{ data.way }}</p>
        <p class="mt-2 flex gap-2">
          <button type="button" class="btn-main" data-test="another" @click="another">
            {{ say('drills.another-one') }}
          </button>
          <RouterLink to="/drills" class="btn">{{ say('drills.all-drills') }}</RouterLink>
        </p>
      </div>
      <p v-else>
        <button type="button" class="btn-main" :disabled="busy || !isAnswered" data-test="drill-answer" @click="tell">
          {{ say('shared.done') }}
        </button>
      </p>
    </main>
  </div>
</template>
