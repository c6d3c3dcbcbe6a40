import { reasonOf } from '@/shared/api/orSay'
import { readonly, ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api } from '@/shared/api/api'
import type { PlanData, PlanList } from '@/shared/api/generated/http'

/** The plans of a board by an edition, and the one that is chosen: at first the best, of a scheme if one is asked for. */
export function usePlans(boardFile: () => number, scheme = '', first = 0) {
  let wantedPlan = first
  const list = shallowRef<PlanList | null>(null)
  const plan = shallowRef<PlanData | null>(null)
  const chosen = ref(0)
  const edition = ref('')
  const busy = ref(false)
  const failure = ref('')

  /** Only what was asked for last is shown. */
  async function show<T>(ask: () => Promise<T>, isWanted: () => boolean, keep: (found: T) => void) {
    busy.value = true
    failure.value = ''
    try {
      const found = await ask()
      if (isWanted()) keep(found)
    } catch (error) {
      if (isWanted()) failure.value = reasonOf(error)
    } finally {
      if (isWanted()) busy.value = false
    }
  }

  async function load() {
    const [file, wanted] = [boardFile(), edition.value]
    await show(
      () => api.plans(file, wanted),
      () => boardFile() === file && edition.value === wanted,
      (found) => {
        list.value = found
        edition.value = found.edition
        chosen.value = found.plans[wantedPlan]
          ? wantedPlan ||
            Math.max(
              0,
              found.plans.findIndex(({ schemeId }) => schemeId === scheme),
            )
          : 0
        wantedPlan = 0
        void open()
      },
    )
  }

  async function open() {
    const [file, number, by] = [boardFile(), chosen.value, edition.value]
    if ((list.value?.plans.length ?? 0) === 0) {
      plan.value = null
      return
    }
    await show(
      () => api.plan(file, number, by),
      () => boardFile() === file && chosen.value === number && edition.value === by,
      (found) => (plan.value = found),
    )
  }

  watch(boardFile, () => {
    list.value = plan.value = null
    edition.value = ''
    void load()
  })
  watch(edition, (wanted) => {
    if (wanted && wanted !== list.value?.edition) void load()
  })
  watch(chosen, () => void open())
  void load()

  return {
    list: shallowReadonly(list),
    plan: shallowReadonly(plan),
    chosen,
    edition,
    busy: readonly(busy),
    failure: readonly(failure),
    load,
  }
}
