import { expect, type Page, test } from '@playwright/test'
import { comeIn, complaints, expectNoSeriousFault, goTo, setBoard, signIn } from './support'

/** An instructor whose evening is empty yet: invited by another, signed in with the password of the slip. */
async function newInstructor(page: Page, name: string) {
  await signIn(page, 'marit')
  await page.goto('/people')
  await page.locator('[data-test=invite]').fill(name)
  await page.getByRole('button', { name: 'Invite' }).click()
  const code = (await page.locator('[data-test=code]').textContent())!.trim()
  await page.getByRole('button', { name: 'Done' }).click()
  await page.getByRole('button', { name: 'Marit Halloway' }).click()
  await page.getByRole('menuitem', { name: 'Sign out' }).click()
  await signInWith(page, name, code)
}

async function signInWith(page: Page, name: string, code: string) {
  await page.waitForURL(/sign-in/)
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Code or password').fill(code)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL((url) => !url.pathname.includes('sign-in'))
}

test('from nothing by the first-run path to a checked board', async ({ page, browser }) => {
  test.setTimeout(120_000)
  const heard = complaints(page)
  await newInstructor(page, 'Edda Rowan')
  await expect(page).toHaveURL(/\/tonight$/)
  const path = page.locator('[data-test=first-run]')
  await expect(path).toContainText('Five steps to the first checked board')
  await expectNoSeriousFault(page)
  await path.getByRole('link', { name: 'Make a class' }).click()
  await page.locator('[data-test=new-class]').fill('Monday, second year')
  await page.getByRole('button', { name: 'Make the class' }).click()
  await page.locator('[data-test=roster]').fill('Odd Berg')
  await page.getByRole('button', { name: 'Check the list' }).click()
  await page.getByRole('button', { name: 'Add 1 person' }).click()
  const code = (await page.locator('[data-test=code]').textContent())!.trim()
  await expectNoSeriousFault(page)
  await page.getByRole('button', { name: 'Done' }).click()
  await page.getByRole('link', { name: 'Tonight' }).click()
  await path.getByRole('link', { name: 'Draw a board, or start from a pattern' }).click()
  await page.getByRole('button', { name: 'Draw a new board' }).click()
  await page.locator('[data-pattern="na-01-single-at-the-switch"]').click()
  await expect(page.locator('[data-test=sentence]')).toContainText('Correct')
  await page.getByRole('link', { name: 'Set …' }).click()
  await page.getByRole('button', { name: 'Set it for one trainee' }).click()
  await page.waitForURL(/tonight\?assignment=/)
  await expect(path).toContainText('The first evening')

  const trainee = await (await browser.newContext()).newPage()
  await trainee.goto('/sign-in')
  await signInWith(trainee, 'ODD BERG', code.toLowerCase())
  await expect(trainee.getByRole('heading', { name: 'My work' })).toBeVisible()
  await trainee.getByRole('link', { name: 'Open the board' }).click()
  await trainee.getByRole('button', { name: 'Hand in' }).click()
  await trainee.getByRole('button', { name: 'Hand in now' }).click()
  await expect(trainee.locator('[data-test=headline]')).toBeVisible()
  await trainee.context().close()

  await page.reload()
  await expect(page.getByRole('row', { name: /Odd Berg/ })).toContainText('✕')
  await expect(path).toHaveCount(0)
  expect(heard).toEqual([])
})

test('22 people from a pasted list to slips, in so many gestures', async ({ page }, info) => {
  await signIn(page, 'marit')
  await page.goto('/people')
  let gestures = 0
  const tap = async (name: string) => {
    gestures++
    await page.getByRole('button', { name }).click()
  }
  gestures += 2
  await page.locator('[data-test=new-class]').fill('Wednesday, first year')
  await tap('Make the class')
  gestures += 2
  const names = Array.from(
    { length: 22 },
    (_, i) => `Surname${String.fromCharCode(97 + i)}, First${i % 7 === 0 ? 'ë' : ''}`,
  )
  await page.locator('[data-test=roster]').fill(['Surname,First name', ...names].join('\n'))
  await tap('Check the list')
  await expect(page.locator('[data-test=roster-rows] li')).toHaveCount(22)
  await tap('Add 22 people')
  await expect(page.locator('[data-test=slips] li')).toHaveCount(22)
  await expect(page.locator('[data-test=slips] svg')).toHaveCount(22)
  const codes = await page.locator('[data-test=code]').allTextContents()
  expect(new Set(codes).size).toBe(22)
  // The square code opens the sign-in page and names nobody: all are the same.
  const squares = await page
    .locator('[data-test=slips] svg path')
    .evaluateAll((all) => all.map((one) => one.getAttribute('d')))
  expect(new Set(squares).size).toBe(1)
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.locator('[data-person]')).toHaveCount(22)
  info.annotations.push({ type: 'gestures', description: String(gestures) })
  expect(gestures).toBeLessThanOrEqual(8)
})

test('people are renamed, moved and removed, with undo; a list with faults names its rows', async ({ page }) => {
  const heard = complaints(page)
  await signIn(page, 'marit')
  await page.goto('/people')
  await page.locator('[data-test=new-class]').fill('Weekend group')
  await page.getByRole('button', { name: 'Make the class' }).click()
  await page.locator('[data-test=roster]').fill('Li Wei\n=HYPERLINK("x")\nli wei')
  await page.getByRole('button', { name: 'Check the list' }).click()
  await expect(page.locator('[data-test=roster-faults]')).toContainText('starts like a formula')
  await expect(page.locator('[data-test=roster-faults]')).toContainText('is in the list twice')
  await page.locator('[data-test=roster-file]').setInputFiles({
    name: 'class.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('\ufeffextra time;name\n25;Åse Lund\n', 'utf16le'),
  })
  await expect(page.locator('[data-test=roster-rows]')).toContainText('Åse Lund +25 %')
  await page.getByRole('button', { name: 'Add 1 person' }).click()
  await page.getByRole('button', { name: 'Done' }).click()
  await page.getByLabel('Name of Åse Lund', { exact: true }).fill('Åse Lunde')
  await page.getByLabel('Name of Åse Lund', { exact: true }).press('Enter')
  await expect(page.getByRole('row', { name: /Åse Lunde/ })).toBeVisible()
  await page.getByRole('button', { name: 'More: Åse Lunde' }).click()
  await page.getByRole('menuitem', { name: 'Remove from the class' }).click()
  await expect(page.locator('[data-person]')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-person]')).toHaveCount(1)
  await expectNoSeriousFault(page)
  expect(heard).toEqual([])
})

test('an instructor tries a board on the bench, coached, and nothing is kept', async ({ page }) => {
  const heard = complaints(page)
  await signIn(page, 'marit')
  await goTo(page, '/try/{board Tool locker}')
  await page.getByRole('button', { name: 'Wire this board' }).click()
  await page.waitForURL(/\/bench\/\d+$/)
  const attempt = page.url().split('/').at(-1)
  await expect(page.getByRole('region', { name: 'Trying a board' })).toContainText('Nothing is saved')
  await page.getByRole('button', { name: 'Help', exact: true }).click()
  await expect(page.getByRole('group', { name: /^Open box/ })).toBeVisible()
  await page.getByRole('button', { name: 'Hand in' }).click()
  await page.getByRole('button', { name: 'Hand in now' }).click()
  await expect(page.locator('[data-test=headline]')).toContainText('Never lights')
  await page.locator('[data-test=again] button').click()
  await page.getByRole('menuitem', { name: 'From bare' }).click()
  await page.waitForURL(/\/bench\//)
  await page.getByRole('button', { name: 'Leave the trial' }).click()
  await page.waitForURL(/\/try\/2/)
  expect((await page.request.get(`/api/attempts/${attempt}`)).status()).toBe(404)

  // The board that somebody has at their seat.
  await page.goto('/tonight')
  await page.getByRole('button', { name: /Propagation house.*3\/5/ }).click()
  await page.getByRole('button', { name: 'More: the board of Bertil Osk' }).click()
  await page.getByRole('menuitem', { name: 'Try this board, coached' }).click()
  await page.waitForURL(/\/bench\/\d+$/)
  await page.getByRole('button', { name: 'Leave the trial' }).click()

  await goTo(page, '/try/{board Tool locker}')
  await page.getByText('Like an exam').click()
  await page.getByRole('button', { name: 'Wire this board' }).click()
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Help', exact: true })).toHaveCount(0)
  await page.getByRole('button', { name: 'Leave the trial' }).click()
  expect(heard).toEqual([])
})

test('a trainee wires it again, and the earlier try stays listed', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Tool locker')
  await signIn(page, 'quill')
  await page.goto(`/bench/${attempt}`)
  await page.getByRole('button', { name: 'Hand in' }).click()
  await page.getByRole('button', { name: 'Hand in now' }).click()
  await page.locator('[data-test=again] button').click()
  await page.getByRole('menuitem', { name: 'From what was handed in' }).click()
  await page.waitForURL(/\/bench\//)
  await page.getByRole('button', { name: 'Hand in' }).click()
  await page.getByRole('button', { name: 'Hand in now' }).click()
  await page.locator('[data-test=tries] summary').click()
  await expect(page.locator('[data-test=tries] li')).toHaveCount(2)
  await expect(page.locator('[data-test=tries]')).toContainText('✕')
})

test('one frame: every place by its bar, by keys and by its address', async ({ page }) => {
  const heard = complaints(page)
  await comeIn(page, 'marit')
  await expect(page).toHaveTitle('Tonight · Zwindle')
  for (const room of ['Boards', 'Tasks', 'People', 'Marks', 'Tonight']) {
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: room }).click()
    await expect(page).toHaveTitle(`${room} · Zwindle`)
    await expect(page.getByRole('heading', { name: room, level: 1 })).toBeFocused()
  }
  // Leaf to leaf of a board, and back.
  await goTo(page, '/plans/{board Packing barn}')
  for (const leaf of ['Draw', 'Try', 'Prepare', 'As found', 'Show', 'Plans']) {
    const bar = page.getByRole('navigation', { name: 'This board' })
    await bar.getByRole('link', { name: leaf }).click()
    await expect(bar.getByRole('link', { name: leaf })).toHaveAttribute('aria-current', 'page')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Packing barn, three switches')
  }
  await page.goBack()
  await expect(page).toHaveURL(/\/show\/5/)
  // What is open stands in the address.
  await goTo(page, '/plans/{board Packing barn}?box=B2')
  await expect(page.locator('svg[data-box=B2]')).toBeVisible()
  await page.getByRole('button', { name: 'Whole board' }).click()
  await page.locator('[data-map-box=B1] [data-box-shape]').click()
  await expect(page).toHaveURL(/box=B1/)
  await page.goto('/tonight')
  await page
    .getByRole('button', { name: /Seed store/ })
    .first()
    .click()
  await expect(page).toHaveURL(/assignment=\d+/)
  const address = page.url()
  await page.goto('/boards?find=barn')
  await expect(page.getByRole('link', { name: /Packing barn/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Seed store/ })).toHaveCount(0)
  await page.goto(address)
  await expect(page.getByRole('heading', { name: /Seed store/ })).toBeVisible()
  // Everything by one key.
  await page.keyboard.press('Control+k')
  await expect(page.getByRole('combobox', { name: /^Find/ })).toBeFocused()
  await page.keyboard.type('quill')
  await expect(page.locator('[data-test=palette] li').first()).toContainText('Quill Arden')
  await expectNoSeriousFault(page)
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/people\?class=\d+&person=\d+/)
  expect(heard).toEqual([])
})

test('a board is renamed, archived and deleted, with undo', async ({ page }) => {
  await signIn(page, 'marit')
  await page.goto('/boards?new=yes')
  await page.locator('[data-pattern="gb-03-joint-box"]').click()
  await page.waitForURL(/\/draw\//)
  await page.goto('/boards')
  const more = async (title: string, what: string) => {
    await page.getByRole('button', { name: `More: ${title}`, exact: true }).click()
    await page.getByRole('menuitem', { name: what }).click()
  }
  const row = page.getByRole('link', { name: /Shed to take away/ })
  const title = (await page.locator('[data-board] strong').first().textContent())!
  await more(title, 'Rename')
  await page.keyboard.type('Shed to take away')
  await page.keyboard.press('Enter')
  await expect(row).toBeVisible()
  await more('Shed to take away', 'Delete')
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row).toBeVisible()
  await more('Shed to take away', 'Archive')
  await expect(row).toHaveCount(0)
  await page.getByLabel('archived').check()
  await expect(row).toBeVisible()
})

test('the board for the whole room: paddles by key, letters of 28 px', async ({ page }) => {
  await signIn(page, 'marit')
  await goTo(page, '/show/{board Packing barn}')
  const lit = page.locator('[data-test=lit]')
  await expect(lit).toContainText('on')
  // The light waits until it is asked for.
  await page.keyboard.press('1')
  await expect(lit).toContainText('What does the light do now?')
  await page.keyboard.press('PageDown')
  await expect(lit).toContainText('off')
  await page.keyboard.press('q')
  await page.keyboard.press('1')
  await expect(lit).toContainText('on')
  const heights = await page
    .locator('[data-test=show] svg text')
    .evaluateAll((texts) =>
      texts.map((text) => parseFloat(getComputedStyle(text).fontSize) * (text as SVGTextElement).getScreenCTM()!.a),
    )
  expect(heights.length).toBeGreaterThan(6)
  for (const height of heights) expect(height).toBeGreaterThan(27.5)
})

test('as found: a right board in 2 gestures, a crossed common in 4, and a sheet for each board', async ({ page }) => {
  const heard = complaints(page)
  await signIn(page, 'marit')
  await goTo(page, '/plans/{board Propagation house}')
  let gestures = 0
  const tap = async (what: ReturnType<Page['locator']>) => {
    gestures++
    await what.click()
  }
  await tap(page.getByRole('navigation', { name: 'This board' }).getByRole('link', { name: 'As found' }))
  await tap(page.locator('[data-test=as-planned]'))
  await expect(page.locator('[data-test=saving]')).toHaveText('saved')
  expect(gestures).toBe(2)
  await tap(page.locator('[data-box=B2]'))
  gestures++
  const common = page.locator('[data-row="W3.black@B2"] select').first()
  const traveler = page.locator('[data-row="W2.red@B2"] select').first()
  await expect(traveler).not.toHaveValue('')
  const place = await traveler.inputValue()
  await common.selectOption(place)
  expect(gestures).toBe(4)
  await expect(page.getByText('the two were swapped')).toBeVisible()
  await page.getByRole('button', { name: 'Plan from this wiring' }).click()
  await expect(page.locator('[data-test=as-found]')).toContainText('common and a traveler are swapped')
  await expectNoSeriousFault(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(common).not.toHaveValue(place)

  await page.locator('[data-test=number]').fill('2')
  await page.locator('[data-test=number]').press('Enter')
  await expect(page).toHaveURL(/number=2/)
  await expect(page.locator('[data-box=B2]')).toContainText('0/')
  expect(heard).toEqual([])
})

test('a board is taken down in speaking order: a number for each end, on a phone and by keys', async ({ page }) => {
  await signIn(page, 'marit')
  await page.setViewportSize({ width: 390, height: 844 })
  await goTo(page, '/as-found/{board Propagation house}?number=7')
  await page.locator('[data-test=as-planned]').click()
  await expect(page.locator('[data-test=saving]')).toHaveText('saved')
  await page.locator('[data-test=one-by-one]').click()
  const end = page.locator('[data-test=spoken-end]')
  const spoken = page.locator('[data-test=spoken]')
  const first = (await end.textContent())!
  const count = Number((await spoken.locator('.code').first().textContent())!.match(/of (\d+)/)![1])
  await expectNoSeriousFault(page)
  // As written, by the big button; then loose, by a key; then back by one.
  await page.locator('[data-test=spoken-same]').click()
  await expect(end).not.toHaveText(first)
  const second = (await end.textContent())!
  await page.keyboard.press('0')
  await expect(end).not.toHaveText(second)
  await page.keyboard.press('Backspace')
  await expect(end).toHaveText(second)
  await expect(spoken).toContainText('nowhere, loose')
  await spoken.locator('[data-number="1"]').click()
  for (let i = 2; i < count; i++) await page.keyboard.press('Enter')
  await expect(page.locator('[data-test=spoken-done]')).toContainText(`All ${count} conductors are on the sheet`)
  await expect(page.locator('[data-test=saving]')).toHaveText('saved')
})
