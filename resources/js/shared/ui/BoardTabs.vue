<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'

const props = defineProps<{ board: number }>()
const route = useRoute()
/** The leaves of a board, each leading to each. */
const leaves = computed(() => [
  { name: 'Draw', to: `/draw/${props.board}`, paths: ['/draw/'] },
  { name: 'Plans', to: `/plans/${props.board}`, paths: ['/plans/', '/paper/'] },
  { name: 'Try', to: `/try/${props.board}`, paths: ['/try/'] },
  { name: 'Prepare', to: `/prepare/${props.board}/0`, paths: ['/prepare/'] },
  { name: 'As found', to: `/as-found/${props.board}`, paths: ['/as-found/'] },
  { name: 'Faults', to: `/diagnosis/${props.board}`, paths: ['/diagnosis/'] },
  { name: 'Show', to: `/show/${props.board}`, paths: ['/show/'] },
])
</script>

<template>
  <nav class="flex self-stretch max-md:min-h-11 max-md:flex-wrap" aria-label="This board">
    <RouterLink
      v-for="leaf in leaves"
      :key="leaf.name"
      :to="leaf.to"
      class="flex items-center border-b-3 px-2.5 whitespace-nowrap hover:text-violet"
      :class="leaf.paths.some((path) => route.path.startsWith(path)) ? 'border-violet font-bold' : 'border-transparent'"
      :aria-current="leaf.paths.some((path) => route.path.startsWith(path)) ? 'page' : undefined"
      >{{ leaf.name }}</RouterLink
    >
  </nav>
</template>
