<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/shared/api/client'
import type { MarkGrid } from '@/shared/api/generated/http'
import { useInAddress } from '@/shared/frame/useInAddress'
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
async function choose(event: Event) {
  chosen.value = (event.target as HTMLSelectElement).value
  await load()
}
const cellOf = (person: MarkGrid['people'][number], assignment: number) =>
  person.cells.find((cell) => cell.assignment === assignment) ?? null
const WORDS: Record<string, string> = { waiting: 'not begun', running: 'at work', withdrawn: 'withdrawn' }
function words(cell: MarkGrid['people'][number]['cells'][number] | null): string {
  if (!cell) return '–'
  if (cell.got === null) return WORDS[cell.state] ?? 'no mark'
  if (cell.isOpen) return `${cell.got} of ${cell.total} so far`
  return `${cell.got} of ${cell.total} ${cell.passes ? '✓' : '✕'}`
}
</script>

<template>
  <div class="screen">
    <TopBar title="Class and tasks" :crumb="{ to: '/marks', name: 'Marks' }">
      <label v-if="data" class="flex items-center gap-2"
        >Class
        <select class="field w-56" :value="grid?.classroom" @change="choose">
          <option v-for="one in data.classrooms" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select></label
      >
    </TopBar>
    <LoadState v-if="!data" :failure="failure" what="The grid" @again="load" />
    <p v-else-if="!grid || grid.tasks.length === 0" class="p-10 text-soft">
      Nothing was set to this class as a task yet.
    </p>
    <main v-else class="min-h-0 grow overflow-auto p-5 max-md:px-2" tabindex="0" aria-label="Class and tasks">
      <table class="border-collapse text-left" data-test="grid">
        <thead>
          <tr class="border-b-2 border-ink align-bottom">
            <th scope="col" class="py-1 pr-6">trainee</th>
            <th v-for="task in grid.tasks" :key="task.assignment" scope="col" class="max-w-40 pr-6 font-bold">
              <RouterLink :to="`/marks/${task.assignment}`" class="hover:underline">{{ task.title }}</RouterLink>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="person in grid.people" :key="person.id" class="border-b border-line">
            <th scope="row" class="py-2 pr-6">{{ person.name }}</th>
            <td v-for="task in grid.tasks" :key="task.assignment" class="code pr-6 whitespace-nowrap">
              {{ words(cellOf(person, task.assignment)) }}
            </td>
          </tr>
        </tbody>
      </table>
    </main>
  </div>
</template>
