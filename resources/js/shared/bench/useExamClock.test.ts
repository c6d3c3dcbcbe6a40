// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type EffectScope, effectScope, ref } from 'vue'
import { api } from '@/shared/api/api'
import { NoAnswer } from '@/shared/api/client'
import { useExamClock } from './useExamClock'

const at = (seconds: number) => new Date(Date.now() + seconds * 1000).toISOString()
const sitting = ref<{ dueAt: string | null; minutes: number | null; handedInAt: string | null } | null>(null)
const load = vi.fn(async () => undefined)
let scope: EffectScope
const clock = (offsetMs = 0) =>
  scope.run(() =>
    useExamClock(
      7,
      () => sitting.value,
      () => offsetMs,
      load,
    ),
  )!

beforeEach(() => {
  vi.useFakeTimers()
  scope = effectScope()
  load.mockClear()
  vi.spyOn(api, 'timeUp').mockResolvedValue(undefined)
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
  vi.restoreAllMocks()
})

describe('the clock of an exam', () => {
  it('shows what is left by the server, the whole time before it runs, and nothing without an end', async () => {
    sitting.value = { dueAt: null, minutes: 15, handedInAt: null }
    const left = clock(2000)
    expect(left.value).toBe('15:00')
    sitting.value = { dueAt: at(92), minutes: 15, handedInAt: null }
    expect(left.value).toBe('01:30')
    sitting.value = { dueAt: null, minutes: null, handedInAt: null }
    expect(left.value).toBe('')
    await vi.advanceTimersByTimeAsync(3000)
    expect(api.timeUp).not.toHaveBeenCalled()
  })

  it.each([
    ['answers', () => Promise.resolve(undefined)],
    ['is away', () => Promise.reject(new NoAnswer())],
  ])('tells the server once that it has run out, and loads what there is, where the server %s', async (_, given) => {
    vi.mocked(api.timeUp).mockImplementation(given)
    sitting.value = { dueAt: at(2), minutes: 15, handedInAt: null }
    clock()
    await vi.advanceTimersByTimeAsync(1000)
    expect(api.timeUp).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(6000)
    expect(vi.mocked(api.timeUp).mock.calls).toEqual([[7]])
    expect(load).toHaveBeenCalledOnce()
  })

  it('tells it at once where a screen is opened when the time is over already', async () => {
    sitting.value = { dueAt: at(-5), minutes: 15, handedInAt: null }
    clock()
    await vi.advanceTimersByTimeAsync(2000)
    expect(api.timeUp).toHaveBeenCalledOnce()
  })

  it.each([
    ['time was added at the last moment', () => (sitting.value = { dueAt: at(300), minutes: 20, handedInAt: null })],
    ['it was handed in meanwhile', () => (sitting.value = { dueAt: at(0), minutes: 15, handedInAt: at(0) })],
    ['the screen was left', () => scope.stop()],
  ])('tells nothing where %s', async (_, happens) => {
    sitting.value = { dueAt: at(0), minutes: 15, handedInAt: null }
    clock()
    await vi.advanceTimersByTimeAsync(1000)
    happens()
    await vi.advanceTimersByTimeAsync(5000)
    expect(api.timeUp).not.toHaveBeenCalled()
  })
})
