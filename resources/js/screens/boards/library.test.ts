import { describe, expect, it } from 'vitest'
import type { LibraryBoard } from '@/shared/api/generated/http'
import { searched, type Asked } from './library'

const board = (id: number, title: string, more: Partial<LibraryBoard> = {}) =>
  ({
    id,
    title,
    practice: 'na',
    brief: '',
    scheme: '',
    changedAt: `2026-01-0${id}`,
    archived: false,
    ...more,
  }) as LibraryBoard
const all = [
  board(1, 'Barn', { scheme: 'dead-end run' }),
  board(2, 'Åse’s attic', { practice: 'gb', scheme: 'commons tied' }),
  board(3, 'Cellar', { archived: true }),
]
const titles = (asked: Partial<Asked>) =>
  searched(all, { find: '', practice: '', order: 'changed', archived: false, ...asked }).map(({ title }) => title)

describe('the library', () => {
  it('is searched by title, brief and way of wiring, without accents', () => {
    expect(titles({ find: 'ase attic' })).toEqual(['Åse’s attic'])
    expect(titles({ find: 'dead-end' })).toEqual(['Barn'])
    expect(titles({ practice: 'gb' })).toEqual(['Åse’s attic'])
  })

  it('has what was changed last on top, or another order', () => {
    expect(titles({})).toEqual(['Åse’s attic', 'Barn'])
    expect(titles({ order: 'title' })).toEqual(['Åse’s attic', 'Barn'])
    expect(titles({ order: 'scheme' })).toEqual(['Åse’s attic', 'Barn'])
    expect(titles({ archived: true })).toEqual(['Cellar'])
  })
})
