<script setup lang="ts">
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { api } from '@/shared/api/client'
import type { MaterialsData } from '@/shared/api/types'
import DataTable from '@/shared/ui/DataTable.vue'

const props = defineProps<{ boardFile: number; plan: number; edition: string }>()
const data = shallowRef<MaterialsData | null>(null)
const failure = ref('')
const asked = reactive({ sets: '1', end: '', waste: '', round: '' })
const query = computed(() => ({ edition: props.edition, ...asked }))

const COLUMNS = {
  materials: ['', 'what', 'how many'],
  cuts: ['cable', 'type', 'from', 'to', 'run', 'cut at'],
  labels: ['cable', 'end in', 'goes to', 'carries'],
}
const FILES = { board: 'Board', wiring: 'Wiring', spice: 'SPICE' } as const
const TITLES = { materials: 'Materials', cuts: 'Cut list', labels: 'Labels for the ends' }
const lists = computed(() =>
  (['materials', 'cuts', 'labels'] as const).map((name) => ({
    name,
    rows: (data.value?.[name] ?? []).map((row) => Object.values(row)),
  })),
)

watch([query, () => props.plan], load, { immediate: true })
async function load() {
  const wanted = query.value
  try {
    const found = await api.materials(props.boardFile, props.plan, wanted)
    if (query.value !== wanted) return
    data.value = found
    failure.value = ''
  } catch (error) {
    if (query.value === wanted) failure.value = (error as Error).message
  }
}
</script>

<template>
  <div data-test="prepare">
    <form class="mb-3 grid grid-cols-2 gap-2" @submit.prevent>
      <label>boards <input v-model.lazy="asked.sets" class="field" type="number" min="1" max="200" /></label>
      <label
        >m at each end
        <input
          v-model.lazy="asked.end"
          class="field"
          type="number"
          min="0"
          max="5"
          step="0.01"
          :placeholder="String(data?.allowances.end ?? '')"
      /></label>
      <label
        >% waste
        <input
          v-model.lazy="asked.waste"
          class="field"
          type="number"
          min="0"
          max="100"
          :placeholder="String(data?.allowances.waste ?? '')"
      /></label>
      <label
        >m, rounded up to
        <input
          v-model.lazy="asked.round"
          class="field"
          type="number"
          min="0.01"
          max="10"
          step="0.01"
          :placeholder="String(data?.allowances.round ?? '')"
      /></label>
    </form>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="!data" role="status" class="text-soft">Counting …</p>
    <template v-if="data">
      <p class="text-sm">Lengths: {{ data.allowed }}.</p>
      <p class="mt-3 flex flex-wrap items-center gap-2">
        <strong>Files</strong>
        <a
          v-for="(name, as) in FILES"
          :key="as"
          class="btn min-h-9 px-3 text-sm"
          :href="api.fileOf(boardFile, plan, as, edition)"
          download
          >{{ name }}</a
        >
      </p>
      <section v-for="list in lists" :key="list.name" class="mt-3">
        <div class="flex items-center justify-between gap-2">
          <h3 class="font-bold">{{ TITLES[list.name] }}</h3>
          <a class="btn min-h-9 px-3 text-sm" :href="api.tableOf(boardFile, plan, list.name, query)" download>CSV</a>
        </div>
        <DataTable :caption="TITLES[list.name]" :columns="COLUMNS[list.name]" :rows="list.rows" />
      </section>
    </template>
  </div>
</template>
