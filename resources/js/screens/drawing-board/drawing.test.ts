import { describe, expect, it } from 'vitest'
import type { Board, Hanging } from '@/shared/api/types'
import * as drawing from './drawing'
import { routesOf, snap, spotsOf, viewOf } from './wallLayout'
import { wrongPlaces } from './wrongPlaces'

const kinds = { 'sw-3': 'switch', lamp: 'lamp', outlet: 'receptacle', feed: 'supply' }
const hanging = (models: string[], kind: Hanging['kind'] = 'switch-box'): Hanging => ({
  key: 'x',
  name: 'something',
  place: kind === 'light-box' ? 'Light' : 'Place',
  kind,
  material: 'metal',
  box: null,
  models,
})
const bare: Board = {
  format: 'zwindle-board',
  version: 1,
  title: 'New board',
  practice: 'na',
  code: 'NEC-2023',
  enclosures: [{ id: 'F', kind: 'supply', at: [100, 100] }],
  devices: [{ id: 'PS', in: 'F', model: 'feed' }],
  cables: [],
}
const hung = (...what: Hanging[]) => what.reduce((board, one) => drawing.hang(board, one, [500, 500], kinds), bare)
const threeWays = () => hung(hanging(['sw-3']), hanging(['sw-3']), hanging(['lamp'], 'light-box'))

describe('drawing', () => {
  it('hangs boxes with parts, each with an id and a name of its own', () => {
    const board = threeWays()
    expect(board.enclosures.map(({ id, label }) => [id, label])).toEqual([
      ['F', undefined],
      ['B1', 'Place 1'],
      ['B2', 'Place 2'],
      ['H1', 'Light 1'],
    ])
    expect(board.devices.map((device) => [device.id, device.in])).toEqual([
      ['PS', 'F'],
      ['S1', 'B1'],
      ['S2', 'B2'],
      ['L1', 'H1'],
    ])
    expect(hung(hanging(['sw-3', 'sw-3'])).devices.map(({ id }) => id)).toEqual(['PS', 'S1', 'S2'])
    expect(hung(hanging(['outlet'])).alwaysOn).toEqual(['D1'])
  })

  it('walks cables that the planner may choose, and takes them out again', () => {
    const board = drawing.walk(drawing.walk(threeWays(), 'F', 'B1'), 'B1', 'B2')
    expect(board.cables).toEqual([
      { id: 'W1', type: 'any', from: 'F', to: 'B1' },
      { id: 'W2', type: 'any', from: 'B1', to: 'B2' },
    ])
    expect(drawing.walk(board, 'B1', 'B1')).toBe(board)
    expect(drawing.cut(board, 'W1').cables.map(({ id }) => id)).toEqual(['W2'])
    expect(drawing.retype(board, 'W2', 'na-14-3').cables[1]!.type).toBe('na-14-3')
  })

  it('brings the feed into another box by the cable it has, or by a new one', () => {
    const board = drawing.walk(threeWays(), 'F', 'B1')
    expect(drawing.feedInto(board, 'F', 'B2').cables).toEqual([{ id: 'W1', type: 'any', from: 'F', to: 'B2' }])
    const other = { ...board, cables: [{ id: 'W1', type: 'any', from: 'B1', to: 'F' }] }
    expect(drawing.feedInto(other, 'F', 'H1').cables[0]).toMatchObject({ from: 'H1', to: 'F' })
    expect(drawing.feedInto(bare, 'F', 'F').cables).toEqual([])
    expect(drawing.feedInto(threeWays(), 'F', 'B1').cables).toHaveLength(1)
  })

  it('points from switches to lights: together, apart, and two lights made one', () => {
    const one = drawing.point(threeWays(), 'S1', 'L1')
    const both = drawing.point(one, 'S2', 'L1')
    expect(both.controls).toEqual([{ lamps: ['L1'], switches: ['S1', 'S2'] }])
    expect(drawing.lampsOf(both, 'S2')).toEqual(['L1'])
    expect(drawing.point(both, 'S1', 'L1').controls).toEqual([{ lamps: ['L1'], switches: ['S2'] }])
    expect(drawing.point(one, 'S1', 'L1').controls).toEqual([])
    const two = drawing.hang(both, hanging(['lamp'], 'light-box'), [0, 0], kinds)
    expect(drawing.point(two, 'S1', 'L2').controls).toEqual([{ lamps: ['L1', 'L2'], switches: ['S1', 'S2'] }])
    const apart = drawing.point(drawing.hang(two, hanging(['sw-3']), [0, 0], kinds), 'S3', 'L2')
    expect(drawing.point(apart, 'S3', 'L1').controls).toEqual([{ lamps: ['L2', 'L1'], switches: ['S3', 'S1', 'S2'] }])
  })

  it('takes a box off with its parts, cables and what it controlled', () => {
    const board = drawing.point(drawing.walk(drawing.walk(threeWays(), 'F', 'B1'), 'B1', 'B2'), 'S1', 'L1')
    const without = drawing.remove(board, 'B1')
    expect(without.enclosures.map(({ id }) => id)).toEqual(['F', 'B2', 'H1'])
    expect(without.devices.map(({ id }) => id)).toEqual(['PS', 'S2', 'L1'])
    expect(without.cables).toEqual([])
    expect(without.controls).toEqual([])
  })

  it('hangs another like it, names it, and never another feed', () => {
    const board = drawing.relabel(drawing.duplicate(threeWays(), 'B1', [900, 500]), 'B3', 'Yard door')
    expect(board.enclosures.at(-1)).toMatchObject({ id: 'B3', label: 'Yard door', at: [900, 500], kind: 'switch-box' })
    expect(board.devices.at(-1)).toEqual({ id: 'S3', in: 'B3', model: 'sw-3' })
    expect(drawing.duplicate(bare, 'F', [0, 0])).toBe(bare)
    expect(drawing.move(board, 'B3', [10, 20]).enclosures.at(-1)!.at).toEqual([10, 20])
  })
})

describe('the wall', () => {
  it('snaps to its grid, to a tenth of a millimetre', () => {
    expect(snap([120, 26], 50.8)).toEqual([101.6, 50.8])
    expect(snap([-24, 26], 50)).toEqual([-0, 50])
  })

  it('shows all that hangs there, and fills the screen', () => {
    const wide = viewOf(new Map([['A', [5000, -400] as const]]), null)
    expect(wide).toEqual({ x: 0, y: -650, width: 5250, height: 2000 })
    const filled = viewOf(new Map(), 4)
    expect(filled.width / filled.height).toBe(4)
    expect(spotsOf({ ...bare, enclosures: [{ id: 'F', kind: 'supply' }] }).get('F')).toEqual([400, 400])
  })

  it('runs cables along and up, two of a pair side by side, and leaves out one to nowhere', () => {
    const board = { ...threeWays(), cables: ['W1', 'W2'].map((id) => ({ id, type: 'any', from: 'F', to: 'B1' })) }
    const [first, second] = routesOf(board, spotsOf(board))
    expect(first!.points).toEqual([
      [100, 100],
      [500, 100],
      [500, 500],
    ])
    expect(second!.points[0]).toEqual([170, 170])
    const nowhere = { ...board, cables: [{ id: 'W1', type: 'any', from: 'F', to: 'B9' }] }
    expect(routesOf(nowhere, spotsOf(nowhere))).toEqual([])
  })

  it('marks the box or cable that a problem is about', () => {
    const board = drawing.walk(threeWays(), 'F', 'B1')
    const at = (pointer: string) => [...wrongPlaces(board, [{ pointer, message: '' }])]
    expect(at('/enclosures/2')).toEqual(['B2'])
    expect(at('/devices/3/model')).toEqual(['H1'])
    expect(at('/cables/0/to')).toEqual(['W1'])
    expect(at('/controls/0/lamps')).toEqual([])
    expect(at('')).toEqual([])
    expect(wrongPlaces(null, [])).toEqual(new Set())
  })
})
