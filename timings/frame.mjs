/* eslint no-console: off */
// How long screens take to be drawn, in the browser:
//   bin/demo --fresh   and, beside it,   node timings/frame.mjs
// It fills the library up to 300 boards through the application's own interface.
import { chromium } from '@playwright/test'

const base = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8000'
const BOARDS = 300
const browser = await chromium.launch({
  executablePath: process.env.ZWINDLE_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)]
/** Milliseconds from a click to the frame in which what it leads to is drawn, by the page's own clock. */
const drawn = (click, ready) =>
  page.evaluate(
    ([click, ready]) =>
      new Promise((resolve) => {
        const start = performance.now()
        document.querySelector(click).click()
        const look = () =>
          requestAnimationFrame(() =>
            document.querySelector(ready) ? requestAnimationFrame(() => resolve(performance.now() - start)) : look(),
          )
        look()
      }),
    [click, ready],
  )
const room = (path) => `nav[aria-label=Rooms] a[href="${path}"]`
async function several(times, from, click, ready) {
  const all = []
  for (let i = 0; i < times; i++) {
    await page.goto(`${base}${from}`)
    await page.locator(click).first().waitFor()
    await page.waitForTimeout(500)
    all.push(await drawn(click, ready))
  }
  return all
}

const signIns = []
for (let i = 0; i < 5; i++) {
  await page.context().clearCookies()
  await page.goto(`${base}/sign-in`)
  await page.getByLabel('Name').fill('marit')
  await page.getByLabel('Code or password').fill('lights-on')
  await page.waitForTimeout(500)
  signIns.push(await drawn('button[type=submit]', '[data-test=tonight]'))
}
console.log(`sign-in to Tonight drawn: ${Math.round(median(signIns))} ms (bound 800)`)

for (const [path, ready] of Object.entries({
  '/boards': '[data-board]',
  '/tasks': 'main',
  '/people': '[data-person]',
  '/marks': 'main',
  '/tonight': '[data-test=tonight]',
}))
  console.log(`to ${path}: ${Math.round(median(await several(5, '/password', room(path), ready)))} ms (bound 300)`)
for (const [path, ready] of Object.entries({
  '/plans/5': '[data-plan]',
  '/try/5': 'section[aria-label="Try it"]',
  '/prepare/5/0': '[data-test=prepare]',
  '/as-found/5': '[data-test=found]',
  '/show/5': '[data-test=show]',
  '/draw/5': '[data-wall-box]',
})) {
  const times = await several(5, '/set/5', `nav[aria-label="This board"] a[href="${path}"]`, ready)
  console.log(`to ${path}: ${Math.round(median(times))} ms (bound 300)`)
}

const boards = await (await page.request.get(`${base}/api/board-files`)).json()
const token = decodeURIComponent((await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN').value)
for (let i = boards.length; i < BOARDS; i++)
  await page.request.post(`${base}/api/drawings`, {
    data: { copyOf: boards[i % boards.length].id },
    headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
  })
const library = await several(8, '/password', room('/boards'), '[data-board]')
console.log(
  `library of ${BOARDS}: ${Math.round(median(library))} ms, at first ${Math.round(library[0])} ms (bound 500)`,
)
await browser.close()
