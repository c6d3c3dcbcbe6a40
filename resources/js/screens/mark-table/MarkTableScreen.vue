<script setup lang="ts">
import { reasonOf } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { api } from '@/shared/api/api'
import type { KeepMarkTable, MarkTable } from '@/shared/api/generated/http'
import { inTurn } from '@/shared/api/inTurn'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import { isTicked, typedIn } from '@/shared/ui/typed'

/** How the table of marks is taken away: for the college's own program. Remembered, and the same for every class. */
const { data, failure: loadFailure, load } = useLoaded(api.markTable)
const failure = ref('')
const isSaving = ref(false)
const ask = inTurn()
const chosen = computed(() => data.value?.columns ?? [])
/** Those that are taken in their order, then the rest. */
const rows = computed(() => {
  const known = data.value?.known ?? []
  const named = new Map(known.map((column) => [column.id, column.name]))
  return [...chosen.value, ...known.map(({ id }) => id).filter((id) => !chosen.value.includes(id))].map((id) => ({
    id,
    name: named.get(id) ?? id,
    isTaken: chosen.value.includes(id),
  }))
})
const headings = computed(() => (data.value?.headings ?? {}) as Record<string, string | null>)

async function change(what: Partial<KeepMarkTable>) {
  if (!data.value) return
  const { known, ...now } = data.value
  const next = { ...now, ...what } as KeepMarkTable
  data.value = { ...next, known } as MarkTable
  isSaving.value = true
  try {
    await ask(() => api.keepMarkTable(next))
    failure.value = ''
  } catch (error) {
    failure.value = reasonOf(error)
    await load()
  }
  isSaving.value = false
}
const take = (id: string, isTaken: boolean) =>
  change({ columns: isTaken ? [...chosen.value, id] : chosen.value.filter((one) => one !== id) })
function move(id: string, by: number) {
  const columns = chosen.value.filter((one) => one !== id)
  columns.splice(Math.max(0, chosen.value.indexOf(id) + by), 0, id)
  void change({ columns })
}
const call = (id: string, name: string) => change({ headings: { ...headings.value, [id]: name.trim() || null } })

const KEYS = {
  number: say('mark-table.student-number'),
  'sign-in': say('mark-table.sign-in-name'),
  name: say('shared.name'),
} as const
const SEPARATORS = { comma: say('mark-table.comma'), semicolon: say('mark-table.semicolon'), tab: 'Tab' } as const
const DECIMALS = { point: '12.5', comma: '12,5' } as const
const choices = computed(() => [
  {
    field: 'key' as const,
    name: say('mark-table.each-row-starts-with'),
    says: say('mark-table.this-is-the-first-column'),
    of: KEYS,
  },
  { field: 'separator' as const, name: say('mark-table.separator'), says: '', of: SEPARATORS },
  { field: 'decimal' as const, name: say('mark-table.half-points-look-like'), says: '', of: DECIMALS },
])
</script>

<template>
  <div class="screen">
    <TopBar :title="say('mark-table.table-of-marks')" :crumb="{ to: '/marks', name: say('shared.marks') }">
      <span class="text-soft" role="status">{{ isSaving ? say('shared.saving') : say('shared.saved') }}</span>
    </TopBar>
    <LoadState v-if="!data" :failure="loadFailure" :what="say('mark-table.the-table')" @again="load" />
    <main v-else class="panes grid-cols-[minmax(0,60fr)_minmax(18rem,40fr)]">
      <section class="min-h-0 overflow-auto p-6" :aria-label="say('mark-table.columns')">
        <p v-if="failure" role="alert" class="mb-3 border-l-3 border-ink pl-3">{{ failure }}</p>
        <table class="w-full border-collapse text-left">
          <caption class="pb-2 text-left text-soft">
            {{
              say('mark-table.tick-the-columns-you-want')
            }}
          </caption>
          <thead>
            <tr class="border-b border-soft">
              <th scope="col" class="py-1 pr-3">{{ say('mark-table.column') }}</th>
              <th scope="col" class="pr-3">{{ say('mark-table.heading-in-the-file') }}</th>
              <th scope="col">
                <span class="sr-only">{{ say('mark-table.order') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.id" class="border-b border-line" :data-column="row.id">
              <th scope="row" class="pr-3 font-normal">
                <label class="flex min-h-11 items-center gap-3"
                  ><input
                    type="checkbox"
                    class="h-5 w-5 shrink-0 accent-violet"
                    :checked="row.isTaken"
                    :disabled="row.isTaken && chosen.length === 1"
                    @change="take(row.id, isTicked($event))"
                  />{{ row.name }}</label
                >
              </th>
              <td class="pr-3">
                <input
                  v-if="row.isTaken && row.id !== 'lines'"
                  class="field min-h-9"
                  maxlength="60"
                  :placeholder="row.name"
                  :aria-label="say('mark-table.heading-of-name', { name: row.name })"
                  :value="headings[row.id] ?? ''"
                  @change="call(row.id, typedIn($event))"
                />
                <span v-else-if="row.isTaken" class="text-soft">{{ say('mark-table.one-column-for-each-line') }}</span>
              </td>
              <td class="text-right whitespace-nowrap">
                <template v-if="row.isTaken">
                  <button
                    type="button"
                    class="btn min-h-9 px-3"
                    :aria-label="say('mark-table.name-further-left', { name: row.name })"
                    :disabled="chosen[0] === row.id"
                    @click="move(row.id, -1)"
                  >
                    ▴
                  </button>
                  <button
                    type="button"
                    class="btn min-h-9 px-3"
                    :aria-label="say('mark-table.name-further-right', { name: row.name })"
                    :disabled="chosen.at(-1) === row.id"
                    @click="move(row.id, 1)"
                  >
                    ▾
                  </button>
                </template>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <section class="min-h-0 overflow-auto border-l border-line p-6" :aria-label="say('mark-table.the-file')">
        <fieldset v-for="choice in choices" :key="choice.field" class="mb-6" :data-choice="choice.field">
          <legend class="mb-1 font-bold">{{ choice.name }}</legend>
          <div class="flex flex-wrap">
            <button
              v-for="(name, id) in choice.of"
              :key="id"
              type="button"
              class="btn min-h-11 px-4"
              :class="data[choice.field] === id ? 'border-violet bg-wash' : ''"
              :aria-pressed="data[choice.field] === id"
              @click="change({ [choice.field]: id })"
            >
              {{ name }}
            </button>
          </div>
          <p v-if="choice.says" class="mt-1 text-sm text-soft">{{ choice.says }}</p>
        </fieldset>
        <p class="text-soft">
          {{ say('mark-table.take-the-file-from') }}
          <RouterLink to="/marks" class="underline">{{ say('mark-table.the-marks-of-one-task') }}</RouterLink>{{
            say('mark-table.or-from')
          }}
          <RouterLink to="/mark-grid" class="underline">{{ say('mark-table.class-and-tasks') }}</RouterLink>
          {{ say('mark-table.for-a-whole-term') }}
        </p>
      </section>
    </main>
  </div>
</template>
