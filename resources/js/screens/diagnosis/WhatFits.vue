<script setup lang="ts">
import type { DiagnosisData } from '@/shared/api/generated/http'
import { say, saySome } from '@/shared/words/say'

defineProps<{ data: DiagnosisData }>()
</script>

<template>
  <section :aria-label="say('diagnosis.what-could-still-be-wrong')" data-test="fits">
    <h2 class="font-bold">
      {{ saySome('diagnosis.one-usual-mistake-fits-so', data.fits) }}
    </h2>
    <ol class="list-inside list-decimal text-sm">
      <li v-for="suspect in data.suspects" :key="suspect.text">{{ suspect.text }}</li>
    </ol>
    <p v-if="data.fits > data.suspects.length" class="text-sm text-soft">
      {{ say('diagnosis.and-count-more', { count: data.fits - data.suspects.length }) }}
    </p>
    <template v-if="data.nearest.length > 0">
      <p class="mt-2 font-bold">{{ say('diagnosis.no-usual-mistake-fits-the') }}</p>
      <ol class="list-inside list-decimal text-sm">
        <li v-for="text in data.nearest" :key="text">{{ text }}</li>
      </ol>
    </template>
  </section>
</template>
