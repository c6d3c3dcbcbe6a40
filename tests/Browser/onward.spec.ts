import { expect, test } from '@playwright/test'
import { addBoard, removeBoard, signIn } from './support'

const PORCH = {
  format: 'zwindle-board',
  version: 1,
  title: 'Porch, on to the hall',
  practice: 'na',
  code: 'NEC-2023',
  enclosures: [
    { id: 'SRC', kind: 'supply', label: 'Panel', at: [300, 300] },
    { id: 'B1', kind: 'switch-box', label: 'Porch door', material: 'metal', box: 'device-3x2x3.5', at: [900, 800] },
    { id: 'L1', kind: 'light-box', label: 'Porch light', material: 'metal', box: 'octagon-4x2.125', at: [1500, 300] },
  ],
  devices: [
    { id: 'PS', in: 'SRC', model: 'na-supply', breakerA: 15 },
    { id: 'S1', in: 'B1', model: 'na-switch-1p' },
    { id: 'LA', in: 'L1', model: 'na-lampholder' },
  ],
  cables: [
    { id: 'W1', type: 'na-14-2', from: 'SRC', to: 'B1' },
    { id: 'W2', type: 'na-14-2', from: 'B1', to: 'L1' },
  ],
  controls: [{ lamps: ['LA'], switches: ['S1'] }],
  wall: { widthMm: 2440, heightMm: 1220 },
}

test('a cable is run off the wall to a place beyond, named, planned alive, and out of reach on the bench', async ({
  page,
}) => {
  await signIn(page, 'marit')
  const id = await addBoard(page, PORCH)
  await page.goto(`/draw/${id}`)
  const door = page.locator('[data-wall-box=B1]')
  await door.focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('w')
  await page.keyboard.press('o')
  await expect(page.locator('[data-sign=onward]')).toBeVisible()
  await page.locator('[data-test=details]').click()
  await page.getByLabel('Where the cable goes on to').fill('Hall')
  await page.getByLabel('Where the cable goes on to').press('Enter')
  await expect(page.locator('[data-wall-box]').filter({ hasText: 'Hall' })).toBeVisible()
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(page.getByRole('button', { name: /Run a cable/ })).toHaveCount(0)
  // Taken out with its cable, and back by one key.
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-sign=onward]')).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-sign=onward]')).toBeVisible()
  // A tap on the wall's edge does the same as the key.
  await page.keyboard.press('Escape')
  await door.focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('w')
  const wall = (await page.locator('[data-test=face] rect').first().boundingBox())!
  await page.mouse.click(wall.x + wall.width - 3, wall.y + wall.height / 2)
  await expect(page.locator('[data-sign=onward]')).toHaveCount(2)
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-test=said]')).toContainText('Removed')
  await removeBoard(page, id)
})
