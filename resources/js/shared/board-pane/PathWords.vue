<script setup lang="ts">
import type { DeepReadonly } from 'vue'
import type { PathData } from '@/shared/api/generated/http'

defineProps<{ path: DeepReadonly<PathData> | null; failure: string }>()
</script>

<template>
  <div
    class="max-h-44 shrink-0 overflow-auto border-t-2 border-ink p-3"
    aria-label="The current's path"
    role="region"
    tabindex="0"
  >
    <p v-if="failure" role="alert">{{ failure }}</p>
    <template v-else-if="path">
      <p class="font-bold" data-test="path">{{ path.sentence }}</p>
      <ol class="list-inside list-decimal text-soft">
        <li v-for="(stretch, i) in path.stretches" :key="i">{{ stretch }}</li>
      </ol>
    </template>
    <p v-else class="text-soft">Following the current …</p>
  </div>
</template>
