import { expect, type Page, test } from '@playwright/test'
import { addBoard, complaints, expectNoSeriousFault, goTo, numbered, signIn } from './support'

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
    // A box is tapped on its drawing: its words stand where there is room for them.
    const sign = this.page.locator(`${selector} [data-box-shape]`)
    await ((await sign.count()) > 0 ? sign : this.page.locator(selector)).click()
  }

  async press(key: string) {
    this.gestures++
    await this.page.keyboard.press(key)
  }
}

/** `bare na`, or `pattern` and its key. */
async function newBoard(page: Page, name: string) {
  await signIn(page, 'marit')
  await page.goto('/boards?new=yes')
  const [kind, key] = name.split(' ')
  await (
    kind === 'pattern'
      ? page.locator(`[data-pattern="${key}"]`)
      : page.getByRole('button', { name: 'A bare wall' }).nth(key === 'na' ? 0 : 1)
  ).click()
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
  await hand.tap('[data-test=actions] button:has-text("Run a cable")')
  for (const box of ['B1', 'B2', 'H1']) await hand.tap(`[data-wall-box=${box}]`)
  await hand.tap('[data-test=actions] button:has-text("Stop")')
  // The only light answers to both.
  await expect(sentence(page)).toContainText('Place 1 and Place 2 control')
  await expect(cable(page, 'W2')).toContainText('14/3 (proposed)')
  await expect(cable(page, 'W2')).toContainText('RED traveler')
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✓')
  await expect(page.locator('[data-wall-box=B1]')).toContainText('16.00 of 18.00 in³')
  // From nothing to a finished three-way board.
  expect(hand.gestures).toBe(12)

  // The feed into the light: everything is worked out again.
  await hand.tap('[data-wall-box=F]')
  await hand.tap('[data-test=actions] button:has-text("Move the feed to another box")')
  await hand.tap('[data-wall-box=H1]')
  await expect(page.locator('[data-scheme=light-fed]')).toContainText('✓')
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✕')
  await expect(cable(page, 'W1')).toContainText('WHT neutral')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✓')

  // Another cable by hand: short of a core, and said so.
  await cable(page, 'W2').click()
  await page.locator('[data-test=cable-type]').selectOption('na-14-2')
  await expect(sentence(page)).toContainText('Run W2 has 2 insulated conductors and needs 3')
  await expect(page.locator('[data-test=saving]')).toHaveText('saved')
  await page.reload()
  await expect(sentence(page)).toContainText('Run W2 has 2 insulated conductors and needs 3')
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
  await expect(sentence(page)).toContainText('Correct')
  // The only light answers to it as it is hung; pointed to by key, no longer, and again.
  for (const words of ['no longer controls', 'now controls']) {
    await focusBox('B1')
    await page.keyboard.press('Enter')
    await page.keyboard.press('p')
    await focusBox('H1')
    await page.keyboard.press('Enter')
    await expect(page.locator('[data-test=said]')).toContainText(words)
  }
  await expect(sentence(page)).toContainText('Correct')
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

test('a star is drawn from nothing within eighteen gestures', async ({ page }) => {
  await newBoard(page, 'bare na')
  const hand = new Hand(page)
  for (const [x, y, what] of [
    [0.5, 0.5, 'light'],
    [0.25, 0.8, 'three-way'],
    [0.5, 0.8, 'three-way'],
    [0.75, 0.8, 'four-way'],
  ] as const) {
    await hand.tapWall(x, y)
    await hand.tap(`[data-hang=${what}]`)
  }
  await hand.tap('[data-wall-box=F]')
  await hand.press('w')
  // Out to each switch and back to the light.
  for (const box of ['H1', 'B1', 'H1', 'B2', 'H1', 'B3']) await hand.tap(`[data-wall-box=${box}]`)
  await hand.press('Escape')
  expect(hand.gestures).toBe(17)
  await expect(page.locator('[data-wall-cable]')).toHaveCount(4)
  await expect(sentence(page)).toContainText('works in every combination')
})

test('a box is dragged, and what is wrong is marked in words and on the wall', async ({ page }) => {
  await newBoard(page, 'bare na')
  const hand = new Hand(page)
  await hand.tapWall(0.5, 0.6)
  await hand.tap('[data-hang=one-pole]')
  await expect(page.locator('[data-test=planner]')).toContainText('No cable connects enclosure Place 1')
  await expect(page.locator('[data-wall-box=B1]')).toHaveAttribute('aria-label', /something is wrong/)
  await page.keyboard.press('Escape')
  await hand.tap('[data-wall-box=F]')
  await page.keyboard.press('w')
  await hand.tap('[data-wall-box=B1]')
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-test=planner]')).toContainText('controls no light yet')
  const box = page.locator('[data-wall-box=B1]')
  const sign = box.locator('[data-wall-sign]')
  const before = await sign.getAttribute('transform')
  const at = (await box.boundingBox())!
  await page.mouse.move(at.x + at.width / 2, at.y + 20)
  await page.mouse.down()
  await page.mouse.move(at.x + 160, at.y - 80, { steps: 4 })
  await page.mouse.up()
  expect(await sign.getAttribute('transform')).not.toBe(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  expect(await sign.getAttribute('transform')).toBe(before)
  await page.keyboard.press('Escape')
  await box.focus()
  await page.keyboard.press('Enter')
  await page.locator('[data-test=details]').click()
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
  await expect(page.locator('[data-test=saving]')).toHaveText('saved')
  await second.evaluate(() => localStorage.clear())
  await second.getByLabel('Title of the board').fill('Barn, yours')
  await second.getByLabel('Title of the board').press('Enter')
  await expect(second.locator('[data-test=moved-on]')).toContainText('Your work is safe')
  const shared = second.url()
  await second.getByRole('button', { name: 'Save mine as a copy' }).click()
  // The copy is open: until then the draft of the board is held in this browser.
  await expect.poll(() => second.url()).not.toBe(shared)
  await expect(second.getByLabel('Title of the board')).toHaveValue('Barn, yours')
  await page.reload()
  await expect(page.getByLabel('Title of the board')).toHaveValue('Barn, mine')
})

test('a board of the library is copied to draw on, and set when it is finished', async ({ page }) => {
  await signIn(page, 'marit')
  await page.goto('/boards')
  await page.getByRole('button', { name: /More: Packing barn/ }).click()
  await page.getByRole('menuitem', { name: 'Duplicate' }).click()
  await page.waitForURL(/\/draw\/\d+$/)
  await expect(sentence(page)).toContainText('Loading door')
  await page.getByLabel('Title of the board').fill('Barn with a new name')
  await page.getByLabel('Title of the board').press('Enter')
  await expect(page.locator('[data-test=saving]')).toHaveText('saved')
  await page.getByRole('link', { name: 'Boards' }).first().click()
  await expect(page.getByRole('link', { name: /Barn with a new name/ })).toBeVisible()
})

test("a pattern opens with the planner's result, is prepared, and comes out on paper", async ({ page }) => {
  const heard = complaints(page)
  await newBoard(page, 'pattern na-08-station-fed-at-the-four-way')
  await expect(sentence(page)).toContainText('Correct')
  await expect(cable(page, 'W1')).toContainText('proposed')
  await page.getByRole('link', { name: 'Plans' }).click()
  await expect(page.locator('[data-plan="0"]')).toContainText('feed-through')

  await goTo(page, '/plans/{board Seed store}')
  await page.getByRole('link', { name: 'Prepare' }).click()
  const prepare = page.locator('[data-test=prepare]')
  const threeWays = prepare.locator('tr', { hasText: 'three-way' })
  await expect(threeWays).toContainText('2')
  await page.locator('[data-test=sets]').fill('10')
  await page.locator('[data-test=sets]').press('Enter')
  await expect(threeWays).toContainText('20')
  await prepare.getByLabel('price of three-way').fill('3.49')
  await prepare.getByLabel('price of three-way').press('Enter')
  await expect(threeWays.locator('[data-test=cost]')).toHaveText('$69.80')
  await prepare.getByLabel('in stock: three-way').fill('8')
  await prepare.getByLabel('in stock: three-way').press('Enter')
  await expect(threeWays.locator('[data-test=short]')).toHaveText('! 12')
  await expect(prepare.locator('[data-test=total]')).toContainText('$69.80')
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Materials', exact: true }).click()
  expect((await download).suggestedFilename()).toBe('Seed store, two doors, materials.csv')
  await expectNoSeriousFault(page)
  for (const [tab, words] of [
    ['Cut list', 'ft'],
    ['Labels', 'traveler'],
    ['Mark out', 'in from the top'],
    ['In the boxes', 'Not a single-pole switch'],
    ['Readings', '120 V, on'],
  ] as const) {
    await page.getByRole('tab', { name: tab }).click()
    await expect(prepare).toContainText(words)
  }
  await expectNoSeriousFault(page)

  await page.getByRole('link', { name: 'On paper' }).click()
  // Nothing that tells an answer is there until it is asked for.
  await expect(page.locator('[data-page=task]')).toBeVisible()
  await expect(page.locator('[data-page=key]')).toHaveCount(0)
  for (const box of await page.getByRole('checkbox').all()) await box.check()
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
  const [file] = await Promise.all([page.waitForEvent('download'), page.locator('[data-test=pdf]').click()])
  expect(file.suggestedFilename()).toMatch(/^Seed store, two doors, .+\.pdf$/)
  await page.getByLabel('Answer key, box by box').uncheck()
  await expect(page.locator('[data-page=key]')).toHaveCount(0)
  expect(heard).toEqual([])
})

test('a box is lined up, filled, sized, turned and copied; singles share a conduit; a scheme is looked at', async ({
  page,
}) => {
  const heard = complaints(page)
  await newBoard(page, 'pattern na-04-three-way-dead-end')
  const hand = new Hand(page)
  const choose = async (selector: string) => {
    await page.keyboard.press('Escape')
    await page.locator(selector).focus()
    await page.keyboard.press('Enter')
  }
  const place = async (id: string) =>
    (await page.locator(`[data-wall-box=${id}] [data-wall-sign]`).getAttribute('transform'))!
      .match(/[\d.]+/g)!
      .slice(0, 2)
      .map(Number)
  await expect(sentence(page)).toContainText('Correct')

  // The keyboard moves a box by the grid; lining up brings it back to the height of the other.
  await choose('[data-wall-box=B2]')
  const [x, y] = await place('B2')
  await page.keyboard.press('ArrowUp')
  await expect.poll(async () => (await place('B2'))[1]!).toBeLessThan(y!)
  await page.keyboard.press('l')
  await hand.tap('[data-wall-box=B1]')
  expect(await place('B2')).toEqual([expect.closeTo(x!, -2), y])

  // Two switches in one box, and the box too small for them: one tap takes the larger.
  await choose('[data-wall-box=B2]')
  await page.keyboard.press('h')
  await hand.tap('[data-hang=na-switch-1p]')
  await expect(page.locator('[data-test=planner]')).toContainText('The switch S3 at Far door controls no light yet')
  await page.locator('[data-test=details]').click()
  await page.locator('[data-test=box-size]').selectOption('device-3x2x1.5')
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(page.locator('[data-wall-box=B2]')).toContainText('too small')
  await page.locator('[data-test=larger]').click()
  await expect(page.locator('[data-wall-box=B2]')).not.toContainText('too small')

  // Another face, turned: what eyes see changes, and nothing else.
  await page.locator('[data-test=details]').click()
  const first = page.locator('[data-device=S2]')
  await first.locator('[data-test=face]').selectOption('printed-com')
  await expect(first.locator('[data-test=sketch]')).toHaveAttribute('aria-label', /brass screw COM/)
  await first.locator('[data-test=turn]').click()
  await expect(first.locator('[data-test=turn]')).toContainText('turned 90°')
  await page.locator('[data-device=S3]').getByRole('button', { name: 'Remove S3' }).click()
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(sentence(page)).toContainText('Correct')
  await page.locator('[data-test=ask-neutral]').click()
  await expect(page.locator('[data-test=neutral]')).toContainText('Far door: ')

  // Copied here, hung on another board.
  await page.keyboard.press('Control+c')
  await page.keyboard.press('Control+v')
  await expect(page.locator('[data-wall-box=B3]')).toContainText('Far door 2')
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-wall-box=B3]')).toHaveCount(0)

  // The scheme that inspectors dispute stands on the wall while it is looked at.
  await expect(cable(page, 'W2')).toContainText('WHT hot, re-identified')
  await page.locator('[data-scheme=common-link]').click()
  await expect(page.locator('[data-test=looked-at]')).toContainText('commons tied together')
  await expect(cable(page, 'W2')).not.toContainText('BLK traveler, RED traveler')
  await page.getByRole('button', { name: 'Require this method' }).click()
  await page.locator('[data-test=asks]').click()
  await expect(page.locator('[data-test=scheme]')).toHaveValue('common-link')
  await page.locator('[data-test=scheme]').selectOption('any')
  await page.locator('[data-test=edition]').selectOption('NEC-2008')
  await page.locator('[data-test=widthMm]').fill('96')
  await page.locator('[data-test=widthMm]').press('Enter')
  await page.locator('[data-test=studsMm]').fill('16')
  await page.locator('[data-test=studsMm]').press('Enter')
  await expect(page.locator('[data-test=stud]')).toHaveCount(7)
  await page.locator('[data-test=settings]').getByRole('button', { name: 'Done' }).click()

  // A run of singles in conduit.
  await choose('[data-wall-cable=W3]')
  await page.locator('[data-test=cable-type]').selectOption('na-14-single')
  await page.locator('[data-test=cable-colour]').selectOption('red')
  await page.locator('[data-test=cable-length]').fill('10')
  await page.locator('[data-test=cable-length]').press('Enter')
  await page.getByRole('button', { name: 'Another conductor in this conduit' }).click()
  await expect(page.locator('[data-wall-cable=W4]')).toHaveCount(1)
  await page.locator('[data-test=cable-colour]').selectOption('white')
  await page.getByRole('button', { name: 'Another conductor in this conduit' }).click()
  await page.locator('[data-test=cable-colour]').selectOption('green')
  await expect(sentence(page)).toContainText('Correct')
  await expect(cable(page, 'W3')).toContainText('RED switch leg')
  await expect(cable(page, 'W3')).toContainText('10 ft')
  await page.getByRole('link', { name: 'Plans' }).click()
  await expect(page.locator('[data-plan="0"]')).toContainText('dead-end')
  expect(heard).toEqual([])
})

test('the feed is dragged to another box, and the light moved', async ({ page }) => {
  await newBoard(page, 'pattern na-03-three-way-feed-through')
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✓')
  const middle = async (id: string) => {
    const box = (await page.locator(`[data-wall-box=${id}] [data-box-shape]`).boundingBox())!
    return [box.x + box.width / 2, box.y + box.height * 0.3] as const
  }
  const [fx, fy] = await middle('F')
  const [hx, hy] = await middle('H1')
  await page.mouse.move(fx, fy)
  await page.mouse.down()
  await page.mouse.move((fx + hx) / 2, hy, { steps: 4 })
  await page.mouse.move(hx, hy, { steps: 4 })
  await page.mouse.up()
  await expect(page.locator('[data-scheme=light-fed]')).toContainText('✓')
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✕')
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-scheme=feed-through]')).toContainText('✓')
  await page.keyboard.press('Escape')
  await page.locator('[data-wall-box=H1]').focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('m')
  await page.locator('[data-wall-box=B1]').focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-test=said]')).toContainText('The light is now at')
  await expect(page.locator('[data-scheme=light-fed]')).toContainText('✓')
})

test('what stands is taken down, and planned from', async ({ page }) => {
  const heard = complaints(page)
  await signIn(page, 'marit')
  await goTo(page, '/plans/{board Propagation house}')
  await page.getByRole('link', { name: 'As found' }).click()
  const lands = (point: string) => page.locator(`[data-row="${point}"] select`).first()
  await page.locator('[data-box=B1]').click()
  await lands('W1.black@B1').selectOption('S1.t1')
  await lands('W2.black@B1').selectOption('S1.common')
  await lands('W1.white@B1').selectOption('A')
  await lands('W2.white@B1').selectOption('A')
  await expect(page.locator('[data-box=B1]')).toContainText('4/')
  await expect(page.locator('[data-test=saving]')).toHaveText('saved')
  await page.getByRole('button', { name: 'Plan from this wiring' }).click()
  await expect(page.locator('[data-test=then]')).toContainText('Correct')
  await expect(page.locator('[data-test=moves]')).toContainText('the black in W1')
  await expectNoSeriousFault(page)
  await page.reload()
  await page.locator('[data-box=B1]').click()
  await expect(lands('W1.black@B1')).toHaveValue('S1.t1')

  const wiring = await page.request.get(
    await numbered(page, '/api/board-files/{board Propagation house}/plans/0/file?as=wiring'),
  )
  await page
    .locator('[data-test=wiring-file]')
    .setInputFiles({ name: 'right.wiring.json', mimeType: 'application/json', buffer: await wiring.body() })
  await expect(lands('W1.black@B1')).toHaveValue('S1.common')
  await page.getByRole('button', { name: 'Plan from this wiring' }).click()
  await expect(page.getByText('Nothing to change.')).toBeVisible()
  expect(heard).toEqual([])
  await page
    .locator('[data-test=wiring-file]')
    .setInputFiles({ name: 'wrong.json', mimeType: 'application/json', buffer: Buffer.from('{') })
  await expect(page.getByRole('alert')).toContainText('refused')
})

const STAR = {
  format: 'zwindle-board',
  version: 1,
  title: 'Light in the middle',
  practice: 'na',
  code: 'NEC-2023',
  enclosures: [
    { id: 'SRC', kind: 'supply', label: 'Panel', at: [300, 300] },
    { id: 'L1', kind: 'light-box', label: 'Light', material: 'metal', box: 'octagon-4x2.125', at: [1100, 300] },
    { id: 'B1', kind: 'switch-box', label: 'Left', material: 'plastic', volumeIn3: 20, at: [500, 800] },
    { id: 'B2', kind: 'switch-box', label: 'Right', material: 'plastic', volumeIn3: 20, at: [1700, 800] },
  ],
  devices: [
    { id: 'PS', in: 'SRC', model: 'na-supply', breakerA: 15 },
    { id: 'S1', in: 'B1', model: 'na-switch-3way' },
    { id: 'S2', in: 'B2', model: 'na-switch-3way' },
    { id: 'LA', in: 'L1', model: 'na-lampholder' },
  ],
  cables: [
    { id: 'W1', type: 'na-14-2', from: 'SRC', to: 'L1' },
    { id: 'W2', type: 'na-14-3', from: 'L1', to: 'B1' },
    { id: 'W3', type: 'na-14-3', from: 'L1', to: 'B2' },
  ],
  controls: [{ lamps: ['LA'], switches: ['S1', 'S2'] }],
  alwaysOn: [],
}

test('a board that cannot be wired names the rule, and what would do is taken by one tap', async ({ page }) => {
  await signIn(page, 'marit')
  await page.goto(`/draw/${await addBoard(page, STAR)}`)
  await expect(sentence(page)).toContainText('The missing conductor is the neutral that NEC 404.2(C) requires')
  await page.locator('[data-way=no-neutral]').click()
  await expect(sentence(page)).toContainText('Correct')
  await expect(page.locator('[data-test=ways-out]')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.locator('[data-way=edition]').click()
  await expect(sentence(page)).toContainText('Correct')
})
