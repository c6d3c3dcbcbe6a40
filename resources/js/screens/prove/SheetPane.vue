<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { ref, watch } from 'vue'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import type { TestSheet } from '@/shared/api/generated/http'

/** What was done in its order, and what was read: filled in by doing, never by typing. */
const props = defineProps<{ attempt: number; acts: number; stepsOnly?: boolean }>()
const sheet = ref<TestSheet | null>(null)
const failure = ref('')
const STATES = { done: say('prove.done'), missing: say('prove.not-done'), void: say('prove.does-not-count') }
const STEP_SIGNS = { done: '✓', missing: '○', void: '✕' }

async function load() {
  await orSay(failure, async () => {
    sheet.value = await api.testSheet(props.attempt)
    failure.value = ''
  })
}
watch(() => props.acts, load, { immediate: true })
</script>

<template>
  <div class="p-3" data-test="sheet">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <template v-if="sheet">
      <ol v-if="!sheet.isSilent" class="mb-3 space-y-1">
        <li
          v-for="step in sheet.steps"
          :key="step.id"
          class="grid grid-cols-[1.25rem_1fr] gap-x-1 leading-snug"
          :data-step="step.id"
          :data-state="step.state"
        >
          <span class="code" aria-hidden="true">{{ STEP_SIGNS[step.state] }}</span>
          <span
            >{{ step.name }}<span class="sr-only">, {{ STATES[step.state] }}</span>
            <span v-if="step.why" class="block text-sm">{{ step.why }}</span>
            <span v-if="step.caution && step.state !== 'done'" class="flex items-start gap-1.5 text-sm">
              <span class="hazard mt-0.5 h-3.5 w-3.5 shrink-0 border border-ink" aria-hidden="true" />{{ step.caution }}
            </span>
          </span>
        </li>
      </ol>
      <ul v-if="sheet.hazards.length > 0" class="mb-3 border-l-3 border-ink pl-2" :aria-label="say('prove.unsafe')">
        <li v-for="hazard in sheet.hazards" :key="hazard" data-test="hazard">
          <strong aria-hidden="true">! </strong>{{ hazard }}
        </li>
      </ul>
      <p v-if="stepsOnly && sheet.isSilent" class="mb-3">{{ say('prove.isolate-the-way-you-were') }}</p>
      <table v-if="!stepsOnly" class="w-full border-collapse text-sm">
        <caption class="pb-1 text-left text-base font-bold">
          {{
            sheet.title
          }}
        </caption>
        <tbody>
          <tr
            v-for="line in sheet.lines"
            :key="line.id"
            class="border-t border-line align-top"
            :data-line="line.id"
            :data-good="String(line.isGood)"
          >
            <th scope="row" class="py-1 pr-2 text-left font-normal">
              {{ line.name }}
              <span v-if="line.left" class="block text-soft">{{ say('prove.to-do-left', { left: line.left }) }}</span>
              <span v-if="line.why" class="block">! {{ line.why }}</span>
            </th>
            <td class="py-1 text-right">
              <span class="code">{{ line.reading }}</span>
              <span v-if="line.isGood !== null" class="block font-bold">{{
                line.isGood ? say('prove.good') : say('prove.not-good')
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="mt-3 text-sm text-soft">{{ sheet.caution }}</p>
      <a
        v-if="!stepsOnly && !sheet.isSilent"
        :href="downloads.testSheetPaper(attempt)"
        target="_blank"
        class="btn mt-3"
        >{{ say('prove.print-the-sheet') }}</a
      >
    </template>
  </div>
</template>
