<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import type { NearestPlan } from '@/shared/api/generated/http'

defineProps<{ nearest: NearestPlan }>()
defineEmits<{ show: [box: string] }>()
</script>

<template>
  <section :aria-label="say('verdict.nearest-plan')" data-test="nearest">
    <p v-if="nearest.headline === null">
      {{ say('verdict.there-is-no-plan-for') }}
    </p>
    <p v-else-if="nearest.changes.length === 0">{{ say('verdict.the-board-already-matches-a') }}</p>
    <template v-else>
      <h3 class="font-bold">
        {{ saySome('verdict.one-change-to-the-nearest', nearest.changes.length) }}
      </h3>
      <p>{{ say('verdict.headline-the-board-in-the', { headline: nearest.headline }) }}</p>
      <ol class="mt-2 list-decimal pl-6">
        <li v-for="(change, i) in nearest.changes" :key="i" class="py-0.5">
          <button type="button" class="cursor-pointer text-left hover:text-violet" @click="$emit('show', change.box)">
            {{ change.text }}
          </button>
        </li>
      </ol>
    </template>
  </section>
</template>
