import { expect, test } from '@playwright/test'
import { complaints, expectNoSeriousFault, searchToTheEnd, signIn, tellWithFirstGating } from './support'

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
    await page.goto(`/diagnosis/${list.find((board) => board.title.startsWith(title))!.id}`)
    await expect(page.locator('[data-stand]').first()).toBeVisible()
    // The network goes away for a tap: it is kept, and sent again.
    await page.route('**/diagnosis', (route) => route.abort())
    await page.locator('[data-test=tap-off]').click()
    await expect(page.getByText('No network. What you tap is kept')).toBeVisible()
    await page.unroute('**/diagnosis')
    // Two are dark: the supply is seen to before a box is opened, and what the thumb taps has not moved.
    const top = () => page.locator('[data-test=tap-on]').evaluate((one) => one.getBoundingClientRect().top)
    await expect(page.getByText('No network. What you tap is kept')).toHaveCount(0)
    const before = await top()
    await page.locator('[data-test=tap-off]').click()
    await expect(page.locator('[data-test=first]')).toContainText('Off in every combination so far')
    expect(await top()).toBe(before)
    await page.locator('[data-test=undo]').click()
    await tellWithFirstGating(page, 1)
    const look = page.locator('[data-test=look-next]')
    await expect(page.locator('[data-test=first]')).toHaveCount(0)
    await expect(look).toContainText('What is connected with')
    await expectNoSeriousFault(page)
    // A wrong tap is taken back.
    await page.locator('[data-choice]').first().click()
    await page.locator('[data-test=undo]').click()
    await expect(look).toBeVisible()
    const found = await searchToTheEnd(page)
    await page.locator('[data-test=confirm]').first().click()
    await expect(found).toContainText('Saved. Now put it right')
    await expectNoSeriousFault(page)
    expect(heard).toEqual([])
  })
}
