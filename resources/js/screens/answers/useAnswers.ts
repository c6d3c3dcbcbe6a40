import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { api, Refused } from '@/shared/api/client'
import type { QuestionSheet } from '@/shared/api/generated/http'

const RETRY_MS = 3000
const UNPROCESSABLE = 422

/**
 * The questions of an attempt: every answer is kept as it is given, one after the other, and tried again until it is. What the
 * server has not got yet is held in this browser, so that a page that is left or lost loses nothing.
 */
export function useAnswers(attempt: number) {
  const sheet = shallowRef<QuestionSheet | null>(null)
  const failure = ref('')
  const kept = ref<'kept' | 'keeping' | 'away'>('kept')
  const clockOffsetMs = ref(0)
  const held = `zwindle-answers-${attempt}`
  const waiting = new Map<number, readonly number[]>(read(held))
  let underWay: Promise<void> | null = null
  let timer: ReturnType<typeof setTimeout> | undefined

  async function load() {
    try {
      const found = await api.questions(attempt)
      clockOffsetMs.value = Date.parse(found.serverTime) - Date.now()
      sheet.value = found
      for (const [number, chosen] of waiting) show(number, chosen)
      failure.value = ''
      if (waiting.size > 0 && !found.isToBegin) void send()
    } catch (error) {
      failure.value = (error as Error).message
    }
  }

  function show(number: number, chosen: readonly number[]) {
    if (!sheet.value) return
    const questions = sheet.value.questions.map((one) =>
      one.number === number ? { ...one, answer: [...chosen] } : one,
    )
    sheet.value = { ...sheet.value, questions }
  }

  function hold() {
    if (waiting.size > 0) localStorage.setItem(held, JSON.stringify([...waiting]))
    else localStorage.removeItem(held)
  }

  function answer(number: number, chosen: readonly number[]) {
    if (!sheet.value) return
    show(number, chosen)
    waiting.set(number, chosen)
    hold()
    void send()
  }

  function send(): Promise<void> {
    underWay ??= sendAll().finally(() => (underWay = null))
    return underWay
  }

  async function sendAll() {
    clearTimeout(timer)
    kept.value = 'keeping'
    let refusal = ''
    for (const [number, chosen] of [...waiting]) {
      try {
        await api.answer(attempt, number, chosen)
        failure.value = ''
      } catch (error) {
        if (!(error instanceof Refused) || error.status !== UNPROCESSABLE) {
          kept.value = 'away'
          failure.value = (error as Error).message
          timer = setTimeout(() => void send(), RETRY_MS)
          return
        }
        // Too late, or handed in elsewhere: what the server has is what counts.
        refusal = error.message
      }
      if (waiting.get(number) === chosen) waiting.delete(number)
      hold()
    }
    if (waiting.size > 0) return sendAll()
    kept.value = 'kept'
    if (refusal || (sheet.value?.minutes && !sheet.value.dueAt)) await load()
    failure.value ||= refusal
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

function read(held: string): [number, number[]][] {
  try {
    return JSON.parse(localStorage.getItem(held) ?? '[]') as [number, number[]][]
  } catch {
    return []
  }
}
