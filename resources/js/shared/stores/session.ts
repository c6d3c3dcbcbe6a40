import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api } from '@/shared/api/api'
import type { Session, User } from '@/shared/api/generated/http'
import { forgetBoard } from '@/shared/frame/keptShell'
import { learnPractices } from '@/shared/practices'

export const useSession = defineStore('session', () => {
  const user = ref<User | null>(null)
  const known = ref(false)
  /** Made-up people, with a password that everybody knows. */
  const isDemo = ref(false)

  function learn(session: Session) {
    user.value = session.user
    isDemo.value = session.isDemo
    learnPractices(session.practices)
  }

  async function find() {
    if (!known.value) {
      learn(await api.session())
      known.value = true
    }
  }

  async function signIn(username: string, password: string, code = '') {
    learn(await api.signIn(username, password, code))
    known.value = true
  }

  async function signOut() {
    await api.signOut()
    forgetBoard()
    user.value = null
  }

  return { user, isDemo, find, signIn, signOut }
})
