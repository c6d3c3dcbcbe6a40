<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/shared/api/client'
import { paintOf } from '@/shared/board/conductor'
import { useSession } from '@/shared/stores/session'
import CautionNote from '@/shared/ui/CautionNote.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { type Answer, useDiagnosis } from './useDiagnosis'

/** A standing board, a phone in one hand: flip, tap what the light does, look where it says, put it right, flip again. */
const props = defineProps<{ boardFile?: number; attempt?: number }>()
const title = ref('Find the mistake')
const { boardFile, attempt } = props
if (boardFile !== undefined) void api.boardFile(boardFile).then((file) => (title.value = file.title))
const find = useDiagnosis(
  attempt === undefined
    ? { key: String(boardFile), diagnose: (seen) => api.diagnose(boardFile!, seen) }
    : {
        key: `attempt-${attempt}`,
        diagnose: (seen) => api.diagnoseAttempt(attempt, seen),
        toldBefore: async () => {
          const told = await api.attemptDiagnosis(attempt)
          title.value = `Faults: ${told.title}, ${told.trainee}`
          return told.seen
        },
      },
)
const session = useSession()
const crumb = computed(() => {
  if (attempt === undefined) return undefined
  return session.user?.role === 'instructor'
    ? { to: `/station/${attempt}`, name: 'Station' }
    : { to: '/my-boards', name: 'My work' }
})
const lampAt = ref(0)
const answers = ref<Record<string, Exclude<Answer, 'tripped'>>>({})
const confirmed = ref('')
const seats = ref(6)
const seed = ref('')
const lamps = computed(() => find.data.value?.lamps ?? [])
const lamp = computed(() => lamps.value[lampAt.value] ?? null)
const next = computed(() => find.data.value?.next ?? null)
const hasSomething = computed(
  () => find.data.value !== null && find.data.value.fits + find.data.value.nearest.length > 0,
)
const only = computed(() => {
  const data = find.data.value
  return data && data.suspects.length > 0 && next.value === null && data.contradictions.length === 0
    ? data.suspects
    : []
})

/** One lamp after the other, then the combination is told. */
function say(answer: Answer) {
  if (answer === 'tripped') {
    find.tell(Object.fromEntries(lamps.value.map(({ id }) => [id, 'off' as const])), true)
  } else {
    answers.value = { ...answers.value, [lamp.value!.id]: answer }
    if (lampAt.value + 1 < lamps.value.length) return void lampAt.value++
    find.tell(answers.value, false)
  }
  lampAt.value = 0
  answers.value = {}
}
async function confirm(kind: string, at: readonly string[]) {
  if (attempt === undefined) await api.confirmMistake(boardFile!, kind, at)
  else await api.confirmOnAttempt(attempt, kind, at)
  confirmed.value = 'Written down. Now put it right, flip through all of it once more, and see it work.'
}
function again() {
  confirmed.value = ''
  find.clear()
}
</script>

<template>
  <div class="screen">
    <TopBar :title="title" :board="boardFile" :crumb="crumb">
      <button type="button" class="btn px-3" :disabled="!find.canUndo.value" data-test="undo" @click="find.undo">
        Undo
      </button>
      <button type="button" class="btn px-3" data-test="again" @click="again">From the start</button>
    </TopBar>
    <LoadState v-if="!find.data.value" :failure="find.failure.value" what="The board" @again="find.ask" />
    <main v-else class="mx-auto flex w-full max-w-3xl grow flex-col gap-4 overflow-auto p-4">
      <p v-if="find.isOffline.value" role="status" class="border-l-3 border-ink pl-3">
        No network. What you tap is kept and sent again.
      </p>
      <p v-else-if="find.failure.value" role="alert" class="border-l-3 border-ink pl-3">{{ find.failure.value }}</p>
      <p v-for="text in find.data.value.contradictions" :key="text" role="alert" class="border-2 border-ink p-2">
        ! {{ text }}
      </p>

      <section v-if="!find.isWhole.value && lamp" aria-label="Flip and tap" data-test="flip-and-tap">
        <CautionNote class="mb-2" :practice="find.data.value.practice" :of="['live']" />
        <p class="mb-2 text-lg font-bold">
          Covers on. Set the switches like this, hands clear, then tap what the light does.
        </p>
        <div class="mb-3 flex flex-wrap gap-2">
          <button
            v-for="item in find.data.value.switches"
            :key="item.id"
            type="button"
            class="btn min-h-16 flex-col gap-0 px-3 py-2"
            :aria-label="`${item.label}, ${find.positions.value[item.id]}: stands otherwise`"
            :data-stand="item.id"
            @click="find.flip(item.id)"
          >
            <span class="code text-xl"
              >{{ item.id }} {{ find.positions.value[item.id] === 'down' ? '▼ down' : '▲ up' }}</span
            >
            <span class="text-sm font-normal">{{ item.label }}</span>
          </button>
        </div>
        <p v-if="lamps.length > 1" class="mb-1">The light at {{ lamp.label }}:</p>
        <div class="grid grid-cols-2 gap-3">
          <button type="button" class="btn min-h-28 text-4xl" data-test="tap-on" @click="say('on')">ON</button>
          <button type="button" class="btn min-h-28 text-4xl" data-test="tap-off" @click="say('off')">OFF</button>
        </div>
        <div class="mt-3 grid grid-cols-3 gap-3">
          <button type="button" class="btn min-h-14" data-test="tap-dim" @click="say('dim')">DIM</button>
          <button type="button" class="btn min-h-14" data-test="tap-flickers" @click="say('flickers')">FLICKERS</button>
          <button type="button" class="btn min-h-14" data-test="tap-tripped" @click="say('tripped')">TRIPPED</button>
        </div>
        <p class="mt-2 text-soft">
          {{ find.told.value.size }} of {{ 2 ** find.data.value.switches.length }} combinations told.
        </p>
      </section>

      <section
        v-else-if="next && next.kind !== 'flip'"
        aria-label="Look next"
        class="border-2 border-ink p-3"
        :class="{ 'opacity-60': find.isAsking.value }"
        :aria-busy="find.isAsking.value"
        data-test="look-next"
      >
        <CautionNote
          class="mb-2"
          :practice="find.data.value.practice"
          :of="next.kind === 'probe' ? ['live'] : ['hands', 'neutral']"
        />
        <p class="mb-3 text-xl font-bold">{{ next.text }}</p>
        <div v-if="next.kind === 'look'" class="flex flex-col gap-2">
          <button
            v-for="choice in next.choices"
            :key="choice.name"
            type="button"
            class="btn min-h-14 justify-start whitespace-normal px-3 text-left"
            :data-choice="choice.with.join(' ')"
            @click="find.answer(next, { with: choice.with, taped: choice.taped })"
          >
            <span
              v-for="({ colour, mark }, i) in choice.conductors"
              :key="i"
              class="flex h-6 w-12 shrink-0 justify-end border-2 border-ink"
              :style="{ background: paintOf(colour).body }"
              aria-hidden="true"
            >
              <span v-if="mark" class="w-5 border-l-2 border-ink" :style="{ background: paintOf(mark).body }" />
            </span>
            {{ choice.name }}
          </button>
        </div>
        <div v-else class="grid grid-cols-2 gap-3">
          <button type="button" class="btn min-h-20 text-2xl" data-test="yes" @click="find.answer(next, { is: true })">
            {{ next.kind === 'part' ? 'Good' : 'Yes' }}
          </button>
          <button type="button" class="btn min-h-20 text-2xl" data-test="no" @click="find.answer(next, { is: false })">
            {{ next.kind === 'part' ? 'Bad' : 'No' }}
          </button>
        </div>
      </section>

      <p
        v-if="find.data.value.first"
        role="status"
        class="flex items-center gap-2 border-2 border-ink p-2"
        data-test="first"
      >
        <strong aria-hidden="true">!</strong> {{ find.data.value.first }}
      </p>
      <section v-if="only.length > 0" class="border-l-4 border-ink pl-3" aria-label="Found" data-test="found">
        <h2 class="text-xl font-bold">
          {{ only.length === 1 ? 'It is this' : 'It is one of these; the same looks tell no more' }}
        </h2>
        <CautionNote class="mt-2" :practice="find.data.value.practice" :of="['hands', 'neutral']" />
        <div v-for="suspect in only" :key="suspect.text" class="mt-2">
          <p class="text-lg">{{ suspect.text }}</p>
          <ol class="list-inside list-decimal">
            <li v-for="step in suspect.repair" :key="step">{{ step }}</li>
          </ol>
          <button
            v-if="!confirmed"
            type="button"
            class="btn-main mt-2"
            data-test="confirm"
            @click="confirm(suspect.kind, suspect.at)"
          >
            That was it
          </button>
        </div>
        <p v-if="confirmed" role="status" class="mt-2 font-bold">{{ confirmed }}</p>
        <button v-if="confirmed" type="button" class="btn mt-2" @click="again">Flip again to prove it</button>
      </section>

      <p v-if="find.data.value.mayBeRight && find.isWhole.value" class="text-lg font-bold" data-test="may-be-right">
        Every combination is as it should be.
      </p>
      <p v-if="find.data.value.isSilent && find.isWhole.value" class="text-lg font-bold" data-test="silent">
        All told, and saved with your board. What it comes to is told with the mark.
      </p>
      <section
        v-if="only.length === 0 && !find.data.value.isSilent && hasSomething"
        aria-label="What still fits"
        data-test="fits"
      >
        <h2 class="font-bold">
          {{ saySome('«{1} One usual mistake fits so far|[0,*] :count usual mistakes fit so far»', find.data.value.fits) }}
        </h2>
        <ol class="list-inside list-decimal text-sm">
          <li v-for="suspect in find.data.value.suspects" :key="suspect.text">{{ suspect.text }}</li>
        </ol>
        <p v-if="find.data.value.fits > find.data.value.suspects.length" class="text-sm text-soft">
          And {{ find.data.value.fits - find.data.value.suspects.length }} more.
        </p>
        <template v-if="find.data.value.nearest.length > 0">
          <p class="mt-2 font-bold">Nothing usual fits. What comes closest, and what speaks against it:</p>
          <ol class="list-inside list-decimal text-sm">
            <li v-for="text in find.data.value.nearest" :key="text">{{ text }}</li>
          </ol>
        </template>
      </section>
      <details v-if="boardFile !== undefined" class="mt-auto border-t border-line pt-2" data-test="cards">
        <summary class="min-h-11 cursor-pointer py-2 font-bold">Fault cards for real boards</summary>
        <p class="text-soft">
          A fault a seat, of equal difficulty: how to put it in, the trainee’s sheet, a key to seal, and how to put it
          right.
        </p>
        <div class="mt-2 flex flex-wrap items-end gap-3">
          <label>Seats <input v-model.number="seats" type="number" min="1" max="40" class="field w-24" /></label>
          <label>Seed <input v-model="seed" maxlength="64" class="field w-40" /></label>
          <a :href="api.faultCards(boardFile, seats, seed)" target="_blank" class="btn">Print the cards</a>
        </div>
      </details>
    </main>
  </div>
</template>
