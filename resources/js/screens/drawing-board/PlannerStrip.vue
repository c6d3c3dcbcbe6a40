<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import type { DrawingReview, WayOut } from '@/shared/api/generated/http'

const props = defineProps<{ review: DrawingReview | null; isThinking: boolean; failure: string; boardFile: number }>()
defineEmits<{ insist: [scheme: string]; take: [way: WayOut] }>()
/** The scheme that is looked at: its cores stand on the wall if it works, else why it does not is told. */
const shown = defineModel<string | null>({ required: true })

const MOST = 3
const isWhole = ref(false)
const problems = computed(() => props.review?.problems ?? [])
const scheme = computed(() => props.review?.schemes.find(({ id }) => id === shown.value) ?? null)
</script>

<template>
  <section
    class="max-h-44 min-h-24 shrink-0 overflow-auto border-t-2 border-ink px-4 py-2"
    :aria-label="say('drawing-board.the-planner')"
    tabindex="0"
    data-test="planner"
  >
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isThinking" role="status" class="text-soft">{{ say('drawing-board.the-planner-is-working-it') }}</p>
    <template v-if="review && !failure">
      <ul v-if="problems.length > 0" :aria-label="say('drawing-board.what-is-wrong-with-the')">
        <li v-for="(problem, i) in isWhole ? problems : problems.slice(0, MOST)" :key="i">
          <strong>!</strong> {{ problem.message }}
        </li>
        <li v-if="problems.length > MOST">
          <button type="button" class="btn min-h-9 px-3 text-sm" :aria-expanded="isWhole" @click="isWhole = !isWhole">
            {{
              isWhole
                ? say('drawing-board.fewer')
                : say('drawing-board.and-what-more', { what: problems.length - MOST })
            }}
          </button>
        </li>
      </ul>
      <p v-else class="font-bold" data-test="sentence">{{ review.sentence }}</p>
      <p v-if="review.waysOut.length > 0" class="mt-1 flex flex-wrap items-center gap-2" data-test="ways-out">
        <button
          v-for="way in review.waysOut"
          :key="way.kind"
          type="button"
          class="btn min-h-9 px-3 text-sm"
          :data-way="way.kind"
          @click="$emit('take', way)"
        >
          {{ way.take }}
        </button>
      </p>
      <p v-if="review.warnings.length === 1" data-test="doubts">? {{ review.warnings[0]?.message }}</p>
      <details v-else-if="review.warnings.length > 1" data-test="doubts">
        <summary class="cursor-pointer">
          {{
            say('drawing-board.message-and-warnings-more', {
              message: review.warnings[0]?.message,
              warnings: review.warnings.length - 1,
            })
          }}
        </summary>
        <ul>
          <li v-for="(warning, i) in review.warnings.slice(1)" :key="i">? {{ warning.message }}</li>
        </ul>
      </details>
      <div v-if="review.schemes.length > 0" class="mt-1 flex flex-wrap items-center gap-2">
        <button
          v-for="one in review.schemes"
          :key="one.id"
          type="button"
          class="btn min-h-9 px-3 text-sm"
          :class="one.id === shown ? 'border-violet bg-wash' : ''"
          :data-scheme="one.id"
          :aria-pressed="one.id === shown"
          :disabled="!one.why && !one.works"
          @click="shown = shown === one.id ? null : one.id"
        >
          {{ one.works ? '✓' : '✕' }} {{ one.name }}
        </button>
      </div>
      <p v-if="scheme?.works" class="mt-1 flex flex-wrap items-center gap-3" data-test="looked-at">
        {{ say('drawing-board.shown-on-the-wall-name', { name: scheme.name }) }}
        <RouterLink :to="`/plans/${boardFile}?scheme=${scheme.id}`" class="btn min-h-9 px-3 text-sm">{{
          say('drawing-board.see-it-step-by-step')
        }}</RouterLink>
        <button type="button" class="btn min-h-9 px-3 text-sm" @click="$emit('insist', scheme.id)">
          {{ say('drawing-board.require-this-method') }}
        </button>
      </p>
      <p v-else-if="scheme?.why" class="mt-1">{{ scheme.why }}</p>
    </template>
  </section>
</template>
