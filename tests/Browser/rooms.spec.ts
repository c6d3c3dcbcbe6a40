import { readFileSync } from 'node:fs'
import { expect, type Page, test } from '@playwright/test'
import { comeIn, complaints, expectNoSeriousFault, goTo, openBench, setBoard, signIn } from './support'

test('the verdict shows table, pinned findings and the path for chosen positions', async ({ page }) => {
  const heard = complaints(page)
  await comeIn(page, 'bertil')
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Propagation house' })
    .getByRole('link', { name: 'See the verdict' })
    .click()
  await expect(page.locator('[data-test=headline]')).toHaveText(
    'Lights in 1 of 4 combinations: common and a traveler are swapped at Far bench.',
  )
  await expect(page.locator('tr[data-state="0"]')).toContainText('should be on')
  await expect(page.locator('[data-map-box="B2"]')).toContainText('1')
  await expect(page.locator('[data-test=path]')).toContainText('stops at an open contact')
  await page.locator('[data-flip=S1]').click()
  await page.locator('[data-flip=S2]').click()
  await expect(page.locator('[data-test=path]')).toContainText('the light is on')
  await expect(page.locator('[data-map-box="L1"]')).toContainText('ON')
  await expect(page.locator('tr[data-state="3"]')).toHaveClass(/bg-wash/)
  await page.getByText('What this causes (2)').click()
  await expect(page.locator('[data-finding=partial-control]').first()).toBeVisible()
  await page.getByRole('button', { name: 'Open Far bench' }).click()
  await expect(page.locator('svg[data-box="B2"]')).toBeVisible()
  await expect(page.locator('[data-pin="S2#3"]')).toHaveText('1')
  await expect(page.locator('[data-pin="S2#2"]')).toHaveText('1')
  await page.getByRole('button', { name: 'Whole board' }).click()
  await page.locator('[data-map-box="B1"]').focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('svg[data-box="B1"]')).toBeVisible()
  expect(heard).toEqual([])
})

async function seeVerdict(page: Page, who: string, board: string) {
  await comeIn(page, who)
  await page.getByRole('listitem').filter({ hasText: board }).getByRole('link', { name: 'See the verdict' }).click()
  await expect(page.locator('[data-test=headline]')).toBeVisible()
}

test('the diagram keeps in step with the board, by pointer and by key, and hides layers in words', async ({ page }) => {
  const heard = complaints(page)
  await seeVerdict(page, 'bertil', 'Propagation house')
  await page.getByRole('tab', { name: 'Diagram' }).click()
  const diagram = page.locator('[data-test=diagram]')
  await expect(diagram).toContainText('LA off')
  // The address tells the leaf that is open, once the leaf is drawn.
  await page.waitForURL(/=diagram/i)
  await page.reload()
  await expect(diagram).toContainText('LA off')
  await diagram.locator('[data-symbol=S1]').click()
  await diagram.locator('[data-symbol=S2]').focus()
  await page.keyboard.press('Enter')
  await expect(diagram).toContainText('S2 down')
  await expect(diagram).toContainText('LA on')
  await expect(page.locator('tr[data-state="3"]')).toHaveClass(/bg-wash/)
  await expect(diagram.locator('[data-wire=neutral] [data-traced]')).toHaveCount(1)
  await page.locator('[data-layer=neutral]').click()
  await expect(page.locator('[data-layer=neutral]')).toContainText('hidden: 8 places')
  await expect(diagram.locator('[data-wire=neutral]')).toBeHidden()
  await page.getByRole('tab', { name: 'Board' }).click()
  await page.locator('[data-map-box="B1"] [data-box-shape]').click()
  await expect(page.locator('[data-layer=neutral]')).toContainText('hidden')
  expect(heard).toEqual([])
})

test('the repair is stepped through on the board, the moves made one after the other', async ({ page }) => {
  const heard = complaints(page)
  await seeVerdict(page, 'bertil', 'Propagation house')
  await page.getByRole('tab', { name: 'Put it right' }).click()
  const repair = page.locator('[data-test=repair]')
  await expect(repair).toContainText('2 moves put it right')
  await expect(repair).toContainText('The mistake: common and a traveler swapped at the switch at Far bench')
  await page.getByRole('button', { name: 'Show the first move' }).click()
  await expect(page.locator('svg[data-box="B2"]')).toBeVisible()
  await expect(page.locator('[data-test=dead]')).toContainText('Supply off')
  await expect(repair.locator('[aria-current=step]')).toContainText('move the red in W2')
  const drawn = () =>
    page.locator('svg[data-box="B2"] path').evaluateAll((paths) => paths.map((path) => path.outerHTML))
  const asHandedIn = await drawn()
  await page.getByRole('button', { name: 'Next ▸' }).click()
  await expect(repair.locator('[aria-current=step]')).toContainText('move the black in W3')
  expect(await drawn()).not.toEqual(asHandedIn)
  await page.getByRole('button', { name: 'See the finished repair' }).click()
  await expect(page.getByRole('button', { name: 'See the finished repair' })).toBeDisabled()
  // The board is seen to work: its table, its lamp, its flips.
  await expect(page.getByText('PUT RIGHT', { exact: true })).toBeVisible()
  await expect(page.locator('tr[data-state]').filter({ hasText: 'should be' })).toHaveCount(0)
  await expect(page.locator('[data-test=path]')).toContainText('see it work')
  await expect(page.locator('[data-pin]')).toHaveCount(0)
  await page.locator('[data-flip=S1]').click()
  await expect(page.locator('[data-test=path]')).toContainText('see it work')
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: '◂ Previous', exact: true }).click()
  await expect(page.locator('[data-test=path]')).toBeVisible()
  await page.getByRole('button', { name: 'Show the first move' }).click()
  expect(await drawn()).toEqual(asHandedIn)
  await page.locator('[data-test=edition]').click()
  await page.locator('[data-edition="NEC-2014"]').click()
  await expect(repair.locator('[aria-current=step]')).toHaveCount(0)
  expect(heard).toEqual([])
})

test('the nearest plan stands beside the repair, and is shown on the board', async ({ page }) => {
  const heard = complaints(page)
  await seeVerdict(page, 'odalys', 'Seed store')
  await page.getByRole('tab', { name: 'Nearest plan' }).click()
  await expect(page.getByText('This is the nearest plan, not the board that was handed in.')).toBeVisible()
  await expect(page.locator('[data-test=nearest]')).toContainText('changes to the nearest plan')
  await page.locator('[data-test=nearest] li button').first().click()
  await expect(page.locator('svg[data-box]')).toBeVisible()
  await page.getByRole('tab', { name: 'What is wrong' }).click()
  await expect(page.locator('[data-test=path]')).toBeVisible()
  expect(heard).toEqual([])
})

test('an instructor looks through the plans of a board box by box, in either order, and sees the current', async ({
  page,
}) => {
  const heard = complaints(page)
  await signIn(page, 'marit')
  await page.goto('/boards')
  await page.getByRole('link', { name: /Seed store, two doors/ }).click()
  await page.getByRole('navigation', { name: 'This board' }).getByRole('link', { name: 'Plans' }).click()
  await expect(page.locator('[data-plan="0"]')).toContainText('dead-end run')
  await expect(page.locator('[data-plan="0"]')).toContainText('preferred')
  await page.getByText('An electronic switch?').click()
  await expect(page.getByText('with W3 as 14/4')).toBeVisible()
  await page.locator('[data-flip=S1]').click()
  await expect(page.locator('[data-test=path]')).toContainText('stops at an open contact')

  await page.getByRole('button', { name: 'Start with a bare board' }).click()
  const step = page.locator('[data-test=steps] [aria-current=step]')
  await expect(step).toContainText('Seed shelves')
  await expect(page.locator('svg[data-box="B1"] [data-place="W2.black@B1"]')).toHaveAttribute('aria-label', /loose/)
  await page.locator('[data-test=order]').selectOption('farthestFirst')
  await expect(step).toHaveCount(0)
  await page.getByRole('button', { name: 'Start with a bare board' }).click()
  await expect(step).toContainText('(ground)')
  await page.getByRole('button', { name: 'Next box' }).click()
  await expect(page.locator('svg[data-box]')).toBeVisible()

  await page.locator('[data-plan="0"]').focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('[data-plan="1"]')).toHaveClass(/bg-wash/)
  await page.getByRole('tab', { name: 'Conductors' }).click()
  await expect(page.locator('[data-test=cores]').last()).toContainText(/white\s*traveler/)
  await page.locator('[data-test=edition]').selectOption('NEC-2011')
  await expect(page.locator('[data-test=impossible]')).toContainText('W3 as 14/4')
  await expectNoSeriousFault(page)
  expect(heard).toEqual([])
})

test('a board is carried over to the other practice, with what is different there', async ({ page }) => {
  const heard = complaints(page)
  await signIn(page, 'marit')
  await page.goto('/boards')
  await page.getByRole('button', { name: 'More: Tool locker, one switch' }).click()
  await page.getByRole('menuitem', { name: 'Plans' }).click()
  await page.getByRole('button', { name: 'Convert it to Britain' }).click()
  await expect(page.locator('[data-test=conversion]')).toContainText('single-pole becomes one-way')
  await expect(page.locator('[data-test=conversion]')).toContainText(
    'the blue of a switch drop, sleeved brown, is always',
  )
  await expect(page.getByRole('heading', { name: 'Tool locker, one switch (Britain)' })).toBeVisible()
  await page.getByRole('button', { name: 'Got it' }).click()
  await expect(page.locator('[data-test=conversion]')).toHaveCount(0)
  await page.getByRole('tab', { name: 'Conductors' }).click()
  await expect(page.locator('[data-test=cores]').last()).toContainText(/blue\s*switched live/)
  await expectNoSeriousFault(page)
  expect(heard).toEqual([])
})

test('another edition is chosen in one step, and the screen says what changes', async ({ page }) => {
  const heard = complaints(page)
  await seeVerdict(page, 'bertil', 'Seed store')
  await expect(page.locator('[data-test=scheme]')).toContainText('The re-identified white takes the hot out')
  await expect(page.locator('[data-test=changes]')).toHaveCount(0)
  const judgeBy = async (edition: string) => {
    await page.locator('[data-test=edition]').click()
    await page.locator(`[data-edition="${edition}"]`).click()
  }
  await judgeBy('NEC-2011')
  await expect(page.locator('[data-test=changes]')).toContainText('Yard door: no neutral in the box')
  await expect(page.locator('[data-finding=neutral-absent-at-switch]')).toBeVisible()
  await judgeBy('NEC-2014')
  await expect(page.locator('[data-test=changes]')).toHaveCount(0)
  await expect(page.locator('[data-finding=neutral-absent-at-switch]')).toHaveCount(0)
  await page.getByRole('tab', { name: 'Box fill' }).click()
  await expect(page.locator('[data-test=figures]')).toContainText('Store door: 22.00 of 30.30 in³, fits')
  expect(heard).toEqual([])
})

test('a British board shows load, volt drop and readings beside its verdict', async ({ page }) => {
  await seeVerdict(page, 'bertil', 'Three sheds')
  await page.getByRole('tab', { name: 'Figures' }).click()
  await expect(page.locator('[data-test=figures]')).toContainText('3 lampholders at 100 W each: 1.30 A of 6 A')
  await expect(page.locator('[data-test=figures]')).toContainText('volt drop, V (limit 6.9)')
  await expect(page.locator('[data-test=figures]')).toContainText('Run F1, 7 m')
})

for (const tab of ['Diagram', 'Box fill']) {
  test(`axe finds no serious fault on the verdict's ${tab}`, async ({ page }) => {
    await seeVerdict(page, 'odalys', 'Seed store')
    await page.getByRole('tab', { name: tab }).click()
    await expectNoSeriousFault(page)
  })
}

test("a trainee who asks for another's board is told that nothing hangs there", async ({
  page,
  playwright,
  baseURL,
}) => {
  const other = await setBoard(playwright, baseURL!, 'Crew hut', 'Bertil Osk')
  await signIn(page, 'quill')
  await page.goto(`/verdict/${other}`)
  await expect(page.getByRole('alert')).toHaveText('There is nothing here for you at this address.')
})

test('the instructor sets a board, and sees who has handed in and the board as it stands', async ({ page }) => {
  await comeIn(page, 'marit')
  await page.getByRole('button', { name: /Propagation house.*3\/5/ }).click()
  await expect(page.getByRole('row', { name: /Bertil Osk/ })).toContainText(
    'common and a traveler are swapped at Far bench',
  )
  await expect(page.getByRole('row', { name: /Tamsin Vey/ })).toContainText('Wiring: 7 steps')
  await page
    .getByRole('row', { name: /Tamsin Vey/ })
    .getByRole('link')
    .click()
  await expect(page.getByText('Not handed in yet. This is the board as it is now')).toBeVisible()
  await page.locator('[data-map-box="B1"] [data-box-shape]').click()
  await expect(page.locator('svg[data-box="B1"] [data-place="W1.black@B1"]')).toHaveAttribute('aria-label', /joined/)

  await page.goto('/boards')
  await page.getByRole('button', { name: /More: Boat store/ }).click()
  await page.getByRole('menuitem', { name: 'Set to a class' }).click()
  await page.getByLabel('Odalys Wrenfield').uncheck()
  await page.getByLabel(/Minutes/).fill('20')
  await page.getByRole('button', { name: 'Set it for 4 trainees' }).click()
  await page.waitForURL(/tonight\?assignment=/)
  await expect(page.getByRole('button', { name: /Boat store.*0\/4/ })).toBeVisible()
})

test('a bad board file is refused with its problems listed', async ({ page }) => {
  await signIn(page, 'marit')
  await page.goto('/boards')
  const text = readFileSync('database/demo/tool-locker/board.json', 'utf8').replace('na-lampholder', 'na-chandelier')
  await page.setInputFiles('input[type=file]', {
    name: 'bad.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  })
  await expect(page.getByRole('alert')).toContainText('/devices/2/model')
  await expect(page.getByRole('alert')).toContainText('There is no device model na-chandelier.')
})

test('a wrong password gets a clear answer', async ({ page }) => {
  await page.goto('/sign-in')
  await page.getByLabel('Name').fill('nobody')
  await page.getByLabel('Password').fill('guess')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert')).toHaveText('Wrong name or password.')
})

test('from sign-in to hand-in by keyboard alone', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Tool locker')
  await page.goto(`/bench/${attempt}`)
  await page.waitForURL(/sign-in/)
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 80; i++) {
      await page.keyboard.press('Tab')
      const focused = await page.evaluate(
        () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
      )
      if (name.test(focused.trim())) return
    }
    throw new Error(`Tab never came to ${name}`)
  }
  await page.keyboard.press('Tab')
  await page.keyboard.type('quill')
  await page.keyboard.press('Tab')
  await page.keyboard.type('lights-on')
  await page.keyboard.press('Enter')
  await page.waitForURL(/\/bench\/\d+$/)
  await expect(page.getByRole('group', { name: 'Open box Locker light' })).toBeVisible()
  await tabTo(/^the black in W1 /)
  await page.keyboard.press('Enter')
  await tabTo(/^brass screw 2 of LA, number 2$/)
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-test=said]')).toHaveText('the black in W1 (to Supply cord) on brass screw 2 of LA.')
  await page.locator('body').press('Shift+Tab')
  await tabTo(/^Hand in$/)
  await page.keyboard.press('Enter')
  await tabTo(/^Hand in now$/)
  await page.keyboard.press('Enter')
  await page.waitForURL(/verdict/)
})

for (const [name, who, path] of [
  ['sign-in', '', '/sign-in'],
  ['my boards', 'odalys', '/my-boards'],
  ['verdict', 'imara', '/verdict/{own Boat store}'],
  ['tonight', 'marit', '/tonight'],
  ['boards', 'marit', '/boards'],
  ['patterns', 'marit', '/boards?new=yes'],
  ['people', 'marit', '/people'],
  ['tasks', 'marit', '/tasks'],
  ['marks', 'marit', '/marks'],
  ['password', 'marit', '/password'],
  ['set a board', 'marit', '/set/{board Boat store}'],
  ['try a board', 'marit', '/try/{board Boat store}'],
  ['show a board', 'marit', '/show/{board Packing barn}'],
  ['plans', 'marit', '/plans/{board Packing barn}'],
] as const) {
  test(`axe finds no serious fault on the screen ${name}`, async ({ page }) => {
    if (who) await signIn(page, who)
    await goTo(page, path)
    await page.waitForLoadState('networkidle')
    await expectNoSeriousFault(page)
  })
}

test('axe finds no serious fault on the bench, with an end in hand and as a schedule', async ({
  page,
  playwright,
  baseURL,
}) => {
  const attempt = await setBoard(playwright, baseURL!, 'Towpath workshop')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await expectNoSeriousFault(page)
  await page.keyboard.press('a')
  await expectNoSeriousFault(page)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Schedule' }).click()
  await expectNoSeriousFault(page)
})

for (const [who, home] of [
  ['marit', /\/tonight$/],
  ['quill', /\/my-boards$/],
] as const) {
  test(`the plain address leads ${who} from a cold start to their own first page`, async ({ page }) => {
    await page.goto('/')
    await expect(page).toHaveURL(/\/sign-in$/)
    await page.getByLabel('Name').fill(who)
    await page.getByLabel('Password').fill('lights-on')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page).toHaveURL(home)
    // Opened once more: nothing is known of the session before the page asks.
    await page.goto('/')
    await expect(page).toHaveURL(home)
  })
}
