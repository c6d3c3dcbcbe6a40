import { expect, it } from 'vitest'
import { waysOf } from './repairWays'

const move = { text: 'Move it', box: 'B1', places: [], standing: [] }
const after = { verdict: 'pass' as const, lamps: [], trips: '-' }

it('has no way where nothing is to be moved', () => {
  expect(waysOf({ moves: [], undoes: '', reason: null })).toEqual([])
})

it('puts the shortest first, and longer ones that end better behind it', () => {
  const better = { title: 'Better: 2 moves, with no remark left', note: '', moves: [move, move], after, undoes: '' }
  const ways = waysOf({
    title: 'One move puts it right',
    note: 'n',
    moves: [move],
    after,
    undoes: '',
    reason: null,
    also: [better],
  })
  expect(ways.map(({ title }) => title)).toEqual(['One move puts it right', better.title])
})

it('counts the moves itself where what was judged earlier has no title', () => {
  expect(waysOf({ moves: [move, move], undoes: '', reason: null })[0]?.title).toBe('2 moves put it right')
})
