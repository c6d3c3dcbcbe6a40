import { expect, type Page, test } from '@playwright/test'
import { comeIn, complaints, expectNoSeriousFault, signIn } from './support'

/** An instructor's own try of a board, wired as planned, under test. */
async function prove(page: Page, boardFile: number): Promise<string> {
  await page.goto(`/try/${boardFile}`)
  await page.locator('[data-test=prove-wired]').click()
  await page.waitForURL(/prove/)
  await expect(page.locator('[data-test=supply]')).toBeVisible()
  return page.url().match(/prove\/(\d+)/)![1]!
}

const boards = async (page: Page) =>
  (await (await page.request.get('/api/board-files')).json()) as { id: number; title: string }[]
const said = (page: Page) => page.locator('[data-test=said]')
const step = (page: Page, id: string) => page.locator(`[data-step="${id}"]`)
const saved = (page: Page) => expect(page.locator('[data-test=saving]')).toHaveText('saved')
/** The breaker with the board's name on it. */
const own = (page: Page, title: string) => page.locator('[data-part^=breaker]').filter({ hasText: title })

async function openBox(page: Page, name: string) {
  if (await page.getByRole('button', { name: '◂ Whole board' }).isVisible())
    await page.getByRole('button', { name: '◂ Whole board' }).click()
  await page.getByRole('button', { name: new RegExp(`^Box ${name}`) }).click()
  await expect(page.getByRole('group', { name: `Open box ${name}` })).toBeVisible()
}

async function touch(page: Page, one: string, other: string) {
  await page.locator(`[data-place="${one}"]`).click()
  await page.locator(`[data-place="${other}"]`).click()
  await saved(page)
}

/** The tester may be dead: then another one is taken, as it should be. */
async function proveTester(page: Page) {
  await page.locator('[data-test=prove]').click()
  await saved(page)
  if ((await said(page).textContent())?.includes('dead')) {
    await page.locator('[data-test=other-tester]').click()
    await page.locator('[data-test=prove]').click()
  }
  await expect(said(page)).toContainText('400 V')
}

for (const [region, title] of [
  ['American', 'Propagation house, path light'],
  ['British', 'Towpath workshop'],
] as const) {
  test(`${region}: isolates, tests dead, switches on, proves; and the trap board`, async ({ page }) => {
    const heard = complaints(page)
    await signIn(page, 'marit')
    const board = (await boards(page)).find((one) => one.title.startsWith(title))!
    const attempt = await prove(page, board.id)
    const look = (await (await page.request.get(`/api/attempts/${attempt}`)).json()) as {
      board: { enclosures: { label: string; kind: string; devices: { landings: { id: string }[] }[] }[] }
    }
    const source = look.board.enclosures.find(({ kind }) => kind === 'supply')!
    const [line, neutral, ground] = source.devices[0]!.landings.map(({ id }) => id) as [string, string, string]

    await own(page, board.title).click()
    await page.locator('[data-test=identify]').click()
    await page.locator('[data-test=lock]').click()
    await page.locator('[data-test=tag]').click()
    await proveTester(page)
    await openBox(page, source.label)
    await touch(page, line, neutral)
    await touch(page, line, ground)
    await touch(page, neutral, ground)
    await page.locator('[data-test=prove]').click()
    for (const id of [
      'identify',
      'isolate',
      'lock',
      'tag',
      'prove-before',
      'line-neutral',
      'line-earth',
      'neutral-earth',
      'prove-after',
    ])
      await expect(step(page, id)).toHaveAttribute('data-state', 'done')
    await expect(page.locator('[data-line=isolation]')).toHaveAttribute('data-good', 'true')

    // Insulation, with the lamp out, and the main switch off for the neutral.
    await page.locator('[data-instrument=insulation]').click()
    await touch(page, line, neutral)
    await page.locator('[data-part=main]').click()
    await page.locator('[data-test=turn-off]').click()
    await page.locator('[data-test^=lamp-]').first().click()
    await saved(page)
    await expect(page.locator('[data-test=face]')).toHaveAttribute('aria-label', /MΩ/)

    // On again: the lamp answers, and the walk counts.
    await page.locator('[data-test^=lamp-]').first().click()
    await page.locator('[data-test=turn-on]').click()
    await own(page, board.title).click()
    await page.locator('[data-test=tag]').click()
    await page.locator('[data-test=lock]').click()
    await page.locator('[data-test=turn-on]').click()
    await page.getByRole('tab', { name: 'Combinations' }).click()
    for (let i = 0; i < 4; i++) await page.locator('[data-flip]').first().click()
    await saved(page)
    await page.locator('[data-test=sign-off]').click()
    await expect(page.locator('[data-test=would-pass]')).toContainText('would have passed')
    await page.locator('[data-test=to-trap]').click()
    for (let i = 0; i < 4; i++) await page.locator('[data-trap-flip]').first().click()
    await page.locator('[data-test=trap-sign-off]').click()
    await expect(page.locator('[data-test=trap-told]')).toContainText('It fails')
    await expectNoSeriousFault(page)
    await page.locator('[data-test=trap-leave]').click()
    await page.locator('[data-test=next-flip]').click()
    await saved(page)
    await expectNoSeriousFault(page)
    expect(heard).toEqual([])
  })
}

test('by keyboard alone: a supply isolated, a reading taken, a switch flipped', async ({ page }) => {
  await signIn(page, 'marit')
  const board = (await boards(page)).find((one) => one.title.startsWith('Propagation'))!
  await prove(page, board.id)
  const press = async (name: RegExp | string, key = 'Enter') => {
    await page.getByRole('button', { name }).first().focus()
    await page.keyboard.press(key)
  }
  await press(/Propagation house, path light, off/)
  await press('This one feeds your board')
  await press('Lock off')
  await press('Tag it')
  await press('Proving unit')
  await saved(page)
  await expect(step(page, 'tag')).toHaveAttribute('data-state', 'done')
  await press(/^Box Gate post/)
  await expect(page.getByRole('group', { name: 'Open box Gate post' })).toBeVisible()
  // A screw by its number, an end by its letter.
  await page.keyboard.press('3')
  await page.keyboard.press('b')
  await saved(page)
  await expect(said(page)).toContainText('No light')
  await expect(step(page, 'line-neutral')).toHaveAttribute('data-state', /done|void/)
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('group', { name: 'Open box Far bench' })).toBeVisible()
  await press(/^Flip Gate post, now up/)
  await expect(page.getByRole('button', { name: /^Flip Gate post, now down/ })).toBeVisible()
})

test('nothing is lost while the server does not answer, and a double tap is two taps', async ({ page }) => {
  await signIn(page, 'marit')
  const board = (await boards(page)).find((one) => one.title.startsWith('Propagation'))!
  const attempt = await prove(page, board.id)
  await page.route('**/proof/acts', (route) => route.abort())
  const flip = page.locator('[data-flip]').first()
  await flip.click()
  await flip.click()
  await flip.click()
  await expect(page.locator('[data-test=saving]')).toContainText('offline: 3 to send')
  await page.unroute('**/proof/acts')
  await saved(page)
  const proof = (await (await page.request.get(`/api/attempts/${attempt}/proof`)).json()) as {
    acts: number
    switches: { position: string }[]
  }
  expect([proof.acts, proof.switches[0]!.position]).toEqual([3, 'down'])
})

test('the bench says that the supply is on, and the way leads there', async ({ page }) => {
  await signIn(page, 'marit')
  const board = (await boards(page)).find((one) => one.title.startsWith('Propagation'))!
  const attempt = await prove(page, board.id)
  await page.getByRole('button', { name: 'Start over, supply on' }).click()
  await expect(page.locator('[data-lamp]').first()).toHaveAttribute('data-state', 'on')
  await page.goto(`/bench/${attempt}`)
  await expect(page.locator('[data-test=supply-on]')).toContainText('The supply is on')
  await page.locator('[data-test=to-prove]').click()
  await expect(page).toHaveURL(/prove/)
})

test('show: conductors one by one, the room is asked before the light answers', async ({ page }) => {
  await signIn(page, 'marit')
  const board = (await boards(page)).find((one) => one.title.startsWith('Propagation'))!
  await page.goto(`/show/${board.id}`)
  const lit = page.locator('[data-test=lit]')
  await expect(lit).toContainText('on')
  await page.keyboard.press('b')
  await expect(lit).toContainText('Bare board')
  await page.keyboard.press('PageDown')
  await expect(lit).toContainText('(1 of 10)')
  await page.keyboard.press('b')
  await page.keyboard.press('a')
  const room = page.locator('[data-test=room]')
  await expect(room).toContainText('Will the light be ON or OFF?')
  // What is so stands nowhere before it is asked for.
  await expect(room).not.toContainText('✓')
  for (const key of ['o', 'o', 'O', 'x']) await page.keyboard.press(key)
  await expect(room.locator('[data-hands=on]')).toHaveText('1')
  await expect(room.locator('[data-hands=off]')).toHaveText('1')
  await page.keyboard.press('PageDown')
  await expect(room).toContainText('✓')
  await expect(room.locator('[data-thinks]').first()).toBeVisible()
  await expectNoSeriousFault(page)
  await page.locator('[data-test=next-question]').click()
  await expect(room).toContainText('Will the light be ON or OFF?')
  await room.getByRole('button', { name: 'Done' }).click()
  await page.keyboard.press('t')
  await expect(page.locator('[data-test=trace-view]')).toBeVisible()
  await expect(page.locator('[data-test=trace-next]')).toBeEnabled()
  const count = Number((await page.locator('[data-test=trace-view] .code').first().textContent())!.split('/')[1])
  for (let i = 0; i < count; i++) await page.keyboard.press('ArrowRight')
  await expect(page.locator('[data-test=trace-end]')).toBeVisible()
  await page.locator('[data-test=trace-turn]').click()
  await expect(page.locator('[data-test=trace-words]')).toContainText('Starts at the lamp')
  await expectNoSeriousFault(page)
})

test('drills: a device found by readings, a feed with a ghost, questions on a phone', async ({ page }) => {
  const heard = complaints(page)
  await comeIn(page, 'quill')
  await page.getByRole('link', { name: 'Drills' }).click()
  await page.locator('[data-drill=device]').click()
  await page.waitForURL(/drill\/\d+/)
  const count = await page.locator('[data-terminal]').count()
  for (const position of ['up', 'down']) {
    for (let one = 1; one <= count; one++)
      for (let other = one + 1; other <= count; other++) {
        await page.locator(`[data-terminal="${one}"]`).click()
        await page.locator(`[data-terminal="${other}"]`).click()
        await expect(page.locator('[data-test=drill-reading]')).toContainText(`${one} to ${other}, paddle ${position}`)
      }
    await page.locator('[data-test=paddle]').click()
  }
  await page.locator('input[name=answer]').first().check()
  await page.locator('[data-test=drill-answer]').click()
  await expect(page.locator('[data-test=drill-result]')).toContainText('The shortest way takes')
  await expectNoSeriousFault(page)

  await page.goto('/drills')
  await page.locator('[data-drill=feed]').click()
  await page.locator('[data-test=tool-volt]').click()
  const cables = page.locator('[data-cable]')
  let feed = ''
  for (let i = 1; i <= (await cables.count()) && !feed; i++) {
    await page.locator(`[data-cable="${i}"]`).click()
    await expect(page.locator('[data-test=drill-reading]')).toContainText(`cable ${i}`)
    if ((await page.locator('[data-test=drill-reading]').textContent())!.includes('mark')) feed = String(i)
  }
  await page.locator(`input[name=answer][value="${feed}"]`).check()
  await page.locator('[data-test=drill-answer]').click()
  await expect(page.locator('[data-test=drill-result]')).toContainText('Right.')

  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/drills')
  await page.locator('[data-drill=lamp]').click()
  const questions = page.locator('[data-question]')
  await expect(questions).toHaveCount(6)
  for (let i = 0; i < 6; i++) await questions.nth(i).locator('label').first().click()
  await page.locator('[data-test=drill-answer]').click()
  await expect(page.locator('[data-test=drill-result]')).toContainText('of 6 right')
  await expectNoSeriousFault(page)
  expect(heard).toEqual([])
})

test('readings are told ahead where nothing is graded, and stand as the server has them', async ({ page }) => {
  await signIn(page, 'marit')
  const board = (await boards(page)).find((one) => one.title.startsWith('Propagation'))!
  await prove(page, board.id)
  await page.getByRole('button', { name: 'Start over, supply on' }).click()
  // One tester in four is dead until it is proved.
  await proveTester(page)
  await openBox(page, 'Gate post')
  const ahead = page.waitForResponse(/proof\/ahead/)
  await page.locator('[data-place="S1#3"]').click()
  await (await ahead).finished()
  await saved(page)
  // What has come is taken in by the page.
  await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 200)))
  // The answer to the touch is held back until the reading stands.
  let letGo = () => {}
  const held = new Promise<void>((resolve) => (letGo = resolve))
  await page.route('**/proof/acts', async (route) => {
    await held
    await route.continue()
  })
  await page.locator('[data-place="W1.white@B1"]').click()
  await expect(page.locator('[data-test=face]')).toHaveAttribute('aria-label', /100 V/)
  letGo()
  await saved(page)
  await expect(page.locator('[data-test=face]')).toHaveAttribute('aria-label', /100 V/)
})
