<script setup lang="ts">
import { computed } from 'vue'
import { paintOf } from './conductor'

const props = defineProps<{ d: string; colour: string; lifted?: boolean; dimmed?: boolean; gone?: boolean }>()
const paint = computed(() => paintOf(props.colour))
const width = computed(() => (paint.value.bare ? 4 : 8))
</script>

<template>
  <g
    fill="none"
    pointer-events="none"
    stroke-linejoin="round"
    stroke-linecap="round"
    :opacity="gone ? 0.07 : dimmed ? 0.35 : 1"
  >
    <path v-if="lifted" :d="d" stroke="var(--color-violet)" :stroke-width="width + 7" />
    <path :d="d" stroke="var(--color-ink)" :stroke-width="width + 3" />
    <path :d="d" :stroke="paint.body" :stroke-width="width" />
    <path
      v-if="paint.stripe"
      :d="d"
      :stroke="paint.stripe"
      :stroke-width="width"
      stroke-dasharray="7 9"
      stroke-linecap="butt"
    />
  </g>
</template>
