import { reasonOf } from '@/shared/api/orSay'
import { computed, readonly, ref, type Ref, shallowRef, watch } from 'vue'
import { api } from '@/shared/api/api'
import type { VerdictData } from '@/shared/api/generated/http'

/** The verdict by the board's own edition, or by the one that is chosen. */
export function useEdition(attempt: number, own: Ref<VerdictData | null>) {
  const edition = ref('')
  const byOther = shallowRef<VerdictData | null>(null)
  const busy = ref(false)
  const failure = ref('')
  const verdict = computed(() => byOther.value ?? own.value)

  watch(
    own,
    (fresh) => {
      if (fresh && !edition.value) edition.value = fresh.edition
    },
    { immediate: true },
  )
  watch(edition, async (wanted) => {
    if (!wanted || wanted === verdict.value?.edition) return
    busy.value = true
    failure.value = ''
    try {
      const judged = await api.verdict(attempt, wanted)
      if (edition.value === wanted) byOther.value = judged
    } catch (error) {
      failure.value = reasonOf(error)
      edition.value = verdict.value?.edition ?? ''
    } finally {
      busy.value = false
    }
  })

  return { edition, verdict, busy: readonly(busy), failure: readonly(failure) }
}
