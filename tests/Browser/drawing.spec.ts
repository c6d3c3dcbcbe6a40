import { expect, type Page, test } from '@playwright/test'
import { complaints, expectNoSeriousFault, signIn } from './support'

/** Counts the taps, drags and keys that a board takes. */
class Hand {
  gestures = 0

  constructor(private readonly page: Page) {}

  async tapWall(x: number, y: number) {
    this.gestures++
    const wall = await this.page.locator('[data-test=wall]').boundingBox()
    await this.page.mouse.click(wall!.x + wall!.width * x, wall!.y + wall!.height * y)
  }

  async tap(selector: string) {
    this.gestures++
    await this.page.locator(selector).click()
  }

  async press(key: string) {
    this.gestures++
    await this.page.keyboard.press(key)
  }
}

/** `bare na`, or `pattern` and its key. */
async function newBoard(page: Page, name: string) {
  await signIn(page, 'marit')
  await page.goto('/assign')
  await page.locator('[data-test=new-board]').selectOption(name)
  await page.waitForURL(/\/draw\/\d+$/)
  await expect(page.locator('[data-wall-box="F"]')).toBeVisible()
}

const sentence = (page: Page) => page.locator('[data-test=sentence]')
const cable = (page: Page, id: string) => page.locator(`[data-wall-cable="${id}"]`)

test('a three-way board is composed from nothing by pointer alone, and the feed moved', async ({ page }) => {
  const heard = complaints(page)
  await newBoard(page, 'bare na')
  const hand = new Hand(page)
  for (const [x, y, what] of [
    [0.35, 0.7, 'three-way'],
    [0.7, 0.7, 'three-way'],
    [0.7, 0.2, 'light'],
  ] as const) {
    await hand.tapWall(x, y)
    await hand.tap(`[data-hang=${what}]`)
  }
  await hand.tap('[data-wall-box=F]')
  await hand.tap('[data-test=actions] button:has-text("Walk a cable")')
  for (const box of ['B1', 'B2', 'H1']) await hand.tap(`[data-wall-box=${box}]`)
  await hand.tap('[data-test=actions] button:has-text("Stop")')
  for (const [box, device] of [
    ['B1', 'S1'],
    ['B2', 'S2'],
  ]) {
    await hand.tap(`[data-wall-box=${box}]`)
    await hand.tap(`[data-point=${device}]`)
    await hand.tap('[data-wall-box=H1]')
  }
  await expect(sentence(page)).toContainText('answers to the switch at Place 1 and the switch at Place 2')
  await expect(cable(page, 'W2')).toContainText('14/3 (proposed)')
  await expect(cable(page, 'W2')).toContainText('RED traveler')
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✓')
  await expect(page.locator('[data-wall-box=B1]')).toContainText('16.00 of 18.00 in³')
  // From nothing to a finished three-way board.
  expect(hand.gestures).toBe(18)

  // The feed into the light: everything is worked out again.
  await hand.tap('[data-wall-box=F]')
  await hand.tap('[data-test=actions] button:has-text("Feed another box")')
  await hand.tap('[data-wall-box=H1]')
  await expect(page.locator('[data-scheme=light-fed]')).toContainText('✓')
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✕')
  await expect(cable(page, 'W1')).toContainText('WHT neutral')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✓')

  // Another cable by hand: short of a core, and said so.
  await cable(page, 'W2').click()
  await page.locator('[data-test=cable-type]').selectOption('na-14-2')
  await expect(sentence(page)).toContainText('Run W2 has 2 insulated cores and needs 3')
  await expect(page.locator('[data-test=kept]')).toHaveText('kept')
  await page.reload()
  await expect(sentence(page)).toContainText('Run W2 has 2 insulated cores and needs 3')
  await expectNoSeriousFault(page)
  expect(heard).toEqual([])
})

test('a British board is composed by keyboard alone', async ({ page }) => {
  const heard = complaints(page)
  await newBoard(page, 'bare gb')
  const wall = page.locator('[data-test=wall]')
  const focusBox = (id: string) => page.locator(`[data-wall-box="${id}"]`).focus()
  const hang = async (number: string, steps: string[]) => {
    await wall.focus()
    for (const key of steps) await page.keyboard.press(key)
    await page.keyboard.press('Enter')
    await page.keyboard.press(number)
  }
  await page.keyboard.press('Tab')
  await hang('4', ['ArrowUp', 'ArrowUp'])
  await expect(page.locator('[data-wall-box=H1]')).toBeVisible()
  await hang('3', [...Array<string>(4).fill('ArrowDown'), 'ArrowRight', 'ArrowRight'])
  await expect(page.locator('[data-wall-box=B1]')).toBeVisible()
  await focusBox('F')
  await page.keyboard.press('Enter')
  await page.keyboard.press('w')
  await focusBox('H1')
  await page.keyboard.press('Enter')
  await focusBox('B1')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await focusBox('B1')
  await page.keyboard.press('Enter')
  await page.keyboard.press('p')
  await focusBox('H1')
  await page.keyboard.press('Enter')
  await expect(sentence(page)).toContainText('Right.')
  await expect(cable(page, 'W2')).toContainText('BU switched live')
  await expect(page.locator('[data-scheme=light-fed]')).toContainText('✓')

  await focusBox('B1')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-wall-box=B1]')).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-wall-box=B1]')).toBeVisible()
  await page.keyboard.press('Control+Shift+Z')
  await expect(page.locator('[data-wall-box=B1]')).toHaveCount(0)
  expect(heard).toEqual([])
})

test('a box is dragged, and what is wrong is marked in words and on the wall', async ({ page }) => {
  await newBoard(page, 'bare na')
  const hand = new Hand(page)
  await hand.tapWall(0.5, 0.6)
  await hand.tap('[data-hang=one-pole]')
  await expect(page.locator('[data-test=planner]')).toContainText('No cable joins enclosure B1')
  await expect(page.locator('[data-wall-box=B1]')).toHaveAttribute('aria-label', /something is wrong/)
  await page.keyboard.press('Escape')
  await hand.tap('[data-wall-box=F]')
  await page.keyboard.press('w')
  await hand.tap('[data-wall-box=B1]')
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-test=planner]')).toContainText('works no light yet')
  const box = page.locator('[data-wall-box=B1]')
  const before = await box.getAttribute('transform')
  const at = (await box.boundingBox())!
  await page.mouse.move(at.x + at.width / 2, at.y + 20)
  await page.mouse.down()
  await page.mouse.move(at.x + 160, at.y - 80, { steps: 4 })
  await page.mouse.up()
  expect(await box.getAttribute('transform')).not.toBe(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  expect(await box.getAttribute('transform')).toBe(before)
  await page.keyboard.press('Escape')
  await box.focus()
  await page.keyboard.press('Enter')
  await page.getByLabel('Name of this box').fill('Hen house')
  await page.getByLabel('Name of this box').press('Enter')
  await expect(box).toContainText('Hen house')
})

test('of two who draw on one board the second is told, and loses nothing', async ({ page, context }) => {
  await newBoard(page, 'bare na')
  const second = await context.newPage()
  await second.goto(page.url())
  await expect(second.locator('[data-wall-box=F]')).toBeVisible()
  await page.getByLabel('Title of the board').fill('Barn, mine')
  await page.getByLabel('Title of the board').press('Enter')
  await expect(page.locator('[data-test=kept]')).toHaveText('kept')
  await second.evaluate(() => localStorage.clear())
  await second.getByLabel('Title of the board').fill('Barn, yours')
  await second.getByLabel('Title of the board').press('Enter')
  await expect(second.locator('[data-test=moved-on]')).toContainText('Nothing of yours is lost')
  await second.getByRole('button', { name: 'Keep mine as a copy' }).click()
  await expect(second.getByLabel('Title of the board')).toHaveValue('Barn, yours')
  await page.reload()
  await expect(page.getByLabel('Title of the board')).toHaveValue('Barn, mine')
})

test('a board of the library is copied to draw on, and set when it is finished', async ({ page }) => {
  await signIn(page, 'marit')
  await page.goto('/assign')
  await page.getByRole('button', { name: 'Draw on a copy of Packing barn' }).click()
  await page.waitForURL(/\/draw\/\d+$/)
  await expect(sentence(page)).toContainText('answers to the switch at Loading door')
  await page.getByLabel('Title of the board').fill('Barn with a new name')
  await page.getByLabel('Title of the board').press('Enter')
  await expect(page.locator('[data-test=kept]')).toHaveText('kept')
  await page.getByRole('link', { name: 'The library' }).click()
  await expect(page.getByRole('link', { name: 'Draw on Barn with a new name' })).toBeVisible()
})

test("a pattern opens with the planner's result, is prepared, and comes out on paper", async ({ page }) => {
  const heard = complaints(page)
  await newBoard(page, 'pattern na-08-station-fed-at-the-four-way')
  await expect(sentence(page)).toContainText('Right.')
  await expect(cable(page, 'W1')).toContainText('proposed')
  await page.getByRole('link', { name: 'Its plans' }).click()
  await expect(page.locator('[data-plan="0"]')).toContainText('feed-through')

  await page.goto('/plans/6')
  await page.getByRole('tab', { name: 'Prepare' }).click()
  const prepare = page.locator('[data-test=prepare]')
  await expect(prepare).toContainText('three-way')
  await expect(prepare.locator('tr', { hasText: 'three-way' })).toContainText('2')
  await prepare.getByLabel('boards').fill('10')
  await prepare.getByLabel('boards').press('Enter')
  await expect(prepare.locator('tr', { hasText: 'three-way' })).toContainText('20')
  const download = page.waitForEvent('download')
  await prepare.getByRole('link', { name: 'CSV' }).first().click()
  expect((await download).suggestedFilename()).toBe('materials.csv')
  await expectNoSeriousFault(page)

  await page.getByRole('link', { name: 'On paper' }).click()
  await expect(page.locator('[data-page=key]')).toContainText('land the black')
  await expect(page.locator('[data-page=task]')).not.toContainText('traveler')
  await expect(page.locator('[data-page=task]')).not.toContainText('neutral')
  await expectNoSeriousFault(page)
  for (const [format, width] of [
    ['Letter', 612],
    ['A4', 595],
  ] as const) {
    const pdf = (await page.pdf({ format })).toString('latin1')
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)!.length).toBeGreaterThanOrEqual(7)
    expect(pdf).toMatch(new RegExp(`/MediaBox \\[0 0 ${width}`))
  }
  await page.getByLabel('Answer key, box by box').uncheck()
  await expect(page.locator('[data-page=key]')).toHaveCount(0)
  expect(heard).toEqual([])
})
