import { computed, type Ref, ref } from 'vue'
import type { Enclosure } from '@/shared/api/generated/http'
import { type BenchState, jointAt } from '@/shared/bench/bench'
import type { DrawnConductor } from './boxConductors'

/**
 * The end or screw under the hand: its conductor comes forward whole, and its name is shown. Nothing happens while something is
 * carried.
 */
export function useTouched(
  of: Ref<{ box: Enclosure; bench: BenchState; carried: readonly string[] }>,
  conductors: Ref<readonly DrawnConductor[]>,
) {
  const touched = ref<string | null>(null)
  const drawn = (id: string | undefined) => conductors.value.find((conductor) => conductor.id === id) ?? null
  const leadsTo = computed(() => {
    const id = touched.value
    if (!id) return null
    const others = jointAt(of.value.bench, id)?.points.filter((other) => other !== id) ?? []
    return drawn(id) ?? (others.length === 1 ? drawn(others[0]) : null)
  })

  return {
    touch(id: string, isOn: boolean) {
      if (isOn) touched.value = id
      else if (touched.value === id) touched.value = null
    },
    forward: computed(() => (of.value.carried.length > 0 || !leadsTo.value?.path ? null : leadsTo.value)),
    name: computed(() => {
      const end = of.value.box.ends.find(({ id }) => id === (leadsTo.value?.id ?? touched.value))
      return of.value.carried.length > 0 ? '' : (end?.name ?? '')
    }),
  }
}
