import { expect, test } from '@playwright/test'
import { complaints, expectNoSeriousFault, signIn } from './support'

/** The first switch gates all the others: common and a traveler (strapper) are exchanged at one end. */
const boards = [
  { title: 'Propagation house', region: 'American' },
  { title: 'Towpath workshop', region: 'British' },
]

test.use({ viewport: { width: 390, height: 844 } })

for (const { title, region } of boards) {
  test(`${region}: a fault is found with a phone, from the first flip to the repair`, async ({ page }) => {
    const heard = complaints(page)
    await signIn(page, 'marit')
    const list = (await (await page.request.get('/api/board-files')).json()) as { id: number; title: string }[]
    await page.goto(`/find/${list.find((board) => board.title.startsWith(title))!.id}`)
    const stands = page.locator('[data-stand]')
    await expect(stands.first()).toBeVisible()
    const count = await stands.count()
    const isLit = async () => {
      const down = await stands.evaluateAll((all) => all.map((one) => one.textContent!.includes('down')))
      return down[0]! && down.slice(1).filter(Boolean).length % 2 === 1
    }
    const tap = async () => page.locator(`[data-test=tap-${(await isLit()) ? 'on' : 'off'}]`).click()
    // The network goes away for a tap: it is kept, and sent again.
    await page.route('**/diagnosis', (route) => route.abort())
    await tap()
    await expect(page.getByText('No network. What you tap is kept')).toBeVisible()
    await page.unroute('**/diagnosis')
    for (let i = 1; i < 2 ** count; i++) {
      await expect(page.locator('[data-test=flip-and-tap]')).toContainText(`${i} of ${2 ** count} combinations told`)
      await tap()
    }
    const look = page.locator('[data-test=look-next]')
    await expect(look).toContainText('What is joined with')
    await expectNoSeriousFault(page)
    // A wrong tap is taken back.
    await page.locator('[data-choice]').first().click()
    await page.locator('[data-test=undo]').click()
    await expect(look).toBeVisible()
    const found = page.locator('[data-test=found]')
    for (let i = 0; i < 8; i++) {
      await expect(found.or(page.locator('[data-test=look-next][aria-busy=false]'))).toBeVisible()
      if ((await found.count()) > 0) break
      const before = (await look.allTextContents()).join()
      const choices = page.locator('[data-choice]')
      // The first is as it was meant to be; then what is not.
      if ((await choices.count()) > 0) await choices.nth(i === 0 ? 0 : (await choices.count()) - 1).click()
      else await page.locator('[data-test=yes]').click()
      await expect.poll(async () => (await look.allTextContents()).join()).not.toBe(before)
    }
    await expect(found.locator('li').first()).toBeVisible()
    await page.locator('[data-test=confirm]').first().click()
    await expect(found).toContainText('Written down')
    await expectNoSeriousFault(page)
    expect(heard).toEqual([])
  })
}
