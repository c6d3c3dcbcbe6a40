import { expect, test } from '@playwright/test'
import { end, kept, landing, openBench, setBoard, signIn, tray } from './support'

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
  await expect(end(page, 'C6.core@K1')).toHaveAttribute('aria-label', /joined/)
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
