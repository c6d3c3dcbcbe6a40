import { describe, expect, it } from 'vitest'
import { type Entry, findIn } from './findIn'

const entry = (name: string): Entry => ({ key: name, name, kind: 'board', to: '/' })

describe('finding', () => {
  it('takes every word in any order, without accents or capitals, those that begin so first', () => {
    const all = ['Try Åse’s shed', 'Shed, two doors', 'Packing barn'].map(entry)
    expect(findIn(all, 'SHED').shown.map(({ name }) => name)).toEqual(['Shed, two doors', 'Try Åse’s shed'])
    expect(findIn(all, 'shed ase').shown.map(({ name }) => name)).toEqual(['Try Åse’s shed'])
    expect(findIn(all, '').shown).toHaveLength(3)
    expect(findIn(all, 'nothing').shown).toEqual([])
  })

  it('shows as many of two thousand as one looks through, and counts the rest', () => {
    const all = Array.from({ length: 2000 }, (_, i) => entry(`Board ${i}`))
    const found = findIn(all, 'board')
    expect([found.shown.length, found.more]).toEqual([40, 1960])
  })
})
