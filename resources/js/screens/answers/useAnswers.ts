import { orSay, reasonOf } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { QuestionSheet } from '@/shared/api/generated/http'
import { useOutbox } from '@/shared/outbox/useOutbox'

const UNPROCESSABLE = 422
const LATE = say('answers.sent-after-time-was-up')

/** What was chosen, and when, by the server’s clock. */
interface Given {
  chosen: readonly number[]
  at: string | null
}

/**
 * The questions of an attempt: every answer is kept as it is given, one after the other, and tried again until it is. What the
 * server has not got yet is held in this browser, so that a page that is left or lost loses nothing.
 */
export function useAnswers(attempt: number) {
  const sheet = shallowRef<QuestionSheet | null>(null)
  const failure = ref('')
  const clockOffsetMs = ref(0)
  const held = `zwindle-answers-${attempt}`
  const waiting = new Map<number, Given>(read(held))
  let refusal = ''
  const outbox = useOutbox({ waiting: () => waiting.size, send: sendOne, onSaved })

  async function load() {
    await orSay(failure, async () => {
      const found = await api.questions(attempt)
      clockOffsetMs.value = Date.parse(found.serverTime) - Date.now()
      sheet.value = found
      for (const [number, { chosen }] of waiting) show(number, chosen)
      failure.value = ''
      if (waiting.size > 0 && !found.isToBegin) outbox.changed()
    })
  }

  function show(number: number, chosen: readonly number[]) {
    if (!sheet.value) return
    const questions = sheet.value.questions.map((one) =>
      one.number === number ? { ...one, answer: [...chosen] } : one,
    )
    sheet.value = { ...sheet.value, questions }
  }

  function hold() {
    const rows = [...waiting].map(([number, { chosen, at }]) => [number, chosen, at])
    if (rows.length > 0) localStorage.setItem(held, JSON.stringify(rows))
    else localStorage.removeItem(held)
  }

  function answer(number: number, chosen: readonly number[]) {
    if (!sheet.value) return
    show(number, chosen)
    waiting.set(number, { chosen, at: new Date(Date.now() + clockOffsetMs.value).toISOString() })
    hold()
    outbox.changed()
  }

  async function sendOne() {
    const [number, given] = [...waiting][0]!
    try {
      const late = await api.answer(attempt, number, given.chosen, given.at)
      if (late) refusal = LATE
    } catch (error) {
      if (!(error instanceof Refused) || error.status !== UNPROCESSABLE) throw error
      // Too late, or handed in elsewhere: what the server has is what counts.
      refusal = error.message
    }
    if (waiting.get(number) === given) waiting.delete(number)
    hold()
  }

  async function onSaved() {
    const told = refusal
    refusal = ''
    if (told || (sheet.value?.minutes && !sheet.value.dueAt)) await load()
    failure.value = failure.value || told
  }

  async function handIn(): Promise<boolean> {
    await outbox.flush()
    if (waiting.size > 0) return false
    try {
      await api.handIn(attempt)
      return true
    } catch (error) {
      failure.value = reasonOf(error)
      return false
    }
  }

  void load()

  return {
    sheet: shallowReadonly(sheet),
    failure: computed(() => failure.value || outbox.failure.value),
    saving: outbox.state,
    toSend: outbox.toSend,
    clockOffsetMs: readonly(clockOffsetMs),
    answered: computed(() => sheet.value?.questions.filter((one) => one.answer.length > 0).length ?? 0),
    load,
    answer,
    handIn,
  }
}

function read(held: string): [number, Given][] {
  try {
    const rows = JSON.parse(localStorage.getItem(held) ?? '[]') as [number, number[], string?][]
    return rows.map(([number, chosen, at]) => [number, { chosen, at: at ?? null }])
  } catch {
    return []
  }
}
