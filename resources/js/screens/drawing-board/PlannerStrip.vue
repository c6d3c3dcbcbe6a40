<script setup lang="ts">
import { ref } from 'vue'
import type { DrawingLook } from '@/shared/api/types'

defineProps<{ look: DrawingLook | null; isThinking: boolean; failure: string }>()
const shown = ref<string | null>(null)
</script>

<template>
  <section
    class="max-h-44 min-h-24 shrink-0 overflow-auto border-t-2 border-ink px-4 py-2"
    aria-label="The planner"
    tabindex="0"
    data-test="planner"
  >
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isThinking" role="status" class="text-soft">The planner is working it out …</p>
    <template v-if="look && !failure">
      <ul v-if="look.problems.length > 0" aria-label="What is wrong with the drawing">
        <li v-for="(problem, i) in look.problems" :key="i"><strong>!</strong> {{ problem.message }}</li>
      </ul>
      <p v-else class="font-bold" data-test="sentence">{{ look.sentence }}</p>
      <ul v-if="look.doubts.length > 0" aria-label="What may not be meant">
        <li v-for="(doubt, i) in look.doubts" :key="i">? {{ doubt.message }}</li>
      </ul>
      <div v-if="look.schemes.length > 0" class="mt-1 flex flex-wrap items-center gap-2">
        <button
          v-for="scheme in look.schemes"
          :key="scheme.id"
          type="button"
          class="btn min-h-9 px-3 text-sm"
          :data-scheme="scheme.id"
          :aria-expanded="scheme.why ? shown === scheme.id : undefined"
          :disabled="!scheme.why && !scheme.works"
          @click="shown = shown === scheme.id ? null : scheme.id"
        >
          {{ scheme.works ? '✓' : '✕' }} {{ scheme.name }}
        </button>
      </div>
      <template v-for="scheme in look.schemes" :key="scheme.id">
        <p v-if="shown === scheme.id && scheme.why">{{ scheme.why }}</p>
      </template>
    </template>
  </section>
</template>
