import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, type EffectScope, ref } from 'vue'
import { api } from '@/shared/api/api'
import type { TaskAttack, TaskFile } from '@/shared/api/generated/http'
import { useAttack } from './useAttack'

const SETTLED_MS = 500

let scope: EffectScope
let answers: ((found: TaskAttack) => void)[]
let refuses: ((error: Error) => void)[]
const key = ref<string | null>('first')
const found = (mistakes: number) => ({ board: null, attack: { mistakes } }) as unknown as TaskAttack

beforeEach(() => {
  vi.useFakeTimers()
  answers = []
  refuses = []
  key.value = 'first'
  vi.spyOn(api, 'attackTask').mockImplementation(
    () =>
      new Promise((resolve, reject) => {
        answers.push(resolve)
        refuses.push(reject)
      }),
  )
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
  vi.restoreAllMocks()
})

function begun() {
  scope = effectScope()
  return scope.run(() =>
    useAttack(
      () => ({ boardFile: 1, marking: 2, task: {} as TaskFile }),
      () => key.value,
    ),
  )!
}

describe('an attack on a task', () => {
  it('waits until the hand rests, and is made once', async () => {
    const attack = begun()
    await vi.advanceTimersByTimeAsync(SETTLED_MS - 100)
    key.value = 'second'
    await vi.advanceTimersByTimeAsync(SETTLED_MS - 100)
    expect(answers).toHaveLength(0)
    await vi.advanceTimersByTimeAsync(100)
    expect(answers).toHaveLength(1)
    expect(attack.isAttacking.value).toBe(true)
    answers[0]!(found(7))
    await flushPromises()
    expect(attack.found.value?.attack?.mistakes).toBe(7)
    expect(attack.isAttacking.value).toBe(false)
  })

  it('never has two under way: what changed meanwhile is attacked when the first is back, which is not shown', async () => {
    const attack = begun()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    for (const changed of ['second', 'third', 'fourth']) {
      key.value = changed
      await vi.advanceTimersByTimeAsync(SETTLED_MS)
    }
    expect(answers).toHaveLength(1)
    answers[0]!(found(1))
    await flushPromises()
    expect(answers).toHaveLength(2)
    expect(attack.found.value).toBeNull()
    answers[1]!(found(4))
    await flushPromises()
    expect(answers).toHaveLength(2)
    expect(attack.found.value?.attack?.mistakes).toBe(4)
  })

  it('is not made where nothing is wired, and forgets what was found before', async () => {
    const attack = begun()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    answers[0]!(found(7))
    await flushPromises()
    key.value = null
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    expect(attack.found.value).toBeNull()
    expect(answers).toHaveLength(1)
  })

  it('says why there is no answer, and asks again when told to', async () => {
    const attack = begun()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    refuses[0]!(new Error('The server gave no answer.'))
    await flushPromises()
    expect(attack.failure.value).toBe('The server gave no answer.')
    void attack.again()
    answers[1]!(found(3))
    await flushPromises()
    expect(attack.failure.value).toBe('')
    expect(attack.found.value?.attack?.mistakes).toBe(3)
  })

  it('asks for nothing more once the screen is left', async () => {
    begun()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    key.value = 'second'
    scope.stop()
    answers[0]!(found(1))
    await flushPromises()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    expect(answers).toHaveLength(1)
  })
})
