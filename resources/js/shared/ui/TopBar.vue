<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useTitle } from '@vueuse/core'
import { computed, onMounted, ref, toRef } from 'vue'
import { useRoute } from 'vue-router'
import { openPalette } from '@/shared/frame/palette'
import { hasMoved } from '@/shared/frame/moves'
import { useSession } from '@/shared/stores/session'
import BoardTabs from './BoardTabs.vue'
import HouseMark from './HouseMark.vue'
import PersonMenu from './PersonMenu.vue'

const props = defineProps<{
  title: string
  /** The board that the screen is a leaf of. */
  board?: number
  /** What stands before the title: where one came from. */
  crumb?: { to: string; name: string }
}>()
const session = useSession()
const route = useRoute()
const heading = ref<HTMLElement | null>(null)
const ROOMS = [
  {
    to: '/tonight',
    name: say('shared.tonight'),
    paths: ['/tonight', '/evening', '/wall', '/parts', '/station', '/diagnosis/attempt'],
  },
  {
    to: '/boards',
    name: say('shared.boards'),
    paths: ['/boards', '/draw', '/plans', '/try', '/prepare', '/as-found', '/find', '/show', '/paper'],
  },
  { to: '/tasks', name: say('shared.tasks'), paths: ['/tasks', '/task', '/set'] },
  { to: '/drills', name: say('shared.drills'), paths: ['/drills', '/drill'] },
  { to: '/people', name: say('shared.people'), paths: ['/people', '/password'] },
  { to: '/marks', name: say('shared.marks'), paths: ['/marks', '/viva', '/record', '/mark-grid'] },
] as const
const rooms = computed(() =>
  session.user?.role === 'instructor'
    ? ROOMS
    : [
        { to: '/my-boards', name: say('shared.my-work'), paths: ['/my-boards', '/prove', '/diagnosis/attempt'] },
        { to: '/drills', name: say('shared.drills'), paths: ['/drills', '/drill'] },
      ],
)
const isHere = (paths: readonly string[]) =>
  paths.some((path) => route.path === path || route.path.startsWith(`${path}/`))
const said = toRef(props, 'title')
useTitle(computed(() => say('shared.said-zwindle', { said: said.value })))

/** Whoever came here from another screen is read its heading first. */
onMounted(() => {
  if (hasMoved()) heading.value?.focus({ preventScroll: true })
})
</script>

<template>
  <header class="shrink-0 bg-paper print:hidden">
    <div class="flex min-h-12 items-center gap-1 border-b border-line px-4 max-md:flex-wrap">
      <RouterLink to="/" class="mr-3 flex items-center gap-2 font-bold"
        ><HouseMark />{{ say('shared.zwindle') }}</RouterLink
      >
      <nav class="flex self-stretch max-md:min-h-11 max-md:flex-wrap" :aria-label="say('shared.rooms')">
        <RouterLink
          v-for="room in rooms"
          :key="room.to"
          :to="room.to"
          class="flex items-center border-b-3 px-3 hover:text-violet"
          :class="isHere(room.paths) ? 'border-violet font-bold' : 'border-transparent'"
          :aria-current="isHere(room.paths) ? 'page' : undefined"
          >{{ room.name }}</RouterLink
        >
      </nav>
      <span class="grow" />
      <button v-if="session.user?.role === 'instructor'" type="button" class="btn min-h-9 px-3" @click="openPalette">
        {{ say('shared.find') }} <kbd class="code text-soft">{{ say('shared.ctrl-k') }}</kbd>
      </button>
      <PersonMenu />
    </div>
    <div class="flex min-h-12 items-center gap-4 border-b border-line px-4 max-md:flex-wrap max-md:gap-2 max-md:py-1">
      <p class="flex min-w-0 items-baseline gap-2">
        <RouterLink
          v-if="board !== undefined || crumb"
          :to="crumb?.to ?? '/boards'"
          class="text-soft hover:underline"
          >{{ crumb?.name ?? say('shared.boards') }}</RouterLink
        >
        <span v-if="board !== undefined || crumb" class="text-soft" aria-hidden="true">›</span>
        <span
          ref="heading"
          role="heading"
          aria-level="1"
          tabindex="-1"
          class="truncate text-xl font-bold outline-none max-md:whitespace-normal"
          >{{ title }}</span
        >
      </p>
      <BoardTabs v-if="board !== undefined" :board="board" />
      <div class="ml-auto flex items-center gap-2 max-md:ml-0 max-md:flex-wrap"><slot /></div>
    </div>
  </header>
</template>
