import { expect, test } from '@playwright/test'
import { complaints, end, handIn, kept, landing, openBench, openBox, setBoard, signIn, Taps, tray } from './support'

test('a trainee wires a three-way by tapping and is told the truth about it', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  const heard = complaints(page)
  await signIn(page, 'quill')
  await openBench(page, attempt)
  const taps = new Taps(page)

  await taps.land('W1.black@B1', 'S1#3')
  await taps.land('W2.black@B1', 'S1#1')
  await taps.land('W2.red@B1', 'S1#2')
  await taps.gather(['W1.white@B1', 'W2.white@B1'], 'wire-nut-')
  await taps.gather(['S1#4', 'B1.earth', 'W1.bare@B1', 'W2.bare@B1'], 'wire-nut-')
  await expect(page.getByRole('button', { name: /^Gate post/ })).toContainText('✓')
  await taps.box('SRC')
  await taps.land('W1.black@SRC', 'PS#1')
  await taps.land('W1.white@SRC', 'PS#2')
  await taps.land('W1.bare@SRC', 'PS#3')
  await taps.box('B2')
  await taps.land('W3.black@B2', 'S2#3')
  await taps.land('W2.black@B2', 'S2#2')
  await taps.land('W2.red@B2', 'S2#1')
  await taps.gather(['W2.white@B2', 'W3.white@B2'], 'wire-nut-')
  await taps.gather(['S2#4', 'W2.bare@B2', 'W3.bare@B2'], 'wire-nut-')
  await taps.box('L1')
  await taps.land('W3.black@L1', 'LA#2')
  await taps.land('W3.white@L1', 'LA#1')
  await taps.land('W3.bare@L1', 'L1.earth')
  await expect(kept(page)).toHaveText('saved · 16 steps')
  test.info().annotations.push({ type: 'taps', description: String(taps.count) })
  expect(taps.count).toBeLessThanOrEqual(50)

  await handIn(page)
  await expect(page.locator('[data-test=headline]')).toHaveText(
    'Correct: Gate post and Far bench control Path in every combination.',
  )
  // The travelers are exchanged at the far bench: that only turns the table over, and is worth a note.
  await expect(page.locator('tr[data-state]').filter({ hasText: 'ON' })).toHaveCount(2)
  await expect(page.locator('[data-finding]')).toHaveCount(1)
  await expect(page.locator('[data-finding=house-layout]')).toBeVisible()
  expect(heard).toEqual([])
})

test('the same bench by typing, on a British board', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Boat store')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  const type = async (keys: string) => {
    for (const key of keys) await page.keyboard.press(key === '_' ? 'ArrowDown' : key === '<' ? 'ArrowLeft' : key)
  }
  // The rose: switched 1, loop 2, neutral 3, earth 4, then the two leads of the pendant.
  await expect(page.locator('svg[data-box="R1"]')).toBeVisible()
  await type('ad2')
  await type('b3cf4')
  await page.keyboard.press('e')
  await type('H')
  await type('e1')
  await type('51')
  await type('63')
  await type('cG')
  await type('fG')
  await type('_')
  await expect(page.locator('svg[data-box="K1"]')).toBeVisible()
  await type('a1b2bH')
  await type('cG')
  await type('34c')
  await tray(page, 'lever-3').click()
  await type('_')
  await page.keyboard.press('ArrowUp')
  await type('<')
  await expect(page.locator('svg[data-box="SRC"]')).toBeVisible()
  await type('a1b2c3cG')
  await expect(kept(page)).toContainText('saved ·')
  await handIn(page)
  await expect(page.locator('[data-test=headline]')).toHaveText(
    'Correct: Boat store door controls Boat store rose in every combination.',
  )
})

test('an end is dragged to its screw and to the cap', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await end(page, 'W1.black@B1').hover()
  await page.mouse.down()
  const screw = (await landing(page, 'S1#3').boundingBox())!
  await page.mouse.move(screw.x + 60, screw.y - 40, { steps: 4 })
  await page.mouse.move(screw.x + screw.width / 2, screw.y + screw.height / 2, { steps: 4 })
  await page.mouse.up()
  await expect(end(page, 'W1.black@B1')).toHaveAttribute('aria-label', /joined/)
  await end(page, 'W2.red@B1').hover()
  await page.mouse.down()
  const cap = (await tray(page, 'cap').boundingBox())!
  await page.mouse.move(cap.x + 5, cap.y - 60, { steps: 4 })
  await page.mouse.move(cap.x + cap.width / 2, cap.y + cap.height / 2, { steps: 4 })
  await page.mouse.up()
  await expect(end(page, 'W2.red@B1')).toHaveAttribute('aria-label', /capped/)
  await expect(kept(page)).toHaveText('saved · 2 steps')
})

test('the schedule is an equal way in', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await page.getByRole('button', { name: 'Schedule' }).click()
  await page.getByLabel('W1 BLK goes to').selectOption({ label: 'dark screw 3 of S1' })
  await page.getByLabel('W1 WHT goes to').selectOption({ label: 'new wire nut with W2 WHT' })
  await page.getByLabel('W2 RED goes to').selectOption({ label: 'cap' })
  await page.getByLabel('W1 BARE goes to').selectOption({ label: 'new wire nut with W2 BARE' })
  await page.getByLabel('grounding screw of the box goes to').selectOption({ label: 'wire nut with W1 BARE, W2 BARE' })
  await page.getByLabel('W2 WHT tape').selectOption({ label: 'white tape: neutral' })
  await page.getByRole('button', { name: 'Box', exact: true }).click()
  await expect(end(page, 'W1.black@B1')).toHaveAttribute('aria-label', /joined/)
  await expect(end(page, 'W2.white@B1')).toHaveAttribute(
    'aria-label',
    /joined in wire nut with .*, white tape: neutral/,
  )
  await expect(end(page, 'W2.red@B1')).toHaveAttribute('aria-label', /capped/)
  await expect(page.locator('[data-connector="W1.bare@B1"]')).toHaveAttribute('aria-label', /wire nut with 3/)
})

test('undo and redo go all the way and survive a reload', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  const taps = new Taps(page)
  await taps.land('W1.black@B1', 'S1#3')
  await taps.land('W2.red@B1', 'S1#2')
  await page.keyboard.press('Control+z')
  await expect(end(page, 'W2.red@B1')).toHaveAttribute('aria-label', /loose/)
  await expect(kept(page)).toHaveText('saved · 3 steps')
  await page.reload()
  await expect(end(page, 'W1.black@B1')).toHaveAttribute('aria-label', /joined/)
  await page.keyboard.press('Control+Shift+z')
  await expect(end(page, 'W2.red@B1')).toHaveAttribute('aria-label', /joined/)
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled()
  await expect(end(page, 'W1.black@B1')).toHaveAttribute('aria-label', /loose/)
})

test('gathering needs two, and says so', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await expect(tray(page, 'wire-nut-')).toBeDisabled()
  await page.keyboard.press('b')
  await page.keyboard.press('A')
  await expect(page.locator('[data-test=said]')).toContainText('Pick up two or more wires')
  await end(page, 'W2.white@B1').click()
  await tray(page, 'lever-2').click()
  await page.keyboard.press('c')
  await expect(page.locator('[data-connector]')).toHaveAttribute('aria-label', /lever with 2 of 2/)
  // The lever is full: no number invites the third end.
  await expect(page.locator('[data-connector]')).not.toHaveAttribute('aria-label', /number/)
})

test('carrying an end lights up where it goes and numbers where it may land', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await end(page, 'W2.red@B1').click()
  await expect(landing(page, 'S1#1')).toHaveAttribute('aria-label', /number 1$/)
  await expect(page.locator('[data-map-box="B2"] rect[fill="var(--color-wash)"]')).toHaveCount(1)
  await page.keyboard.press('Escape')
  await expect(landing(page, 'S1#1')).not.toHaveAttribute('aria-label', /number/)
})

for (const [width, height] of [
  [1280, 800],
  [1024, 768],
] as const) {
  test(`the bench fits ${width} × ${height} without scrolling, with targets for a finger`, async ({
    page,
    playwright,
    baseURL,
  }) => {
    await page.setViewportSize({ width, height })
    const attempt = await setBoard(playwright, baseURL!, 'Packing barn')
    await signIn(page, 'quill')
    await openBench(page, attempt)
    for (const box of ['B2', 'L1', 'SRC']) {
      await openBox(page, box)
      const scrolls = await page.evaluate(
        () => document.documentElement.scrollHeight > innerHeight || document.documentElement.scrollWidth > innerWidth,
      )
      expect(scrolls).toBe(false)
      for (const target of await page.locator('svg[data-box] [data-place], [role=toolbar] button').all()) {
        const size = (await target.boundingBox())!
        expect(Math.min(size.width, size.height)).toBeGreaterThanOrEqual(width === 1280 ? 44 : 40)
        expect(size.y + size.height).toBeLessThanOrEqual(height)
      }
    }
  })
}

test('the time left counts from the first step and survives a reload', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house', 'Quill Arden', 15)
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await expect(page.getByText('15 minutes from your first connection')).toBeVisible()
  await new Taps(page).land('W1.black@B1', 'S1#3')
  await expect(page.getByRole('timer')).toHaveText(/^1[45]:\d\d$/)
  await page.reload()
  await expect(page.getByRole('timer')).toHaveText(/^1[45]:\d\d$/)
})
