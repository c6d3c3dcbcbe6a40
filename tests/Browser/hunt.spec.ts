import { type Browser, expect, type Page, test } from '@playwright/test'
import { comeIn, complaints, expectNoSeriousFault, signIn } from './support'

const CASES = [
  { region: 'American', board: 1, kind: 'lamp-blown', symptom: 'doesn’t come on at all' },
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
  await comeIn(trainee, 'quill')
  await trainee
    .getByRole('listitem')
    .filter({ hasText: title })
    .getByRole('link', { name: /Open the board|Carry on/ })
    .click()
  await trainee.waitForURL(/prove/)
  return trainee
}

/** The boxes of the board that is open, as the server tells a trainee of them. */
async function boxesOf(trainee: Page) {
  return (await lookOf(trainee)).board.enclosures
}

async function lookOf(trainee: Page) {
  const open = await trainee.request.get(`/api/attempts/${trainee.url().split('/').pop()}`)
  return (await open.json()) as {
    board: { enclosures: Box[] }
    start: { do: string; points: string[]; on?: string }[]
  }
}

interface Box {
  id: string
  label: string
  kind: string
  ends: { id: string; key: string }[]
  devices: { id: string; landings: { id: string; print: string }[] }[]
}

/** What goes to two screws of the open box changes places: one by taps, the other by keys. */
async function swap(trainee: Page, box: Box, one: string, other: string) {
  const { start } = await lookOf(trainee)
  const [first, second] = [one, other].map((screw) => start.find(({ on }) => on === screw)!.points[0]!)
  await trainee.locator(`[data-place="${first}"]`).click()
  await trainee.locator(`[data-place="${other}"]`).click()
  await saved(trainee)
  await trainee.keyboard.press(box.ends.find(({ id }) => id === second)!.key)
  await trainee.keyboard.press(one.split('#')[1]!)
  await saved(trainee)
}

async function isolate(trainee: Page, isOff: boolean) {
  const main = trainee.locator('[data-part=main]')
  if ((await trainee.locator('[data-test=turn-off], [data-test=turn-on]').count()) === 0) await main.click()
  await trainee.locator(`[data-test=turn-${isOff ? 'off' : 'on'}]`).click()
  await saved(trainee)
}

async function handIn(trainee: Page) {
  await trainee.locator('[data-test=hand-in]').click()
  await trainee.getByRole('button', { name: 'Hand in now' }).click()
  await trainee.waitForURL(/verdict/)
  return trainee.locator('[data-test=finding-report]')
}

/** Every combination by single flips; what the first lamp did in each. */
async function flipThrough(trainee: Page): Promise<string[]> {
  const flips = trainee.locator('[data-flip]')
  const lamp = trainee.locator('[data-lamp]').first()
  const count = await flips.count()
  const lit = [(await lamp.getAttribute('data-state')) ?? '']
  for (let i = 1; i < 2 ** count; i++) {
    await flips.nth(count - 1 - Math.log2(i & -i)).click()
    await saved(trainee)
    lit.push((await lamp.getAttribute('data-state')) ?? '')
  }
  return lit
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

    const name = async (box: Box) => {
      await trainee.locator('[data-test=name-kind]').selectOption(kind)
      await trainee.locator('[data-test=name-box]').selectOption(box.id)
      await trainee.locator('[data-test=name-item]').selectOption(box.devices[0]!.id)
      await trainee.locator('[data-test=name-it]').click()
      await saved(trainee)
    }
    let found = places[0]!
    for (const place of places) {
      if ((await trainee.locator('[data-test=to-prove]').count()) > 0) break
      found = place
      await name(place)
    }
    await expect(trainee.locator('[data-test=to-prove]')).toContainText('Put it right')
    await expect(trainee.locator('[data-test=named]')).toContainText('✓')

    // Hands go into a dead board, by what is seen in an open box.
    await trainee.locator('[data-test=hands]').click()
    await expect(trainee.locator('[data-test=hands-live]')).toContainText('Make it dead before you put a hand in')
    await isolate(trainee, true)
    if (found.id !== places[0]!.id) {
      await trainee.getByRole('button', { name: '◂ Whole board' }).click()
      await trainee.getByRole('button', { name: new RegExp(`^Box ${found.label}`) }).click()
      await trainee.locator('[data-test=cover-off]').click()
    }
    await expect(trainee.locator('[data-test=hands-pane] [data-tray=cap]')).toBeVisible()
    await expectNoSeriousFault(trainee)
    if (kind === 'lamp-blown') {
      await trainee.locator('[data-renew=fit]').selectOption({ index: 1 })
      await trainee.locator('[data-test=fit]').click()
      await saved(trainee)
      await isolate(trainee, false)
      expect(await flipThrough(trainee)).toContain('on')
    } else {
      const box = (await boxesOf(trainee)).find(({ id }) => id === found.id)!
      const faces = box.devices[0]!.landings
      const common = faces.find((face) => face.print === 'COM')!.id
      const throws = faces.filter(({ print }) => /^L\d$/.test(print)).map(({ id }) => id)
      // Which of the two strappers it was is tried, as a hand would: each flip has to change the light.
      for (const strapper of throws) {
        await swap(trainee, box, common, strapper)
        await isolate(trainee, false)
        const lit = await flipThrough(trainee)
        if (lit.every((state, i) => i === 0 || state !== lit[i - 1])) break
        await isolate(trainee, true)
      }
    }
    await expect(trainee.locator('[data-test=to-prove]')).toContainText('You have checked every combination since')
    await expectNoSeriousFault(trainee)
    const report = await handIn(trainee)
    await expect(report).toContainText('The shortest way')
    await expect(report).toContainText('The board was right again')
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
    await expect(trainee.locator('[data-test=symptom]')).toContainText('Everything went off')
    const down = trainee.locator('[data-part]').filter({ hasText: 'tripped' })
    await expect(down).toHaveCount(1)
    await down.click()
    await trainee.locator('[data-test=turn-on]').click()
    await saved(trainee)
    await flipThrough(trainee)

    // It is named with the board live: no hand goes in for it.
    const supply = (await boxesOf(trainee)).find((box) => box.kind === 'supply')
    await trainee.locator('[data-test=name-kind]').selectOption('breaker-tripped')
    await trainee.locator('[data-test=name-box]').selectOption(supply!.id)
    await trainee.locator('[data-test=name-item]').selectOption({ index: 1 })
    await trainee.locator('[data-test=name-it]').click()
    await expect(trainee.locator('[data-test=said]')).toContainText('nothing trips it now')
    await expect(trainee.locator('[data-test=to-prove]')).toContainText('You have checked every combination since')
    await expectNoSeriousFault(trainee)
    await expect(await handIn(trainee)).toContainText('You put no hand in a box')
    await expectNoSeriousFault(trainee)
    expect(heard).toEqual([])
  })
}
