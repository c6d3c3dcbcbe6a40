<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { DeepReadonly } from 'vue'
import type { PathData } from '@/shared/api/generated/http'

/** The drawing shows the way; its steps stand beside one another, all in sight. */
defineProps<{ path: DeepReadonly<PathData> | null; failure: string; isBrief?: boolean }>()
</script>

<template>
  <div class="shrink-0 border-t border-line px-3 py-2" :aria-label="say('shared.the-currents-path')" role="region">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <template v-else-if="path">
      <p class="font-bold" data-test="path">{{ path.sentence }}</p>
      <ol
        v-if="!isBrief"
        class="mt-1 columns-2 gap-4 text-sm leading-snug text-soft"
        :class="{ 'columns-3': path.stretches.length > 12 }"
      >
        <li v-for="(stretch, i) in path.stretches" :key="i" class="break-inside-avoid">
          <span class="code" aria-hidden="true">{{ i + 1 }}</span> {{ stretch }}
        </li>
      </ol>
    </template>
    <p v-else class="text-soft">{{ say('shared.following-the-current') }}</p>
  </div>
</template>
