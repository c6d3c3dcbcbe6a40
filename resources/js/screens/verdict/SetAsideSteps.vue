<script setup lang="ts">
import type { SetAsideStep } from '@/shared/api/generated/http'
import { setAsideWords } from '@/shared/bench/setAsideWords'

defineProps<{ steps: readonly SetAsideStep[] }>()
</script>

<template>
  <details v-if="steps.length > 0" class="mt-3">
    <summary class="min-h-8 cursor-pointer">Steps set aside: {{ steps.length }}</summary>
    <p v-for="step in steps" :key="`${step.device}-${step.number}`" class="text-sm">
      {{ step.device }} no. {{ step.number }}: {{ setAsideWords(step.reason) }}, made {{ step.madeAt }}, received
      {{ step.receivedAt }}
    </p>
  </details>
</template>
