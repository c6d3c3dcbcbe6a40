import { expect, test } from '@playwright/test'
import { comeIn, setBoard } from './support'

test.use({ serviceWorkers: 'allow' })

test('a reload of the bench without a server shows the bench, and nothing else is kept', async ({
  page,
  context,
  playwright,
  baseURL,
}) => {
  const attempt = await setBoard(playwright, baseURL!, 'Tool locker')
  await comeIn(page, 'quill')
  await page.evaluate(() => navigator.serviceWorker.ready)
  // The first page after it is in charge is the first one that it keeps.
  await page.reload()
  await page.goto(`/bench/${attempt}`)
  await expect(page.locator('[data-map-box]').first()).toBeVisible()
  const kept = await page.evaluate(async () => {
    const cache = await caches.open('zwindle-board-1')
    return (await cache.keys()).map(({ url }) => new URL(url).pathname).sort()
  })
  expect(kept).toEqual([`/api/attempts/${attempt}`, '/api/session'])

  await context.setOffline(true)
  await page.reload()
  await expect(page.locator('[data-map-box]').first()).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tool locker')
  await context.setOffline(false)

  // Whoever signs out leaves nothing of theirs.
  await page.goto('/my-boards')
  await page.getByRole('button', { name: 'Quill Arden' }).click()
  await page.getByRole('menuitem', { name: 'Sign out' }).click()
  await page.waitForURL(/sign-in/)
  await expect
    .poll(() =>
      page.evaluate(
        async () =>
          (await caches.keys()).includes('zwindle-board-1') &&
          (await (await caches.open('zwindle-board-1')).keys()).some(({ url }) => url.includes('attempts')),
      ),
    )
    .toBe(false)
})
