// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { NoAnswer, Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { AsFoundPlan, AsFoundSheet } from '@/shared/api/generated/http'
import { useAsFound } from './useAsFound'

const KEEP_AFTER_MS = 600
const row = (point: string) => ({ point, name: point, lands: '', mark: '' })
const bare = () =>
  ({ boxes: [{ id: 'B1', rows: [row('W1.black@B1'), row('W1.white@B1')] }] }) as unknown as AsFoundSheet

const opened = async () => {
  const work = effectScope().run(() => useAsFound(5))!
  await flushPromises()
  return work
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.spyOn(api, 'asFound').mockImplementation(async () => bare())
  vi.spyOn(api, 'asFoundPlan').mockResolvedValue({ found: 'Right.' } as AsFoundPlan)
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

describe('an as-found sheet', () => {
  it('is kept when the hand rests, with what is written and nothing else', async () => {
    const keep = vi.spyOn(api, 'keepAsFound').mockResolvedValue(bare())
    const work = await opened()
    work.write('W1.black@B1', { lands: 'S1.t1' })
    work.write('W1.black@B1', { lands: 'S1.common' })
    work.write('W1.white@B1', { mark: 'line' })
    expect(work.saving.value).toBe('saving')
    await vi.advanceTimersByTimeAsync(KEEP_AFTER_MS)
    expect(keep.mock.calls).toEqual([
      [5, { lands: { 'W1.black@B1': 'S1.common' }, marks: { 'W1.white@B1': 'line' }, number: 1 }],
    ])
    expect(work.saving.value).toBe('saved')
  })

  it('is planned from with what was written while an earlier keeping was under way', async () => {
    const answers: (() => void)[] = []
    const keep = vi
      .spyOn(api, 'keepAsFound')
      .mockImplementation(() => new Promise((resolve) => answers.push(() => resolve(bare()))))
    const work = await opened()
    work.write('W1.black@B1', { lands: 'S1.t1' })
    await vi.advanceTimersByTimeAsync(KEEP_AFTER_MS)
    work.write('W1.white@B1', { lands: 'A' })
    answers[0]!()
    await flushPromises()
    expect(work.saving.value).toBe('saving')
    const planned = work.planFrom()
    await flushPromises()
    answers[1]!()
    await planned
    expect(keep.mock.lastCall?.[1]).toMatchObject({ lands: { 'W1.black@B1': 'S1.t1', 'W1.white@B1': 'A' } })
    expect(work.plan.value?.found).toBe('Right.')
  })

  it('forgets a plan as soon as something else is written', async () => {
    vi.spyOn(api, 'keepAsFound').mockResolvedValue(bare())
    const work = await opened()
    await work.planFrom()
    expect(work.plan.value).not.toBeNull()
    work.write('W1.black@B1', { lands: 'A' })
    expect(work.plan.value).toBeNull()
  })

  it('is not planned from where it was refused, and says why', async () => {
    const problems = [{ pointer: '/joints/0', message: 'Two screws in one place.' }]
    vi.spyOn(api, 'keepAsFound').mockRejectedValue(new Refused(422, 'The sheet is refused.', problems))
    const work = await opened()
    work.write('W1.black@B1', { lands: 'A' })
    await work.planFrom()
    expect(work.saving.value).toBe('refused')
    expect(work.failure.value).toBe('The sheet is refused.')
    expect(work.problems.value).toEqual(['Two screws in one place.'])
    expect(api.asFoundPlan).not.toHaveBeenCalled()
  })

  it('tries again while the server is away, and loses nothing', async () => {
    vi.spyOn(api, 'keepAsFound').mockRejectedValueOnce(new NoAnswer()).mockResolvedValue(bare())
    const work = await opened()
    work.write('W1.black@B1', { lands: 'A' })
    await work.planFrom()
    expect([work.saving.value, work.toSend.value]).toEqual(['offline', 1])
    window.dispatchEvent(new Event('online'))
    await vi.waitFor(() => expect(work.saving.value).toBe('saved'))
    expect(vi.mocked(api.keepAsFound).mock.calls[1]![1]).toEqual({
      lands: { 'W1.black@B1': 'A' },
      marks: {},
      number: 1,
    })
  })

  it('is filled from a wiring file', async () => {
    const filled = {
      boxes: [{ id: 'B1', rows: [{ ...row('W1.black@B1'), lands: 'S1.common' }] }],
    } as unknown as AsFoundSheet
    vi.spyOn(api, 'keepAsFound').mockResolvedValue(filled)
    const work = await opened()
    await work.fillFrom('{}')
    expect(work.rows.value.map(({ lands }) => lands)).toEqual(['S1.common'])
  })

  it('exchanges two where a screw takes one, tells so, and takes it back', async () => {
    const places = ['common', 't1'].map((name) => ({ id: `S1.${name}`, name, takes: 1 }))
    const rows = [
      { ...row('W1.black@B1'), lands: 'S1.common' },
      { ...row('W2.red@B1'), lands: 'S1.t1' },
    ]
    vi.spyOn(api, 'asFound').mockResolvedValue({ boxes: [{ id: 'B1', rows, places }] } as unknown as AsFoundSheet)
    vi.spyOn(api, 'keepAsFound').mockResolvedValue(bare())
    const work = await opened()
    work.write('W1.black@B1', { lands: 'S1.t1' })
    expect(work.rows.value.map(({ lands }) => lands)).toEqual(['S1.t1', 'S1.common'])
    expect(work.said.value).toContain('swapped')
    work.takeBack()
    expect(work.rows.value.map(({ lands }) => lands)).toEqual(['S1.common', 'S1.t1'])
  })
})
