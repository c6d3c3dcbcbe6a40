import { useNow } from '@vueuse/core'
import { computed } from 'vue'

/** Minutes and seconds that are left by the server's clock; the whole time before it has begun, nothing where there is no end. */
export function useTimeLeft(
  sitting: () => { dueAt: string | null; minutes: number | null } | null,
  offsetMs: () => number,
) {
  const now = useNow({ interval: 1000 })
  return computed(() => {
    const { dueAt, minutes } = sitting() ?? { dueAt: null, minutes: null }
    if (!dueAt) return minutes ? `${minutes}:00` : ''
    const seconds = Math.max(0, Math.round((Date.parse(dueAt) - now.value.getTime() - offsetMs()) / 1000))
    return `${String(Math.floor(seconds / 60)).padStart(2, '0')}:${String(seconds % 60).padStart(2, '0')}`
  })
}
