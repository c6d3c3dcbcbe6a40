<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { defineAsyncComponent, watch } from 'vue'
import { useNight } from '@/shared/frame/useNight'
import { isPaletteOpen } from '@/shared/frame/palette'
import { useSession } from '@/shared/stores/session'

const session = useSession()
useNight()
const fetchPalette = () => import('@/shared/frame/CommandPalette.vue')
const CommandPalette = defineAsyncComponent(fetchPalette)
/** Fetched before it is asked for, so that what is typed right after its key is not lost. */
const FETCH_AFTER_MS = 1500
watch(
  () => session.user?.role,
  (role) => role === 'instructor' && setTimeout(() => void fetchPalette().catch(() => undefined), FETCH_AFTER_MS),
)

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
