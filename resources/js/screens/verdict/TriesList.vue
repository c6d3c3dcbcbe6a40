<script setup lang="ts">
import type { BenchData } from '@/shared/api/generated/http'

defineProps<{ tries: BenchData['tries'] }>()
const MARKS: Record<string, string> = { pass: '✓', remarks: '✓ …', fail: '✕' }
</script>

<template>
  <details v-if="tries.length > 0" data-test="tries">
    <summary class="cursor-pointer underline">Earlier tries ({{ tries.length }})</summary>
    <ol>
      <li v-for="one in tries" :key="one.try" class="flex gap-3">
        <span class="code w-8 text-soft">{{ one.try }}</span>
        <strong class="w-10">{{ MARKS[one.verdict ?? ''] ?? '–' }}</strong>
        <span>{{ one.headline }}</span>
      </li>
    </ol>
  </details>
</template>
