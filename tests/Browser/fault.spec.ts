import { expect, type Page, test } from '@playwright/test'
import { complaints, expectNoSeriousFault, signIn } from './support'

const CASES = [
  { region: 'American', board: 1, kind: 'lamp-blown', symptom: 'does not come on at all' },
  { region: 'British', board: 4, kind: 'common-and-traveller-exchanged', symptom: 'Sometimes it works from here' },
]
const saved = (page: Page) => expect(page.locator('[data-test=saving]')).toHaveText('saved')

for (const { region, board, kind, symptom } of CASES) {
  test(`${region}: a fault is set, looked for, put right, proved, and its way told beside the best`, async ({
    page,
    browser,
  }) => {
    const title = `Fault ${region}`
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
    const heard = complaints(trainee)
    await signIn(trainee, 'quill')
    await trainee
      .getByRole('listitem')
      .filter({ hasText: title })
      .getByRole('link', { name: /Open the board|Go on/ })
      .click()
    await trainee.waitForURL(/prove/)
    await expect(trainee.locator('[data-test=symptom]')).toContainText(symptom)
    await trainee.locator('[data-flip]').first().click()
    await saved(trainee)

    // A box is shut until its cover is off.
    const seen = (await (await trainee.request.get(`/api/attempts/${trainee.url().split('/').pop()}`)).json()) as {
      board: { enclosures: { id: string; label: string; kind: string; ends: unknown[]; devices: { id: string }[] }[] }
    }
    expect(seen.board.enclosures.flatMap(({ ends }) => ends)).toEqual([])
    const wanted = kind === 'lamp-blown' ? /light-box|ceiling-rose/ : /switch-box/
    const places = seen.board.enclosures.filter((box) => wanted.test(box.kind) && box.devices.length > 0)
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
    const flips = trainee.locator('[data-flip]')
    const count = await flips.count()
    // Every combination by single flips.
    for (let i = 1; i < 2 ** count; i++) {
      await flips.nth(count - 1 - Math.log2(i & -i)).click()
      await saved(trainee)
    }
    await expect(trainee.locator('[data-test=to-prove]')).toContainText('Proved')
    await trainee.locator('[data-test=hand-in]').click()
    await trainee.getByRole('button', { name: 'Hand in for good' }).click()
    await trainee.waitForURL(/verdict/)
    const report = trainee.locator('[data-test=finding-report]')
    await expect(report).toContainText('The shortest way')
    await expect(report.locator('[data-weighed]').first()).toBeVisible()
    await expectNoSeriousFault(trainee)
    expect(heard).toEqual([])
  })
}
