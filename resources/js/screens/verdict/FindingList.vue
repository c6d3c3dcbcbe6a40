<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Finding, Severity } from '@/shared/api/generated/http'
import { groupsOf } from './groups'

const props = defineProps<{
  findings: readonly Finding[]
  numbers: ReadonlyMap<number, number>
  labelOf: (box: string) => string
  /** That sections are cited from memory, said once. */
  cited?: string
}>()
defineEmits<{ show: [box: string] }>()

const WORDS: Record<Severity, string> = {
  danger: say('verdict.danger'),
  fault: say('verdict.fault'),
  remark: say('verdict.remark'),
  note: say('verdict.note'),
}
const groups = computed(() => groupsOf(props.findings))
const boxesOf = (group: (typeof groups.value)[number]) => [
  ...new Set(group.members.flatMap(({ finding }) => finding.boxes)),
]
const followsOf = (group: (typeof groups.value)[number]) => group.members.flatMap(({ follows }) => follows)
</script>

<template>
  <p v-if="findings.length === 0" class="p-4">{{ say('verdict.nothing-to-put-right') }}</p>
  <ol class="divide-y divide-line">
    <li
      v-for="group in groups"
      :key="group.first.index"
      class="flex gap-3 py-3"
      :data-finding="group.first.finding.code"
    >
      <span class="code flex h-9 w-9 shrink-0 items-center justify-center rounded-full bg-ink text-lg text-paper">{{
        numbers.get(group.first.index)
      }}</span>
      <div class="min-w-0 grow">
        <p class="flex items-center gap-2">
          <span v-if="group.severity === 'danger'" class="hazard h-5 w-8 border border-ink" aria-hidden="true" />
          <strong
            >{{ WORDS[group.severity]
            }}{{ group.members.length > 1 ? say('verdict.times-times', { times: group.members.length }) : '' }}</strong
          >
        </p>
        <p>{{ group.first.finding.message }}</p>
        <details v-if="group.members.length > 1">
          <summary class="min-h-8 cursor-pointer text-soft">
            {{
              say('verdict.also-at-boxes', {
                boxes: boxesOf(group).slice(1).map(labelOf).join(', ') || say('verdict.the-same-box'),
              })
            }}
          </summary>
          <p v-for="{ finding, index } in group.members.slice(1)" :key="index" class="border-l-2 border-line pl-2">
            {{ finding.message }}
          </p>
        </details>
        <p class="text-sm text-soft">{{ group.first.finding.reference }}</p>
        <details
          v-if="followsOf(group).length > 0"
          class="mt-1"
          :open="followsOf(group).some(({ severity }) => severity === 'danger')"
        >
          <summary class="min-h-8 cursor-pointer text-soft">
            {{ say('verdict.what-this-causes-count', { count: followsOf(group).length }) }}
          </summary>
          <p
            v-for="(consequence, i) in followsOf(group)"
            :key="i"
            class="border-l-2 border-ink pl-2"
            :data-finding="consequence.code"
          >
            <strong v-if="consequence.severity === 'danger'">{{ WORDS.danger }}: </strong>{{ consequence.message }}
          </p>
        </details>
        <p class="mt-1 flex flex-wrap gap-2">
          <button
            v-for="box in boxesOf(group)"
            :key="box"
            type="button"
            class="btn min-h-9 px-3 text-sm"
            @click="$emit('show', box)"
          >
            {{ say('verdict.open-label', { label: labelOf(box) }) }}
          </button>
        </p>
      </div>
    </li>
  </ol>
  <p v-if="cited && findings.length > 0" class="py-2 text-sm text-soft">{{ cited }}</p>
</template>
