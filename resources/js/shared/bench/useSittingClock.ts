import { onScopeDispose, ref, type Ref } from 'vue'
import { api } from '@/shared/api/api'
import type { Clock } from '@/shared/api/generated/http'

const ASK_MS = 10_000

/**
 * How the sitting of an exam stands, by the server: asked for every ten seconds, answered with nothing while nothing is new. That a
 * page was left and come back to is told with it.
 */
export function useSittingClock(
  attempt: number,
  /** What the screen shows; null while it shows nothing, or asks for no clock. */
  shown: () => { state?: string; dueAt: string | null } | null,
  changed: () => void,
) {
  const state: Ref<Clock['state'] | null> = ref(null)
  let tag = ''
  let timer: ReturnType<typeof setTimeout> | undefined
  let isOver = false

  async function ask() {
    clearTimeout(timer)
    const seen = shown()
    if (seen && !isOver) {
      try {
        const clock = await api.clock(attempt, tag)
        if (clock) {
          tag = clock.tag
          state.value = clock.state
          if (differs(seen, clock)) changed()
        }
      } catch {
        // The outbox tells that the network is away.
      }
    }
    if (!isOver) timer = setTimeout(() => void ask(), ASK_MS)
  }

  function looked() {
    if (!shown()) return
    void api.wentAway(attempt, document.visibilityState === 'hidden').catch(() => undefined)
    if (document.visibilityState === 'visible') void ask()
  }

  document.addEventListener('visibilitychange', looked)
  onScopeDispose(() => {
    isOver = true
    clearTimeout(timer)
    document.removeEventListener('visibilitychange', looked)
  })
  void ask()

  return { state }
}

/** While the clock stands its end moves on by itself. */
function differs(seen: { state?: string; dueAt: string | null }, clock: Clock): boolean {
  if (seen.state !== undefined && seen.state !== clock.state) return true
  return clock.state === 'running' && Date.parse(seen.dueAt ?? '') !== Date.parse(clock.dueAt ?? '')
}
