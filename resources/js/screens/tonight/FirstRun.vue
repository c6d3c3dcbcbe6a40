<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Tonight } from '@/shared/api/generated/http'

/** From an empty installation to a checked board: five steps, the first that is open in front. */
const props = defineProps<{ done: Tonight['firstRun']; small?: boolean }>()
const steps = computed(() => [
  {
    name: say('tonight.make-a-class'),
    does: say('tonight.a-class-holds-its-people'),
    to: '/people?add=class',
    done: props.done.class,
  },
  {
    name: say('tonight.add-the-people'),
    does: say('tonight.paste-the-list-you-have'),
    to: '/people?add=people',
    done: props.done.people,
  },
  {
    name: say('tonight.draw-a-board-or-start'),
    does: say('tonight.the-planner-works-out-what'),
    to: '/boards',
    done: props.done.board,
  },
  {
    name: say('tonight.set-it-for-the-class'),
    does: say('tonight.trainees-see-it-at-once'),
    to: '/boards',
    done: props.done.set,
  },
  {
    name: say('tonight.hand-out-the-slips'),
    does: say('tonight.each-slip-has-a-name'),
    to: '/people',
    done: props.done.slips,
  },
])
const next = computed(() => steps.value.findIndex((step) => !step.done))
</script>

<template>
  <section :class="small ? 'border-b border-line p-4' : 'mx-auto max-w-3xl p-10'" data-test="first-run">
    <template v-if="!small">
      <svg viewBox="0 0 300 60" class="mb-6 h-16" aria-hidden="true">
        <path d="M10 30h60M110 30h80M230 30h30" stroke="var(--color-ink)" stroke-width="3" />
        <g fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="3">
          <rect x="70" y="10" width="40" height="40" rx="2" />
          <rect x="190" y="10" width="40" height="40" rx="2" />
          <circle cx="275" cy="30" r="16" />
        </g>
      </svg>
      <h2 class="mb-1 text-3xl font-bold">{{ say('tonight.five-steps-to-the-first') }}</h2>
      <p class="mb-6 text-soft">{{ say('tonight.each-step-opens-the-right') }}</p>
    </template>
    <h2 v-else class="mb-2 font-bold">{{ say('tonight.the-first-evening') }}</h2>
    <ol :class="small ? 'space-y-1' : 'divide-y divide-line border-y border-line'">
      <li v-for="(step, i) in steps" :key="step.name" class="flex items-center gap-4" :class="small ? '' : 'py-3'">
        <svg
          viewBox="0 0 24 24"
          class="h-6 w-6 shrink-0"
          :aria-label="step.done ? say('tonight.done') : say('tonight.to-do')"
          role="img"
        >
          <circle
            cx="12"
            cy="12"
            r="10"
            :fill="step.done ? 'var(--color-ink)' : 'none'"
            stroke="var(--color-ink)"
            stroke-width="2"
          />
          <path v-if="step.done" d="M7 12.5l3.5 3.5L17 9" fill="none" stroke="var(--color-paper)" stroke-width="2.5" />
        </svg>
        <span class="grow">
          <RouterLink v-if="small && i === next" :to="step.to" class="font-bold underline">{{ step.name }}</RouterLink>
          <strong v-else :class="step.done ? 'font-normal text-soft' : ''">{{ step.name }}</strong>
          <span v-if="!small" class="block text-soft">{{ step.does }}</span>
        </span>
        <RouterLink v-if="!small && i === next" :to="step.to" class="btn-main">{{ step.name }}</RouterLink>
      </li>
    </ol>
    <p v-if="next === -1 && !done.checked" :class="small ? 'mt-2 text-sm' : 'mt-4'">
      {{ say('tonight.now-its-up-to-them') }}
    </p>
  </section>
</template>
