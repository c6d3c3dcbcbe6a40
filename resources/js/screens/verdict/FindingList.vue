<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, Severity } from '@/shared/api/generated/http'

const props = defineProps<{
  findings: readonly Finding[]
  numbers: ReadonlyMap<number, number>
  labelOf: (box: string) => string
  /** That sections are cited from memory, said once. */
  cited?: string
}>()
defineEmits<{ show: [box: string] }>()

const WORDS: Record<Severity, string> = { danger: 'Danger', fault: 'Fault', remark: 'Remark', note: 'Note' }
const causes = computed(() =>
  props.findings
    .map((finding, index) => ({ finding, index, follows: props.findings.filter(({ causedBy }) => causedBy === index) }))
    .filter(({ finding }) => finding.causedBy === null),
)
</script>

<template>
  <p v-if="findings.length === 0" class="p-4">Nothing to put right.</p>
  <ol class="divide-y-2 divide-line">
    <li v-for="{ finding, index, follows } in causes" :key="index" class="flex gap-3 py-3" :data-finding="finding.code">
      <span class="code flex h-9 w-9 shrink-0 items-center justify-center rounded-full bg-ink text-lg text-paper">{{
        numbers.get(index)
      }}</span>
      <div class="min-w-0 grow">
        <p class="flex items-center gap-2">
          <span v-if="finding.severity === 'danger'" class="hazard h-5 w-8 border border-ink" aria-hidden="true" />
          <strong>{{ WORDS[finding.severity] }}</strong>
        </p>
        <p>{{ finding.message }}</p>
        <p class="text-sm text-soft">{{ finding.reference }}</p>
        <details v-if="follows.length > 0" class="mt-1" :open="follows.some(({ severity }) => severity === 'danger')">
          <summary class="min-h-8 cursor-pointer text-soft">What follows from it ({{ follows.length }})</summary>
          <p
            v-for="(consequence, i) in follows"
            :key="i"
            class="border-l-2 border-ink pl-2"
            :data-finding="consequence.code"
          >
            <strong v-if="consequence.severity === 'danger'">{{ WORDS.danger }}: </strong>{{ consequence.message }}
          </p>
        </details>
        <p class="mt-1 flex flex-wrap gap-2">
          <button v-for="box in finding.boxes" :key="box" type="button" class="btn px-3" @click="$emit('show', box)">
            Open {{ labelOf(box) }}
          </button>
        </p>
      </div>
    </li>
  </ol>
  <p v-if="cited && findings.length > 0" class="py-2 text-sm text-soft">{{ cited }}</p>
</template>
