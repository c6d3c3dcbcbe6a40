import { reasonOf } from '@/shared/api/orSay'
import { onScopeDispose, readonly, ref } from 'vue'
import { NoAnswer, Refused } from '@/shared/api/client'

/** `refused`: the server has said no for good, and what is here is not tried again until it changes. */
export type Saving = 'saved' | 'saving' | 'offline' | 'signed-out' | 'refused'

const RETRY_MS = [500, 1000, 2000, 4000, 8000]
const SIGNED_OUT = [401, 419]

export interface Outbox {
  /** How much the server does not have yet. */
  waiting: () => number
  /** Sends some of what waits and takes it off; throws if the server does not have it. */
  send: () => Promise<void>
  /** How long the hand must rest before anything is sent. */
  pauseMs?: number
  /** Whether an answer is a no for good. */
  isFinal?: (error: unknown) => boolean
  /** Everything is with the server. */
  onSaved?: () => Promise<void> | void
}

/** Saves until the server has it: one load after the other, tried again ever more slowly while there is no answer. */
export function useOutbox({ waiting, send, pauseMs = 0, isFinal = () => false, onSaved }: Outbox) {
  const state = ref<Saving>('saved')
  const toSend = ref(0)
  const failure = ref('')
  /** Why the server cannot keep it for now, where it says so itself. */
  const told = ref('')
  let underWay: Promise<void> | null = null
  let tries = 0
  let isLeft = false
  let timer: ReturnType<typeof setTimeout> | undefined

  /** Something new waits. */
  function changed() {
    toSend.value = waiting()
    if (state.value === 'saved' || state.value === 'refused') state.value = 'saving'
    if (pauseMs === 0) return void flush()
    clearTimeout(timer)
    timer = setTimeout(() => void flush(), pauseMs)
  }

  /** Sends all that waits, now; done when it is with the server, or cannot be for the time being. */
  function flush(): Promise<void> {
    underWay ??= sendAll().finally(() => {
      underWay = null
      if (state.value === 'saved' && waiting() > 0) changed()
    })
    return underWay
  }

  async function sendAll() {
    clearTimeout(timer)
    if (waiting() === 0) return
    try {
      while (waiting() > 0) {
        await send()
        tries = 0
        toSend.value = waiting()
        state.value = toSend.value > 0 ? 'saving' : 'saved'
      }
      failure.value = told.value = ''
      await onSaved?.()
    } catch (error) {
      failed(error)
    }
  }

  function failed(error: unknown) {
    failure.value = reasonOf(error)
    told.value = error instanceof NoAnswer ? error.told : ''
    if (isFinal(error)) {
      state.value = 'refused'
      return
    }
    state.value = error instanceof Refused && SIGNED_OUT.includes(error.status) ? 'signed-out' : 'offline'
    if (isLeft) return
    timer = setTimeout(() => void flush(), RETRY_MS[Math.min(tries++, RETRY_MS.length - 1)])
  }

  const wake = () => void flush()
  window.addEventListener('online', wake)
  // What the hand had not rested from yet is sent as the page is left.
  onScopeDispose(() => {
    isLeft = true
    if (state.value === 'saving') void flush()
    clearTimeout(timer)
    window.removeEventListener('online', wake)
  })

  return {
    state: readonly(state),
    toSend: readonly(toSend),
    failure: readonly(failure),
    told: readonly(told),
    changed,
    flush,
  }
}
