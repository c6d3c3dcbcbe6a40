import { expect, test } from '@playwright/test'
import { end, handIn, kept, landing, openBench, openBox, setBoard, signIn, tray } from './support'

test.use({ hasTouch: true, viewport: { width: 1024, height: 768 } })

test('a finger lands, gathers and caps', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Towpath workshop')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await end(page, 'C1.core@K1').tap()
  await landing(page, 'S1#1').tap()
  await end(page, 'C2.core@K1').tap()
  await end(page, 'C6.core@K1').tap()
  await tray(page, 'lever-2').tap()
  await end(page, 'C5.core@K1').tap()
  await tray(page, 'cap').tap()
  await expect(kept(page)).toHaveText('saved · 3 steps')
  await expect(end(page, 'C5.core@K1')).toHaveAttribute('aria-label', /capped/)
  await expect(end(page, 'C6.core@K1')).toHaveAttribute('aria-label', /joined in lever with/)
  await expect(landing(page, 'S1#1')).toHaveAttribute('aria-label', /, holds /)
})

test('a three-way is wired by finger within thirty gestures', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  let gestures = 0
  const drag = async (from: string, to: string) => {
    gestures++
    const middle = async (place: string) => {
      const { x, y, width, height } = (await page.locator(`[data-place="${place}"]`).boundingBox())!
      return [x + width / 2, y + height / 2] as const
    }
    await page.mouse.move(...(await middle(from)))
    await page.mouse.down()
    const [x, y] = await middle(to)
    await page.mouse.move(x, y - 4, { steps: 3 })
    await page.mouse.up()
  }
  /** All ends of a color, then a connector: two taps and one. */
  const gatherAlike = async (id: string) => {
    gestures += 3
    await end(page, id).dblclick()
    await tray(page, 'wire-nut-').tap()
  }
  const box = async (id: string) => {
    gestures++
    await openBox(page, id)
  }
  await drag('W1.black@B1', 'S1#3')
  await drag('W2.black@B1', 'S1#1')
  await drag('W2.red@B1', 'S1#2')
  await gatherAlike('W1.white@B1')
  await gatherAlike('W1.bare@B1')
  await box('SRC')
  await drag('W1.black@SRC', 'PS#1')
  await drag('W1.white@SRC', 'PS#2')
  await drag('W1.bare@SRC', 'PS#3')
  await box('B2')
  await drag('W3.black@B2', 'S2#3')
  await drag('W2.black@B2', 'S2#1')
  await drag('W2.red@B2', 'S2#2')
  await gatherAlike('W2.white@B2')
  await gatherAlike('W2.bare@B2')
  await box('L1')
  await drag('W3.black@L1', 'LA#2')
  await drag('W3.white@L1', 'LA#1')
  await drag('W3.bare@L1', 'L1.earth')
  await expect(kept(page)).toHaveText('saved · 16 steps')
  expect(gestures).toBeLessThanOrEqual(30)
  await handIn(page)
  await expect(page.locator('[data-test=headline]')).toContainText('Correct')
})

test('a sign-in that ran out says so, keeps the steps and sends them after signing in again', async ({
  page,
  context,
  playwright,
  baseURL,
}) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  await signIn(page, 'quill')
  await openBench(page, attempt)
  await context.clearCookies()
  await end(page, 'W1.black@B1').tap()
  await landing(page, 'S1#3').tap()
  await expect(kept(page)).toContainText('signed out: 1 to send')
  await page.getByRole('link', { name: 'Sign in' }).tap()
  await page.getByLabel('Name').fill('quill')
  await page.getByLabel('Password').fill('lights-on')
  await page.getByRole('button', { name: 'Sign in' }).tap()
  await page.waitForURL(/\/bench\/\d+$/)
  await expect(end(page, 'W1.black@B1')).toHaveAttribute('aria-label', /joined/)
  await expect(kept(page)).toHaveText('saved · 1 step')
})
