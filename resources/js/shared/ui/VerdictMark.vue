<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { Verdict } from '@/shared/api/generated/http'

/** Told by shape and word, to be read from two metres. */
withDefaults(defineProps<{ verdict: Verdict; word?: string }>(), { word: '' })
const WORDS: Record<Verdict, string> = {
  pass: say('shared.pass'),
  remarks: say('shared.pass-with-remarks'),
  fail: say('shared.fail'),
}
</script>

<template>
  <div class="flex shrink-0 items-center gap-3">
    <svg viewBox="0 0 48 48" class="h-16 w-16" aria-hidden="true">
      <template v-if="verdict === 'fail'">
        <rect x="3" y="3" width="42" height="42" fill="none" stroke="var(--color-ink)" stroke-width="6" />
        <path d="M14 14l20 20M34 14l-20 20" stroke="var(--color-ink)" stroke-width="6" />
      </template>
      <template v-else>
        <circle cx="24" cy="24" r="21" fill="var(--color-ink)" />
        <path d="M13 25l8 8 15-18" fill="none" stroke="var(--color-paper)" stroke-width="6" />
        <path
          v-if="verdict === 'remarks'"
          d="M8 44h32"
          stroke="var(--color-ink)"
          stroke-width="4"
          stroke-dasharray="5 4"
        />
      </template>
    </svg>
    <span
      class="code max-w-36 text-[40px] leading-9"
      :class="{ 'text-[28px]! leading-7!': verdict === 'remarks' || word }"
      >{{ word || WORDS[verdict] }}</span
    >
  </div>
</template>
