import { say } from '@/shared/words/say'
import { shallowRef } from 'vue'
import type { PracticeLook } from '@/shared/api/generated/http'

const known = shallowRef<readonly PracticeLook[]>([])

/** What the server says of the practices that boards are built by. */
export const practices = () => known.value

export function learnPractices(all: readonly PracticeLook[]) {
  known.value = all
}

export function practiceOf(id: string): PracticeLook {
  const found = known.value.find((practice) => practice.id === id)
  if (!found) throw new Error(say('shared.no-practice-id', { id }))
  return found
}
