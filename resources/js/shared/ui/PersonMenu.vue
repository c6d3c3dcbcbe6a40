<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { useNight } from '@/shared/frame/useNight'
import { useSession } from '@/shared/stores/session'
import RowMenu from './RowMenu.vue'

const session = useSession()
const router = useRouter()
const night = useNight()

async function leave() {
  await session.signOut()
  await router.push('/sign-in')
}

const items = computed(() => [
  ...(session.user?.role === 'instructor'
    ? [
        { name: say('shared.change-my-password'), to: '/password' },
        { name: say('shared.server-status'), to: '/status' },
      ]
    : []),
  {
    name: night.value ? say('shared.light-screen') : say('shared.dark-screen'),
    run: () => (night.value = !night.value),
  },
  { name: say('shared.sign-out'), run: leave },
])
</script>

<template>
  <RowMenu v-if="session.user" :label="session.user.name" :items="items" named />
</template>
