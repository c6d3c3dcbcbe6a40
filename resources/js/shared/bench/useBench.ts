import { reasonOf } from '@/shared/api/orSay'
import { say, saySome } from '@/shared/words/say'
import { computed, onScopeDispose, readonly, ref, shallowRef } from 'vue'
import { NoAnswer, Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { BenchData, Step } from '@/shared/api/generated/http'
import { useOutbox } from '@/shared/outbox/useOutbox'
import { placesOf, StepDoesNotFit } from './bench'
import { deviceName } from './device'
import { type HeldStep, heldSteps } from './heldSteps'
import { add, emptyLog, replay, type StepLog } from './stepLog'
import { useExamClock } from './useExamClock'

const MOST_IN_A_BATCH = 100
const LOAD_AGAIN_MS = [500, 1000, 2000, 4000, 8000]

/**
 * One attempt's bench: every step is applied here at once, held in this browser, and sent; it goes on working while the
 * server is away.
 */
export function useBench(attempt: number) {
  const data = shallowRef<BenchData | null>(null)
  const log = shallowRef<StepLog>(emptyLog)
  const waiting = shallowRef<readonly HeldStep[]>([])
  const notice = ref('')
  const failure = ref('')
  const clockOffsetMs = ref(0)
  const places = computed(() => (data.value ? placesOf(data.value.board) : new Map()))
  const stepCount = computed(() => (data.value?.head ?? 0) + waiting.value.length)
  let device = deviceName()
  let nextNumber = 1
  let tries = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  const outbox = useOutbox({ waiting: () => (data.value ? waiting.value.length : 0), send: sendBatch })

  async function load() {
    failure.value = ''
    try {
      await sendLeftOver()
      await fetchState()
    } catch (error) {
      failure.value = reasonOf(error)
      if (error instanceof NoAnswer) loadLater()
    }
  }

  async function fetchState() {
    const asked = performance.now()
    const fresh = await api.bench(attempt)
    const halfTrip = (performance.now() - asked) / 2
    clockOffsetMs.value = Date.parse(fresh.serverTime) + halfTrip - Date.now()
    data.value = fresh
    const kept = replay(
      fresh.steps.map((kept) => kept.step),
      placesOf(fresh.board),
      fresh.start,
    )
    log.value = kept
    tries = 0
  }

  /** Steps that an earlier opening of this page could not send. */
  async function sendLeftOver() {
    const left = await heldSteps.of(attempt).catch(() => [])
    for (const name of new Set(left.map((step) => step.device))) {
      const steps = left.filter((step) => step.device === name && name !== device)
      for (let i = 0; i < steps.length; i += MOST_IN_A_BATCH) {
        const batch = steps.slice(i, i + MOST_IN_A_BATCH)
        const receipt = await api.keepSteps(attempt, name, batch[0]!.base, batch.map(bare))
        if (receipt.setAside.length > 0) tellSetAside(receipt.setAside.length)
        await heldSteps.release(attempt, name, batch.at(-1)!.number)
      }
    }
  }

  /** Does a step now, and sees to it that the server gets it. Returns why not, if it does not fit. */
  function make(step: Step): string | null {
    if (!data.value || data.value.handedInAt) return 'handed-in'
    try {
      log.value = add(log.value, step, places.value)
    } catch (error) {
      if (error instanceof StepDoesNotFit) return error.message
      throw error
    }
    const held: HeldStep = {
      attempt,
      device,
      base: data.value.head,
      number: nextNumber++,
      at: new Date(Date.now() + clockOffsetMs.value).toISOString(),
      step,
    }
    waiting.value = [...waiting.value, held]
    heldSteps.hold(held).catch(() => {
      notice.value = say('shared.this-browser-cant-store-your')
    })
    outbox.changed()
    return null
  }

  async function sendBatch() {
    if (!data.value) return
    const batch = waiting.value.slice(0, MOST_IN_A_BATCH)
    const head = data.value.head
    try {
      const receipt = await api.keepSteps(attempt, device, data.value.head, batch.map(bare))
      await heldSteps.release(attempt, device, receipt.keptUpTo).catch(() => undefined)
      waiting.value = waiting.value.filter((step) => step.number > receipt.keptUpTo)
      data.value = { ...data.value, head: receipt.head, startedAt: receipt.startedAt, dueAt: receipt.dueAt }
      if (receipt.setAside.length > 0) await startOver(receipt.setAside.length)
      // Another device has worked on this board meanwhile: show what is there now.
      else if (receipt.head > head + batch.length) await startOver(0)
    } catch (error) {
      if (error instanceof Refused && error.status === 422) notice.value = error.message
      throw error
    }
  }

  /** The server has another board than this page: show the server's, under a new name. */
  async function startOver(count: number) {
    while (waiting.value.length > 0 && data.value) {
      const batch = waiting.value.slice(0, MOST_IN_A_BATCH)
      const receipt = await api.keepSteps(attempt, device, batch[0]!.base, batch.map(bare))
      count += receipt.setAside.length
      await heldSteps.release(attempt, device, receipt.keptUpTo).catch(() => undefined)
      waiting.value = waiting.value.filter((step) => step.number > receipt.keptUpTo)
    }
    device = deviceName()
    nextNumber = 1
    await fetchState()
    if (count > 0) tellSetAside(count)
    else notice.value = say('shared.this-board-was-worked-on')
  }

  function tellSetAside(count: number) {
    notice.value = saySome('shared.one-step-was-not-counted', count)
  }

  function loadLater() {
    clearTimeout(timer)
    timer = setTimeout(() => void load(), LOAD_AGAIN_MS[Math.min(tries++, LOAD_AGAIN_MS.length - 1)])
  }

  /** Closes the attempt; refuses while steps are still on the way. */
  async function handIn(): Promise<boolean> {
    await outbox.flush()
    if (waiting.value.length > 0) {
      notice.value = say('shared.not-handed-in-count-of', { count: waiting.value.length })
      return false
    }
    try {
      await api.handIn(attempt)
      return true
    } catch (error) {
      notice.value = say('shared.not-handed-in-message', { message: reasonOf(error) })
      return false
    }
  }

  useExamClock(
    attempt,
    () => data.value,
    () => clockOffsetMs.value,
    load,
  )

  const wake = () => void (data.value ? undefined : load())
  window.addEventListener('online', wake)
  onScopeDispose(() => {
    clearTimeout(timer)
    window.removeEventListener('online', wake)
  })

  return {
    data: readonly(data) as Readonly<typeof data>,
    bench: computed(() => log.value.now),
    canUndo: computed(() => log.value.past.length > 0),
    canRedo: computed(() => log.value.future.length > 0),
    places,
    saving: outbox.state,
    told: outbox.told,
    waitingCount: computed(() => waiting.value.length),
    stepCount,
    clockOffsetMs: readonly(clockOffsetMs),
    notice,
    failure: readonly(failure),
    load,
    make,
    handIn,
  }
}

function bare({ number, at, step }: HeldStep) {
  return { number, at, step }
}
