// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from './api'
import { NoAnswer, Refused } from './client'

const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status })
const asked: Request[] = []
/** The server answers so, one after the other; the last for good. */
function answers(...with_: (() => Response | Promise<Response>)[]) {
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    asked.push(new Request(url, init))
    return (with_.length > 1 ? with_.shift() : with_[0])?.()
  })
}

beforeEach(() => {
  asked.length = 0
  document.cookie = 'XSRF-TOKEN=a%3Db'
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('what is carried to the server and back', () => {
  it('names its place, leaves out what is empty, and shows the token', async () => {
    answers(() => json(200, { title: 'North stair' }))
    expect(await api.plan(7, 2, '')).toEqual({ title: 'North stair' })
    await api.plan(7, 2, 'NEC-2023')
    expect(asked.map(({ url }) => new URL(url).pathname + new URL(url).search)).toEqual([
      '/api/board-files/7/plans/2',
      '/api/board-files/7/plans/2?edition=NEC-2023',
    ])
    expect(asked[0]?.headers.get('X-XSRF-TOKEN')).toBe('a=b')
  })

  it('sends a file as it is, broken or not', async () => {
    answers(() => json(201, {}))
    await api.addBoardFile('{"format": ')
    expect(await asked[0]?.text()).toBe('{"format": ')
  })

  it('gives nothing where nothing is new', async () => {
    answers(() => new Response(null, { status: 204 }))
    expect(await api.clock(3, 'tag')).toBeUndefined()
  })

  it('says what was refused, and where', async () => {
    answers(() =>
      json(422, { message: 'The board has a problem.', problems: [{ pointer: '/title', message: 'No title.' }] }),
    )
    const refused = await api.tonight().catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(Refused)
    expect(refused).toMatchObject({
      status: 422,
      message: 'The board has a problem.',
      problems: [{ pointer: '/title' }],
    })
  })

  it('fetches a new token where the session ran out, and asks once more', async () => {
    answers(
      () => json(419, { message: 'CSRF token mismatch.' }),
      () => json(200, {}),
      () => json(200, { running: [] }),
    )
    expect(await api.tonight()).toEqual({ running: [] })
    expect(asked.map(({ url }) => new URL(url).pathname)).toEqual(['/api/tonight', '/api/session', '/api/tonight'])
  })

  it('asks again in a moment while the planner is busy, with the same body', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'] })
    answers(
      () => json(429, { message: 'Busy.', again: true }),
      () => json(200, { id: 5 }),
    )
    const added = api.addClass('Monday')
    await vi.advanceTimersByTimeAsync(800)
    expect(await added).toEqual({ id: 5 })
    expect(await Promise.all(asked.map((request) => request.json()))).toEqual([{ name: 'Monday' }, { name: 'Monday' }])
  })

  it.each([
    ['no network', () => Promise.reject(new TypeError('failed')), ''],
    ['a server that is going down', () => json(502, null), ''],
    ['a full disk', () => json(503, { message: 'The disk is full. A-12', number: 'A-12' }), 'The disk is full. A-12'],
  ])('tells %s from a refusal', async (_, given, told) => {
    answers(given)
    const none = await api.tonight().catch((error: unknown) => error)
    expect(none).toBeInstanceOf(NoAnswer)
    expect((none as NoAnswer).told).toBe(told)
  })
})
