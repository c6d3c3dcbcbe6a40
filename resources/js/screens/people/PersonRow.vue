<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, onMounted, ref } from 'vue'
import type { Classroom, Trainee } from '@/shared/api/generated/http'
import RowMenu from '@/shared/ui/RowMenu.vue'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{ trainee: Trainee; others: readonly Classroom[]; lit: boolean }>()
const emit = defineEmits<{
  change: [what: { name?: string; extraPercent?: number; number?: string | null }]
  code: []
  move: [to: number]
  remove: []
}>()
const row = ref<HTMLTableRowElement | null>(null)
const items = computed(() => [
  { name: say('people.new-code-print-the-slip'), run: () => emit('code') },
  ...props.others.map(({ id, name }) => ({ name: say('people.move-to-name', { name }), run: () => emit('move', id) })),
  { name: say('people.remove-from-the-class'), run: () => emit('remove') },
])

function rename(event: Event) {
  const name = typedIn(event).trim()
  if (name && name !== props.trainee.name) emit('change', { name })
}
function renumber(event: Event) {
  const number = typedIn(event).trim() || null
  if (number !== props.trainee.number) emit('change', { number })
}
function allow(event: Event) {
  const percent = Number(typedIn(event))
  if (Number.isInteger(percent) && percent !== props.trainee.extraPercent) emit('change', { extraPercent: percent })
}

onMounted(() => {
  if (props.lit) row.value?.scrollIntoView({ block: 'center' })
})
</script>

<template>
  <tr ref="row" class="border-b border-line" :class="lit ? 'bg-wash' : ''" :data-person="trainee.id">
    <th scope="row" class="pr-3 font-bold">
      <input
        class="min-h-11 w-full rounded-md bg-transparent font-bold hover:underline"
        :aria-label="say('people.name-of-name', { name: trainee.name })"
        :value="trainee.name"
        maxlength="60"
        @change="rename"
      />
      <span class="block pb-1 text-sm font-normal text-soft sm:hidden">{{ trainee.username }}</span>
    </th>
    <td class="hidden pr-3 sm:table-cell">{{ trainee.username }}</td>
    <td class="pr-3">
      <span class="inline-flex items-center gap-1"
        ><input
          class="field min-h-9 w-16 sm:w-20"
          type="number"
          min="0"
          max="200"
          step="5"
          :aria-label="say('people.extra-time-of-name-percent', { name: trainee.name })"
          :value="trainee.extraPercent"
          @change="allow"
        />%</span
      >
    </td>
    <td class="pr-3">
      <input
        class="code min-h-11 w-18 rounded-md sm:w-36 bg-transparent hover:underline"
        :aria-label="say('people.student-number-of-name', { name: trainee.name })"
        :value="trainee.number ?? ''"
        maxlength="40"
        :placeholder="say('shared.none')"
        @change="renumber"
      />
    </td>
    <td class="text-right"><RowMenu :label="trainee.name" :items="items" /></td>
  </tr>
</template>
