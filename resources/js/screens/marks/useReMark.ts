import { orSay } from '@/shared/api/orSay'
import { computed, readonly, ref, shallowRef } from 'vue'
import { api } from '@/shared/api/api'
import type { GradedAttempt, ReGradePreview } from '@/shared/api/generated/http'

/**
 * Marking again: first every board is looked at one by one and nothing is kept; then the instructor decides, one by one or for
 * all, whether what is judged now is taken or what stood goes on standing.
 */
export function useReMark(replace: (fresh: GradedAttempt) => void) {
  const looks = shallowRef<readonly ReGradePreview[] | null>(null)
  const looked = ref(0)
  const all = ref(0)
  const isLooking = ref(false)
  const failure = ref('')
  const changed = computed(() => looks.value?.filter(({ changes, now }) => changes || !now) ?? [])

  async function look(attempts: readonly number[]) {
    isLooking.value = true
    failure.value = ''
    looked.value = 0
    all.value = attempts.length
    const found: ReGradePreview[] = []
    try {
      await orSay(failure, async () => {
        for (const attempt of attempts) {
          found.push(await api.reGradePreview(attempt))
          looked.value++
        }
        looks.value = found
      })
    } finally {
      isLooking.value = false
    }
  }

  async function decide(attempts: readonly number[], take: boolean) {
    failure.value = ''
    await orSay(failure, async () => {
      for (const attempt of attempts) {
        replace(await api.reMark(attempt, take))
        looks.value = looks.value?.filter((one) => one.attempt !== attempt) ?? null
      }
    })
  }

  return {
    changed,
    isShown: computed(() => looks.value !== null || isLooking.value),
    looked: readonly(looked),
    all: readonly(all),
    isLooking: readonly(isLooking),
    failure: readonly(failure),
    look,
    decide,
    close: () => (looks.value = null),
  }
}
