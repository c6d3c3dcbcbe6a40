import { readdirSync } from 'node:fs'
import { expect, type Page, test } from '@playwright/test'
import { complaints, drawBoard, removeBoard, signIn, startPattern } from './support'

/** Of every drawing of a board on the page: what lies on what, by the boxes of all texts and the paths of all cables. */
async function collisions(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const found: string[] = []
    const PX = 0.75
    const meets = (a: DOMRect, b: DOMRect) =>
      a.left + PX < b.right && b.left + PX < a.right && a.top + PX < b.bottom && b.top + PX < a.bottom
    for (const svg of document.querySelectorAll<SVGSVGElement>('[data-board-drawing]')) {
      const seen = (element: Element) => getComputedStyle(element).visibility !== 'hidden'
      const texts = [...svg.querySelectorAll<SVGTextElement>('[data-label] > text')].filter(seen)
      const shapes = [...svg.querySelectorAll<SVGGraphicsElement>('[data-box-shape]')]
      const paths = [...svg.querySelectorAll<SVGPathElement>('[data-run-path]')]
      const boxes = texts.map((text) => {
        const { left, top, width, height } = text.getBoundingClientRect()
        // The box of a text has room for accents above and for tails below, which a line shares with the next.
        return new DOMRect(left, top + height * 0.14, width, height * 0.68)
      })
      const pane = svg.getBoundingClientRect()
      boxes.forEach((box, i) => {
        const name = texts[i]!.textContent!.trim()
        if (
          box.left < pane.left - 1 ||
          box.right > pane.right + 1 ||
          box.top < pane.top - 1 ||
          box.bottom > pane.bottom + 1
        )
          found.push(`"${name}" hangs off the pane`)
        boxes.slice(i + 1).forEach((other, k) => {
          if (meets(box, other)) found.push(`"${name}" lies on "${texts[i + 1 + k]!.textContent!.trim()}"`)
        })
        if (shapes.some((shape) => meets(box, shape.getBoundingClientRect()))) found.push(`"${name}" lies on a box`)
      })
      for (const path of paths) {
        const matrix = path.getScreenCTM()!
        const half = (Number(path.getAttribute('stroke-width')) / 2) * matrix.a
        const own = path.closest('[data-wall-cable]')?.getAttribute('data-wall-cable') ?? ''
        for (let at = 0; at <= path.getTotalLength(); at += 3 / matrix.a) {
          const spot = path.getPointAtLength(at).matrixTransform(matrix)
          const under = boxes.findIndex(
            (box) =>
              spot.x + half > box.left + PX &&
              spot.x - half < box.right - PX &&
              spot.y + half > box.top + PX &&
              spot.y - half < box.bottom - PX,
          )
          if (under < 0) continue
          found.push(`"${texts[under]!.textContent!.trim()}" lies on cable ${own}`)
          break
        }
      }
      const sizes = texts.map((text) => Number(text.getAttribute('font-size')) * text.getScreenCTM()!.a)
      if (sizes.some((size) => size < 11.99)) found.push(`letters of ${Math.min(...sizes)} px`)
    }
    return found
  })
}

/** What lies on what once the panes have their size: looked at again while something does. */
async function settled(page: Page, kind: 'wall' | 'map'): Promise<string[]> {
  let found: string[] = []
  for (const pauseMs of [0, 60, 200, 600, 1200]) {
    await page.waitForTimeout(pauseMs)
    found = await collisions(page)
    if ((await unnamed(page, kind)) > 0) found.push('something has no name')
    if (found.length === 0) break
  }
  return found
}

/** Goes there without loading the application anew. */
async function go(page: Page, path: string) {
  await page.evaluate((to) => {
    history.pushState({}, '', to)
    dispatchEvent(new PopStateEvent('popstate', { state: {} }))
  }, path)
  await page.waitForURL(`**${path}`)
}

/** How many boxes and cables have no words at all. */
const unnamed = (page: Page, kind: 'wall' | 'map') =>
  page
    .locator(kind === 'wall' ? '[data-wall-box], [data-wall-cable]' : '[data-map-box]')
    .evaluateAll((all) => all.filter((one) => !one.querySelector('[data-label]')).length)

const lightBoard = (title: string, places: Record<string, [number, number]>, runs: [string, string][]) => ({
  format: 'zwindle-board',
  version: 1,
  title,
  practice: 'na',
  code: 'NEC-2023',
  enclosures: Object.entries(places).map(([id, at]) => ({
    id,
    kind: id === 'F' ? 'supply' : id.startsWith('H') ? 'light-box' : 'switch-box',
    label: id === 'F' ? 'Supply cord' : id.startsWith('H') ? `Ridge light ${id}` : `Potting line ${id}`,
    ...(id === 'F' ? {} : { material: 'metal', box: id.startsWith('H') ? 'octagon-4x2.125' : 'square-4x2.125' }),
    at,
  })),
  devices: Object.keys(places).map((id) => ({
    id: id === 'F' ? 'PS' : id.startsWith('H') ? `L${id}` : `S${id}`,
    in: id,
    model: id === 'F' ? 'na-supply' : id.startsWith('H') ? 'na-lampholder' : 'na-switch-1p',
  })),
  cables: runs.map(([from, to], i) => ({ id: `W${i + 1}`, type: 'na-14-3', from, to })),
  controls: [],
})

/** A small generator with a seed: the same boards every time. */
function dice(seed: number) {
  let state = seed
  return (below: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return Math.floor((state / 2 ** 32) * below)
  }
}

function atRandom(seed: number) {
  const roll = dice(seed)
  const count = 3 + roll(6)
  const spots = new Set<string>()
  while (spots.size < count) spots.add(`${roll(7) * 254 + 254},${roll(4) * 254 + 254}`)
  const ids = ['F', 'H1', ...Array.from({ length: count - 2 }, (_, i) => `B${i + 1}`)]
  const places = Object.fromEntries(
    [...spots].map((spot, i) => [ids[i]!, spot.split(',').map(Number) as [number, number]]),
  )
  const runs = ids.slice(1).map((id, i) => [ids[roll(i + 1)]!, id] as [string, string])
  return lightBoard(`At random ${seed}`, places, runs)
}

const DEMO_BOARDS = 13

test('on every drawing of every board nothing lies on anything', async ({ page }) => {
  test.setTimeout(240_000)
  const heard = complaints(page)
  await signIn(page, 'marit')
  // The demo's own boards: other tests leave theirs in the library.
  const listed = (
    (await (await page.request.get('/api/board-files')).json()) as { id: number; title: string }[]
  ).filter(({ id }) => id <= DEMO_BOARDS)
  const patterns = readdirSync('database/patterns').filter((name) => name.endsWith('.json'))
  expect([listed.length, patterns.length].every((count) => count > 10)).toBe(true)
  const planned = [...listed]
  for (const name of patterns) {
    planned.push({ id: await startPattern(page, name.replace('.board.json', '')), title: name })
  }
  const drawn = [...planned]
  const star = lightBoard(
    'Star',
    { F: [300, 300], H1: [1100, 500], B1: [600, 900], B2: [1100, 1000], B3: [1700, 900], B4: [1700, 300] },
    [
      ['F', 'H1'],
      ['H1', 'B1'],
      ['H1', 'B2'],
      ['H1', 'B3'],
      ['H1', 'B4'],
    ],
  )
  const row = lightBoard('Row', { F: [300, 400], B1: [600, 400], H1: [900, 400] }, [
    ['F', 'B1'],
    ['F', 'H1'],
  ])
  const several = [star, row, ...Array.from({ length: 40 }, (_, i) => atRandom(i + 1))]
  for (const board of several) drawn.push({ id: await drawBoard(page, board), title: board.title })

  const wrong: string[] = []
  await page.goto('/boards')
  await expect(page.locator('[data-board-drawing]').first()).toBeVisible()
  for (const { id, title } of drawn) {
    await go(page, `/draw/${id}`)
    await expect(page.locator('[data-wall-box=F], [data-wall-box]').first()).toBeVisible()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(title.endsWith('.json') ? /./ : title)
    await expect(page.locator('[data-test=planner]')).not.toContainText('is working it out')
    wrong.push(...(await settled(page, 'wall')).map((what) => `${title}, drawn: ${what}`))
  }
  for (const { id, title } of planned) {
    await go(page, `/plans/${id}`)
    await expect(page.locator('[data-map-box]').first()).toBeVisible()
    wrong.push(...(await settled(page, 'map')).map((what) => `${title}, planned: ${what}`))
  }
  for (const { id } of drawn.filter(({ id }) => id > DEMO_BOARDS)) await removeBoard(page, id)
  expect(wrong).toEqual([])
  expect(heard).toEqual([])
})
