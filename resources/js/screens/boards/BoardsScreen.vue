<script setup lang="ts">
import { reasonOf } from '@/shared/api/orSay'
import { say, saySome } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { FileProblem, LibraryBoard } from '@/shared/api/generated/http'
import { useInAddress } from '@/shared/frame/useInAddress'
import { practices } from '@/shared/practices'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import UndoBar from '@/shared/ui/UndoBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import BoardRow from './BoardRow.vue'
import { ORDERS, searched, type Order } from './library'
import NewBoard from './NewBoard.vue'

const router = useRouter()
const { data, failure, load } = useLoaded(async () => {
  const [boards, instructors] = await Promise.all([api.boardFiles(), api.instructors()])
  return { boards, instructors }
})
const asked = useInAddress('find', true)
const practice = useInAddress('practice', true)
const order = useInAddress('order', true)
const shelf = useInAddress('shelf', true)
const isNew = useInAddress('new')
/** `task`: a board is chosen to make a task on. */
const wanted = useInAddress('for')
const isForTask = computed(() => wanted.value === 'task')
const refusal = ref('')
const problems = ref<FileProblem[]>([])
const undo = ref<{ says: string; run: () => Promise<unknown> } | null>(null)
const shown = computed(() =>
  searched(data.value?.boards ?? [], {
    find: asked.value,
    practice: practice.value,
    order: (order.value || 'changed') as Order,
    archived: shelf.value === 'archived',
  }),
)

/** What fits on the screen is drawn at once, the rest while nothing else is to be done. */
const FIRST = 24
const MORE = 60
const most = ref(FIRST)
watch(shown, drawOn, { immediate: true })
function drawOn() {
  if (most.value >= shown.value.length) return
  setTimeout(() => {
    most.value += MORE
    drawOn()
  }, 60)
}

async function tried(work: () => Promise<unknown>) {
  refusal.value = ''
  problems.value = []
  try {
    await work()
  } catch (error) {
    refusal.value = reasonOf(error)
    problems.value = error instanceof Refused ? error.problems : []
  }
}

const draw = (what: Parameters<typeof api.startDrawing>[0]) =>
  tried(async () => router.push(`/draw/${(await api.startDrawing(what)).id}`))

const archive = (board: LibraryBoard) =>
  tried(async () => {
    await api.changeBoard(board.id, { archived: !board.archived })
    await load()
    const says = board.archived
      ? say('boards.title-is-back-in-the', { title: board.title })
      : say('boards.title-is-archived', { title: board.title })
    undo.value = { says, run: () => api.changeBoard(board.id, { archived: board.archived }) }
  })

const remove = (board: LibraryBoard) =>
  tried(async () => {
    await api.deleteBoard(board.id)
    await load()
    undo.value = {
      says: say('boards.title-is-deleted', { title: board.title }),
      run: () => api.bringBoardBack(board.id),
    }
  })

const takeBack = () =>
  tried(async () => {
    await undo.value?.run()
    undo.value = null
    await load()
  })

const rename = (board: LibraryBoard, title: string) =>
  tried(async () => {
    await api.changeBoard(board.id, { title })
    await load()
  })

const share = (board: LibraryBoard, instructor: number, on: boolean) =>
  tried(async () => {
    await api.shareBoard(board.id, instructor, on)
    await load()
  })

const addFile = (event: Event) =>
  tried(async () => {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    input.value = ''
    if (!file) return
    const added = await api.addBoardFile(await file.text())
    await router.push(`/plans/${added.id}`)
  })
</script>

<template>
  <div class="screen">
    <TopBar
      :title="isForTask ? say('boards.which-board-is-the-task') : say('shared.boards')"
      :crumb="isForTask ? { to: '/tasks', name: say('shared.tasks') } : undefined"
    >
      <label class="btn">
        {{ say('boards.bring-in-a-board-file') }}
        <input type="file" accept=".json,application/json" class="sr-only" @change="addFile" />
      </label>
      <button type="button" class="btn-main" data-test="new-board" @click="isNew = isNew ? '' : 'yes'">
        {{ isNew ? say('boards.back-to-the-library') : say('boards.draw-a-new-board') }}
      </button>
    </TopBar>
    <div v-if="refusal" role="alert" class="border-b border-line px-6 py-3">
      <p class="font-bold">{{ refusal }}</p>
      <ul v-if="problems.length > 0" class="mt-1">
        <li v-for="(problem, i) in problems" :key="i">
          <code>{{ problem.pointer || say('boards.file') }}</code> {{ problem.message }}
        </li>
      </ul>
    </div>
    <UndoBar v-if="undo" :says="undo.says" @undo="takeBack" @dismiss="undo = null" />
    <NewBoard v-if="isNew" @start="draw" />
    <LoadState v-else-if="!data" :failure="failure" :what="say('boards.the-library')" @again="load" />
    <main v-else class="flex min-h-0 grow flex-col">
      <div class="flex flex-wrap items-center gap-3 border-b border-line px-6 py-2">
        <input
          v-model="asked"
          type="search"
          class="field w-64"
          :placeholder="say('boards.find-a-board')"
          :aria-label="say('boards.find-a-board')"
        />
        <label class="flex items-center gap-2"
          >{{ say('boards.practice') }}
          <select v-model="practice" class="field w-44">
            <option value="">{{ say('boards.all') }}</option>
            <option v-for="one in practices()" :key="one.id" :value="one.id">{{ one.name }}</option>
          </select></label
        >
        <label class="flex items-center gap-2"
          >{{ say('boards.order') }}
          <select v-model="order" class="field w-44">
            <option v-for="(name, key) in ORDERS" :key="key" :value="key === 'changed' ? '' : key">{{ name }}</option>
          </select></label
        >
        <label class="flex min-h-11 items-center gap-2"
          ><input
            type="checkbox"
            class="h-5 w-5 accent-violet"
            :checked="shelf === 'archived'"
            @change="shelf = shelf ? '' : 'archived'"
          />
          {{ say('boards.archived') }}</label
        >
        <p class="ml-auto text-soft" role="status">{{ saySome('boards.one-board-count-boards', shown.length) }}</p>
      </div>
      <div class="min-h-0 grow overflow-auto">
        <p v-if="shown.length === 0" class="p-10">
          {{ data.boards.length === 0 ? say('boards.the-library-is-empty-draw') : say('boards.no-board-by-that-name') }}
        </p>
        <ul class="divide-y divide-line" :aria-label="say('boards.the-library')">
          <BoardRow
            v-for="board in shown.slice(0, most)"
            :key="board.id"
            :board="board"
            :instructors="data.instructors"
            :is-for-task="isForTask"
            @copy="draw({ copyOf: board.id })"
            @archive="archive(board)"
            @remove="remove(board)"
            @rename="(title) => rename(board, title)"
            @share="(instructor, on) => share(board, instructor, on)"
          />
        </ul>
        <p class="px-6 py-4 text-sm text-soft">
          {{ say('boards.north-american-boards-follow-the') }}
        </p>
      </div>
    </main>
  </div>
</template>
