import { reasonOf } from '@/shared/api/orSay'
import { onScopeDispose, readonly, ref, type Ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api } from '@/shared/api/api'
import type { Board, DrawingReview } from '@/shared/api/generated/http'

const SETTLED_MS = 60
const SLOW_MS = 500

/** What the planner says of the drawing as it stands; the newest answer only. */
export function useReview(board: Ref<Board | null>) {
  const review = shallowRef<DrawingReview | null>(null)
  const isThinking = ref(false)
  const failure = ref('')
  let settled: ReturnType<typeof setTimeout> | undefined
  let slow: ReturnType<typeof setTimeout> | undefined
  let asking: AbortController | undefined

  async function ask() {
    const asked = board.value
    if (!asked) return
    // Nobody waits for the review before.
    asking?.abort()
    asking = new AbortController()
    clearTimeout(slow)
    slow = setTimeout(() => (isThinking.value = true), SLOW_MS)
    try {
      const found = await api.reviewDrawing(asked, asking.signal)
      if (board.value !== asked) return
      review.value = found
      failure.value = ''
    } catch (error) {
      if (board.value === asked) failure.value = reasonOf(error)
    }
    if (board.value !== asked) return
    clearTimeout(slow)
    isThinking.value = false
  }

  watch(board, () => {
    clearTimeout(settled)
    settled = setTimeout(() => void ask(), SETTLED_MS)
  })
  onScopeDispose(() => {
    asking?.abort()
    clearTimeout(settled)
    clearTimeout(slow)
  })

  return { review: shallowReadonly(review), isThinking: readonly(isThinking), failure: readonly(failure) }
}
