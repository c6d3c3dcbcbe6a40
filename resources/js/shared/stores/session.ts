import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api } from '@/shared/api/client'
import type { User } from '@/shared/api/generated/http'

export const useSession = defineStore('session', () => {
  const user = ref<User | null>(null)
  const known = ref(false)

  async function find() {
    if (!known.value) {
      user.value = (await api.session()).user
      known.value = true
    }
  }

  async function signIn(username: string, password: string) {
    user.value = (await api.signIn(username, password)).user
    known.value = true
  }

  async function signOut() {
    await api.signOut()
    user.value = null
  }

  return { user, find, signIn, signOut }
})
