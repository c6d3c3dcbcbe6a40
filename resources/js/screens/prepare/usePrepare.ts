import { orSay, reasonOf } from '@/shared/api/orSay'
import { computed, reactive, readonly, ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api } from '@/shared/api/api'
import type { MaterialsData } from '@/shared/api/generated/http'

/** The lists of a plan for as many boards and with such allowances as are asked for, against the instructor's own prices and stock. */
export function usePrepare(boardFile: number, plan: number) {
  const data = shallowRef<MaterialsData | null>(null)
  const failure = ref('')
  const asked = reactive({ sets: '1', free: '', sheath: '', waste: '', round: '' })
  const query = computed(() => ({ ...asked }))

  let newest = 0
  async function load() {
    const own = ++newest
    try {
      const found = await api.materials(boardFile, plan, query.value)
      if (own !== newest) return
      data.value = found
      failure.value = ''
    } catch (error) {
      if (own === newest) failure.value = reasonOf(error)
    }
  }

  /** Changes what is kept about a part, one after the other, so that two figures typed in a row are both kept. */
  let last: Promise<void> = Promise.resolve()
  function keep(part: string, change: { price?: string; held?: string }): Promise<void> {
    last = last.then(async () => {
      const line = data.value?.shelf.find((one) => one.part === part)
      const practice = data.value?.practice
      if (!practice || !line) return
      const next = { ...line, ...change }
      await orSay(failure, async () => {
        await api.keepStockLine(practice, part, next.price, next.held)
        await load()
      })
    })
    return last
  }

  watch(query, () => void load(), { immediate: true })

  return { data: shallowReadonly(data), failure: readonly(failure), asked, query, load, keep }
}
