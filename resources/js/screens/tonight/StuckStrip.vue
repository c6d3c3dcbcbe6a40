<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed } from 'vue'
import { isWired } from '@/shared/api/taskKinds'
import type { Tonight } from '@/shared/api/generated/http'

/** One line of what is true now, and who may need a look. */
const props = defineProps<{ running: Tonight['running']; waiting: Tonight['waiting'] }>()
const stuck = computed(() => props.running.filter((line) => line.stuck !== null))
const people = (count: number) => saySome('tonight.one-person-count-people', count)
const sentence = computed(() =>
  [
    props.running.length > 0
      ? say('tonight.people-at-work', { people: people(props.running.length) })
      : say('tonight.nobody-is-at-work'),
    stuck.value.length > 0 ? say('tonight.count-may-need-a-look', { count: stuck.value.length }) : '',
    props.waiting.length > 0 ? say('tonight.count-waiting-for-marks', { count: props.waiting.length }) : '',
  ]
    .filter(Boolean)
    .join(', '),
)
const at = (line: Tonight['running'][number]) =>
  isWired(line.kind) ? `/verdict/${line.attempt}` : `/tonight?assignment=${line.assignment}`
</script>

<template>
  <section class="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line px-4 py-2" data-test="tonight">
    <p role="status">{{ sentence }}.</p>
    <RouterLink
      v-for="line in stuck.slice(0, 6)"
      :key="line.attempt"
      :to="at(line)"
      class="flex min-h-9 items-center gap-2 underline underline-offset-4 hover:text-violet"
      data-test="stuck"
    >
      <svg viewBox="0 0 12 12" class="h-3 w-3" aria-hidden="true">
        <path d="M6 1 11 11H1z" fill="none" stroke="var(--color-ink)" stroke-width="1.5" />
      </svg>
      {{ line.trainee }}<template v-if="line.seat">{{ say('tonight.seat-seat', { seat: line.seat }) }}</template
      >: {{ line.stuck }}
    </RouterLink>
    <span v-if="stuck.length > 6" class="text-soft">{{
      say('tonight.and-what-more', { what: stuck.length - 6 })
    }}</span>
  </section>
</template>
