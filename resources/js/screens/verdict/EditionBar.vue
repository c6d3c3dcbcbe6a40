<script setup lang="ts">
import type { VerdictData } from '@/shared/api/generated/http'

defineProps<{ verdict: VerdictData; busy: boolean }>()
const edition = defineModel<string>({ required: true })

const VERDICTS = { pass: 'pass', remarks: 'pass with remarks', fail: 'fail' }
</script>

<template>
  <label class="flex items-center gap-2 text-soft">
    judged by
    <select v-model="edition" class="field min-h-9 w-auto" data-test="edition" :aria-busy="busy">
      <option v-for="item in verdict.editions" :key="item.id" :value="item.id">
        {{ item.id }}{{ item.own ? ' (the board’s)' : '' }}
      </option>
    </select>
    <span v-if="busy">Judging …</span>
  </label>
  <div
    v-if="!verdict.editions.find(({ id }) => id === verdict.edition)?.own"
    class="mt-1 border-l-4 border-violet pl-3"
    role="status"
    data-test="changes"
  >
    <p v-if="verdict.changes.appear.length + verdict.changes.vanish.length === 0">
      Nothing changes: by the board’s own edition it is a {{ VERDICTS[verdict.changes.verdictThen] }} too.
    </p>
    <template v-else>
      <p>By the board’s own edition: {{ VERDICTS[verdict.changes.verdictThen] }}. What changes:</p>
      <p v-for="sentence in verdict.changes.appear" :key="sentence">+ {{ sentence }}</p>
      <p v-for="sentence in verdict.changes.vanish" :key="sentence">− no longer: {{ sentence }}</p>
    </template>
  </div>
</template>
