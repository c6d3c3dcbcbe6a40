<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { useRoute } from 'vue-router'

const props = defineProps<{ board: number }>()
const route = useRoute()
/** The leaves of a board, each leading to each. */
const leaves = computed(() => [
  { name: say('shared.draw'), to: `/draw/${props.board}`, paths: ['/draw/'] },
  { name: say('shared.plans'), to: `/plans/${props.board}`, paths: ['/plans/', '/paper/'] },
  { name: say('shared.try'), to: `/try/${props.board}`, paths: ['/try/'] },
  { name: say('shared.prepare'), to: `/prepare/${props.board}/0`, paths: ['/prepare/'] },
  { name: say('shared.as-found'), to: `/as-found/${props.board}`, paths: ['/as-found/'] },
  { name: say('shared.find-a-fault'), to: `/diagnosis/${props.board}`, paths: ['/diagnosis/'] },
  { name: say('shared.show'), to: `/show/${props.board}`, paths: ['/show/'] },
])
</script>

<template>
  <nav class="flex self-stretch max-md:min-h-11 max-md:flex-wrap" :aria-label="say('shared.this-board')">
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
