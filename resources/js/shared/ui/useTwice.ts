import { readonly, ref } from 'vue'
import { Refused } from '@/shared/api/client'

/** Setting something that is set already: said plainly, and done a second time only when that is meant. */
export function useTwice() {
  const why = ref('')

  /** @returns what came of it; null where it would be the second time, and nobody has said yet that it is meant */
  async function once<T>(set: (twice: boolean) => Promise<T>, isMeant: boolean): Promise<T | null> {
    why.value = ''
    try {
      return await set(isMeant)
    } catch (error) {
      const told = error instanceof Refused ? (error.json?.errors as { twice?: string[] } | undefined)?.twice?.[0] : ''
      if (!told) throw error
      why.value = told
      return null
    }
  }

  return { why: readonly(why), once, drop: () => (why.value = '') }
}
