import type { Ref } from 'vue'

/** What went wrong, in words: a refusal has a sentence of its own. */
export const reasonOf = (error: unknown): string => (error instanceof Error ? error.message : String(error))

/** Does something; where it fails, says why in `told`. Whether it was done. */
export async function orSay(told: Ref<string> | Ref<string | null>, work: () => Promise<unknown>): Promise<boolean> {
  try {
    await work()
    return true
  } catch (error) {
    told.value = reasonOf(error)
    return false
  }
}
