import { type Browser, expect, type Page, test } from '@playwright/test'
import { complaints, expectNoSeriousFault, signIn } from './support'

const CASES = [
  { region: 'American', board: 1, kind: 'lamp-blown', symptom: 'does not come on at all' },
  { region: 'British', board: 4, kind: 'common-and-traveller-exchanged', symptom: 'Sometimes it works from here' },
]
const saved = (page: Page) => expect(page.locator('[data-test=saving]')).toHaveText('saved')

/** An instructor sets one fault of a kind; a trainee opens it on a tablet. */
async function setAndOpen(
  page: Page,
  browser: Browser,
  { title, board, kind }: { title: string; board: number; kind: string },
): Promise<Page> {
  await signIn(page, 'marit')
  await page.goto(`/task/${board}`)
  await page.locator('[data-test=title]').fill(title)
  await page.locator('[data-test=kind]').selectOption('fault')
  await page.locator('[data-test=mode]').selectOption('coached')
  await page.locator(`[data-fault=${kind}]`).check()
  await expectNoSeriousFault(page)
  await expect(page.locator('[data-test=spread]')).toBeVisible()
  await page.locator('[data-test=set]').click()
  await page.waitForURL(/tonight/)

  const trainee = await (await browser.newContext({ viewport: { width: 1024, height: 768 } })).newPage()
  await signIn(trainee, 'quill')
  await trainee
    .getByRole('listitem')
    .filter({ hasText: title })
    .getByRole('link', { name: /Open the board|Go on/ })
    .click()
  await trainee.waitForURL(/prove/)
  return trainee
}

/** The boxes of the board that is open, as the server tells a trainee of them. */
async function boxesOf(trainee: Page) {
  const open = await trainee.request.get(`/api/attempts/${trainee.url().split('/').pop()}`)
  const { board } = (await open.json()) as {
    board: { enclosures: { id: string; label: string; kind: string; ends: unknown[]; devices: { id: string }[] }[] }
  }
  return board.enclosures
}

async function handIn(trainee: Page) {
  await trainee.locator('[data-test=hand-in]').click()
  await trainee.getByRole('button', { name: 'Hand in for good' }).click()
  await trainee.waitForURL(/verdict/)
  return trainee.locator('[data-test=finding-report]')
}

/** Every combination by single flips. */
async function flipThrough(trainee: Page) {
  const flips = trainee.locator('[data-flip]')
  const count = await flips.count()
  for (let i = 1; i < 2 ** count; i++) {
    await flips.nth(count - 1 - Math.log2(i & -i)).click()
    await saved(trainee)
  }
}

for (const { region, board, kind, symptom } of CASES) {
  test(`${region}: a fault is set, looked for, put right, proved, and its way told beside the best`, async ({
    page,
    browser,
  }) => {
    const title = `Fault ${region}`
    const trainee = await setAndOpen(page, browser, { title, board, kind })
    const heard = complaints(trainee)
    await expect(trainee.locator('[data-test=symptom]')).toContainText(symptom)
    await trainee.locator('[data-flip]').first().click()
    await saved(trainee)

    // A box is shut until its cover is off.
    const boxes = await boxesOf(trainee)
    expect(boxes.flatMap(({ ends }) => ends)).toEqual([])
    const wanted = kind === 'lamp-blown' ? /light-box|ceiling-rose/ : /switch-box/
    const places = boxes.filter((box) => wanted.test(box.kind) && box.devices.length > 0)
    await trainee.getByRole('button', { name: new RegExp(`^Box ${places[0]!.label}`) }).click()
    await expect(trainee.locator('[data-test=shut-box]')).toContainText('Live inside')
    await expectNoSeriousFault(trainee)
    await trainee.locator('[data-test=cover-off]').click()
    await expect(trainee.getByRole('group', { name: `Open box ${places[0]!.label}` })).toBeVisible()
    await expect(trainee.locator('[data-place]').first()).toBeVisible()

    // Hands go into a dead board: refused while it is live.
    const name = async (box: (typeof places)[number]) => {
      await trainee.locator('[data-test=name-kind]').selectOption(kind)
      await trainee.locator('[data-test=name-box]').selectOption(box.id)
      await trainee.locator('[data-test=name-item]').selectOption(box.devices[0]!.id)
      await trainee.locator('[data-test=put-right]').click()
      await saved(trainee)
    }
    await name(places[0]!)
    await expect(trainee.locator('[data-test=said]')).toContainText('The board is live')
    await expect(trainee.locator('[data-test=named]')).toHaveCount(0)
    await trainee.locator('[data-part=main]').click()
    await trainee.locator('[data-test=turn-off]').click()
    await trainee.locator('[data-test=lock]').click()
    await saved(trainee)
    for (const place of places) {
      if ((await trainee.locator('[data-test=to-prove]').count()) === 0) await name(place)
    }
    await expect(trainee.locator('[data-test=to-prove]')).toContainText('0 of')
    await expect(trainee.locator('[data-test=named]')).toContainText('✓')
    await trainee.locator('[data-test=lock]').click()
    await trainee.locator('[data-test=turn-on]').click()
    await flipThrough(trainee)
    await expect(trainee.locator('[data-test=to-prove]')).toContainText('Proved')
    const report = await handIn(trainee)
    await expect(report).toContainText('The shortest way')
    await expect(report.locator('[data-weighed]').first()).toBeVisible()
    await expectNoSeriousFault(trainee)
    expect(heard).toEqual([])
  })
}

for (const { region, board } of CASES) {
  test(`${region}: a breaker that tripped for nothing is switched on once, seen to hold, and named`, async ({
    page,
    browser,
  }) => {
    const title = `Dark ${region}`
    const trainee = await setAndOpen(page, browser, { title, board, kind: 'breaker-tripped' })
    const heard = complaints(trainee)
    await expect(trainee.locator('[data-test=symptom]')).toContainText('It all went dark')
    const down = trainee.locator('[data-part]').filter({ hasText: 'tripped' })
    await expect(down).toHaveCount(1)
    await down.click()
    await trainee.locator('[data-test=turn-on]').click()
    await saved(trainee)
    await flipThrough(trainee)

    // It is named with the board live: no hand goes in for it, and nothing warns of one.
    const supply = (await boxesOf(trainee)).find((box) => box.kind === 'supply')
    await trainee.locator('[data-test=name-kind]').selectOption('breaker-tripped')
    await expect(trainee.getByText('hands go into a dead one')).toHaveCount(0)
    await trainee.locator('[data-test=name-box]').selectOption(supply!.id)
    await trainee.locator('[data-test=name-item]').selectOption({ index: 1 })
    await trainee.locator('[data-test=put-right]').click()
    await expect(trainee.locator('[data-test=said]')).toContainText('nothing trips it now')
    await expect(trainee.locator('[data-test=to-prove]')).toContainText('Proved')
    await expectNoSeriousFault(trainee)
    await expect(await handIn(trainee)).toContainText('No hand went into a box')
    await expectNoSeriousFault(trainee)
    expect(heard).toEqual([])
  })
}
