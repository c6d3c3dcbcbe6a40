import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, type Page, test } from '@playwright/test'
import { EmptyServer } from './emptyServer'
import { goTo, signIn } from './support'

const BUILD = 'build-made-up'
const folder = mkdtempSync(join(tmpdir(), 'zwindle-words-'))
let server: EmptyServer

test.beforeAll(async () => {
  execFileSync('php', ['tests/Support/made-up-language.php', folder])
  execFileSync('npx', ['vite', 'build', '--logLevel', 'error', '--outDir', `public/${BUILD}`], {
    env: { ...process.env, ZWINDLE_LANG: folder },
    stdio: 'pipe',
  })
  server = await EmptyServer.withDemo({ APP_LOCALE: 'zz', ZWINDLE_LANG: folder, ZWINDLE_BUILD: BUILD })
})

test.afterAll(() => {
  server?.stop()
  rmSync(folder, { recursive: true, force: true })
  rmSync(`public/${BUILD}`, { recursive: true, force: true })
})

/** Words of the sample data: people, boards and what is written on them are said by nobody but their instructor. */
function ofData(): Set<string> {
  const words = new Set<string>(
    // Names of keys, rules and units are the same in every language; dates are written as the browser has it.
    'Zwindle php artisan backup NEC NFPA BS IET Ctrl Shift Esc Alt Enter Tab AWG PDF CSV SVG JSON VA mA ms min Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(
      ' ',
    ),
  )
  const read = (path: string) => {
    for (const [word] of readFileSync(path, 'utf8').matchAll(/[A-Za-z]{3,}/g)) words.add(word.toLowerCase())
  }
  const walk = (path: string) => {
    for (const entry of readdirSync(path, { withFileTypes: true })) {
      if (entry.isDirectory()) walk(join(path, entry.name))
      else if (/\.(json|php|txt|md)$/.test(entry.name)) read(join(path, entry.name))
    }
  }
  walk('database')
  return new Set([...words].map((word) => word.toLowerCase()))
}

/** Words that are written in capitals. */
const CAPITALS = new Set(['ON', 'OFF', 'OUT', 'DIM', 'PASS', 'FAIL', 'LIVE', 'FUSE', 'DARK'])

/** What of a page is still English: seen, and what is read to those who do not see. */
async function english(page: Page, data: Set<string>): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (!node.parentElement?.closest('script, style, noscript, template')) found.push(node.textContent ?? '')
    }
    for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'aria-description'])
      for (const element of document.querySelectorAll(`[${name}]`)) found.push(element.getAttribute(name) ?? '')
    return found
  })
  return [...new Set(texts.map((text) => text.trim()))].filter((text) =>
    (text.match(/[A-Za-z]{2,}/g) ?? []).some((word) =>
      // Codes of colors and devices are no words: BLK, RCD. Shorter ones in small letters are units and formulas.
      /^[A-Z]{2,5}$/.test(word) ? CAPITALS.has(word) : word.length > 2 && !data.has(word.toLowerCase()),
    ),
  )
}

async function boards(page: Page): Promise<number[]> {
  const found = (await (await page.request.get('/api/board-files')).json()) as { id: number }[]
  return found.map(({ id }) => id)
}

async function look(page: Page, path: string, data: Set<string>): Promise<string[]> {
  await goTo(page, path)
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached()
  await page.waitForLoadState('networkidle')
  return (await english(page, data)).map((text) => `${path}: ${text}`)
}

test('a second language is files alone: on no screen is English left', async ({ browser }) => {
  test.setTimeout(400_000)
  const data = ofData()
  const context = await browser.newContext({ baseURL: server.url, viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  await page.goto('/sign-in')
  const left = (await english(page, data)).map((text) => `/sign-in: ${text}`)
  await signIn(page, 'marit')
  const ids = await boards(page)
  const screens = [
    '/tonight',
    '/boards',
    '/boards?new=yes',
    '/tasks',
    '/people',
    '/marks',
    '/password',
    '/drills',
    '/status',
  ]
  for (const id of [ids[0]!, ids.at(-1)!]) {
    for (const screen of ['draw', 'plans', 'try', 'as-found', 'show', 'set', 'task', 'diagnosis'])
      screens.push(`/${screen}/${id}`)
    for (const screen of ['prepare', 'paper']) screens.push(`/${screen}/${id}/0`)
  }
  const tonight = JSON.stringify(await (await page.request.get('/api/tonight')).json())
  const sets = [...new Set([...tonight.matchAll(/"id":(\d+)/g)].map(([, id]) => Number(id)))].slice(0, 3)
  for (const id of sets) screens.push(`/marks/${id}`, `/record/${id}`)
  for (const attempt of [1, 2, 3])
    for (const screen of ['verdict', 'viva', 'station']) screens.push(`/${screen}/${attempt}`)
  screens.push('/evening/new', '/evening/1', '/wall/1', '/parts/1', '/mark-table', '/mark-grid', '/nowhere')
  for (const screen of screens) left.push(...(await look(page, screen, data)))
  await context.close()

  const trainee = await (await browser.newContext({ baseURL: server.url })).newPage()
  await signIn(trainee, 'quill')
  left.push(...(await look(trainee, '/my-boards', data)))
  const mine = (await (await trainee.request.get('/api/attempts')).json()) as { id: number }[]
  for (const { id } of mine.slice(0, 4))
    for (const screen of ['bench', 'verdict', 'prove', 'answers'])
      left.push(...(await look(trainee, `/${screen}/${id}`, data)))
  expect(left).toEqual([])
})
