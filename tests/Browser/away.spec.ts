import { type Browser, expect, type Page, test } from '@playwright/test'
import { end, goTo, handIn, kept, openBench, setBoard, signIn, Taps } from './support'

test('goes on working while the server is away, says what it owes, and sends it', async ({
  page,
  playwright,
  baseURL,
}) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  const taps = new Taps(page)
  await taps.land('W1.black@B1', 'S1#3')
  await expect(kept(page)).toHaveText('saved · 1 step')
  await page.route('**/api/**', (route) => route.abort())
  await taps.land('W2.black@B1', 'S1#1')
  await taps.land('W2.red@B1', 'S1#2')
  await expect(kept(page)).toContainText('offline: 2 to send')
  await expect(end(page, 'W2.red@B1')).toHaveAttribute('aria-label', /joined/)

  await page.getByRole('button', { name: 'Hand in', exact: true }).click()
  await page.getByRole('button', { name: 'Hand in now' }).click()
  await expect(page.getByText('Not handed in: 2 of your steps have not reached the server')).toBeVisible()

  await page.unroute('**/api/**')
  await expect(kept(page)).toHaveText('saved · 3 steps', { timeout: 15_000 })
  await page.reload()
  await expect(end(page, 'W2.red@B1')).toHaveAttribute('aria-label', /joined/)
})

test('sends after a reload what the server did not get before it', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await page.route('**/steps', (route) => route.abort())
  const taps = new Taps(page)
  await taps.land('W1.black@B1', 'S1#3')
  await taps.land('W2.red@B1', 'S1#2')
  await expect(kept(page)).toContainText('offline: 2 to send')
  await page.unroute('**/steps')
  await page.reload()
  await expect(end(page, 'W2.red@B1')).toHaveAttribute('aria-label', /joined/)
  await expect(kept(page)).toHaveText('saved · 2 steps')
})

test('an answer that was lost does not double a step', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  let lost = 0
  await page.route('**/steps', async (route) => {
    if (lost++ > 0) return route.continue()
    await route.fetch()
    await route.abort()
  })
  await new Taps(page).land('W1.black@B1', 'S1#3')
  await expect(kept(page)).toHaveText('saved · 1 step', { timeout: 15_000 })
  expect(lost).toBeGreaterThan(1)
})

/** Two pages with the same board open; the first has taken a step that the second does not know of. */
async function twoAtOneBoard(browser: Browser, attempt: number, baseURL: string): Promise<[Page, Page]> {
  const [one, two] = [await browser.newPage({ baseURL }), await browser.newPage({ baseURL })]
  for (const page of [one, two]) {
    await signIn(page, 'quill')
    await openBench(page, attempt)
  }
  await new Taps(one).land('W1.black@B1', 'S1#3')
  await expect(kept(one)).toHaveText('saved · 1 step')
  return [one, two]
}

test('a device left behind keeps its steps beside the board and shows the board as it is', async ({
  browser,
  playwright,
  baseURL,
}) => {
  const [one, two] = await twoAtOneBoard(browser, await setBoard(playwright, baseURL!, 'Propagation house'), baseURL!)
  // The same end elsewhere: what was done first stands.
  await new Taps(two).land('W1.black@B1', 'S1#2')
  await expect(two.getByText('One step was not counted')).toBeVisible()
  await expect(end(two, 'W1.black@B1')).toHaveAttribute('aria-label', /joined/)
  await expect(end(two, 'W2.red@B1')).toHaveAttribute('aria-label', /loose/)

  await two.getByRole('button', { name: 'Got it' }).click()
  await new Taps(two).land('W2.red@B1', 'S1#1')
  await expect(kept(two)).toHaveText('saved · 2 steps')
  await handIn(two)
  await two.getByText('Steps not counted: 1').click()
  await expect(two.getByText(/worked on from another device, made .* received/)).toBeVisible()
  await one.close()
  await two.close()
})

test('a tab left behind goes on where nothing that it touches was touched, and shows both', async ({
  browser,
  playwright,
  baseURL,
}) => {
  const [one, two] = await twoAtOneBoard(browser, await setBoard(playwright, baseURL!, 'Propagation house'), baseURL!)
  await new Taps(two).land('W2.red@B1', 'S1#2')
  await expect(two.getByText('This board was worked on from another device too')).toBeVisible()
  await expect(end(two, 'W1.black@B1')).toHaveAttribute('aria-label', /joined/)
  await expect(end(two, 'W2.red@B1')).toHaveAttribute('aria-label', /joined/)
  await one.close()
  await two.close()
})

test('a double click on hand in hands in once', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Tool locker')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await page.getByRole('button', { name: 'Hand in', exact: true }).click()
  await page.getByRole('button', { name: 'Hand in now' }).dblclick()
  await page.waitForURL(/verdict/)
  await expect(page.locator('[data-test=headline]')).toContainText('Never lights')
  await page.goto(`/bench/${attempt}`)
  await page.waitForURL(/verdict/)
})

test('a full disk is told in words, at the bench and where a task is set, and nothing is lost', async ({
  page,
  playwright,
  baseURL,
}) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  const full = {
    status: 503,
    json: {
      message: 'The server’s disk is full. What you did stays here until there is room again.',
      number: 'ABC-DEF',
    },
  }
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await page.route('**/steps', (route) => route.fulfill(full))
  await new Taps(page).land('W1.black@B1', 'S1#3')
  await expect(page.locator('[data-test=told]')).toContainText('disk is full')
  await expect(kept(page)).toContainText('1 to send')
  await page.unroute('**/steps')
  await expect(kept(page)).toHaveText('saved · 1 step', { timeout: 15_000 })
  await expect(page.locator('[data-test=told]')).toHaveCount(0)

  const instructor = await page.context().browser()!.newPage({ baseURL })
  await signIn(instructor, 'marit')
  await goTo(instructor, '/task/{board Propagation house}')
  await instructor.route('**/api/tasks', (route) =>
    route.request().method() === 'POST' ? route.fulfill(full) : route.continue(),
  )
  await instructor.locator('[data-test=set]').click()
  await expect(instructor.getByRole('alert').filter({ hasText: 'disk is full' })).toBeVisible()
  await instructor.close()
})
