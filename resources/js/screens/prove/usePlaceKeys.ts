import { useEventListener } from '@vueuse/core'
import { computed, type ComputedRef, onScopeDispose } from 'vue'
import type { Enclosure } from '@/shared/api/generated/http'
import type { BenchState } from '@/shared/bench/bench'

const SECOND_DIGIT_MS = 500

/** Letters are the ends of the open box, numbers its screws and connectors: typed, they are touched. */
export function usePlaceKeys(
  box: ComputedRef<Enclosure | null>,
  standing: ComputedRef<BenchState | null>,
  pick: (place: string) => void,
) {
  const numbers = computed(() => {
    const numbers = new Map<string, number>()
    for (const { landings } of box.value?.devices ?? [])
      for (const landing of landings) numbers.set(landing.id, numbers.size + 1)
    if (box.value?.earth) numbers.set(box.value.earth, numbers.size + 1)
    for (const joint of standing.value?.joints ?? [])
      if (joint.box === box.value?.id && joint.by !== 'terminal') numbers.set(joint.points[0]!, numbers.size + 1)
    return numbers
  })

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
    if (!box.value || event.ctrlKey || event.altKey || event.metaKey) return
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
