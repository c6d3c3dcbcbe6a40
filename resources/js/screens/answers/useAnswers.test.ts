// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { NoAnswer, Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { QuestionSheet } from '@/shared/api/generated/http'
import { useAnswers } from './useAnswers'

const sheet = (more: Partial<QuestionSheet> = {}) =>
  ({
    serverTime: '2026-11-26T18:00:00.000Z',
    minutes: null,
    dueAt: null,
    isToBegin: false,
    questions: [
      { number: 1, answer: [] },
      { number: 2, answer: [] },
    ],
    ...more,
  }) as unknown as QuestionSheet

const opened = async () => {
  const work = effectScope().run(() => useAnswers(7))!
  await flushPromises()
  return work
}
const shown = (work: Awaited<ReturnType<typeof opened>>) => work.sheet.value?.questions.map(({ answer }) => answer)

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  vi.spyOn(api, 'questions').mockImplementation(async () => sheet())
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

describe('answers', () => {
  it('are shown at once and sent one after the other, the newest of each only', async () => {
    const sent: number[][] = []
    let release = () => {}
    vi.spyOn(api, 'answer').mockImplementation(async (_, number, chosen) => {
      if (sent.length === 0) await new Promise<void>((resolve) => (release = resolve))
      sent.push([number, ...chosen])
      return undefined
    })
    const work = await opened()
    work.answer(1, [0])
    work.answer(2, [3])
    work.answer(2, [1])
    expect(shown(work)).toEqual([[0], [1]])
    expect(work.saving.value).toBe('saving')
    release()
    await flushPromises()
    expect(sent[0]).toEqual([1, 0])
    expect(sent.at(-1)).toEqual([2, 1])
    expect(work.saving.value).toBe('saved')
    expect(work.answered.value).toBe(2)
    expect(localStorage.length).toBe(0)
  })

  it('are held here while the server is away, and sent when it is back', async () => {
    const answer = vi.spyOn(api, 'answer').mockRejectedValueOnce(new NoAnswer())
    const work = await opened()
    work.answer(1, [2])
    await flushPromises()
    expect(work.saving.value).toBe('offline')
    expect(work.failure.value).toContain('The server is not answering.')
    answer.mockResolvedValue(undefined)
    await vi.advanceTimersByTimeAsync(3000)
    expect(work.saving.value).toBe('saved')
    expect(answer).toHaveBeenLastCalledWith(7, 1, [2], expect.stringContaining('T'))
  })

  it('survive a page that is lost before they were sent', async () => {
    vi.spyOn(api, 'answer').mockRejectedValue(new NoAnswer())
    const lost = await opened()
    lost.answer(2, [1])
    await flushPromises()
    const at = JSON.parse(localStorage.getItem('zwindle-answers-7')!)[0][2]
    vi.clearAllTimers()
    await vi.advanceTimersByTimeAsync(60_000)

    const answer = vi.spyOn(api, 'answer').mockResolvedValue(undefined)
    const again = await opened()
    expect(shown(again)).toEqual([[], [1]])
    // With the moment at which it was given, not the one at which it is sent.
    expect(answer).toHaveBeenLastCalledWith(7, 2, [1], at)
    expect(localStorage.length).toBe(0)
  })

  it('that come too late are given up, and what the server has is shown', async () => {
    vi.spyOn(api, 'answer').mockRejectedValue(new Refused(422, 'Time is up. This was not saved.', []))
    const work = await opened()
    work.answer(1, [2])
    expect(shown(work)).toEqual([[2], []])
    await flushPromises()
    expect(shown(work)).toEqual([[], []])
    expect(work.failure.value).toBe('Time is up. This was not saved.')
    expect(work.saving.value).toBe('saved')
    expect(localStorage.length).toBe(0)
  })

  it('that were given before the end and come after it are said to wait for the instructor', async () => {
    vi.spyOn(api, 'answer').mockResolvedValue({})
    const work = await opened()
    work.answer(1, [2])
    await flushPromises()
    expect(work.failure.value).toContain('Your instructor decides')
    expect(work.saving.value).toBe('saved')
    expect(localStorage.length).toBe(0)
  })

  it('hold the hand-in back until they are with the server', async () => {
    const answer = vi.spyOn(api, 'answer').mockRejectedValue(new NoAnswer())
    const handIn = vi.spyOn(api, 'handIn').mockResolvedValue(undefined)
    const work = await opened()
    work.answer(1, [0])
    expect(await work.handIn()).toBe(false)
    expect(handIn).not.toHaveBeenCalled()
    answer.mockResolvedValue(undefined)
    expect(await work.handIn()).toBe(true)
    expect(handIn).toHaveBeenCalledOnce()
  })

  it('are not sent to an exam that is still to begin, nor lost by it', async () => {
    localStorage.setItem('zwindle-answers-7', '[[1,[0]]]')
    vi.mocked(api.questions).mockResolvedValue(sheet({ isToBegin: true, questions: [] }))
    const answer = vi.spyOn(api, 'answer').mockResolvedValue(undefined)
    await opened()
    expect(answer).not.toHaveBeenCalled()
    expect(localStorage.getItem('zwindle-answers-7')).toBe('[[1,[0]]]')
  })

  it('begin with none where what was held cannot be read', async () => {
    localStorage.setItem('zwindle-answers-7', '{{{')
    expect(shown(await opened())).toEqual([[], []])
  })
})
