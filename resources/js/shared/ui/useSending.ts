import { reasonOf } from '@/shared/api/orSay'
import { ref } from 'vue'

/** What is sent at a press: busy while it is on its way, and what was said against it. A second press meanwhile does nothing. */
export function useSending() {
  const busy = ref(false)
  const refusal = ref('')

  /** Whether it was done. */
  async function send(work: () => Promise<unknown>): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    refusal.value = ''
    try {
      await work()
      return true
    } catch (error) {
      refusal.value = reasonOf(error)
      return false
    } finally {
      busy.value = false
    }
  }

  return { busy, refusal, send }
}
