<script setup lang="ts">
import type { Verdict } from '@/shared/api/generated/http'

defineProps<{ verdict: Verdict }>()
const WORDS: Record<Verdict, string> = { pass: 'PASS', remarks: 'PASS, WITH REMARKS', fail: 'FAIL' }
</script>

<template>
  <div class="flex shrink-0 flex-col items-center">
    <svg viewBox="0 0 48 48" class="h-12 w-12" aria-hidden="true">
      <template v-if="verdict === 'fail'">
        <rect x="3" y="3" width="42" height="42" fill="none" stroke="var(--color-ink)" stroke-width="5" />
        <path d="M14 14l20 20M34 14l-20 20" stroke="var(--color-ink)" stroke-width="5" />
      </template>
      <template v-else>
        <circle cx="24" cy="24" r="21" fill="var(--color-ink)" />
        <path d="M13 25l8 8 15-18" fill="none" stroke="var(--color-paper)" stroke-width="5" />
        <path
          v-if="verdict === 'remarks'"
          d="M8 44h32"
          stroke="var(--color-ink)"
          stroke-width="4"
          stroke-dasharray="5 4"
        />
      </template>
    </svg>
    <span class="code text-center text-sm leading-none">{{ WORDS[verdict] }}</span>
  </div>
</template>
