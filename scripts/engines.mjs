// Drives the bench, a hand-in and its verdict in Firefox (Debian's firefox-esr), as many tablets are of other kinds than Chromium:
//   ZWINDLE_URL=http://127.0.0.1:8000 npm run engines
import puppeteer from 'puppeteer-core'

const url = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8000'
const browser = await puppeteer.launch({ browser: 'firefox', executablePath: '/usr/bin/firefox-esr', headless: true })
const page = await browser.newPage()
await page.setViewport({ width: 1280, height: 800 })
const heard = []
page.on('pageerror', (error) => heard.push(error.message))

const press = async (text) => {
  const button = await page.waitForSelector(`::-p-xpath(//button[normalize-space()="${text}"])`, { timeout: 10_000 })
  await button.click()
}
const place = (id) => page.click(`[data-place="${id}"]`)
const land = async (end, on) => {
  await place(end)
  await place(on)
}

await page.goto(`${url}/sign-in`)
await page.waitForSelector('[name=username]')
await page.type('[name=username]', 'marit')
await page.type('[name=password]', 'lights-on')
await press('Sign in')
await page.waitForFunction(() => location.pathname === '/tonight')
await page.goto(`${url}/try/2`)
await press('Wire this board')
await page.waitForSelector('svg[data-box]')

// What is drawn by measure, not by eye alone: the board fills its pane, conductors are there, nothing lies off the drawing.
const drawn = await page.evaluate(() => {
  const size = (selector) => document.querySelector(selector).getBoundingClientRect()
  return {
    board: size('[data-board-drawing]').width,
    box: size('svg[data-box]').width,
    ends: document.querySelectorAll('[role=checkbox]').length,
  }
})
if (drawn.board < 300 || drawn.box < 500 || drawn.ends < 3) throw new Error(`Not drawn: ${JSON.stringify(drawn)}`)

const [first] = await page.$$eval('[role=checkbox][data-place]', (ends) => ends.map((end) => end.dataset.place))
const [screw] = await page.$$eval('[role=button][data-place]', (screws) => screws.map((one) => one.dataset.place))
await land(first, screw)
await page.waitForFunction((id) => document.querySelector(`[data-tip="${id}"]`) !== null, {}, first)
await page.screenshot({ path: process.env.ZWINDLE_SHOT ?? '/tmp/zwindle-firefox.png' })
await press('Hand in')
await press('Hand in now')
await page.waitForSelector('[data-test=headline]')
const headline = await page.$eval('[data-test=headline]', (sentence) => sentence.textContent)
if (heard.length > 0) throw new Error(heard.join('\n'))
process.stdout.write(`Firefox ${await browser.version()}: wired, handed in, judged: ${headline}\n`)
await browser.close()
