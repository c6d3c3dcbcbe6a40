/**
 * How long a reading takes from the touch to the number, and a flip to the lamp, in the browser with its processor slowed four times as
 * on a cheap tablet. Over a running `bin/demo`:
 *
 *   ZWINDLE_URL=http://127.0.0.1:8080 node timings/proving.mjs
 *
 * Bounds: a reading 60 ms, a flip 50 ms, server and screen together on loopback; medians.
 */
import { chromium } from '@playwright/test'

const base = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8080'
const TIMES = 25
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(`${base}/sign-in`)
await page.fill('[name=username]', 'marit')
await page.fill('[name=password]', 'lights-on')
await page.click('button[type=submit]')
await page.waitForURL('**/tonight')
await page.goto(`${base}/try/1`)
await page.click('[data-test=prove-wired]')
await page.waitForURL('**/prove/**')
await page.getByRole('button', { name: 'Start over, supply on' }).click()
const cdp = await page.context().newCDPSession(page)
await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 })

/** Milliseconds by the page's own clock from a click to the first frame in which something has changed. */
const clock = (click, watched, read) =>
  page.evaluate(
    async ([clicked, seen, attribute]) => {
      const target = document.querySelector(clicked)
      const at = () => document.querySelector(seen)?.getAttribute(attribute) ?? ''
      const before = at()
      const start = performance.now()
      target.dispatchEvent(new MouseEvent('click', { bubbles: true }))
      while (at() === before && performance.now() - start < 3000) await new Promise(requestAnimationFrame)
      return performance.now() - start
    },
    [click, watched, read],
  )
const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]
const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)]

const flips = []
for (let i = 0; i < TIMES; i++) {
  flips.push(await clock('[data-flip]', '[data-lamp]', 'data-state'))
  await page.waitForTimeout(400)
}
await page.locator('[data-map-box]').nth(1).click()
await page.waitForTimeout(500)
const readings = []
for (let i = 0; i < TIMES; i++) {
  // Hot and neutral in turn with hot and hot: the face changes each time.
  const other = i % 2 === 0 ? '[data-place="W1.white@B1"]' : '[data-place="W1.black@B1"]'
  await page.evaluate(() =>
    document.querySelector('[data-place="S1#3"]').dispatchEvent(new MouseEvent('click', { bubbles: true })),
  )
  // Between two probes a hand takes longer than this.
  await page.waitForTimeout(400)
  readings.push(await clock(other, '[data-test=face]', 'aria-label'))
  await page.waitForTimeout(120)
}
await browser.close()
const line = (what, times, bound) =>
  process.stdout.write(
    `${what}: median ${median(times).toFixed(0)} ms, p95 ${p95(times).toFixed(0)} ms (bound ${bound})\n`,
  )
line('flip to lamp', flips, 50)
line('touch to reading', readings, 60)
