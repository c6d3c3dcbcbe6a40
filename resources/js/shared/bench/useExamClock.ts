import { useNow } from '@vueuse/core'
import { computed, onScopeDispose, watch } from 'vue'
import { api } from '@/shared/api/api'

/** So that the server's clock has passed it too. */
const LATER_MS = 1500
const OVER = '00:00'

/**
 * Minutes and seconds that are left by the server's clock; the whole time before it has begun, nothing where there is no end.
 *
 * When they have run out the server is told so: it looks at its own clock, hands in what it has, and what there is then is loaded.
 */
export function useExamClock(
  attempt: number,
  sitting: () => { dueAt: string | null; minutes: number | null; handedInAt: string | null } | null,
  offsetMs: () => number,
  load: () => Promise<unknown>,
) {
  const now = useNow({ interval: 1000 })
  const left = computed(() => {
    const { dueAt, minutes } = sitting() ?? { dueAt: null, minutes: null }
    if (!dueAt) return minutes ? `${minutes}:00` : ''
    const seconds = Math.max(0, Math.round((Date.parse(dueAt) - now.value.getTime() - offsetMs()) / 1000))
    return `${String(Math.floor(seconds / 60)).padStart(2, '0')}:${String(seconds % 60).padStart(2, '0')}`
  })

  let timer: ReturnType<typeof setTimeout> | undefined
  async function timeUp() {
    await api.timeUp(attempt).catch(() => undefined)
    await load()
  }
  watch(
    () => left.value === OVER && !sitting()?.handedInAt,
    (isOver) => {
      clearTimeout(timer)
      if (isOver) timer = setTimeout(() => void timeUp(), LATER_MS)
    },
    { immediate: true },
  )
  onScopeDispose(() => clearTimeout(timer))

  return left
}
