import { orSay } from '@/shared/api/orSay'
import { onScopeDispose, readonly, ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api } from '@/shared/api/api'
import type { TaskAttack, TaskFile } from '@/shared/api/generated/http'

const SETTLED_MS = 500

/**
 * What an attack on the task finds. It takes seconds of the server's work: one is asked for at a time, and what changed
 * meanwhile is asked for when it is back.
 */
export function useAttack(
  draft: () => { boardFile: number; marking: number; task: TaskFile },
  /** What the attack hangs on; null where nothing is wired. */
  key: () => string | null,
) {
  const attack = shallowRef<TaskAttack | null>(null)
  const isAttacking = ref(false)
  const failure = ref('')
  let settled: ReturnType<typeof setTimeout> | undefined
  let isGone = false

  async function ask() {
    const asked = key()
    if (isAttacking.value || asked === null || isGone) return
    isAttacking.value = true
    await orSay(failure, async () => {
      const found = await api.attackTask(draft())
      if (key() === asked) attack.value = found
      failure.value = ''
    })
    isAttacking.value = false
    if (key() !== asked) await ask()
  }

  watch(
    key,
    (now) => {
      clearTimeout(settled)
      attack.value = null
      failure.value = ''
      if (now !== null) settled = setTimeout(() => void ask(), SETTLED_MS)
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    isGone = true
    clearTimeout(settled)
  })

  return { found: shallowReadonly(attack), isAttacking: readonly(isAttacking), failure: readonly(failure), again: ask }
}
