<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { Debrief } from '@/shared/api/generated/http'

defineProps<{ debrief: Debrief; attempt: number; mayPrint: boolean }>()
</script>

<template>
  <div data-test="debrief">
    <section v-if="debrief.mistakes.length > 0" class="mb-4">
      <h3 class="font-bold">
        {{ debrief.mistakes.length === 1 ? say('verdict.the-mistake') : say('verdict.the-mistakes') }}
      </h3>
      <p v-for="mistake in debrief.mistakes" :key="mistake">{{ mistake }}</p>
      <p class="text-sm text-soft">
        {{ say('verdict.put-it-right-makes-the') }}
      </p>
    </section>
    <section v-if="debrief.order && debrief.order.own.length > 0" class="mb-4">
      <h3 class="font-bold">{{ say('verdict.your-order-of-work') }}</h3>
      <p>{{ say('verdict.percent-was-in-the-recommended', { percent: debrief.order.percent }) }}</p>
      <details class="mt-1">
        <summary class="min-h-9 cursor-pointer">{{ say('verdict.yours-beside-the-recommended-order') }}</summary>
        <div class="grid grid-cols-2 gap-2 text-sm">
          <ol class="list-decimal pl-5" :aria-label="say('verdict.yours')">
            <li v-for="(step, i) in debrief.order.own" :key="i">{{ step }}</li>
          </ol>
          <ol class="list-decimal pl-5" :aria-label="say('verdict.recommended')">
            <li v-for="(step, i) in debrief.order.recognised" :key="i">{{ step }}</li>
          </ol>
        </div>
      </details>
    </section>
    <section v-if="debrief.questions.length > 0">
      <h3 class="font-bold">{{ say('verdict.three-questions-about-your-own') }}</h3>
      <details v-for="(one, i) in debrief.questions" :key="i" class="mt-2" data-test="what-if">
        <summary class="min-h-9 cursor-pointer">{{ one.question }}</summary>
        <p class="border-l-4 border-violet pl-2 font-bold">{{ one.answer }}</p>
      </details>
      <RouterLink v-if="mayPrint" :to="`/viva/${attempt}`" class="btn mt-3 px-3">{{
        say('verdict.as-a-viva-to-print')
      }}</RouterLink>
    </section>
  </div>
</template>
