<script setup lang="ts">
import HouseMark from './HouseMark.vue'
import { useRouter } from 'vue-router'
import { useSession } from '@/shared/stores/session'

defineProps<{ title: string }>()
const session = useSession()
const router = useRouter()

async function leave() {
  await session.signOut()
  await router.push('/sign-in')
}
</script>

<template>
  <header class="flex min-h-14 items-center gap-4 border-b-2 border-ink bg-paper px-5">
    <RouterLink to="/" class="flex items-center gap-2 text-lg font-bold"> <HouseMark />Zwindle </RouterLink>
    <h1 class="text-lg">{{ title }}</h1>
    <nav class="ml-auto flex items-center gap-4">
      <slot />
      <span class="text-soft">{{ session.user?.name }}</span>
      <button type="button" class="btn" @click="leave">Sign out</button>
    </nav>
  </header>
</template>
