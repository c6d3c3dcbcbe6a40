import { reasonOf } from '@/shared/api/orSay'
import { onScopeDispose, readonly, ref, shallowRef, watch, type Ref } from 'vue'
import { api } from '@/shared/api/api'
import type { Assignment } from '@/shared/api/generated/http'

const POLL_MS = 4000

/** The assignment that is open, asked for again every so often; the server answers "nothing new" where nothing is. */
export function useOpenAssignment(chosen: Readonly<Ref<number | null>>) {
  const assignment = shallowRef<Assignment | null>(null)
  const failure = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined

  async function ask(id: number) {
    const have = assignment.value?.id === id ? assignment.value.version : ''
    try {
      const fresh = await api.assignment(id, have)
      if (chosen.value !== id) return
      assignment.value = fresh ?? assignment.value
      failure.value = ''
    } catch (error) {
      if (chosen.value !== id) return
      failure.value = reasonOf(error)
    }
    timer = setTimeout(() => void ask(id), POLL_MS)
  }

  watch(
    chosen,
    (id) => {
      clearTimeout(timer)
      if (id !== null) void ask(id)
    },
    { immediate: true },
  )
  onScopeDispose(() => clearTimeout(timer))

  return { assignment, failure: readonly(failure) }
}
