<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { useSession } from '@/shared/stores/session'
import RowMenu from './RowMenu.vue'

const session = useSession()
const router = useRouter()

async function leave() {
  await session.signOut()
  await router.push('/sign-in')
}

const items = computed(() => [
  ...(session.user?.role === 'instructor' ? [{ name: 'Change my password', to: '/password' }] : []),
  { name: 'Sign out', run: leave },
])
</script>

<template>
  <RowMenu v-if="session.user" :label="session.user.name" :items="items" named />
</template>
