import { orSay } from '@/shared/api/orSay'
import { onScopeDispose, readonly, ref, shallowRef } from 'vue'

/** Something fetched, with its failure in words; fetched again every so often if asked, until it will not change any more. */
export function useLoaded<T>(fetchIt: () => Promise<T>, everyMs = 0, isFinal: (data: T) => boolean = () => false) {
  const data = shallowRef<T | null>(null)
  const failure = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined

  async function load() {
    await orSay(failure, async () => {
      data.value = await fetchIt()
      failure.value = ''
    })
    clearTimeout(timer)
    const isDone = data.value !== null && isFinal(data.value)
    if (everyMs > 0 && !isDone) timer = setTimeout(() => void load(), everyMs)
  }

  void load()
  onScopeDispose(() => clearTimeout(timer))

  return { data, failure: readonly(failure), load }
}
