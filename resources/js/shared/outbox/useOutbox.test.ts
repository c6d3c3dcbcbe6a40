// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { NoAnswer, Refused } from '@/shared/api/client'
import SavingState from './SavingState.vue'
import { useOutbox, type Outbox } from './useOutbox'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

function boxOf(held: string[], send: (one: string) => Promise<void>, more: Partial<Outbox> = {}) {
  const scope = effectScope()
  const box = scope.run(() =>
    useOutbox({
      waiting: () => held.length,
      send: async () => {
        await send(held[0]!)
        held.shift()
      },
      ...more,
    }),
  )!
  return { ...box, close: () => scope.stop() }
}

describe('the outbox', () => {
  it('sends one after the other, in order, and says when all is saved', async () => {
    const held = ['a', 'b', 'c']
    const got: string[] = []
    const saved = vi.fn()
    const box = boxOf(held, async (one) => void got.push(one), { onSaved: saved })
    expect(box.state.value).toBe('saved')
    box.changed()
    expect(box.state.value).toBe('saving')
    await box.flush()
    expect([got, box.state.value, box.toSend.value]).toEqual([['a', 'b', 'c'], 'saved', 0])
    expect(saved).toHaveBeenCalledTimes(1)
  })

  it('says why the server cannot keep it, where it says so itself, until it can', async () => {
    const held = ['a']
    let isFull = true
    const box = boxOf(held, async () => {
      if (isFull) throw new NoAnswer('The disk is full.')
      held.length = 0
    })
    box.changed()
    await box.flush()
    expect([box.state.value, box.told.value]).toEqual(['offline', 'The disk is full.'])
    isFull = false
    await vi.advanceTimersByTimeAsync(500)
    expect([box.state.value, box.told.value]).toEqual(['saved', ''])
    expect(new NoAnswer().message).toContain('is not answering')
  })

  it('is offline while there is no answer, tries ever more slowly, and loses nothing', async () => {
    const held = ['a', 'b']
    let isAway = true
    const send = vi.fn(async () => {
      if (isAway) throw new NoAnswer()
    })
    const box = boxOf(held, send)
    box.changed()
    await box.flush()
    expect([box.state.value, box.toSend.value]).toEqual(['offline', 2])
    await vi.advanceTimersByTimeAsync(500)
    expect(send).toHaveBeenCalledTimes(2)
    await vi.advanceTimersByTimeAsync(500)
    expect(send).toHaveBeenCalledTimes(2)
    await vi.advanceTimersByTimeAsync(500)
    expect(send).toHaveBeenCalledTimes(3)
    isAway = false
    window.dispatchEvent(new Event('online'))
    await vi.advanceTimersByTimeAsync(0)
    expect([box.state.value, held, box.failure.value]).toEqual(['saved', [], ''])
  })

  it('says that somebody is signed out, and goes on when they are back', async () => {
    let status = 401
    const box = boxOf(['a'], async () => {
      if (status) throw new Refused(status, 'Signed out.')
    })
    box.changed()
    await box.flush()
    expect(box.state.value).toBe('signed-out')
    status = 0
    await vi.advanceTimersByTimeAsync(1000)
    expect(box.state.value).toBe('saved')
  })

  it('does not try again what is refused for good, until it changes', async () => {
    const send = vi.fn().mockRejectedValueOnce(new Refused(422, 'No such place.')).mockResolvedValue(undefined)
    const box = boxOf(['a'], send, { isFinal: (error) => error instanceof Refused })
    box.changed()
    await box.flush()
    await vi.advanceTimersByTimeAsync(60_000)
    expect([box.state.value, box.failure.value]).toEqual(['refused', 'No such place.'])
    expect(send).toHaveBeenCalledTimes(1)
    box.changed()
    await box.flush()
    expect(box.state.value).toBe('saved')
  })

  it('waits until the hand rests, and sends once', async () => {
    const send = vi.fn(async () => undefined)
    const box = boxOf(['a'], send, { pauseMs: 600 })
    box.changed()
    await vi.advanceTimersByTimeAsync(400)
    box.changed()
    await vi.advanceTimersByTimeAsync(400)
    expect(send).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(300)
    expect(send).toHaveBeenCalledTimes(1)
  })

  it('sends at once what was still to rest when its page is left', async () => {
    const send = vi.fn(async () => undefined)
    const box = boxOf(['a'], send, { pauseMs: 600 })
    box.changed()
    box.close()
    await vi.advanceTimersByTimeAsync(0)
    expect(send).toHaveBeenCalledTimes(1)
  })

  it('is quiet once its page is left', async () => {
    const send = vi.fn().mockRejectedValue(new NoAnswer())
    const box = boxOf(['a'], send)
    box.changed()
    await box.flush()
    box.close()
    window.dispatchEvent(new Event('online'))
    await vi.advanceTimersByTimeAsync(60_000)
    expect(send).toHaveBeenCalledTimes(1)
  })
})

it.each([
  ['saved', 0, undefined, 'saved'],
  ['saved', 0, '14 steps', 'saved · 14 steps'],
  ['saving', 2, '14 steps', 'saving'],
  ['offline', 3, '14 steps', '⚠ offline: 3 to send'],
  ['signed-out', 1, undefined, '⚠ signed out: 1 to send'],
  ['refused', 1, undefined, '⚠ not saved'],
] as const)('says %s', (state, toSend, done, words) => {
  expect(mount(SavingState, { props: { state, toSend, done } }).text()).toBe(words)
})
