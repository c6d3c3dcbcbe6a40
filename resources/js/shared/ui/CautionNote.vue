<script setup lang="ts">
import { computed } from 'vue'
import { practiceOf } from '@/shared/practices'

/** What is said wherever a hand goes to a real board: the same words everywhere. */
const props = withDefaults(defineProps<{ practice: string; of?: readonly ('hands' | 'live' | 'neutral')[] }>(), {
  of: () => ['hands'],
})
const texts = computed(() => props.of.map((kind) => practiceOf(props.practice).cautions[kind]))
</script>

<template>
  <p class="flex gap-2 text-sm" data-test="caution">
    <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />
    <span>{{ texts.join(' ') }} <slot /></span>
  </p>
</template>
