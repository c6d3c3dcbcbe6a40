import { type Browser, expect, type Page, test } from '@playwright/test'
import { comeIn, complaints, expectNoSeriousFault, goTo, signIn } from './support'

/** Boards of the demo: one to wire and one to ask about. */
const BOARDS = {
  na: { wired: 'Propagation house', asked: 'Propagation house' },
  gb: { wired: 'Towpath workshop', asked: 'Boat store' },
} as const
/** What no page of an exam says: models, terminals, schemes, the seed. */
const SECRETS = /(na|gb)-switch|\.common|\.com"|traveller|strapper|traveler|feed-through|common-link|evening/
const ANSWERED = ['parts', 'names', 'predict', 'trace'] as const

/** Sets a task to the whole class as an instructor would, and returns its title. */
async function setTask(page: Page, board: string, kind: string, title: string, more: (page: Page) => Promise<void>) {
  await goTo(page, `/task/{board ${board}}`)
  await page.locator('[data-test=title]').fill(title)
  await page.locator('[data-test=kind]').selectOption(kind)
  await more(page)
  await expect(page.locator('[data-test=spread]')).toBeVisible({ timeout: 15_000 })
  await expect(page.locator('[data-test=problems]')).toHaveCount(0)
  await page.locator('[data-test=set]').click()
  await page.waitForURL(/tonight/)
  await page.getByRole('button', { name: new RegExp(title) }).click()
}

async function asTrainee(browser: Browser, name = 'quill') {
  const page = await (await browser.newContext()).newPage()
  await comeIn(page, name)
  return page
}

/** Opens a task from the trainee's list, and begins it where it is an exam. */
async function openTask(page: Page, title: string, mode: 'exam' | 'coached' = 'exam') {
  await page
    .getByRole('listitem')
    .filter({ hasText: title })
    .getByRole('link', { name: /Open the board|Carry on/ })
    .click()
  if (mode === 'exam') await page.getByRole('button', { name: 'Begin', exact: true }).click()
}

async function release(page: Page, title: string) {
  await page.goto('/tonight')
  await page.getByRole('button', { name: new RegExp(title) }).click()
  await page.getByRole('main').getByRole('link', { name: 'Marks' }).click()
  await page.getByRole('button', { name: 'Release the marks' }).click()
  await page.getByRole('button', { name: 'Release them' }).click()
  await expect(page.locator('[data-test=released]')).toBeVisible()
}

for (const practice of ['na', 'gb'] as const) {
  test(`an exam at the bench is set, wired, marked and debriefed (${practice})`, async ({ page, browser }) => {
    const heard = complaints(page)
    const title = `Bench exam ${practice}`
    await signIn(page, 'marit')
    await setTask(page, BOARDS[practice].wired, 'wire', title, async () => {
      await page.locator('[data-vary=faces]').check()
      await page.locator('[data-test=seed]').fill('evening')
      await page.locator('[data-habit=order-of-work]').selectOption('box-by-box')
      // A ready set is taken by one tap, and taken back by the other.
      await page.locator('[data-rule-set=inspector]').click()
      await expect(page.locator('[data-rule=line-unmarked]')).toHaveValue('fault')
      await page.locator('[data-rule-set=trainer]').click()
      await expect(page.locator('[data-rule=line-unmarked]')).toHaveValue('remark')
      await expect(page.locator('[data-test=attack]')).toContainText('none loses a mark')
      await expectNoSeriousFault(page)
    })

    for (const [name, file] of [
      ['Seat sheets', `${title}, seat sheets.pdf`],
      ['Seat keys', `${title}, answer keys.pdf`],
    ] as const) {
      const download = page.waitForEvent('download')
      await page.getByRole('link', { name }).click()
      expect((await download).suggestedFilename()).toContain(file)
    }

    const trainee = await asTrainee(browser)
    await expect(trainee.getByRole('listitem').filter({ hasText: title })).toContainText('EXAM')
    // Before it is begun the brief is there, and nothing of the board.
    await trainee.getByRole('listitem').filter({ hasText: title }).getByRole('link', { name: 'Open the board' }).click()
    await expect(trainee.locator('[data-test=to-begin]')).toContainText(
      practice === 'na' ? /20 conductors to connect.*15 minutes/ : /28 conductors to connect.*15 minutes/,
    )
    await expect(trainee.locator('[data-place], [data-wall-box]')).toHaveCount(0)
    await expectNoSeriousFault(trainee)
    await trainee.getByRole('button', { name: 'Begin', exact: true }).click()
    await trainee.waitForURL(/\/bench\/\d+$/)
    const attempt = Number(trainee.url().split('/').pop())
    await trainee.getByRole('button', { name: /brief/i }).click()
    await expect(trainee.locator('#brief')).toContainText('Work box by box')
    await trainee.getByRole('button', { name: /brief/i }).click()
    // One end is landed by hand; the rest is left loose: half of a wiring is handed in.
    await trainee.keyboard.press('a')
    await trainee.keyboard.press('1')
    await expect(trainee.getByText('saved · 1 step')).toBeVisible()

    // The page itself tells no more than eyes see: no terminal, no model, no scheme, no seed.
    expect(await trainee.content()).not.toMatch(SECRETS)

    // While the exam is open nothing else of this trainee's is.
    const others = (await (await trainee.request.get('/api/attempts')).json()) as { id: number }[]
    const other = others.find(({ id }) => id !== attempt)!
    expect((await trainee.request.get(`/api/attempts/${other.id}`)).status()).toBe(403)
    await trainee.getByRole('button', { name: 'Hand in' }).click()
    await trainee.getByRole('button', { name: 'Hand in now' }).click()
    await expect(trainee.locator('[data-test=handed-in]')).toContainText('Your instructor has')
    await expect(trainee.locator('body')).not.toContainText(/Never lights|not passed/)

    await page.goto('/tonight')
    await page.getByRole('button', { name: new RegExp(title) }).click()
    await page.getByRole('main').getByRole('link', { name: 'Marks' }).click()
    await page.locator(`[data-attempt="${attempt}"]`).click()
    // What only an eye at a real board can tell is not asked of a screen.
    await expect(page.locator('[data-line=tug]')).toHaveCount(0)
    await expect(page.locator('[data-observe]')).toHaveCount(0)
    await expect(page.locator('[data-test=mark]')).toContainText('not passed')
    await expectNoSeriousFault(page)
    await page.getByRole('link', { name: 'Viva, to print' }).click()
    await expect(page.locator('[data-test=viva]').first()).toContainText('Suppose somebody does this')
    await release(page, title)
    await page.getByRole('button', { name: 'Mark again …' }).click()
    await expect(page.locator('[data-test=re-mark]')).toContainText('Nothing to change')
    await expectNoSeriousFault(page)
    await page.getByRole('button', { name: 'Close' }).click()

    await trainee.goto(`/verdict/${attempt}`)
    await trainee.getByRole('tab', { name: 'Mark' }).click()
    await expect(trainee.locator('[data-test=mark]')).toContainText('of 85')
    await trainee.getByRole('tab', { name: 'Debrief' }).click()
    await expect(trainee.locator('[data-test=debrief]')).toContainText('Three questions about your own board')
    await trainee.locator('[data-test=what-if] summary').first().click()
    await expectNoSeriousFault(trainee)
    expect(heard).toEqual([])
    await trainee.context().close()
  })

  test(`an exam with two tries closes the other boards until the trainee is done (${practice})`, async ({
    page,
    browser,
  }) => {
    const title = `Two tries ${practice}`
    await signIn(page, 'marit')
    await setTask(page, BOARDS[practice].wired, 'wire', title, () => page.getByLabel('tries').fill('2'))
    const trainee = await asTrainee(browser, 'imara')
    await openTask(trainee, title)
    await trainee.waitForURL(/\/bench\/\d+$/)
    const attempt = Number(trainee.url().split('/').pop())
    const others = (await (await trainee.request.get('/api/attempts')).json()) as { id: number }[]
    const other = `/api/attempts/${others.find(({ id }) => id !== attempt)!.id}`
    await trainee.getByRole('button', { name: 'Hand in' }).click()
    await trainee.getByRole('button', { name: 'Hand in now' }).click()
    await expect(trainee.locator('[data-test=handed-in]')).toContainText('Your other boards stay closed')
    expect((await trainee.request.get(other)).status()).toBe(403)

    // One slip of the finger gives up nothing.
    await trainee.getByRole('button', { name: 'I am done' }).click()
    await trainee.getByRole('button', { name: 'Not yet' }).click()
    expect((await trainee.request.get(other)).status()).toBe(403)
    await trainee.getByRole('button', { name: 'I am done' }).click()
    await expect(trainee.getByRole('region', { name: 'I am done' })).toContainText('You give up the try')
    await expectNoSeriousFault(trainee)
    await trainee.getByRole('button', { name: 'Done for good' }).click()
    await trainee.waitForURL(/\/my-boards$/)
    expect((await trainee.request.get(other)).status()).toBe(200)
    await trainee.context().close()
  })

  test(`questions are set, answered, marked and told (${practice})`, async ({ page, browser }) => {
    test.setTimeout(400_000)
    await signIn(page, 'marit')
    const trainee = await asTrainee(browser, 'tamsin')
    for (const kind of ANSWERED) {
      const title = `Questions ${practice} ${kind}`
      await setTask(page, BOARDS[practice].asked, kind, title, async () => {
        if (kind !== 'parts') await page.locator('[data-test=questions]').fill('2')
      })
      await trainee.goto('/')
      await openTask(trainee, title)
      await trainee.waitForURL(/\/answers\/\d+$/)
      const attempt = trainee.url().split('/').pop()
      await expect(trainee.locator('[data-question="1"]')).toBeVisible()
      expect(await trainee.content()).not.toMatch(SECRETS)
      if (kind === 'parts') {
        // The board with its boxes closed, and the one that is asked about.
        await expect(trainee.locator('[data-test=parts-board] [data-map-box]').first()).toBeVisible()
        await expect(trainee.locator('[data-test=parts-board] [aria-label$=", open"]')).toHaveCount(1)
      }
      if (kind === 'names') {
        // Marked on the drawing too: chosen there, it is chosen in the list.
        const box = trainee.locator('[data-test=question-box]')
        await box.locator('[role=button][aria-label*="number 1"], [role=checkbox]').first().click()
        await expect(trainee.locator('[data-option][aria-checked=true]')).toHaveCount(1)
      }
      if (kind === 'trace') {
        const count = await trainee.locator('[data-option]').count()
        for (let i = 0; i < count; i++) await trainee.locator('[data-option]').first().click()
      } else {
        await trainee.locator('[data-option="0"]').click()
        await expect(trainee.locator('[data-option="0"]')).toHaveAttribute('aria-checked', 'true')
      }
      await expect(trainee.locator('[data-test=saving]')).toHaveText('saved')
      await expectNoSeriousFault(trainee)
      await trainee.reload()
      await expect(trainee.getByRole('navigation', { name: 'Questions' })).toContainText('1 ✓')
      await trainee.getByRole('button', { name: 'Hand in' }).click()
      await trainee.getByRole('button', { name: 'Hand in now' }).click()
      await expect(trainee.locator('[data-test=handed-in]')).toBeVisible()
      await release(page, title)
      await trainee.goto(`/verdict/${attempt}`)
      await expect(trainee.locator('[data-test=mark]')).toContainText('answers are right')
    }
    await trainee.context().close()
  })
}

test('a board is finished that others began, and may be tried again', async ({ page, browser }) => {
  await signIn(page, 'marit')
  await setTask(page, 'Propagation house', 'finish', 'Finish it', async () => {
    await page.getByLabel('Gate post is wired').check()
    await page.getByLabel('tries').fill('2')
  })
  const trainee = await asTrainee(browser, 'imara')
  await openTask(trainee, 'Finish it')
  await trainee.waitForURL(/\/bench\/\d+$/)
  await expect(trainee.getByRole('list', { name: 'What is left, box by box' })).toContainText('Gate post✓')
  await expect(trainee.getByRole('button', { name: 'Undo' })).toBeDisabled()
  await trainee.getByRole('button', { name: 'Hand in' }).click()
  await trainee.getByRole('button', { name: 'Hand in now' }).click()
  await trainee.getByRole('button', { name: /Carry on \(one try left/ }).click()
  await trainee.waitForURL(/\/bench\/\d+$/)
  await trainee.context().close()
})

test('an answer that the server did not get survives a reload, and is sent when it is back', async ({
  page,
  browser,
}) => {
  await signIn(page, 'marit')
  await setTask(page, 'Propagation house', 'predict', 'Answers away', async () => {})
  const trainee = await asTrainee(browser, 'bertil')
  await openTask(trainee, 'Answers away')
  await expect(trainee.locator('[data-question="1"]')).toBeVisible()
  await trainee.route('**/answers', (route) => route.abort())
  await trainee.locator('[data-option="1"]').click()
  await expect(trainee.locator('[data-test=saving]')).toHaveText('⚠ offline: 1 to send')
  await trainee.reload()
  await expect(trainee.locator('[data-option="1"]')).toHaveAttribute('aria-checked', 'true')
  await trainee.unroute('**/answers')
  await expect(trainee.locator('[data-test=saving]')).toHaveText('saved')
  await trainee.reload()
  await expect(trainee.locator('[data-option="1"]')).toHaveAttribute('aria-checked', 'true')
  await trainee.context().close()
})

test('a task that cannot be is told in words, and nothing is lost', async ({ page }) => {
  await signIn(page, 'marit')
  await goTo(page, '/task/{board Tool locker}')
  await page.locator('[data-test=title]').fill('Too few')
  await expect(page.locator('[data-test=spread]')).toContainText('Every seat gets the same board')
  await page.locator('[data-vary=colours]').check()
  await expect(page.locator('[data-test=refusal]')).toContainText('Too few variants on this board: 1')
  await page.locator('[data-test=set]').click()
  await expect(page.locator('[data-test=set-bar]').getByRole('alert')).toContainText('for 5 seats')
  await page.locator('[data-vary=faces]').check()
  await expect(page.locator('[data-test=refusal]')).toHaveCount(0)
  await page.getByRole('button', { name: 'Make your own copy' }).click()
  await page.locator('[data-points=safety]').fill('21')
  await expect(page.locator('[data-test=sum]')).toContainText('add up to 101, but the total is 100')
  await page.getByRole('button', { name: 'Save as my own' }).click()
  await expect(page.locator('[data-test=set-bar]').getByRole('alert')).toContainText('The points add up to 101')
  await page.locator('[data-points=safety]').fill('10')
  await page.locator('[data-test=observation]').fill('loops run clockwise')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.locator('[data-test=add-rule]').selectOption('separate-return')
  await page.locator('[data-critical=fault]').check()
  await expect(page.locator('[data-test=sum]')).toContainText('add up to 100.')
  await page.getByRole('button', { name: 'Save as my own' }).click()
  await expect(page.locator('[data-test=marking]')).toContainText('version 1')
  await expect(page.locator('[data-test=title]')).toHaveValue('Too few')
})

test('what is typed into a task survives a reload and a step back, until it is given up', async ({ page }) => {
  await signIn(page, 'marit')
  await page.goto('/tasks')
  await goTo(page, '/task/{board Tool locker}')
  await page.locator('[data-test=brief]').fill('Wire it from bare.')
  await page.reload()
  await expect(page.locator('[data-test=brief]')).toHaveValue('Wire it from bare.')
  await page.goBack()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tasks')
  await page.goForward()
  await expect(page.locator('[data-test=brief]')).toHaveValue('Wire it from bare.')
  await page.locator('[data-test=given-back]').getByRole('button', { name: 'Start over' }).click()
  await expect(page.locator('[data-test=brief]')).toHaveValue('')
  await page.reload()
  await expect(page.locator('[data-test=title]')).toBeVisible()
  await expect(page.locator('[data-test=given-back]')).toHaveCount(0)
})

test('a board cannot be set to begin as it was found while nothing is written down of it', async ({ page }) => {
  await signIn(page, 'marit')
  await goTo(page, '/task/{board Packing barn}')
  await page.locator('[data-test=kind]').selectOption('finish')
  await page.getByLabel('Everything on the as-found sheet').check()
  await expect(page.locator('[data-test=nothing-found]')).toContainText('fill one in')
  await page.locator('[data-vary=feed]').check()
  await expect(page.locator('[data-test=problems]')).toContainText('cannot vary from seat to seat')
  await page.locator('[data-vary=feed]').uncheck()
  await expect(page.locator('[data-test=problems]')).toHaveCount(0)
  await page.locator('[data-test=set]').click()
  await expect(page.locator('[data-test=set-bar]').getByRole('alert')).toContainText('This board has no as-found sheet')
  await page.getByRole('link', { name: 'fill one in' }).click()
  await page.waitForURL(/\/as-found\/5$/)
})

test('a real board keeps its parts: what cannot be moved on a wall cannot be chosen', async ({ page }) => {
  await signIn(page, 'marit')
  await goTo(page, '/task/{board Packing barn}')
  await page.locator('[data-vary=faces]').check()
  await page.locator('[data-test=surface]').selectOption('wall')
  await expect(page.locator('[data-vary=faces]')).toBeDisabled()
  await expect(page.locator('[data-vary=faces]')).not.toBeChecked()
  await page.locator('[data-vary=feed]').check()
  await page.locator('[data-vary=labels]').check()
  await expect(page.locator('[data-test=spread]')).toContainText('ways to lay this board out')
  await expect(page.locator('[data-test=problems]')).toHaveCount(0)
})

test('what an attack found is opened on the board', async ({ page }) => {
  await signIn(page, 'marit')
  await goTo(page, '/task/{board Seed store}')
  await expect(page.locator('[data-test=attack]')).toContainText('would still pass')
  await page.locator('[data-list=passing] summary').click()
  await page.locator('[data-list=passing] button').first().click()
  await expect(page.locator('[data-test=opened]')).toContainText('of 85 points')
  await page.locator('[data-list=passing]').getByRole('button', { name: 'Close' }).click()
  await expect(page.locator('[data-test=opened]')).toHaveCount(0)
})

test('a coached bench helps, and a kept task is opened again', async ({ page, browser }) => {
  await signIn(page, 'marit')
  await setTask(page, 'Propagation house', 'wire', 'With help', async () => {
    await page.locator('[data-test=mode]').selectOption('coached')
    for (const help of ['Hints', 'A tester', 'The truth table']) await page.getByLabel(help, { exact: true }).check()
  })
  const trainee = await asTrainee(browser, 'odalys')
  await openTask(trainee, 'With help', 'coached')
  await trainee.waitForURL(/\/bench\/\d+$/)
  await trainee.getByRole('button', { name: 'Help', exact: true }).click()
  const coach = trainee.locator('[data-test=coach]')
  await expect(coach).toContainText('What the light does now')
  await coach.locator('[data-test=probe-one]').selectOption({ index: 1 })
  await coach.locator('[data-test=probe-other]').selectOption({ index: 2 })
  await coach.getByRole('button', { name: 'Read it' }).click()
  await expect(coach.locator('[data-test=reading]')).toContainText('0 V')
  await expectNoSeriousFault(trainee)
  await trainee.context().close()

  await goTo(page, '/task/{board Propagation house}')
  await page.locator('[data-test=kept-tasks]').selectOption({ label: 'With help' })
  await expect(page.locator('[data-test=mode]')).toHaveValue('coached')
  await expect(page.locator('[data-test=title]')).toHaveValue('With help')
})
