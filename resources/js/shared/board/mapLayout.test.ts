import { describe, expect, it } from 'vitest'
import type { BoardLook } from '@/shared/api/generated/http'
import { layOutMap, neighbour, runsOf } from './mapLayout'

const boxed = (places: Record<string, [number, number] | null>, cables: object[] = []) =>
  ({
    enclosures: Object.entries(places).map(([id, at]) => ({ id, label: id, at })),
    cables: cables.map((cable) => ({ single: false, print: '14/2', ...cable })),
  }) as unknown as BoardLook

describe('the map of a board', () => {
  it('stands boxes without a place in rows of four', () => {
    const { at } = layOutMap(boxed({ A: null, B: null, C: null, D: null, E: null }))
    expect([at('B')[0] > at('A')[0], at('B')[1]]).toEqual([true, at('A')[1]])
    expect([at('E')[0], at('E')[1] > at('A')[1]]).toEqual([at('A')[0], true])
  })

  it('fills its pane, and leaves room between boxes that hang close together', () => {
    const pane = { width: 600, height: 400, letter: 13 }
    const { at } = layOutMap(boxed({ A: [0, 0], B: [60, 0], C: [1500, 900] }), pane)
    expect(at('B')[0] - at('A')[0]).toBeGreaterThan(70)
    expect(at('C')[0]).toBeCloseTo(600 - 4.5 * 13)
    expect(at('C')[1]).toBeCloseTo(400 - 4.5 * 13)
  })

  it('draws singles between the same boxes as one conduit, whichever way they are listed', () => {
    const runs = runsOf(
      boxed({ A: [0, 0], B: [500, 0] }, [
        { id: 'C1', from: 'A', to: 'B', single: true, print: '1.5' },
        { id: 'C2', from: 'B', to: 'A', single: true, print: '1.5' },
        { id: 'W1', from: 'A', to: 'B' },
      ]),
    )
    expect(runs.map(({ print, cables }) => [print, cables])).toEqual([
      ['2 × 1.5', ['C1', 'C2']],
      ['W1 · 14/2', ['W1']],
    ])
  })

  it('goes by arrow key to the box that lies that way, and nowhere where none does', () => {
    const layout = layOutMap(boxed({ A: [0, 0], B: [500, 40], C: [500, 800], D: [0, 800] }))
    const from = (box: string, key: string) => neighbour(layout, ['A', 'B', 'C', 'D'], box, key)
    expect(from('A', 'ArrowRight')).toBe('B')
    expect(from('A', 'ArrowDown')).toBe('D')
    expect(from('C', 'ArrowUp')).toBe('B')
    expect(from('A', 'ArrowLeft')).toBeNull()
    expect(from('A', 'Enter')).toBeNull()
  })
})
