import { describe, expect, it, vi } from 'vitest'
import { useSending } from './useSending'

describe('what is sent at a press', () => {
  it('is busy while it is on its way, and says what was said against it until the next press', async () => {
    const { busy, refusal, send } = useSending()
    const first = send(() => Promise.reject(new Error('Not now.')))
    expect(busy.value).toBe(true)
    expect(await first).toBe(false)
    expect([busy.value, refusal.value]).toEqual([false, 'Not now.'])
    expect(await send(() => Promise.resolve())).toBe(true)
    expect([busy.value, refusal.value]).toEqual([false, ''])
  })

  it('is sent once by a double press', async () => {
    const { send } = useSending()
    const work = vi.fn(() => new Promise<void>((done) => setTimeout(done, 5)))
    expect(await Promise.all([send(work), send(work)])).toEqual([true, false])
    expect(work).toHaveBeenCalledTimes(1)
  })
})
