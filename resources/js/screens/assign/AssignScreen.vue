<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, Refused } from '@/shared/api/client'
import type { FileProblem } from '@/shared/api/generated/http'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import BoardChoice from './BoardChoice.vue'
import NewBoard from './NewBoard.vue'

const router = useRouter()
const { data, failure, load } = useLoaded(async () => ({
  boards: await api.boardFiles(),
  classrooms: await api.classrooms(),
  patterns: await api.patterns(),
}))
const board = ref(0)
const classroomId = ref<number | null>(null)
const trainees = ref<number[]>([])
const minutes = ref<number | null>(null)
const busy = ref(false)
const refusal = ref('')
const problems = ref<FileProblem[]>([])
const classroom = computed(
  () => data.value?.classrooms.find(({ id }) => id === classroomId.value) ?? data.value?.classrooms[0] ?? null,
)

watch(classroom, (fresh) => (trainees.value = fresh?.trainees.map(({ id }) => id) ?? []))

async function set() {
  if (!classroom.value || board.value === 0) return
  busy.value = true
  refusal.value = ''
  try {
    await api.assign({
      classroom: classroom.value.id,
      boardFile: board.value,
      trainees: trainees.value,
      minutes: minutes.value,
    })
    await router.push('/class')
  } catch (error) {
    refusal.value = (error as Error).message
  } finally {
    busy.value = false
  }
}

async function draw(what: Parameters<typeof api.startDrawing>[0]) {
  refusal.value = ''
  try {
    await router.push(`/draw/${(await api.startDrawing(what)).id}`)
  } catch (error) {
    refusal.value = (error as Error).message
  }
}

async function addFile(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  refusal.value = ''
  problems.value = []
  try {
    const added = await api.addBoardFile(await file.text())
    await load()
    board.value = added.id
  } catch (error) {
    refusal.value = (error as Error).message
    problems.value = error instanceof Refused ? error.problems : []
  }
}
</script>

<template>
  <div class="flex h-dvh flex-col overflow-hidden">
    <TopBar title="Set a board"><RouterLink to="/class" class="btn">The class</RouterLink></TopBar>
    <LoadState v-if="!data" :failure="failure" what="The library" @again="load" />
    <main v-else class="grid min-h-0 grow grid-cols-[minmax(0,64fr)_minmax(18rem,36fr)]">
      <section class="min-h-0 overflow-auto border-r-2 border-ink p-5" aria-label="The library">
        <div class="mb-3 flex flex-wrap items-center gap-2">
          <h2 class="text-xl font-bold">1. Which board?</h2>
          <span class="grow" />
          <NewBoard :patterns="data.patterns" @start="draw" />
          <label class="btn">
            Bring in a board file
            <input type="file" accept=".json,application/json" class="sr-only" @change="addFile" />
          </label>
        </div>
        <div v-if="refusal" role="alert" class="mb-3 border-2 border-ink p-3">
          <p class="font-bold">{{ refusal }}</p>
          <ul v-if="problems.length > 0" class="mt-1">
            <li v-for="(problem, i) in problems" :key="i">
              <code>{{ problem.pointer || '(file)' }}</code> {{ problem.message }}
            </li>
          </ul>
        </div>
        <p class="mb-3 text-soft">
          North American boards follow the NEC; Canadian rules are not covered. British boards follow BS 7671. In
          America the authority having jurisdiction and a licensed electrician decide, in Britain BS 7671 and a
          competent person.
        </p>
        <BoardChoice v-model="board" :boards="data.boards" @copy="(copyOf) => draw({ copyOf })" />
      </section>
      <form class="flex min-h-0 flex-col gap-4 overflow-auto p-5" @submit.prevent="set">
        <h2 class="text-xl font-bold">2. Who wires it?</h2>
        <label class="block"
          ><span class="mb-1 block font-bold">Class</span>
          <select
            class="field"
            :value="classroom?.id"
            @change="classroomId = Number(($event.target as HTMLSelectElement).value)"
          >
            <option v-for="item in data.classrooms" :key="item.id" :value="item.id">{{ item.name }}</option>
          </select>
        </label>
        <fieldset>
          <legend class="mb-1 font-bold">Trainees</legend>
          <label
            v-for="trainee in classroom?.trainees ?? []"
            :key="trainee.id"
            class="flex min-h-11 items-center gap-3"
          >
            <input v-model="trainees" type="checkbox" :value="trainee.id" class="h-5 w-5 accent-violet" />{{
              trainee.name
            }}
          </label>
        </fieldset>
        <label class="block"
          ><span class="mb-1 block font-bold">Minutes (empty: no limit)</span>
          <input
            v-model.number="minutes"
            type="number"
            min="1"
            max="480"
            class="field"
            @change="minutes = minutes || null"
          />
        </label>
        <button type="submit" class="btn-main" :disabled="busy || board === 0 || trainees.length === 0">
          {{ busy ? 'Setting …' : `Set it to ${trainees.length} ${trainees.length === 1 ? 'trainee' : 'trainees'}` }}
        </button>
        <p v-if="board === 0" class="text-soft">Choose a board first.</p>
      </form>
    </main>
  </div>
</template>
