import { expect, it } from 'vitest'
import { pairs } from './pairs'

it('pairs each with the one after it', () => {
  expect(pairs([3, 0, 5])).toEqual([
    [3, 0],
    [0, 5],
  ])
  expect(pairs([3])).toEqual([])
  expect(pairs([])).toEqual([])
})
