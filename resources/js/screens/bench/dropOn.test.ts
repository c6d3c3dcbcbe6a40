import { beforeEach, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { BoardLook } from '@/shared/api/generated/http'
import type { useHand } from '@/shared/hand/useHand'
import { dropOn } from './dropOn'

const calls: string[] = []
const called =
  (name: string) =>
  (...args: unknown[]) =>
    calls.push([name, ...args.map((arg) => JSON.stringify(arg))].join(' '))
const hand = {
  carried: ref(['W1.black@B1']),
  tapConnector: called('connector'),
  landOn: called('land'),
  cap: called('cap'),
  takePigtail: called('pigtail'),
  gather: called('gather'),
  announce: called('say'),
} as unknown as ReturnType<typeof useHand>
const tray = [{ by: 'wire-nut', ports: 3 }, { by: 'push-in' }] as unknown as BoardLook['tray']

beforeEach(() => {
  calls.length = 0
  vi.restoreAllMocks()
})

it.each([
  [{ connector: 'W2.white@B1' }, 'connector "W2.white@B1"'],
  [{ place: 'S1#3' }, 'land "S1#3"'],
  [{ tray: 'cap' }, 'cap'],
  [{ tray: 'pigtail' }, 'pigtail'],
  [{ tray: 'wire-nut-3' }, 'gather {"by":"wire-nut","ports":3}'],
  [{ tray: 'push-in-' }, 'gather {"by":"push-in"}'],
])('does what lies under the hand: %o', (target, done) => {
  dropOn(target, hand, tray)
  expect(calls).toEqual([done])
})

it.each([[{}], [{ place: 'W1.black@B1' }]])('keeps what is in hand, and says so: %o', (target) => {
  dropOn(target, hand, tray)
  expect(calls).toHaveLength(1)
  expect(calls[0]).toMatch(/^say /)
})
