import { expect, it } from 'vitest'
import type { BoardLook, VerdictData } from '@/shared/api/generated/http'
import { bitOf, positionsIn } from './positionsIn'

const verdict = {
  switches: [
    { id: 'S1', box: 'B1', label: 'the left switch at Hall' },
    { id: 'S2', box: 'B1', label: 'the right switch at Hall' },
    { id: 'S3', box: 'gone', label: 'the switch at Yard' },
  ],
} as unknown as VerdictData
const board = { enclosures: [{ id: 'B1', label: 'Hall' }] } as unknown as BoardLook

it('reads a combination as the core counts it: the first switch is the highest bit', () => {
  expect(positionsIn(verdict, board, 0b100).map(({ id, position }) => [id, position])).toEqual([
    ['S1', 'down'],
    ['S2', 'up'],
    ['S3', 'up'],
  ])
  expect([0, 1, 2].map((i) => bitOf(verdict, i))).toEqual([4, 2, 1])
})

it('names each by its place, and by its own words where the board does not know the place', () => {
  expect(positionsIn(verdict, board, 0).map(({ place }) => place)).toEqual(['Hall', 'Hall', 'the switch at Yard'])
})
