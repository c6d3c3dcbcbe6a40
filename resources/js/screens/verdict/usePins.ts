import { computed, type Ref } from 'vue'
import type { Finding, VerdictData } from '@/shared/api/generated/http'
import { groupsOf } from './groups'

/** Numbers of the findings that follow from no other, and where they are pinned. */
export function usePins(verdict: Ref<VerdictData | null>) {
  /** Index of a finding → its number on the board. */
  const numbers = computed(() => {
    const numbers = new Map<number, number>()
    groupsOf(verdict.value?.findings ?? []).forEach(({ members }, i) => {
      for (const { index } of members) numbers.set(index, i + 1)
    })
    return numbers
  })

  function pinnedAt(spotsOf: (finding: Finding) => readonly string[]): Map<string, number[]> {
    const pins = new Map<string, number[]>()
    for (const [index, number] of numbers.value) {
      const finding = verdict.value?.findings[index]
      for (const spot of finding ? spotsOf(finding) : []) {
        const there = pins.get(spot) ?? []
        if (!there.includes(number)) pins.set(spot, [...there, number])
      }
    }
    return pins
  }

  return {
    numbers,
    boxPins: computed(() => pinnedAt(({ boxes }) => boxes)),
    placePins: computed(() => pinnedAt(({ at }) => at)),
  }
}
