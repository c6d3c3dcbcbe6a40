import { expect, type Page, test } from '@playwright/test'
import { complaints, goTo, handIn, kept, openBench, setBoard, signIn } from './support'

/** Goes on by Tab until what is wanted has the focus. */
async function tabTo(page: Page, selector: string) {
  for (let i = 0; i < 200; i++) {
    await page.keyboard.press('Tab')
    if (await page.evaluate((wanted) => document.activeElement?.matches(wanted) ?? false, selector)) return
  }
  throw new Error(`Tab never came to ${selector}`)
}

test('a three-way is wired by keyboard alone, box by box', async ({ page, playwright, baseURL }) => {
  const attempt = await setBoard(playwright, baseURL!, 'Propagation house')
  const heard = complaints(page)
  await signIn(page, 'quill')
  await openBench(page, attempt)
  const type = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key)
  }
  // The gate post: ends by their letters, screws by their numbers, the tray by capitals.
  await type('a', '3', 'd', '1', 'e', '2', 'b', 'f', 'Shift+A', '4', '5', 'c', 'g', 'Shift+A')
  await type('ArrowLeft', 'a', '1', 'b', '2', 'c', '3')
  await type('ArrowRight', 'ArrowRight', 'a', '1', 'b', '2', 'e', '3', 'c', 'f', 'Shift+A', '4', 'd', 'g', 'Shift+A')
  await type('ArrowUp', 'a', '2', 'b', '1', 'c', '3')
  await expect(kept(page)).toHaveText('saved · 16 steps')
  await handIn(page)
  await expect(page.locator('[data-test=headline]')).toContainText('Correct')
  expect(heard).toEqual([])
})

test('a task is set and its marks are released by keyboard alone', async ({ page }) => {
  const heard = complaints(page)
  await signIn(page, 'marit')
  await goTo(page, '/task/{board Tool locker}')
  await expect(page.locator('[data-test=preview]')).toBeVisible()
  await tabTo(page, '[data-test=title]')
  await page.keyboard.press('Control+a')
  await page.keyboard.type('By keys alone')
  await tabTo(page, '[data-test=brief]')
  await page.keyboard.type('Wire it.')
  await tabTo(page, '[data-test=set]')
  await page.keyboard.press('Enter')
  await page.waitForURL(/tonight\?assignment=\d+/)
  await expect(page.getByRole('heading', { name: 'By keys alone' })).toBeVisible()
  await tabTo(page, 'a[href^="/marks/"].btn-main')
  await page.keyboard.press('Enter')
  await page.waitForURL(/marks\/\d+/)
  await tabTo(page, 'button.btn-main')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Release to the whole class?')).toBeVisible()
  for (let i = 0; i < 20; i++) {
    await page.keyboard.press('Tab')
    if ((await page.evaluate(() => document.activeElement?.textContent?.trim())) === 'Release them') break
  }
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-test=released]')).toBeVisible()
  expect(heard).toEqual([])
})
