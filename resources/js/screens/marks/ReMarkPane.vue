<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { GradedAttempt, ReGradePreview, ReGradeSide } from '@/shared/api/generated/http'

const props = defineProps<{
  changed: readonly ReGradePreview[]
  marks: readonly GradedAttempt[]
  isLooking: boolean
  looked: number
  all: number
}>()
defineEmits<{ decide: [attempts: number[], take: boolean]; close: [] }>()

const WORDS = { pass: say('marks.pass'), remarks: say('marks.pass-with-remarks'), fail: say('marks.fail') }
const nameOf = (attempt: number) => props.marks.find((one) => one.attempt === attempt)?.trainee.name ?? ''
const points = ({ got, total }: ReGradeSide) => (got === null ? '' : say('marks.got-of-total', { got, total }))
const takeable = () => props.changed.filter(({ now }) => now).map(({ attempt }) => attempt)
</script>

<template>
  <section class="border-b-2 border-ink bg-wash px-5 py-3" :aria-label="say('marks.mark-again-2')" data-test="re-mark">
    <div v-if="isLooking" role="status">
      <p class="mb-1">
        {{ say('marks.looking-at-every-board-again') }}
        <span class="code">{{ say('marks.looked-of-all', { looked, all }) }}</span>{{
          say('marks.nothing-has-changed-yet')
        }}
      </p>
      <progress class="h-3 w-full" :value="looked" :max="all" :aria-label="say('marks.boards-looked-at')" />
    </div>
    <div v-else-if="changed.length === 0" class="flex items-center gap-4">
      <p class="grow">{{ say('marks.todays-rules-give-every-board') }}</p>
      <button type="button" class="btn" @click="$emit('close')">{{ say('shared.close') }}</button>
    </div>
    <template v-else>
      <div class="mb-2 flex items-center gap-4">
        <p class="grow">
          <strong>{{ say('marks.count-of-all-would-come', { count: changed.length, all }) }}</strong>
          {{ say('marks.the-marks-they-have-count') }}
        </p>
        <button type="button" class="btn" @click="$emit('decide', takeable(), true)">
          {{ say('marks.use-all-the-new-ones') }}
        </button>
        <button type="button" class="btn" @click="$emit('close')">{{ say('marks.decide-later') }}</button>
      </div>
      <ul class="max-h-64 divide-y divide-line overflow-auto">
        <li v-for="one in changed" :key="one.attempt" class="flex items-center gap-4 py-2">
          <strong class="w-40 shrink-0">{{ nameOf(one.attempt) }}</strong>
          <div class="grow">
            <p>
              <span class="text-soft">{{ say('marks.before') }}</span> {{ WORDS[one.was.verdict]
              }}{{ points(one.was) }}.
              {{ one.was.headline }}
            </p>
            <p v-if="one.now">
              <span class="text-soft">{{ say('marks.now') }}</span> {{ WORDS[one.now.verdict] }}{{ points(one.now) }}.
              {{ one.now.headline }}
            </p>
            <p v-else>{{ say('marks.this-board-cant-be-judged') }}</p>
          </div>
          <button v-if="one.now" type="button" class="btn" @click="$emit('decide', [one.attempt], true)">
            {{ say('marks.use-the-new-one') }}
          </button>
          <button type="button" class="btn" @click="$emit('decide', [one.attempt], false)">
            {{ say('marks.keep-the-old-one') }}
          </button>
        </li>
      </ul>
    </template>
  </section>
</template>
