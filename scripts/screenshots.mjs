// Takes the pictures of docs/screenshots over freshly seeded demo data:
//   bin/demo --fresh   and, beside it,   npm run screenshots
import { chromium } from '@playwright/test'

const base = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8000'
const browser = await chromium.launch({
  executablePath: process.env.ZWINDLE_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
})

async function picture(name, { who, path, width = 1280, height = 800, act }) {
  const page = await browser.newPage({ viewport: { width, height }, reducedMotion: 'reduce' })
  await page.goto(`${base}/sign-in`)
  if (who) {
    await page.getByLabel('Name').fill(who)
    await page.getByLabel('Password').fill('lights-on')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await page.waitForURL((url) => !url.pathname.includes('sign-in'))
    await page.goto(`${base}${path}`)
  }
  await page.waitForLoadState('networkidle')
  if (act) await act(page)
  await page.waitForTimeout(400)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
}

const type = (keys) => async (page) => {
  for (const key of keys) await page.keyboard.press(key)
}

await picture('sign-in', {})
await picture('my-boards', { who: 'tamsin', path: '/my-boards' })
await picture('bench', {
  who: 'tamsin',
  path: '/bench/4',
  act: type([...'a3d1bf', 'A', ...'cg', 'Escape', 'e']),
})
await picture('bench-tablet', {
  who: 'quill',
  path: '/bench/20',
  width: 1024,
  height: 768,
  act: async (page) => {
    await type([...'a1d2e3bf', 'B'])(page)
    for (const place of ['K1.earth', 'S1#4', 'C3.core@K1', 'C7.core@K1'])
      await page.locator(`[data-place="${place}"]`).click()
    await page.keyboard.press('E')
    await page.mouse.click(5, 5)
  },
})
await picture('bench-schedule', {
  who: 'quill',
  path: '/bench/10',
  act: (page) => page.getByRole('button', { name: 'Schedule' }).click(),
})
await picture('verdict-fail', {
  who: 'bertil',
  path: '/verdict/2',
  act: async (page) => {
    await page.locator('[data-flip=S2]').click()
  },
})
await picture('verdict-repair', {
  who: 'bertil',
  path: '/verdict/2',
  act: async (page) => {
    await page.getByRole('tab', { name: 'Put it right' }).click()
    await page.getByRole('button', { name: 'Show the first move' }).click()
    await page.getByRole('button', { name: 'Next step' }).click()
    await page.mouse.click(5, 5)
  },
})
await picture('verdict-pass', {
  who: 'odalys',
  path: '/verdict/11',
  act: (page) => page.locator('[data-flip=S1]').click(),
})
await picture('verdict-box', {
  who: 'odalys',
  path: '/verdict/16',
  act: (page) => page.getByRole('button', { name: 'Open Slipway' }).click(),
})
await picture('verdict-diagram', {
  who: 'odalys',
  path: '/verdict/31',
  act: async (page) => {
    await page.getByRole('tab', { name: 'Diagram' }).click()
    await page.locator('[data-symbol=S1]').click()
    await page.mouse.click(5, 5)
  },
})
await picture('verdict-edition', {
  who: 'bertil',
  path: '/verdict/27',
  act: (page) => page.locator('[data-test=edition]').selectOption('NEC-2011'),
})
await picture('verdict-fill', {
  who: 'odalys',
  path: '/verdict/26',
  act: (page) => page.getByRole('tab', { name: 'Box fill' }).click(),
})
await picture('verdict-tablet', {
  who: 'odalys',
  path: '/verdict/16',
  width: 1024,
  height: 768,
  act: async (page) => {
    await page.getByRole('button', { name: 'Open Slipway' }).click()
    await page.locator('[data-layer=line]').click()
  },
})
await picture('class', {
  who: 'marit',
  path: '/class',
  act: (page) => page.getByRole('button', { name: /Propagation house/ }).click(),
})
await picture('set-a-board', { who: 'marit', path: '/assign', act: (page) => page.getByRole('radio').nth(2).click() })
await picture('plans', {
  who: 'marit',
  path: '/plans/6',
  act: async (page) => {
    await page.getByRole('button', { name: 'Begin with a bare board' }).click()
    for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Next step' }).click()
    await page.mouse.click(5, 5)
  },
})
await picture('plans-converted', {
  who: 'marit',
  path: '/plans/3',
  act: async (page) => {
    await page.getByRole('button', { name: 'Carry it over' }).click()
    await page.getByText('Carried over from Britain').waitFor()
    await page.getByRole('tab', { name: 'Cores' }).click()
  },
})
await picture('drawing-board', {
  who: 'marit',
  path: '/assign',
  act: async (page) => {
    await page.locator('[data-test=new-board]').selectOption('pattern na-08-station-fed-at-the-four-way')
    await page.waitForURL(/draw/)
    await page.locator('[data-test=sentence]').waitFor()
    await page.locator('[data-wall-box=B2]').focus()
    await page.keyboard.press('Enter')
  },
})
await picture('paper', {
  who: 'marit',
  path: '/paper/5/0',
  act: (page) => page.locator('[data-page=task]').waitFor(),
})
await browser.close()
