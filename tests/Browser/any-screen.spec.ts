import { expect, type Page, test } from '@playwright/test'
import { comeIn, expectNoSeriousFault, goTo, setBoard, signIn } from './support'

const INSTRUCTOR = [
  '/tonight',
  '/boards',
  '/boards?new=yes',
  '/tasks',
  '/people',
  '/marks',
  '/password',
  '/draw/{board Packing barn}',
  '/plans/{board Packing barn}',
  '/plans/{board Packing barn}?box=B2',
  '/try/{board Packing barn}',
  '/prepare/{board Packing barn}/0',
  '/as-found/{board Packing barn}',
  '/show/{board Packing barn}',
  '/drills',
  '/paper/{board Packing barn}/0',
  '/set/{board Packing barn}',
  '/task/{board Packing barn}',
  '/marks/{set Propagation house}',
] as const

/** 1280 × 800 at 200 % and at 400 %, and a phone. */
const SIZES = [
  [640, 400],
  [320, 200],
  [390, 844],
] as const

/** Whether anything but a drawing, a table or a page of paper asks to be scrolled sideways. */
async function sideways(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const found: string[] = []
    const most = document.documentElement.clientWidth
    const root = document.scrollingElement!
    if (root.scrollWidth > most + 1) {
      for (const element of document.querySelectorAll('body *')) {
        const { right, width } = element.getBoundingClientRect()
        if (right > most + 1 && width > 0 && !element.closest('svg, table, .paper-page'))
          found.push(
            `${element.tagName.toLowerCase()}.${String(element.className).slice(0, 60)} reaches ${Math.round(right)}`,
          )
      }
      found.splice(4)
      found.unshift(`${root.scrollWidth} wide on ${most}`)
    }
    return found
  })
}

/** A screen with everything on it that it asks the server for. */
async function open(page: Page, path: string) {
  await goTo(page, path)
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
  await page.waitForLoadState('networkidle')
}

async function look(page: Page, path: string, complaints: string[], size: string) {
  await open(page, path)
  complaints.push(...(await sideways(page)).map((what) => `${path} at ${size}: ${what}`))
}

for (const [width, height] of SIZES) {
  test(`every screen of an instructor reflows at ${width} × ${height}`, async ({ page }) => {
    test.setTimeout(120_000)
    await page.setViewportSize({ width, height })
    const complaints: string[] = []
    await page.goto('/sign-in')
    complaints.push(...(await sideways(page)))
    await signIn(page, 'marit')
    for (const path of INSTRUCTOR) await look(page, path, complaints, `${width} × ${height}`)
    expect(complaints).toEqual([])
  })
}

test('the bench shows board and box in turn on a phone, and its verdict reflows', async ({
  page,
  playwright,
  baseURL,
}) => {
  const attempt = await setBoard(playwright, baseURL!, 'Tool locker')
  await page.setViewportSize({ width: 390, height: 844 })
  await signIn(page, 'quill')
  const complaints: string[] = []
  for (const path of ['/my-boards', `/bench/${attempt}`]) await look(page, path, complaints, 'phone')
  await expect(page.getByRole('group', { name: /^Open box/ })).toBeVisible()
  await expect(page.locator('[data-board-drawing]')).toBeHidden()
  await page.locator('[data-test=to-board]').click()
  await expect(page.locator('[data-board-drawing]')).toBeVisible()
  await page.locator('[data-map-box] [data-box-shape]').last().click()
  await expect(page.getByRole('group', { name: /^Open box/ })).toBeVisible()
  await page.getByRole('button', { name: 'Hand in', exact: true }).click()
  await page.getByRole('button', { name: 'Hand in now' }).click()
  await page.waitForURL(/verdict/)
  await expect(page.locator('[data-test=headline]')).toBeVisible()
  complaints.push(...(await sideways(page)))
  expect(complaints).toEqual([])
})

test('axe finds no serious fault on a dark screen, nor zoomed in', async ({ page }) => {
  test.setTimeout(120_000)
  await comeIn(page, 'marit')
  await page.getByRole('button', { name: /Marit Halloway/ }).click()
  await page.getByRole('menuitem', { name: 'Dark screen' }).click()
  await expect(page.locator('html')).toHaveClass(/night/)
  for (const path of [
    '/tonight',
    '/boards',
    '/plans/{board Packing barn}?box=B2',
    '/draw/{board Packing barn}',
    '/people',
    '/task/{board Packing barn}',
  ]) {
    await open(page, path)
    await expectNoSeriousFault(page)
  }
  await page.getByRole('button', { name: /Marit Halloway/ }).click()
  await page.getByRole('menuitem', { name: 'Light screen' }).click()
  await page.setViewportSize({ width: 640, height: 400 })
  for (const path of ['/tonight', '/boards', '/plans/{board Packing barn}?box=B2', '/marks/{set Propagation house}']) {
    await open(page, path)
    await expectNoSeriousFault(page)
  }
})
