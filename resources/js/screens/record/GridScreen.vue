<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import type { MarkGrid } from '@/shared/api/generated/http'
import { useInAddress } from '@/shared/frame/useInAddress'
import ClassSelect from '@/shared/ui/ClassSelect.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** A class against everything that was set to it. */
const chosen = useInAddress('class', true)
const { data, failure, load } = useLoaded(async () => {
  const classrooms = (await api.classrooms()).filter(({ archived }) => !archived)
  const id = Number(chosen.value) || classrooms[0]?.id
  return { classrooms, grid: id ? await api.markGrid(id) : null }
})
const grid = computed(() => data.value?.grid ?? null)
const classroom = computed({
  get: () => grid.value?.classroom ?? 0,
  set: (id: number) => {
    chosen.value = String(id)
    void load()
  },
})
const from = ref('')
const to = ref('')
const cellOf = (person: MarkGrid['people'][number], assignment: number) =>
  person.cells.find((cell) => cell.assignment === assignment) ?? null
const WORDS: Record<string, string> = {
  waiting: say('record.not-begun'),
  running: say('record.working'),
  withdrawn: say('record.withdrawn'),
}
function words(cell: MarkGrid['people'][number]['cells'][number] | null): string {
  if (!cell) return '–'
  if (cell.got === null) return WORDS[cell.state] ?? say('record.no-mark')
  if (cell.isOpen) return say('record.got-of-total-so-far', { got: cell.got, total: cell.total })
  return say('record.got-of-total-passes', { got: cell.got, total: cell.total, passes: cell.passes ? '✓' : '✕' })
}
</script>

<template>
  <div class="screen">
    <TopBar :title="say('record.class-and-tasks')" :crumb="{ to: '/marks', name: say('shared.marks') }">
      <label v-if="data" class="flex items-center gap-2"
        >{{ say('shared.class') }} <ClassSelect v-model="classroom" :classes="data.classrooms"
      /></label>
      <RouterLink to="/mark-table" class="btn">{{ say('record.columns-of-the-table') }}</RouterLink>
      <form v-if="grid" class="flex items-center gap-2" :aria-label="say('record.the-term')" @submit.prevent>
        <label class="flex items-center gap-2"
          >{{ say('record.from') }} <input v-model="from" type="date" class="field w-auto"
        /></label>
        <label class="flex items-center gap-2"
          >{{ say('record.to') }} <input v-model="to" type="date" class="field w-auto"
        /></label>
        <a :href="downloads.termTableOf(grid.classroom, from, to)" class="btn-main" download data-test="term-table">{{
          say('record.take-the-table')
        }}</a>
      </form>
    </TopBar>
    <LoadState v-if="!data" :failure="failure" :what="say('record.the-grid')" @again="load" />
    <p v-else-if="!grid || grid.tasks.length === 0" class="p-10 text-soft">
      {{ say('record.no-task-has-been-set') }}
    </p>
    <main
      v-else
      class="min-h-0 grow overflow-auto p-5 max-md:px-2"
      tabindex="0"
      :aria-label="say('record.class-and-tasks')"
    >
      <table class="border-collapse text-left" data-test="grid">
        <thead>
          <tr class="border-b-2 border-ink align-bottom">
            <th scope="col" class="py-1 pr-6">{{ say('record.trainee') }}</th>
            <th v-for="task in grid.tasks" :key="task.assignment" scope="col" class="max-w-40 pr-6 font-bold">
              <RouterLink :to="`/marks/${task.assignment}`" class="hover:underline">{{ task.title }}</RouterLink>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="person in grid.people" :key="person.id" class="border-b border-line">
            <th scope="row" class="py-2 pr-6">
              {{ person.name
              }}<span v-if="person.number" class="code ml-2 font-normal text-soft">{{ person.number }}</span>
            </th>
            <td v-for="task in grid.tasks" :key="task.assignment" class="code pr-6 whitespace-nowrap">
              {{ words(cellOf(person, task.assignment)) }}
            </td>
          </tr>
        </tbody>
      </table>
    </main>
  </div>
</template>
