// How long the hand waits, in the browser with the processor slowed four times, as on a cheap tablet. Medians in milliseconds, by the
// page's own clock. Bounds: pick up 50, drop 50, a box of five cables laid out 20, a drag at the wall 50 frames a
// second with 12 switches.
//   ZWINDLE_URL=http://127.0.0.1:8000 node timings/hand.mjs
import { chromium } from '@playwright/test'
import { build } from 'vite'

const url = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8000'
const SLOWED = 4
const TIMES = 25
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: url })
await page.goto('/sign-in')
await page.getByLabel('Name').fill('marit')
await page.getByLabel('Password').fill('lights-on')
await page.getByRole('button', { name: 'Sign in' }).click()
await page.waitForURL('**/tonight')

async function send(method, path, data) {
  const token = decodeURIComponent(
    (await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '',
  )
  const answer = await page.request.fetch(path, {
    method,
    data,
    headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
  })
  if (!answer.ok()) throw new Error(`${path}: ${answer.status()}`)
  return answer.json()
}

/** Draws a board from its boxes and runs, and returns its number. */
async function draw(title, boxes, runs) {
  const { id, version } = await send('POST', '/api/drawings', { practice: 'na' })
  const board = {
    format: 'zwindle-board',
    version: 1,
    title,
    practice: 'na',
    code: 'NEC-2023',
    enclosures: boxes.map(([id, kind, at]) =>
      kind === 'supply'
        ? { id, kind, label: 'Feed', at }
        : { id, kind, label: `Place ${id}`, material: 'metal', box: 'square-4.6875x2.125', at },
    ),
    devices: boxes.map(([id, kind]) => ({
      id: `D${id}`,
      in: id,
      model: kind === 'supply' ? 'na-supply' : kind === 'light-box' ? 'na-lampholder' : 'na-switch-1p',
    })),
    cables: runs.map(([from, to], i) => ({ id: `W${i + 1}`, type: 'na-14-3', from, to })),
    controls: boxes
      .filter(([, kind]) => kind === 'light-box')
      .slice(0, 1)
      .map(([light]) => ({
        lamps: [`D${light}`],
        switches: boxes
          .filter(([, kind]) => kind === 'switch-box')
          .slice(0, 1)
          .map(([id]) => `D${id}`),
      })),
  }
  await send('PUT', `/api/drawings/${id}`, { base: version, board })
  return id
}

const slow = await page.context().newCDPSession(page)
const median = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]
const say = (what, value, unit = 'ms') => process.stdout.write(`${what.padEnd(52)} ${value.toFixed(0)} ${unit}\n`)

/** The layouts of the drawings as one script. */
async function layouts() {
  const built = await build({
    configFile: false,
    logLevel: 'error',
    resolve: { alias: { '@': `${process.cwd()}/resources/js` } },
    build: { write: false, lib: { entry: 'timings/layouts.ts', formats: ['iife'], name: 'layouts' } },
  })
  return built[0].output[0].code
}

/** From a tap to the frame that shows it. */
const tapped = (selector) =>
  page.evaluate(async (at) => {
    const began = performance.now()
    document.querySelector(at).dispatchEvent(new MouseEvent('click', { bubbles: true }))
    await new Promise((seen) =>
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel()
        port1.onmessage = seen
        port2.postMessage(null)
      }),
    )
    return performance.now() - began
  }, selector)

await page.goto('/try/1')
await page.getByRole('button', { name: 'Wire this board' }).click()
await page.waitForURL(/bench/)
await page.locator('[data-place="W1.black@B1"]').waitFor()
await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED })
const [picks, drops] = [[], []]
for (let i = 0; i < TIMES; i++) {
  picks.push(await tapped('[data-place="W1.black@B1"]'))
  drops.push(await tapped(`[data-place="S1#${i % 2 === 0 ? 3 : 1}"]`))
}
say('pick up', median(picks))
say('drop', median(drops))
await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 })

const hub = await draw(
  'Five cables in one box',
  [
    ['F', 'supply', [300, 600]],
    ['B1', 'switch-box', [900, 600]],
    ['B2', 'switch-box', [900, 1100]],
    ['B3', 'switch-box', [1500, 600]],
    ['B4', 'switch-box', [900, 200]],
    ['H1', 'light-box', [1500, 200]],
  ],
  [
    ['F', 'B1'],
    ['B1', 'B2'],
    ['B1', 'B3'],
    ['B1', 'B4'],
    ['B1', 'H1'],
  ],
)
await page.goto(`/try/${hub}`)
await page.getByRole('button', { name: 'Wire this board' }).click()
await page.waitForURL(/bench/)
await page.locator('[data-map-box=B1]').waitFor()
await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED })
const opened = []
for (let i = 0; i < TIMES; i++) {
  await tapped('[data-map-box=B2]')
  opened.push(await tapped('[data-map-box=B1]'))
}
say('a box of five cables opened, laid out and drawn', median(opened))
const attempt = page.url().match(/bench\/(\d+)/)[1]
await page.evaluate(`globalThis.layouts = (() => { ${await layouts()}; return layouts })(); 0`)
const layOut = await page.evaluate(
  async ([attempt, times]) => {
    const { board } = await (await fetch(`/api/attempts/${attempt}`)).json()
    const box = board.enclosures.find(({ id }) => id === 'B1')
    const { layOutMap, layOutBox, drawConductors } = globalThis.layouts
    const words = { boxOf: (id) => id, conduit: '', connector: (by) => by }
    const joints = []
    for (let i = 0; i + 1 < box.ends.length; i += 2)
      joints.push({ box: 'B1', by: 'wire-nut', ports: null, points: [box.ends[i].id, box.ends[i + 1].id] })
    const took = []
    for (let i = 0; i < times; i++) {
      const began = performance.now()
      const layout = layOutBox(box, board.cables, layOutMap(board).at, words, joints)
      drawConductors(box, layout, { joints, caps: [], marks: {} }, board.marks)
      took.push(performance.now() - began)
    }
    return took
  },
  [attempt, TIMES],
)
say('of that the layout alone, all ends in connectors', median(layOut))
await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 })

const row = Array.from({ length: 12 }, (_, i) => [
  `B${i + 1}`,
  'switch-box',
  [400 + (i % 6) * 300, 500 + Math.floor(i / 6) * 400],
])
const wall = await draw(
  'Twelve switches',
  [['F', 'supply', [100, 500]], ...row, ['H1', 'light-box', [2200, 300]]],
  [['F', 'B1'], ...row.slice(1).map(([id], i) => [`B${i + 1}`, id]), ['B12', 'H1']],
)
await page.goto(`/draw/${wall}`)
await page.locator('[data-wall-box=B12]').waitFor()
await page.waitForTimeout(2500)
const { x, y, width, height } = await page.locator('[data-wall-box=B7] [data-box-shape]').boundingBox()
await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED })
const perSecond = await page.evaluate(
  async ([x, y]) => {
    const wall = document.querySelector('[data-test=wall]')
    const fire = (at, type, dx) =>
      at.dispatchEvent(
        new PointerEvent(type, { bubbles: true, pointerId: 1, clientX: x + dx, clientY: y + dx / 3, button: 0 }),
      )
    fire(document.querySelector('[data-wall-box=B7]'), 'pointerdown', 0)
    const began = performance.now()
    const FRAMES = 60
    for (let i = 1; i <= FRAMES; i++) {
      fire(wall, 'pointermove', i * 2)
      await new Promise((seen) => requestAnimationFrame(seen))
    }
    const took = performance.now() - began
    fire(wall, 'pointercancel', 0)
    return (FRAMES * 1000) / took
  },
  [x + width / 2, y + height / 2],
)
say('a drag at the wall with 12 switches', perSecond, 'frames a second')
await browser.close()
