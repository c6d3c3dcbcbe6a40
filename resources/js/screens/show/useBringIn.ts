import { computed, readonly, ref } from 'vue'
import type { PlanData } from '@/shared/api/generated/http'

/** A board shown bare, and its conductors brought in one at a time. */
export function useBringIn(plan: () => PlanData) {
  const isOn = ref(false)
  const count = ref(0)
  const all = computed(() =>
    plan()
      .cores.flatMap(({ cable, print, cores }) => cores.map((core) => ({ cable, print, ...core })))
      .filter(({ rank }) => rank > 0)
      .map((core, i) => ({ ...core, i }))
      .sort((one, other) => one.rank - other.rank || one.i - other.i),
  )
  const shown = computed(() => {
    const cores = new Map<string, string[]>()
    for (const { cable, colour } of all.value.slice(0, count.value))
      cores.set(cable, [...(cores.get(cable) ?? []), colour])
    return cores
  })
  const newest = computed(() => all.value[count.value - 1] ?? null)

  function begin() {
    isOn.value = true
    count.value = 0
  }
  const goBy = (by: number) => (count.value = Math.min(all.value.length, Math.max(0, count.value + by)))

  return {
    isOn: readonly(isOn),
    end: () => (isOn.value = false),
    begin,
    goBy,
    count: readonly(count),
    all,
    shown,
    newest,
  }
}
