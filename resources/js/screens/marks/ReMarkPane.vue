<script setup lang="ts">
import type { GradedAttempt, ReGradePreview, ReGradeSide } from '@/shared/api/generated/http'

const props = defineProps<{
  changed: readonly ReGradePreview[]
  marks: readonly GradedAttempt[]
  isLooking: boolean
  looked: number
  all: number
}>()
defineEmits<{ decide: [attempts: number[], take: boolean]; close: [] }>()

const WORDS = { pass: '✓ pass', remarks: '✓ pass with remarks', fail: '✕ fail' }
const nameOf = (attempt: number) => props.marks.find((one) => one.attempt === attempt)?.trainee.name ?? ''
const points = ({ got, total }: ReGradeSide) => (got === null ? '' : ` · ${got} of ${total}`)
const takeable = () => props.changed.filter(({ now }) => now).map(({ attempt }) => attempt)
</script>

<template>
  <section class="border-b-2 border-ink bg-wash px-5 py-3" aria-label="Mark again" data-test="re-mark">
    <div v-if="isLooking" role="status">
      <p class="mb-1">
        Looking at every board again: <span class="code">{{ looked }} of {{ all }}</span
        >. Nothing is changed yet.
      </p>
      <progress class="h-3 w-full" :value="looked" :max="all" aria-label="Boards looked at" />
    </div>
    <div v-else-if="changed.length === 0" class="flex items-center gap-4">
      <p class="grow">Today's rules give every board the same mark. There is nothing to change.</p>
      <button type="button" class="btn" @click="$emit('close')">Close</button>
    </div>
    <template v-else>
      <div class="mb-2 flex items-center gap-4">
        <p class="grow">
          <strong>{{ changed.length }} of {{ all }} would come out differently by today's rules.</strong> What stands
          counts until you decide.
        </p>
        <button type="button" class="btn" @click="$emit('decide', takeable(), true)">Take all the new ones</button>
        <button type="button" class="btn" @click="$emit('close')">Decide later</button>
      </div>
      <ul class="max-h-64 divide-y divide-line overflow-auto">
        <li v-for="one in changed" :key="one.attempt" class="flex items-center gap-4 py-2">
          <strong class="w-40 shrink-0">{{ nameOf(one.attempt) }}</strong>
          <div class="grow">
            <p>
              <span class="text-soft">Stands:</span> {{ WORDS[one.was.verdict] }}{{ points(one.was) }}.
              {{ one.was.headline }}
            </p>
            <p v-if="one.now">
              <span class="text-soft">Now:</span> {{ WORDS[one.now.verdict] }}{{ points(one.now) }}.
              {{ one.now.headline }}
            </p>
            <p v-else>This board can't be judged now. The fault is logged.</p>
          </div>
          <button v-if="one.now" type="button" class="btn" @click="$emit('decide', [one.attempt], true)">
            Take the new one
          </button>
          <button type="button" class="btn" @click="$emit('decide', [one.attempt], false)">Let it stand</button>
        </li>
      </ul>
    </template>
  </section>
</template>
