<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { defineAsyncComponent } from 'vue'
import { isPaletteOpen } from '@/shared/frame/palette'
import { useSession } from '@/shared/stores/session'

const CommandPalette = defineAsyncComponent(() => import('@/shared/frame/CommandPalette.vue'))
const session = useSession()

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey) || session.user?.role !== 'instructor')
    return
  event.preventDefault()
  isPaletteOpen.value = !isPaletteOpen.value
})
</script>

<template>
  <!-- Another board, or another of its number, is another screen; plans follow a board into the other practice. -->
  <RouterView :key="$route.path.startsWith('/plans/') ? '/plans' : `${$route.path} ${$route.query.number ?? ''}`" />
  <CommandPalette v-if="isPaletteOpen" />
</template>
