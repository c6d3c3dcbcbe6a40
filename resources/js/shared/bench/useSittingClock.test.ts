// @vitest-environment happy-dom
import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/shared/api/api'
import { useSittingClock } from './useSittingClock'

const clock = (state: string, dueAt: string | null, tag: string) =>
  ({ state, dueAt, serverTime: '2026-11-28T18:00:00Z', tag }) as Awaited<ReturnType<typeof api.clock>>

describe('the clock of a sitting', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('tells the screen when state or end differ from what it shows, and else is silent', async () => {
    const answers = [
      clock('running', '2026-11-28T18:15:00.000Z', 'a'),
      undefined,
      clock('running', '2026-11-28T18:20:00.000Z', 'b'),
      clock('paused', '2026-11-28T18:21:00.000Z', 'c'),
    ]
    const ask = vi.spyOn(api, 'clock').mockImplementation(() => Promise.resolve(answers.shift()))
    const changed = vi.fn()
    const shown = { state: 'running', dueAt: '2026-11-28T18:15:00Z' }
    const scope = effectScope()
    scope.run(() => useSittingClock(7, () => shown, changed))
    await vi.advanceTimersByTimeAsync(10)
    expect(changed).toHaveBeenCalledTimes(0)
    await vi.advanceTimersByTimeAsync(10_000)
    expect([ask.mock.lastCall, changed.mock.calls.length]).toEqual([[7, 'a'], 0])
    await vi.advanceTimersByTimeAsync(10_000)
    expect(changed).toHaveBeenCalledTimes(1)
    await vi.advanceTimersByTimeAsync(10_000)
    expect(changed).toHaveBeenCalledTimes(2)
    scope.stop()
    await vi.advanceTimersByTimeAsync(30_000)
    expect(ask).toHaveBeenCalledTimes(4)
  })

  it('asks nothing while there is nothing to show', async () => {
    const ask = vi.spyOn(api, 'clock').mockClear()
    const scope = effectScope()
    scope.run(() => useSittingClock(7, () => null, vi.fn()))
    await vi.advanceTimersByTimeAsync(25_000)
    expect(ask).not.toHaveBeenCalled()
    scope.stop()
  })
})
