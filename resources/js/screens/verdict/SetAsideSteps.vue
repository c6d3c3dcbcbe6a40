<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { SetAsideStep } from '@/shared/api/generated/http'
import { setAsideWords } from '@/shared/bench/setAsideWords'

defineProps<{ steps: readonly SetAsideStep[] }>()
</script>

<template>
  <details v-if="steps.length > 0" class="mt-3">
    <summary class="min-h-8 cursor-pointer">
      {{ say('verdict.steps-not-counted-count', { count: steps.length }) }}
    </summary>
    <p v-for="step in steps" :key="`${step.device}-${step.number}`" class="text-sm">
      {{
        say('verdict.device-no-number-setasidewords-made', {
          device: step.device,
          number: step.number,
          setAsideWords: setAsideWords(step.reason),
          madeAt: step.madeAt,
          receivedAt: step.receivedAt,
        })
      }}
    </p>
  </details>
</template>
