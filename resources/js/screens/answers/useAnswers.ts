import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { QuestionSheet } from '@/shared/api/types'

/** The questions of an attempt: every answer is kept as it is given, one after the other, and tried again until it is. */
export function useAnswers(attempt: number) {
  const sheet = shallowRef<QuestionSheet | null>(null)
  const failure = ref('')
  const kept = ref<'kept' | 'keeping' | 'away'>('kept')
  const clockOffsetMs = ref(0)
  const waiting = new Map<number, readonly number[]>()
  let underWay: Promise<void> | null = null
  let timer: ReturnType<typeof setTimeout> | undefined
  const RETRY_MS = 3000

  async function load() {
    try {
      const found = await api.questions(attempt)
      clockOffsetMs.value = Date.parse(found.serverTime) - Date.now()
      sheet.value = found
      failure.value = ''
    } catch (error) {
      failure.value = (error as Error).message
    }
  }

  function answer(number: number, chosen: readonly number[]) {
    if (!sheet.value) return
    const questions = sheet.value.questions.map((one) =>
      one.number === number ? { ...one, answer: [...chosen] } : one,
    )
    sheet.value = { ...sheet.value, questions }
    waiting.set(number, chosen)
    void send()
  }

  function send(): Promise<void> {
    underWay ??= sendAll().finally(() => (underWay = null))
    return underWay
  }

  async function sendAll() {
    clearTimeout(timer)
    kept.value = 'keeping'
    for (const [number, chosen] of [...waiting]) {
      try {
        await api.answer(attempt, number, chosen)
        if (waiting.get(number) === chosen) waiting.delete(number)
        failure.value = ''
      } catch (error) {
        kept.value = 'away'
        failure.value = (error as Error).message
        timer = setTimeout(() => void send(), RETRY_MS)
        return
      }
    }
    if (waiting.size > 0) return sendAll()
    kept.value = 'kept'
    if (sheet.value?.minutes && !sheet.value.dueAt) await load()
  }

  async function handIn(): Promise<boolean> {
    await send()
    if (waiting.size > 0) return false
    try {
      await api.handIn(attempt)
      return true
    } catch (error) {
      failure.value = (error as Error).message
      return false
    }
  }

  void load()

  return {
    sheet: shallowReadonly(sheet),
    failure: readonly(failure),
    kept: readonly(kept),
    clockOffsetMs: readonly(clockOffsetMs),
    answered: computed(() => sheet.value?.questions.filter((one) => one.answer.length > 0).length ?? 0),
    load,
    answer,
    handIn,
  }
}
