import { useEventListener } from '@vueuse/core'
import { computed, type ComputedRef, onScopeDispose } from 'vue'
import type { Enclosure } from '@/shared/api/generated/http'
import { bareBench, type BenchState } from '@/shared/bench/bench'
import { placeNumbers } from '@/shared/bench/placeNumbers'

const SECOND_DIGIT_MS = 500

/** Letters are the ends of the open box, numbers its screws and connectors: typed, they are touched. */
export function usePlaceKeys(
  box: ComputedRef<Enclosure | null>,
  standing: ComputedRef<BenchState | null>,
  pick: (place: string) => void,
  isOff: () => boolean = () => false,
) {
  const numbers = computed(() =>
    box.value ? placeNumbers(box.value, standing.value ?? bareBench) : new Map<string, number>(),
  )

  let digits = ''
  let timer: ReturnType<typeof setTimeout> | undefined
  function touchNumber() {
    const wanted = Number(digits)
    digits = ''
    const place = [...numbers.value].find(([, number]) => number === wanted)?.[0]
    if (place) pick(place)
  }

  useEventListener('keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    if (isOff() || !box.value || event.ctrlKey || event.altKey || event.metaKey) return
    if (target.closest('input, select, textarea')) return
    if (/^[a-z]$/.test(event.key)) {
      const end = box.value.ends.find(({ key }) => key === event.key)
      if (end) pick(end.id)
    } else if (/^\d$/.test(event.key)) {
      digits += event.key
      clearTimeout(timer)
      const most = Math.max(0, ...numbers.value.values())
      if (Number(digits) * 10 <= most && digits.length === 1) timer = setTimeout(touchNumber, SECOND_DIGIT_MS)
      else touchNumber()
    }
  })
  onScopeDispose(() => clearTimeout(timer))

  return { numbers }
}
