// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { expect, it } from 'vitest'
import { deviceName, randomName } from './device'
import { type HeldStep, heldSteps } from './heldSteps'

const step = (attempt: number, device: string, number: number): HeldStep => ({
  attempt,
  device,
  number,
  base: 0,
  at: '2026-01-01T00:00:00Z',
  step: { do: 'undo' },
})

it('holds steps by attempt and lets go of those that the server has', async () => {
  await heldSteps.hold(step(1, 'tablet-a', 1))
  await heldSteps.hold(step(1, 'tablet-a', 2))
  await heldSteps.hold(step(1, 'tablet-b', 1))
  await heldSteps.hold(step(2, 'tablet-a', 1))
  await heldSteps.release(1, 'tablet-a', 1)

  expect((await heldSteps.of(1)).map(({ device, number }) => [device, number])).toEqual([
    ['tablet-a', 2],
    ['tablet-b', 1],
  ])
  expect(await heldSteps.of(2)).toHaveLength(1)
})

it('names the tablet once and every opening of the page anew', () => {
  const [first, second] = [deviceName(), deviceName()]
  expect(first).not.toBe(second)
  expect(first.split('-')[0]).toBe(second.split('-')[0])
  expect(first).toMatch(/^[A-Za-z0-9_-]{8,40}$/)
  expect(randomName(12)).toHaveLength(12)
})
