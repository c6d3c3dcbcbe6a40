<script setup lang="ts">
import { api } from '@/shared/api/client'
import LoadState from '@/shared/ui/LoadState.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** How a fault was looked for: what it was, what was named, and each measurement beside the best that was open. */
const props = defineProps<{ attempt: number }>()
const { data, failure, load } = useLoaded(() => api.huntReport(props.attempt))
const STATES: Record<string, string> = { done: '✓', void: '✕', missing: '–' }
</script>

<template>
  <LoadState v-if="!data" :failure="failure" what="How it was found" @again="load" />
  <section v-else class="mt-6 space-y-5" aria-label="How it was found" data-test="finding-report">
    <div>
      <h2 class="text-xl font-bold">What was wrong</h2>
      <p class="text-soft">{{ data.symptom }}</p>
      <ul class="list-disc pl-5">
        <li v-for="fault in data.faults" :key="fault">{{ fault }}</li>
      </ul>
      <ol v-if="data.named.length > 0" class="mt-2" aria-label="Named">
        <li v-for="(one, i) in data.named" :key="i">
          <strong>{{ one.isRight ? '✓' : '✕' }}</strong> {{ one.text }}
        </li>
      </ol>
      <p v-else class="mt-2">Nothing was named.</p>
      <p v-if="data.left?.length === 0" class="mt-2">The board was right again when it was handed in.</p>
      <div v-else-if="data.left" class="mt-2" data-test="left">
        <p class="font-bold">Not right when it was handed in:</p>
        <ul class="list-disc pl-5">
          <li v-for="text in data.left" :key="text">{{ text }}</li>
        </ul>
      </div>
    </div>
    <div class="grid gap-6 md:grid-cols-[3fr_2fr]">
      <div>
        <h2 class="text-xl font-bold">Your way</h2>
        <p v-if="data.path.length === 0">No measurement that told anything.</p>
        <table v-else class="w-full text-left">
          <thead>
            <tr class="border-b-2 border-ink">
              <th scope="col">Measurement</th>
              <th scope="col" class="pl-3 text-right">Worth</th>
              <th scope="col" class="pl-3 text-right">Left</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(line, i) in data.path" :key="i" class="border-b border-line align-top" data-weighed>
              <td class="py-1">
                {{ line.text }}
                <span v-if="line.better && line.percent < 60" class="block text-sm text-soft"
                  >Better: {{ line.better }}.</span
                >
              </td>
              <td class="code py-1 pl-3 text-right">{{ line.percent }} %</td>
              <td class="code py-1 pl-3 text-right">{{ line.left }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div>
        <h2 class="text-xl font-bold">The shortest way</h2>
        <p v-if="data.best.length === 0">What the customer said was enough.</p>
        <ol v-else class="list-decimal pl-5" data-test="best-way">
          <li v-for="(line, i) in data.best" :key="i">
            {{ line.text }} <span class="text-soft">({{ line.left }} left)</span>
          </li>
        </ol>
      </div>
    </div>
    <p class="text-sm text-soft">
      Worth: what a measurement could tell for its trouble, beside the best one that was open. Left: repairs it could
      still take.
    </p>
    <div>
      <h2 class="text-xl font-bold">Before hands went in</h2>
      <p v-if="data.steps.length === 0">No hand went into a box: nothing had to be proved dead.</p>
      <ul v-else>
        <li v-for="step in data.steps" :key="step.name">
          <strong class="code" aria-hidden="true">{{ STATES[step.state] ?? step.state }}</strong> {{ step.name
          }}<span class="sr-only">: {{ step.state }}</span>
          <span v-if="step.why" class="text-soft">{{ step.why }}</span>
        </li>
      </ul>
      <p v-for="hazard in data.hazards" :key="hazard" class="mt-1 border-l-4 border-ink pl-2 font-bold">{{ hazard }}</p>
    </div>
  </section>
</template>
