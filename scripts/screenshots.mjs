// Takes the pictures of docs/screenshots over freshly seeded demo data:
//   bin/demo --fresh   and, beside it,   npm run screenshots
import { chromium } from '@playwright/test'

const base = process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8000'
const browser = await chromium.launch({
  executablePath: process.env.ZWINDLE_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
})

async function signIn(page, who) {
  await page.getByLabel('Name').fill(who)
  await page.getByLabel('Password').fill('lights-on')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL((url) => !url.pathname.includes('sign-in'))
}
async function signInAs(page, who) {
  await page.context().clearCookies()
  await page.goto(`${base}/sign-in`)
  await signIn(page, who)
}

async function picture(name, { who, path, width = 1280, height = 800, act }) {
  const page = await browser.newPage({ viewport: { width, height }, reducedMotion: 'reduce' })
  await page.goto(`${base}/sign-in`)
  if (who) {
    await signIn(page, who)
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
await picture('verdict-fail', {
  who: 'bertil',
  path: '/verdict/2',
  act: async (page) => {
    await page.locator('[data-flip=S2]').click()
  },
})
await picture('prove', {
  who: 'marit',
  path: '/try/1',
  act: async (page) => {
    await page.locator('[data-test=prove-wired]').click()
    await page.waitForURL(/prove/)
    await page.locator('[data-part^=breaker]').filter({ hasText: 'Propagation' }).click()
    for (const what of ['identify', 'lock', 'tag', 'other-tester', 'prove'])
      await page.locator(`[data-test=${what}]`).click()
    await page.locator('[data-map-box]').nth(1).focus()
    await page.keyboard.press('Enter')
    await page.locator('[data-place="S1#3"]').click()
    await page.locator('[data-place="W1.white@B1"]').click()
    await page.waitForTimeout(1200)
  },
})
await picture('evening', {
  who: 'marit',
  path: '/evening/1',
  act: async (page) => {
    await page.locator('[data-sitting]').nth(1).focus()
    await type(['Shift+ArrowRight'])(page)
    await page.waitForTimeout(1200)
  },
})
await picture('tonight', {
  who: 'marit',
  path: '/tonight',
  act: (page) => page.getByRole('button', { name: /Propagation house/ }).click(),
})
await picture('boards', { who: 'marit', path: '/boards' })
await picture('people', {
  who: 'marit',
  path: '/people?add=people',
  act: async (page) => {
    await page.locator('[data-test=roster]').fill('Surname,First name,Extra time\nBerg,Odd,25\nWei,Li,\n=cmd,Al,')
    await page.getByRole('button', { name: 'Check the list' }).click()
    await page.locator('[data-test=roster-rows]').waitFor()
  },
})
await picture('show', { who: 'marit', path: '/show/5', act: type(['1', '3']) })
await picture('plans', {
  who: 'marit',
  path: '/plans/6',
  act: async (page) => {
    await page.getByRole('button', { name: 'Start with a bare board' }).click()
    for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Next ▸' }).click()
    await page.mouse.click(5, 5)
  },
})
await picture('drawing-board', {
  who: 'marit',
  path: '/boards?new=yes',
  act: async (page) => {
    await page.locator('[data-pattern="na-08-station-fed-at-the-four-way"]').click()
    await page.waitForURL(/draw/)
    await page.locator('[data-test=sentence]').waitFor()
    await page.locator('[data-wall-box=B2]').focus()
    await page.keyboard.press('Enter')
  },
})
await picture('prepare', {
  who: 'marit',
  path: '/prepare/6/0',
  act: async (page) => {
    const fill = async (label, value) => {
      await page.getByLabel(label, { exact: true }).fill(value)
      await page.getByLabel(label, { exact: true }).press('Enter')
      await page.waitForLoadState('networkidle')
    }
    await fill('boards', '12')
    await fill('price of three-way', '3.49')
    await fill('price of 14/2', '0.52')
    await fill('in stock: three-way', '18')
    await page.mouse.click(5, 5)
  },
})
await picture('as-found', {
  who: 'marit',
  path: '/as-found/1',
  act: async (page) => {
    await page.locator('[data-test=as-planned]').click()
    await page.locator('[data-box=B2]').click()
    await page.locator('[data-box=B2] :text("7/7")').waitFor()
    const place = await page.locator('[data-row="W2.red@B2"] select').first().inputValue()
    await page.locator('[data-row="W3.black@B2"] select').first().selectOption(place)
    await page.getByRole('button', { name: 'Plan from this wiring' }).click()
    await page.locator('[data-test=moves]').waitFor()
    await page.mouse.click(5, 5)
  },
})
/** Sets a task on a board of the library to the whole class. */
const setTask =
  (board, kind, title, mode = 'exam') =>
  async (page) => {
    await page.goto(`${base}/task/${board}`)
    await page.locator('[data-test=title]').fill(title)
    await page.locator('[data-test=kind]').selectOption(kind)
    await page.locator('[data-test=mode]').selectOption(mode)
    await page.locator('[data-test=spread]').waitFor()
    await page.locator('[data-test=set]').click()
    await page.waitForURL(/tonight/)
  }
const openTask = async (page, title) => {
  await page.goto(`${base}/my-boards`)
  await page.getByRole('listitem').filter({ hasText: title }).getByRole('link').click()
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
}

await picture('task', {
  who: 'marit',
  path: '/task/5',
  act: async (page) => {
    for (const what of ['feed', 'lamp', 'order', 'faces']) await page.locator(`[data-vary=${what}]`).check()
    await page.locator('[data-test=seed]').fill('november')
    await page.locator('[data-habit=white-as-return]').selectOption('line-out-on-white')
    await page.waitForTimeout(1500)
    await page.locator('[data-test=attack]').waitFor()
    await page.waitForLoadState('networkidle')
    await page.getByText('Seat by seat').click()
    await page.mouse.click(5, 5)
  },
})
await picture('answers-tablet', {
  who: 'marit',
  path: '/class',
  width: 1024,
  height: 768,
  act: async (page) => {
    await setTask(5, 'parts', 'Parts for a three-place light')(page)
    await signInAs(page, 'quill')
    await openTask(page, 'Parts for a three-place light')
    await page.locator('[data-option="2"]').click()
    await page.waitForTimeout(500)
  },
})
await picture('marks', {
  who: 'marit',
  path: '/class',
  act: async (page) => {
    await setTask(6, 'wire', 'Seed store, practice', 'coached')(page)
    const assignments = await (await page.request.get(`${base}/api/assignments`)).json()
    const set = await (await page.request.get(`${base}/api/assignments/${assignments[0].id}`)).json()
    const attempt = set.attempts.find(({ trainee }) => trainee.name.startsWith('Quill')).id
    const plan = await (await page.request.get(`${base}/api/board-files/6/plans/0`)).json()
    const swapped = JSON.stringify(plan.standing)
      .replaceAll('S2#3', 'S2#x')
      .replaceAll('S2#1', 'S2#3')
      .replaceAll('S2#x', 'S2#1')
    const steps = JSON.parse(swapped).filter((step) => step.do !== 'mark')
    await signInAs(page, 'quill')
    await page.evaluate(
      async ([id, made]) => {
        const token = decodeURIComponent(
          document.cookie
            .split('; ')
            .find((part) => part.startsWith('XSRF'))
            .split('=')[1],
        )
        const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token }
        const batch = made.map((step, i) => ({ number: i + 1, at: new Date().toISOString(), step }))
        const answers = (await (await fetch('/api/attempts', { headers })).json()).find(({ kind }) => kind === 'parts')
        if (answers) await fetch(`/api/attempts/${answers.id}/hand-in`, { method: 'POST', headers })
        const body = JSON.stringify({ device: 'picture-device', base: 0, steps: batch })
        await fetch(`/api/attempts/${id}/steps`, { method: 'POST', headers, body })
        await fetch(`/api/attempts/${id}/hand-in`, { method: 'POST', headers })
      },
      [attempt, steps],
    )
    await signInAs(page, 'marit')
    await page.goto(`${base}/marks/${assignments[0].id}`)
    await page.locator(`[data-attempt="${attempt}"]`).click()
    await page.mouse.click(5, 5)
  },
})
await picture('fault', {
  who: 'marit',
  path: '/tonight',
  width: 1024,
  height: 768,
  act: async (page) => {
    await setTask(1, 'fault', 'A fault on the path light', 'coached')(page)
    await signInAs(page, 'imara')
    await page.goto(`${base}/my-boards`)
    await page
      .getByRole('listitem')
      .filter({ hasText: 'A fault on' })
      .getByRole('link', { name: /Open the board|Go on/ })
      .click()
    await page.waitForURL(/prove/)
    await page.locator('[data-map-box=B2]').press('Enter')
    await page.locator('[data-test=cover-off]').click()
    await page.locator('[data-place]').first().waitFor()
    await page.locator('[data-part=main]').click()
    await page.locator('[data-test=turn-off]').click()
    await page.locator('[data-test=name-kind]').selectOption('common-and-traveller-exchanged')
    await page.locator('[data-test=hands]').click()
    await page.locator('[data-place^="W2"]').first().click()
    await page.mouse.click(5, 5)
    await page.waitForTimeout(500)
  },
})
// Last of all, as it sets what is planned.
await picture('wall', {
  who: 'marit',
  path: '/evening/1',
  act: async (page) => {
    await page.getByRole('button', { name: 'Set this exam' }).click()
    await page.waitForURL(/wall/)
    await page.getByRole('button', { name: 'Open the exam' }).click()
    for (const name of ['Imara Dunlow', 'Odalys Wrenfield']) {
      await page.locator('[data-station]', { hasText: name }).first().click()
      await page.getByRole('button', { name: 'Mark as here' }).click()
      await page.getByRole('button', { name: 'Close this pane' }).click()
    }
    await page.getByRole('button', { name: 'Start all clocks' }).click()
    await page
      .locator('[data-station]', { hasText: /1[48]:/ })
      .first()
      .waitFor()
    await page.locator('[data-station=T2]').click()
    await page.waitForTimeout(800)
  },
})
await browser.close()
