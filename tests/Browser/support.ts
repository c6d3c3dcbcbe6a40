import { readFileSync } from 'node:fs'
import { type APIRequestContext, type BrowserContext, expect, type Page } from '@playwright/test'

export const PASSWORD = 'lights-on'

export async function post(
  request: APIRequestContext,
  path: string,
  data: unknown,
  method: 'post' | 'put' | 'delete' = 'post',
) {
  const { cookies } = await request.storageState()
  const token = decodeURIComponent(cookies.find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '')
  return request[method](path, { data, headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' } })
}

async function signInByRequest(request: APIRequestContext, username: string) {
  await request.get('/api/session')
  const answer = await post(request, '/api/session', { username, password: PASSWORD })
  expect(answer.status()).toBe(200)
}

/** Sets a board to one trainee, as the instructor would, and returns the number of the attempt. */
export async function setBoard(
  playwright: { request: { newContext: (options: { baseURL: string }) => Promise<APIRequestContext> } },
  baseURL: string,
  title: string,
  trainee = 'Quill Arden',
  minutes: number | null = null,
): Promise<number> {
  const request = await playwright.request.newContext({ baseURL })
  await signInByRequest(request, 'marit')
  const boards = (await (await request.get('/api/board-files')).json()) as { id: number; title: string }[]
  const classrooms = (await (await request.get('/api/classrooms')).json()) as {
    id: number
    trainees: { id: number; name: string }[]
  }[]
  const classroom = classrooms.find(({ trainees }) => trainees.some(({ name }) => name === trainee))
  const answer = await post(request, '/api/assignments', {
    classroom: classroom!.id,
    boardFile: boards.find((board) => board.title.startsWith(title))!.id,
    trainees: [classroom!.trainees.find(({ name }) => name === trainee)!.id],
    minutes,
  })
  expect(answer.status()).toBe(201)
  const { attempts } = (await answer.json()) as { attempts: { id: number }[] }
  await request.dispose()
  return attempts[0]!.id
}

/** Where what a path names in braces is listed: a board without more, `set` for a board that was set, `evening`, `own` for one's own work. */
const LISTS = { board: 'board-files', set: 'assignments', evening: 'evenings', own: 'attempts' } as const

/** A path with numbers in it: `/plans/{board Packing barn}` with that of the first whose title begins so. */
export async function numbered(page: Page, path: string): Promise<string> {
  const named = /\{(\w+) ([^}]+)\}/.exec(path)
  if (!named) return path
  const [braces, list, title] = named as unknown as [string, keyof typeof LISTS, string]
  const answer = await page.request.get(`/api/${LISTS[list]}`)
  const found = ((await answer.json()) as { id: number; title?: string; board?: { title: string } }[]).find((one) =>
    (one.title ?? one.board?.title)?.startsWith(title),
  )
  return path.replace(braces, String(found!.id))
}

export const goTo = async (page: Page, path: string) => page.goto(await numbered(page, path))

/** Puts a board file into the library of whoever is signed in, and returns its number. */
export async function addBoard(page: Page, board: object): Promise<number> {
  const answer = await post(page.request, '/api/board-files', board)
  expect(answer.status()).toBe(201)
  return ((await answer.json()) as { id: number }).id
}

/** Begins a drawing from a pattern, and returns its number. */
export async function startPattern(page: Page, pattern: string): Promise<number> {
  const answer = await post(page.request, '/api/drawings', { pattern })
  expect([answer.status(), await answer.text()]).toEqual([201, expect.any(String)])
  return ((await answer.json()) as { id: number }).id
}

/** Takes a board out of the library again. */
export async function removeBoard(page: Page, id: number) {
  expect((await post(page.request, `/api/board-files/${id}`, {}, 'delete')).status()).toBeLessThan(300)
}

/** Draws a board that may yet have problems, and returns its number. */
export async function drawBoard(page: Page, board: { title: string; practice: string }): Promise<number> {
  const begun = await post(page.request, '/api/drawings', { practice: board.practice })
  expect(begun.status()).toBe(201)
  const { id, version } = (await begun.json()) as { id: number; version: number }
  const drawn = await post(
    page.request,
    `/api/drawings/${id}`,
    {
      base: version,
      board,
    },
    'put',
  )
  expect(drawn.status()).toBe(200)
  return id
}

/** Signs in beside the page, which stays where it is; by hand it is done in `front-door.spec.ts`. */
export const signIn = async (page: Page, username: string) => signInByRequest(page.request, username)

/** Signs in and goes where people come in. */
export async function comeIn(page: Page, username: string) {
  await signIn(page, username)
  await page.goto('/')
}

export async function openBench(page: Page, attempt: number) {
  await page.goto(`/bench/${attempt}`)
  await expect(page.getByRole('group', { name: /^Open box/ })).toBeVisible()
}

export const end = (page: Page, id: string) => page.locator(`[role=checkbox][data-place="${id}"]`)
export const landing = (page: Page, id: string) => page.locator(`[role=button][data-place="${id}"]`)
export const tray = (page: Page, name: string) => page.locator(`button[data-tray="${name}"]`)
export const kept = (page: Page) => page.locator('[data-test=saving]')

export async function openBox(page: Page, id: string) {
  await page.locator(`[data-map-box="${id}"] [data-box-shape]`).click()
  await expect(page.locator(`svg[data-box="${id}"]`)).toBeVisible()
}

/** Counts every tap that the bench gets, so that the figure in the notes is measured. */
export class Taps {
  count = 0

  constructor(private readonly page: Page) {}

  async box(id: string) {
    this.count++
    await openBox(this.page, id)
  }

  async land(endId: string, on: string) {
    this.count += 2
    await end(this.page, endId).click()
    await landing(this.page, on).click()
  }

  async gather(ids: string[], connector: string) {
    for (const id of ids) {
      this.count++
      await this.page.locator(`[data-place="${id}"]`).click()
    }
    this.count++
    await tray(this.page, connector).click()
  }
}

/** Everything that a browser complains about while a test runs. */
export function complaints(page: Page): string[] {
  const heard: string[] = []
  page.on('pageerror', (error) => heard.push(error.message))
  page.on('console', (message) => {
    if (message.type() === 'error' && !message.text().includes('net::')) heard.push(message.text())
  })
  return heard
}

export async function handIn(page: Page) {
  await page.getByRole('button', { name: 'Hand in', exact: true }).click()
  await page.getByRole('button', { name: 'Hand in now' }).click()
  await page.waitForURL(/verdict/)
}

export type { BrowserContext }

const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8')

/** By axe: nothing serious and nothing critical on the page as it stands. */
export async function expectNoSeriousFault(page: Page) {
  await page.evaluate(axe)
  const faults = await page.evaluate(async () => {
    const { violations } = await (
      window as unknown as {
        axe: {
          run: (options: object) => Promise<{ violations: { id: string; impact: string; nodes: { html: string }[] }[] }>
        }
      }
    ).axe.run({ resultTypes: ['violations'] })
    return violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`)
  })
  expect(faults).toEqual([])
}

/** Tells what the light does at a board whose first switch gates all the others, from one combination on to the last. */
export async function tellWithFirstGating(page: Page, from = 0) {
  const stands = page.locator('[data-stand]')
  await expect(stands.first()).toBeVisible()
  const count = await stands.count()
  for (let i = from; i < 2 ** count; i++) {
    await expect(page.locator('[data-test=flip-and-tap]')).toContainText(`${i} of ${2 ** count} combinations checked`)
    const down = await stands.evaluateAll((all) => all.map((one) => one.textContent!.includes('down')))
    const isLit = down[0]! && down.slice(1).filter(Boolean).length % 2 === 1
    await page.locator(`[data-test=tap-${isLit ? 'on' : 'off'}]`).click()
  }
}

/** Answers what is asked at a spoiled board until one repair is left: the first look is as it was meant to be, the next what is not. */
export async function searchToTheEnd(page: Page) {
  const look = page.locator('[data-test=look-next]')
  const found = page.locator('[data-test=found]')
  for (let i = 0; i < 8; i++) {
    await expect(found.or(page.locator('[data-test=look-next][aria-busy=false]'))).toBeVisible()
    if ((await found.count()) > 0) break
    const before = (await look.allTextContents()).join()
    // What stands there now is tapped: an answer that came meanwhile has other choices.
    await expect(async () => {
      const choices = page.locator('[data-choice]')
      const count = await choices.count()
      const tapped = count > 0 ? choices.nth(i === 0 ? 0 : count - 1) : page.locator('[data-test=yes]')
      await tapped.click({ timeout: 2000 })
    }).toPass({ timeout: 10_000 })
    await expect.poll(async () => (await look.allTextContents()).join()).not.toBe(before)
  }
  await expect(found.locator('li').first()).toBeVisible()
  return found
}
