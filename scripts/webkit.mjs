// Drives the bench, a hand-in and its verdict in WebKit (Debian's webkit2gtk-driver under xvfb), by the WebDriver protocol itself:
//   ZWINDLE_URL=http://127.0.0.1:8000 npm run engines:webkit
import { spawn } from 'node:child_process'
import { existsSync, writeFileSync } from 'node:fs'

const url = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8000'
const PORT = 4477
const driver = spawn('xvfb-run', ['-a', '-s', '-screen 0 1400x1000x24', 'WebKitWebDriver', `--port=${PORT}`], {
  stdio: 'ignore',
  detached: true,
})
const pause = (ms) => new Promise((done) => setTimeout(done, ms))
const binary = ['4.1', '4.0', '6.0']
  .map((version) => `/usr/lib/x86_64-linux-gnu/webkit2gtk-${version}/MiniBrowser`)
  .find(existsSync)

async function ask(method, path, body) {
  const answer = await fetch(`http://127.0.0.1:${PORT}${path}`, { method, body: body && JSON.stringify(body) })
  const { value } = await answer.json()
  if (!answer.ok) throw new Error(`${path}: ${value.message}`)
  return value
}

async function begun() {
  for (let tries = 0; ; tries++) {
    try {
      return await ask('POST', '/session', {
        capabilities: { alwaysMatch: { 'webkitgtk:browserOptions': { binary, args: ['--automation'] } } },
      })
    } catch (error) {
      if (tries > 20) throw error
      await pause(300)
    }
  }
}

try {
  const { sessionId, capabilities } = await begun()
  const at = `/session/${sessionId}`
  await ask('POST', `${at}/window/rect`, { width: 1280, height: 900 })
  const go = (path) => ask('POST', `${at}/url`, { url: `${url}${path}` })
  const run = (script, ...args) => ask('POST', `${at}/execute/sync`, { script, args })
  async function find(how, what) {
    for (let tries = 0; ; tries++) {
      try {
        return Object.values(await ask('POST', `${at}/element`, { using: how, value: what }))[0]
      } catch (error) {
        if (tries > 30) throw new Error(`Not there: ${what} (${error.message})`)
        await pause(200)
      }
    }
  }
  const css = (selector) => find('css selector', selector)
  const button = (text) => find('xpath', `//button[normalize-space()="${text}"]`)
  const press = async (element) => ask('POST', `${at}/element/${element}/click`, {})
  const type = async (selector, text) => ask('POST', `${at}/element/${await css(selector)}/value`, { text })

  await go('/sign-in')
  await type('[name=username]', 'marit')
  await type('[name=password]', 'lights-on')
  await press(await button('Sign in'))
  await css('nav[aria-label=Rooms]')
  await go('/try/2')
  await press(await button('Wire this board'))
  await css('svg[data-box]')
  const drawn = await run(
    'return [document.querySelector("[data-board-drawing]").getBoundingClientRect().width, document.querySelector("svg[data-box]").getBoundingClientRect().width, document.querySelectorAll("[role=checkbox]").length]',
  )
  if (drawn[0] < 300 || drawn[1] < 500 || drawn[2] < 3) throw new Error(`Not drawn: ${drawn}`)
  // The driver's own click does not reach into a drawing.
  const tap = (selector) =>
    run('document.querySelector(arguments[0]).dispatchEvent(new MouseEvent("click", { bubbles: true }))', selector)
  await tap('[role=checkbox][data-place]')
  await tap('[role=button][data-place]')
  await css('[data-tip]')
  await find('xpath', '//*[@data-test="saving" and contains(., "1 step")]')
  await pause(500)
  writeFileSync(
    process.env.ZWINDLE_SHOT ?? '/tmp/zwindle-webkit.png',
    Buffer.from(await ask('GET', `${at}/screenshot`), 'base64'),
  )
  await press(await button('Hand in'))
  await press(await button('Hand in now'))
  await css('[data-test=headline]')
  const headline = await run('return document.querySelector("[data-test=headline]").textContent')
  process.stdout.write(`WebKit ${capabilities.browserVersion}: wired, handed in, judged: ${headline}\n`)
  await ask('DELETE', at)
} finally {
  process.kill(-driver.pid)
}
