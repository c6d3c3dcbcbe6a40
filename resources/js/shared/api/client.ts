import createClient from 'openapi-fetch'
import { say } from '@/shared/words/say'
import { inTurn } from './inTurn'
import type { FileProblem, paths } from './generated/http'

/** The server answered, and said no. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly problems: FileProblem[] = [],
    readonly json: Record<string, unknown> | null = null,
  ) {
    super(message)
  }
}

/** The server did not answer, or says itself that it cannot for now: what was sent is sent again. */
export class NoAnswer extends Error {
  /** @param told  what it says: its disk is full, say; empty where nothing came back */
  constructor(readonly told = '') {
    super(told || say('shared.the-server-is-not-answering'))
  }
}

/** How long an answer is waited for. */
const USUAL_MS = 15_000

/** A session that ran out takes its token with it: fetch a new one and ask again. */
const TOKEN_RAN_OUT = 419

/** The planner is busy with what was asked before: ask again in a moment. */
const BUSY = 429
const MOST_TIMES = 12
const AGAIN_MS = 700

/** The calls that docs/api/openapi.json describes, with the types that are made from it. */
export const http = createClient<paths>({
  baseUrl: '/api',
  headers: { Accept: 'application/json' },
  querySerializer: queryOf,
  fetch: within(USUAL_MS),
})

/** What came back; whatever went wrong was thrown on the way. */
export async function answer<T>(call: Promise<{ data?: T }>): Promise<T> {
  return (await call).data as T
}

/** The same where the server may have nothing new to tell. */
export async function answerOrNothing<T>(call: Promise<{ data?: T }>): Promise<T | undefined> {
  return (await call).data
}

/** Searches of one screen go one after the other: a task is tried and attacked at once. */
export const search = inTurn()

/** Carries a request for so long at most. */
export function within(ms: number) {
  return async (request: Request): Promise<Response> => {
    // Its text, and not a stream: it may be sent again.
    const asked = { request, body: request.body ? await request.text() : undefined }
    for (let times = 1; ; times++) {
      try {
        return await signedIn(asked, ms)
      } catch (error) {
        if (!isBusy(error) || times === MOST_TIMES || request.signal.aborted) throw error
        await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
      }
    }
  }
}

/** The part of an address after the question mark, without what is empty. */
export function queryOf(params: Record<string, unknown>): string {
  const told = Object.entries(params).filter(([, value]) => value !== '' && value !== undefined)
  return new URLSearchParams(told.map(([name, value]) => [name, String(value)])).toString()
}

interface Asked {
  request: Request
  body?: string | undefined
}

async function signedIn(asked: Asked, ms: number): Promise<Response> {
  try {
    return await once(asked, ms)
  } catch (error) {
    if (!(error instanceof Refused) || error.status !== TOKEN_RAN_OUT) throw error
    await once({ request: new Request('/api/session', { headers: { Accept: 'application/json' } }) }, ms)
    return await once(asked, ms)
  }
}

async function once({ request, body }: Asked, ms: number): Promise<Response> {
  const limit = AbortSignal.timeout(ms)
  const headers = new Headers(request.headers)
  headers.set('X-XSRF-TOKEN', csrfToken())
  const response = await fetch(request.url, {
    method: request.method,
    headers,
    body: body ?? null,
    credentials: 'same-origin',
    signal: 'any' in AbortSignal ? AbortSignal.any([limit, request.signal]) : limit,
  }).catch(() => {
    throw new NoAnswer()
  })
  if (response.ok) return response
  const json = (await response.json().catch(() => null)) as Record<string, unknown> | null
  if (response.status >= 502 && response.status <= 504) throw new NoAnswer(numbered(json))
  throw new Refused(response.status, messageOf(response.status, json), (json?.problems as FileProblem[]) ?? [], json)
}

function csrfToken(): string {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : ''
}

function isBusy(error: unknown): boolean {
  return (
    error instanceof Refused &&
    error.status === BUSY &&
    typeof error.json?.message === 'string' &&
    error.json.again === true
  )
}

/** What an error says of itself that has a number; anything else at 5xx is not meant for people. */
function numbered(json: Record<string, unknown> | null): string {
  return typeof json?.number === 'string' && typeof json.message === 'string' ? json.message : ''
}

function messageOf(status: number, json: Record<string, unknown> | null): string {
  if (status === 401 || status === TOKEN_RAN_OUT) return say('shared.you-are-signed-out-sign')
  if (status === 404) return say('shared.there-is-nothing-here-for')
  if (status >= 500 && numbered(json)) return numbered(json)
  if (status >= 500 || typeof json?.message !== 'string') return say('shared.the-server-could-not-do')
  return json.message
}
