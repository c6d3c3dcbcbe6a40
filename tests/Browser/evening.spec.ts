import { type Browser, expect, type Page, test } from '@playwright/test'
import {
  complaints,
  end,
  expectNoSeriousFault,
  goTo,
  handIn,
  kept,
  landing,
  post,
  searchToTheEnd,
  signIn,
  tellWithFirstGating,
} from './support'

const NAMES = ['Ansa Birk', 'Corin Dell', 'Edda Fenn', 'Gorm Hale', 'Ilse Jute']

/** A trainee at a tablet, signed in by name and code as the slip says. */
async function atTablet(browser: Browser, name: string, code: string) {
  const context = await browser.newContext({ viewport: { width: 1024, height: 768 } })
  const page = await context.newPage()
  await page.goto('/sign-in')
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Code or password').fill(code)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL((url) => !url.pathname.includes('sign-in'))
  return page
}

async function openExam(page: Page, title: string) {
  await page.locator('li', { hasText: title }).getByRole('link').first().click()
}

const plateOf = (page: Page, name: string) => page.locator('[data-plate]', { hasText: name })

test('a whole evening: pasted class, plan, five sittings, a real board by phone, marks', async ({ page, browser }) => {
  test.setTimeout(240_000)
  const heard = complaints(page)
  await signIn(page, 'marit')

  // The class, pasted.
  await page.goto('/people')
  await page.locator('[data-test=new-class]').fill('Wednesday, third year')
  await page.getByRole('button', { name: 'Make the class' }).click()
  await page.locator('[data-test=roster]').fill(NAMES.join('\n'))
  await page.getByRole('button', { name: 'Check the list' }).click()
  await page.getByRole('button', { name: 'Add 5 people' }).click()
  await expect(page.locator('[data-test=code]')).toHaveCount(NAMES.length)
  const codes = (await page.locator('[data-test=code]').allTextContents()).map((code) => code.trim())
  const codeOf = (name: string) => codes[NAMES.indexOf(name)]!
  await page.getByRole('button', { name: 'Done' }).click()

  // The plan.
  await page.goto('/tonight')
  await page.getByRole('link', { name: 'Plan an exam evening' }).click()
  await page.getByLabel('Class').selectOption({ label: 'Wednesday, third year' })
  await page.getByLabel('Name', { exact: true }).fill('Group practical')
  await page.getByLabel('Name', { exact: true }).blur()
  await page.locator('[data-test=stations]').fill('3')
  await page.locator('[data-test=stations]').blur()
  await page.getByLabel('extra time of Gorm Hale, percent').fill('25')
  // The chart is drawn anew with each plan: the last one is waited for.
  const planned = page.waitForResponse(
    (answer) => answer.url().includes('plan') && (answer.request().postData() ?? '').includes('"extraPercent":25'),
  )
  await page.getByLabel('extra time of Gorm Hale, percent').blur()
  await planned
  await expect(page.locator('[data-test=sum]')).not.toContainText('Planning')
  await expect(page.locator('[data-test=sum]')).toContainText('33 min for 5 sittings, the shortest possible')
  await expectNoSeriousFault(page)
  // By hand: the last of all is put later, which costs time, and back.
  const last = page.locator('[data-sitting]').last()
  await last.focus()
  await page.keyboard.press('Shift+ArrowRight')
  await expect(page.locator('[data-test=sum]')).toContainText('min longer')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-test=sum]')).toContainText('33 min')
  // Everybody at once: five stations, the last of them a real board.
  await page.locator('[data-test=stations]').fill('5')
  await page.locator('[data-test=stations]').blur()
  await expect(page.locator('[data-test=sum]')).toContainText('19 min for 5 sittings')
  await page.getByRole('button', { name: 'Room' }).click()
  await page.getByRole('button', { name: 'Station 5' }).first().click()
  await page.getByLabel('Wired on').selectOption('board')
  await page.getByRole('button', { name: 'Times' }).click()
  await expect(page.locator('[data-sitting]')).toHaveCount(5)
  const atReal = page.locator('[data-station=T5][data-sitting]')
  const real = (await atReal.getAttribute('aria-label'))!.split(',')[0] ?? ''
  await page.getByRole('button', { name: 'Set this exam' }).click()
  await page.waitForURL(/wall/)
  const wall = page.url()
  const screens = NAMES.filter((name) => name !== real)

  // A part that is bad is found before the clock.
  await page.goto(wall.replace('wall', 'parts'))
  await page.locator('[data-part]').first().getByRole('button', { name: 'Bad' }).click()
  await expect(page.locator('[data-part]').first().getByRole('button', { name: 'Bad' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await page.goto(wall)
  await expect(page.locator('[data-station]', { hasText: '1 bad part' })).toHaveCount(1)

  // Before it is opened nobody begins; then the screen opens by itself.
  const first = await atTablet(browser, screens[0]!, codeOf(screens[0]!))
  await openExam(first, 'Group practical')
  await expect(first.locator('[data-test=held]')).toBeVisible()
  await page.getByRole('button', { name: 'Open the exam' }).click()
  await expect(first.getByRole('button', { name: 'Begin', exact: true })).toBeEnabled({ timeout: 20_000 })
  await first.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(plateOf(page, screens[0]!)).toContainText('14:', { timeout: 20_000 })

  // Four side by side; one of them has extra time, and no other plate tells of it.
  const tablets = [first]
  for (const name of screens.slice(1)) {
    const tablet = await atTablet(browser, name, codeOf(name))
    await openExam(tablet, 'Group practical')
    await tablet.getByRole('button', { name: 'Begin', exact: true }).click()
    await expect(tablet.getByRole('timer')).toBeVisible()
    tablets.push(tablet)
  }
  const extra = screens.indexOf('Gorm Hale')
  if (extra >= 0) await expect(tablets[extra]!.getByRole('timer')).toContainText(/1[89]:/)

  // One wires a little; the plate shows how far.
  const places = await first
    .locator('[role=checkbox][data-place]')
    .evaluateAll((nodes) => nodes.map((node) => node.getAttribute('data-place')!))
  const screws = await first
    .locator('[role=button][data-place]')
    .evaluateAll((nodes) => nodes.map((node) => node.getAttribute('data-place')!))
  await end(first, places[0]!).click()
  await landing(first, screws[0]!).click()
  await expect(kept(first)).toHaveText(/saved/)
  await expect(plateOf(page, screens[0]!)).toContainText('1/20', { timeout: 20_000 })

  // The clock is paused for all, and goes on without a jump.
  await page.getByRole('button', { name: 'Everybody' }).click()
  await page.getByRole('menuitem', { name: 'Pause everybody' }).click()
  await expect(first.locator('[data-test=paused]')).toBeVisible({ timeout: 20_000 })
  await page.getByRole('button', { name: 'Everybody' }).click()
  await page.getByRole('menuitem', { name: 'Restart everybody' }).click()
  await expect(first.locator('[data-test=paused]')).toHaveCount(0, { timeout: 20_000 })

  // One drops out and comes back on another device, where the work is.
  await first.context().close()
  const back = await atTablet(browser, screens[0]!, codeOf(screens[0]!))
  await openExam(back, 'Group practical')
  await expect(back.getByText('1 step')).toBeVisible()

  // Hand in says what is unfinished, never what is wrong; the receipt has the time.
  await back.getByRole('button', { name: 'Hand in', exact: true }).click()
  await expect(back.locator('[data-test=unfinished]')).toContainText('loose')
  await back.getByRole('button', { name: 'Hand in now' }).click()
  await expect(back.locator('[data-test=receipt]')).toContainText('Received')
  await handIn(tablets[1]!)

  // A step that comes after the hand-in is shown on the board, and counts when the instructor says so.
  const attempt = Number(back.url().split('/').pop())
  const late = await post(back.request, `/api/attempts/${attempt}/steps`, {
    device: 'tablet-late-1',
    base: 1,
    steps: [{ number: 1, at: new Date().toISOString(), step: { do: 'land', points: [places[1]], on: screws[1] } }],
  })
  expect((await late.json()).setAside).toEqual([{ number: 1, reason: 'after-hand-in' }])
  await plateOf(page, screens[0]!).getByRole('button').first().click()
  await page.getByRole('button', { name: 'Show it on the board' }).click()
  await expect(page.locator('[data-test=late-board] svg[data-box]')).toBeVisible()
  await page.getByRole('button', { name: 'Count it', exact: true }).click()
  await expect(page.locator('[data-test=late-steps]')).toContainText('counts')
  await page.getByRole('button', { name: 'Close this pane' }).click()

  // The real board, by phone.
  await page.setViewportSize({ width: 390, height: 844 })
  await plateOf(page, real).getByRole('button').first().click()
  await page.getByRole('link', { name: 'Sheet and board' }).click()
  await page.getByRole('button', { name: 'Start the clock' }).click()
  await page.locator('[data-test=as-planned]').click()
  await expect(page.getByRole('status')).toContainText('20/20')
  // It does not work: the fault is looked for from here, and what is told stays with the board.
  await page.locator('[data-test=find-fault]').click()
  await page.locator('[data-test=tap-off]').click()
  await expect(page.locator('[data-test=flip-and-tap]')).toContainText('1 of 4 combinations checked')
  await tellWithFirstGating(page, 1)
  await searchToTheEnd(page)
  await page.locator('[data-test=confirm]').first().click()
  await expect(page.locator('[data-test=found]')).toContainText('Saved. Now put it right')
  // It is put right, and stands as planned again.
  await page.getByRole('link', { name: 'Station' }).click()
  await page.locator('[data-test=as-planned]').click()
  await expect(page.getByRole('status')).toContainText('20/20')
  // A photograph of the box, made small in the browser.
  await page.locator('[data-test=photographs] input').setInputFiles({
    name: 'box.png',
    mimeType: 'image/png',
    buffer: await page.screenshot(),
  })
  await expect(page.locator('[data-test=photographs] img')).toBeVisible()
  const [photograph] = await page.locator('[data-test=photographs] img').all()
  const picture = await page.request.get((await photograph!.getAttribute('src'))!)
  expect([picture.headers()['content-type'], (await picture.body()).subarray(0, 2).toString('hex')]).toEqual([
    'image/jpeg',
    'ffd8',
  ])
  await page.locator('[data-test=photographs] input').setInputFiles({
    name: 'box.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('<svg onload="alert(1)"/>'),
  })
  await expect(page.locator('[data-test=photographs]')).toContainText('That is not a photograph')
  for (const item of await page.locator('[data-observe]').all()) await item.getByRole('button', { name: 'Yes' }).click()
  await expectNoSeriousFault(page)
  await page.locator('[data-test=hand-in]').click()
  await expect(page.locator('[data-test=verdict]')).toContainText('Pass')
  await expect(page.locator('[data-test=mark]')).toContainText('100 of 100')
  await page.setViewportSize({ width: 1280, height: 800 })

  // Whoever is left is closed, with a reason on record; then the exam.
  await page.goto(wall)
  await plateOf(page, screens[2]!).getByRole('button').first().click()
  await page.getByLabel('Why (kept on record)').fill('Taken ill')
  await page.locator('[data-move=close]').click()
  await page.locator('[data-move=close]').click()
  await expect(plateOf(page, screens[2]!)).toContainText('handed in')
  await page.getByRole('button', { name: 'Everybody' }).click()
  await page.getByRole('menuitem', { name: 'Close the exam' }).click()
  await page.getByRole('button', { name: 'Close it' }).click()
  await expect(page.locator('[data-test=sum]')).toContainText('0 working')

  // Marks: one line by hand, a comment, released, marked again, on paper.
  await page.getByRole('link', { name: 'Marks' }).last().click()
  await page.locator('[data-attempt]', { hasText: real }).click()
  await page.getByRole('button', { name: 'Change by hand' }).first().click()
  await page.getByLabel('Points of').fill('95')
  await page.getByLabel('Why', { exact: true }).fill('Helped once')
  await page.getByRole('button', { name: 'Give these points' }).click()
  await expect(page.locator('[data-test=by-hand]')).toContainText('Helped once')
  await expect(page.locator('[data-test=mark]')).toContainText('95 of 100')
  await page.locator('[data-test=note]').fill('Neat work.')
  await page.locator('[data-test=note]').blur()
  await page.getByRole('button', { name: 'Mark again …' }).click()
  await expect(page.locator('[data-test=mark]')).toContainText('95 of 100')
  await page.getByRole('button', { name: 'Release the marks' }).click()
  await page.getByRole('button', { name: 'Release them' }).click()
  await expect(page.locator('[data-test=released]')).toBeVisible()
  const sheet = await page.request.get(
    `/api/assignments/${page.url().split('/').pop()!.split('?')[0]}/mark-sheet?as=pdf`,
  )
  expect([sheet.status(), sheet.headers()['content-type']]).toEqual([200, 'application/pdf'])
  await back.reload()
  await expect(back.locator('[data-test=receipt]')).toHaveCount(0)
  await page.getByRole('link', { name: 'Record' }).click()
  await expect(page.getByRole('table')).toContainText('Taken ill')
  await expect(page.getByRole('table')).toContainText('Helped once')
  await page.goto('/mark-grid')
  await page.locator('select').selectOption({ label: 'Wednesday, third year' })
  await expect(page.locator('[data-test=grid]')).toContainText('95 of 100')
  expect(heard).toEqual([])
})

test('the wall asks seldom, is told nothing while nothing is new, and is right after a sleep', async ({ page }) => {
  await signIn(page, 'marit')
  await goTo(page, '/evening/{evening Fifteen}')
  await expect(page.locator('[data-station]').first()).toBeVisible()
  const set = page.getByRole('button', { name: 'Set this exam' })
  if (await set.isVisible()) {
    await set.click()
    await page.waitForURL(/\/wall\//)
  }
  // The page's own clock is stopped: what is asked hangs on it, not on how fast the machine is.
  await page.clock.install()
  const first = page.waitForResponse(/\/wall/)
  await goTo(page, '/wall/{evening Fifteen}')
  expect((await first).status()).toBe(200)
  await page.clock.pauseAt(Date.now() + 1000)
  let asked = 0
  page.on('request', (request) => {
    if (request.url().includes('/wall')) asked++
  })
  const nextAnswer = async () => {
    const answer = page.waitForResponse(/\/wall/)
    let seconds = 0
    for (const before = asked; asked === before; seconds++) await page.clock.runFor(1000)
    return { seconds, status: (await answer).status() }
  }
  await nextAnswer()
  // A station may go offline in between: what is new is told once, then there is nothing to tell.
  let last = await nextAnswer()
  for (let i = 0; i < 5 && last.status !== 204; i++) last = await nextAnswer()
  expect(last.status).toBe(204)
  expect(last.seconds).toBeGreaterThanOrEqual(4)
  // Wakes up: asks at once, with no time gone by.
  const woke = page.waitForRequest((request) => request.url().includes('/wall'))
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')))
  await woke
})
