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
    expect(at('B').x - at('A').x).toBe(450)
    expect(at('E')).toEqual({ x: 0, y: 450 })
  })

  it('has room at the right for what is printed beside an upright run, however long it is', () => {
    const print = '1.0 mm² T&E, a very long name'
    const places: Record<string, [number, number]> = { Rose: [600, 200], Door: [600, 900] }
    const { view } = layOutMap(boxed(places, [{ id: 'W2', from: 'Rose', to: 'Door', print }]))
    expect(view.x + view.width).toBeGreaterThanOrEqual(600 + 26 + `W2 · ${print}`.length * 20)
    const narrow = layOutMap(boxed(places, [{ id: 'W2', from: 'Rose', to: 'Door' }])).view
    expect(narrow.x + narrow.width).toBe(600 + 270)
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
