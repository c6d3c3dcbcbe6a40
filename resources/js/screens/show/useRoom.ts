import { orSay } from '@/shared/api/orSay'
import { computed, readonly, ref, shallowRef } from 'vue'
import type { ClassQuestion } from '@/shared/api/generated/http'

/** A question to the room: asked, hands counted, then shown; and never the same one twice. */
export function useRoom(ask: (asked: string) => Promise<ClassQuestion | null>) {
  const question = shallowRef<ClassQuestion | null>(null)
  const isShown = ref(false)
  const isOver = ref(false)
  const failure = ref('')
  const hands = ref({ on: 0, off: 0 })
  const asked: string[] = []

  async function next() {
    await orSay(failure, async () => {
      const found = await ask(asked.join(','))
      failure.value = ''
      isShown.value = false
      hands.value = { on: 0, off: 0 }
      question.value = found
      isOver.value = found === null
      if (found) asked.push(`${found.state}-${found.switch}`)
    })
  }
  function count(side: 'on' | 'off', by: number) {
    hands.value = { ...hands.value, [side]: Math.max(0, hands.value[side] + by) }
  }
  function leave() {
    question.value = null
    isOver.value = false
  }

  return {
    question: computed(() => question.value),
    isShown: readonly(isShown),
    isOver: readonly(isOver),
    failure: readonly(failure),
    hands: readonly(hands),
    next,
    count,
    show: () => (isShown.value = true),
    leave,
  }
}
