<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { workPath } from '@/shared/api/taskKinds'
import BoardThumb from '@/shared/board/BoardThumb.vue'
import { useInAddress } from '@/shared/frame/useInAddress'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import { useSending } from '@/shared/ui/useSending'

const props = defineProps<{ boardFile: number }>()
const router = useRouter()
const { data, failure, load } = useLoaded(async () => {
  const [board, tasks] = await Promise.all([api.boardFile(props.boardFile), api.tasks()])
  return { board, tasks: tasks.filter((task) => task.board.id === props.boardFile) }
})
const inAddress = useInAddress('mode', true)
const mode = computed(() => (inAddress.value === 'exam' ? 'exam' : 'coached'))
const seat = ref(1)
const { busy, refusal, send } = useSending()
const MODES = { coached: say('try-board.coached-with-help'), exam: say('try-board.like-an-exam') } as const

async function begin(what: { boardFile: number; isWired?: boolean } | { task: number; seat: number }) {
  await send(async () => {
    const { attempt, kind } = await api.tryBoard({ ...what, mode: mode.value })
    const isStanding = 'isWired' in what
    await router.push(isStanding ? `/prove/${attempt}` : workPath(kind, attempt))
  })
}
</script>

<template>
  <div class="screen">
    <TopBar :title="data?.board.title ?? say('try-board.try-a-board')" :board="boardFile" />
    <LoadState v-if="!data" :failure="failure" :what="say('shared.the-board')" @again="load" />
    <main v-else class="mx-auto grid w-full max-w-5xl grow grid-cols-2 content-start gap-8 overflow-auto p-6">
      <section :aria-label="say('shared.the-board')">
        <div class="h-64 border border-line bg-face p-3"><BoardThumb :sketch="data.board.sketch" /></div>
        <p class="mt-3">{{ data.board.brief }}</p>
      </section>
      <section class="space-y-5" :aria-label="say('try-board.try-it')">
        <h2 class="text-2xl font-bold">{{ say('try-board.wire-it-yourself-as-a') }}</h2>
        <p>{{ say('try-board.nothing-is-saved-and-nobody') }}</p>
        <fieldset class="flex">
          <legend class="sr-only">{{ say('try-board.how') }}</legend>
          <label
            v-for="(name, key) in MODES"
            :key="key"
            class="flex min-h-11 grow cursor-pointer items-center justify-center border px-3 first-of-type:rounded-l-md last-of-type:rounded-r-md has-focus-visible:outline-3 has-focus-visible:outline-violet"
            :class="mode === key ? 'border-3 border-violet bg-wash font-bold' : 'border-soft'"
          >
            <input
              type="radio"
              name="mode"
              class="sr-only"
              :value="key"
              :checked="mode === key"
              @change="inAddress = key === 'exam' ? 'exam' : ''"
            />{{ name }}
          </label>
        </fieldset>
        <p v-if="refusal" role="alert" class="border-l-3 border-ink pl-3">{{ refusal }}</p>
        <button type="button" class="btn-main" :disabled="busy" @click="begin({ boardFile })">
          {{ busy ? say('try-board.setting-it-up') : say('try-board.wire-this-board') }}
        </button>
        <div>
          <button
            type="button"
            class="btn"
            :disabled="busy"
            data-test="prove-wired"
            @click="begin({ boardFile, isWired: true })"
          >
            {{ say('try-board.prove-it-wired-as-planned') }}
          </button>
          <p class="mt-1 text-soft">{{ say('try-board.isolate-test-dead-switch-on') }}</p>
        </div>
        <section v-if="data.tasks.length > 0">
          <h3 class="mb-2 text-lg font-bold">{{ say('try-board.a-seat-of-a-task') }}</h3>
          <label class="mb-2 flex items-center gap-2"
            >{{ say('try-board.seat') }} <input v-model.number="seat" type="number" min="1" max="40" class="field w-24"
          /></label>
          <ul class="divide-y divide-line border-y border-line">
            <li v-for="task in data.tasks" :key="task.id" class="flex items-center gap-3 py-1">
              <span class="grow">{{ task.title }}</span>
              <button type="button" class="btn" :disabled="busy" @click="begin({ task: task.id, seat })">
                {{ say('try-board.try-seat-seat', { seat }) }}
              </button>
            </li>
          </ul>
        </section>
      </section>
    </main>
  </div>
</template>
