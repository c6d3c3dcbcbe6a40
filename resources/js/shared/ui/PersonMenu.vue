<script setup lang="ts">
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
        { name: 'Change my password', to: '/password' },
        { name: 'How the server is', to: '/status' },
      ]
    : []),
  { name: night.value ? 'Light screen' : 'Dark screen', run: () => (night.value = !night.value) },
  { name: 'Sign out', run: leave },
])
</script>

<template>
  <RowMenu v-if="session.user" :label="session.user.name" :items="items" named />
</template>
