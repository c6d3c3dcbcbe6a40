<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { JudgedTry } from '@/shared/api/generated/http'

/** The tries at one board: each opens its verdict, and one of them counts. */
defineProps<{ attempt: number; tries: readonly JudgedTry[]; shown: number | null }>()
const MARKS: Record<string, string> = { pass: '✓', remarks: '✓ …', fail: '✕' }
</script>

<template>
  <details v-if="tries.length > 1" data-test="tries" :open="tries.find((one) => one.try === shown)?.counts === false">
    <summary class="cursor-pointer underline">{{ say('verdict.tries-count', { count: tries.length }) }}</summary>
    <ol>
      <li v-for="one in tries" :key="one.try" class="flex min-h-9 items-center gap-3">
        <span class="code w-6 text-soft">{{ one.try }}</span>
        <strong class="w-8">{{ MARKS[one.verdict ?? ''] ?? '–' }}</strong>
        <span v-if="one.got !== null" class="code w-24 whitespace-nowrap">{{
          say('verdict.got-of-total', { got: one.got, total: one.total })
        }}</span>
        <strong v-if="one.try === shown" class="grow">{{ one.headline }}</strong>
        <RouterLink v-else :to="`/verdict/${attempt}?try=${one.try}`" class="grow underline hover:text-violet">{{
          one.headline
        }}</RouterLink>
        <span v-if="one.counts" class="code border-2 border-ink px-1 text-sm">{{ say('verdict.counts') }}</span>
      </li>
    </ol>
  </details>
</template>
