import { onScopeDispose, readonly, ref, shallowRef } from 'vue'

/** Something fetched, with its failure in words; fetched again every so often if asked. */
export function useLoaded<T>(fetchIt: () => Promise<T>, everyMs = 0) {
  const data = shallowRef<T | null>(null)
  const failure = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined

  async function load() {
    try {
      data.value = await fetchIt()
      failure.value = ''
    } catch (error) {
      failure.value = (error as Error).message
    }
    clearTimeout(timer)
    if (everyMs > 0) timer = setTimeout(() => void load(), everyMs)
  }

  void load()
  onScopeDispose(() => clearTimeout(timer))

  return { data, failure: readonly(failure), load }
}
