<script setup lang="ts">
import { say } from '@/shared/words/say'
import { api } from '@/shared/api/api'
import LoadState from '@/shared/ui/LoadState.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** How a fault was looked for: what it was, what was named, and each measurement beside the best that was open. */
const props = defineProps<{ attempt: number }>()
const { data, failure, load } = useLoaded(() => api.huntReport(props.attempt))
const STATES: Record<string, string> = { done: '✓', void: '✕', missing: '–' }
</script>

<template>
  <LoadState v-if="!data" :failure="failure" :what="say('verdict.how-you-found-it')" @again="load" />
  <section v-else class="mt-6 space-y-5" :aria-label="say('verdict.how-you-found-it')" data-test="finding-report">
    <div>
      <h2 class="text-xl font-bold">{{ say('verdict.what-was-wrong') }}</h2>
      <p class="text-soft">{{ data.symptom }}</p>
      <ul class="list-disc pl-5">
        <li v-for="fault in data.faults" :key="fault">{{ fault }}</li>
      </ul>
      <ol v-if="data.named.length > 0" class="mt-2" :aria-label="say('verdict.named')">
        <li v-for="(one, i) in data.named" :key="i">
          <strong>{{ one.isRight ? '✓' : '✕' }}</strong> {{ one.text }}
        </li>
      </ol>
      <p v-else class="mt-2">{{ say('verdict.nothing-was-named') }}</p>
      <p v-if="data.left?.length === 0" class="mt-2">{{ say('verdict.the-board-was-right-again') }}</p>
      <div v-else-if="data.left" class="mt-2" data-test="left">
        <p class="font-bold">{{ say('verdict.not-right-when-it-was') }}</p>
        <ul class="list-disc pl-5">
          <li v-for="text in data.left" :key="text">{{ text }}</li>
        </ul>
      </div>
    </div>
    <div class="grid gap-6 md:grid-cols-[3fr_2fr]">
      <div>
        <h2 class="text-xl font-bold">{{ say('verdict.your-way') }}</h2>
        <p v-if="data.path.length === 0">{{ say('verdict.you-made-no-measurement-that') }}</p>
        <table v-else class="w-full text-left">
          <thead>
            <tr class="border-b-2 border-ink">
              <th scope="col">{{ say('verdict.measurement') }}</th>
              <th scope="col" class="pl-3 text-right">{{ say('verdict.worth') }}</th>
              <th scope="col" class="pl-3 text-right">{{ say('verdict.left') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(line, i) in data.path" :key="i" class="border-b border-line align-top" data-weighed>
              <td class="py-1">
                {{ line.text }}
                <span v-if="line.better && line.percent < 60" class="block text-sm text-soft">{{
                  say('verdict.better-better', { better: line.better })
                }}</span>
              </td>
              <td class="code py-1 pl-3 text-right">{{ line.percent }} %</td>
              <td class="code py-1 pl-3 text-right">{{ line.left }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div>
        <h2 class="text-xl font-bold">{{ say('verdict.the-shortest-way') }}</h2>
        <p v-if="data.best.length === 0">{{ say('verdict.the-customers-complaint-was-enough') }}</p>
        <ol v-else class="list-decimal pl-5" data-test="best-way">
          <li v-for="(line, i) in data.best" :key="i">
            {{ line.text }} <span class="text-soft">{{ say('verdict.left-left', { left: line.left }) }}</span>
          </li>
        </ol>
      </div>
    </div>
    <p class="text-sm text-soft">
      {{ say('verdict.worth-how-much-the-measurement') }}
    </p>
    <div>
      <h2 class="text-xl font-bold">{{ say('verdict.before-hands-went-in') }}</h2>
      <p v-if="data.steps.length === 0">{{ say('verdict.you-put-no-hand-in') }}</p>
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
