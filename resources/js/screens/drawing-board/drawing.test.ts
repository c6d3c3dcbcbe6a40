import { describe, expect, it } from 'vitest'
import type { Board, WallPart, WayOut } from '@/shared/api/generated/http'
import * as drawing from './drawing'
import type { Spot } from '@/shared/board/layout/rects'
import { snap, snapToStuds, spotsOf, studsOf, viewOf } from './wallLayout'
import { wrongPlaces } from './wrongPlaces'

const kinds = { 'sw-3': 'switch', lamp: 'lamp', outlet: 'receptacle', feed: 'supply' }
const hanging = (models: string[], kind: WallPart['kind'] = 'switch-box'): WallPart => ({
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
const hung = (...what: WallPart[]) => what.reduce((board, one) => drawing.hang(board, one, [500, 500], kinds), bare)
const threeWays = () => hung(hanging(['sw-3']), hanging(['sw-3']), hanging(['lamp'], 'light-box'))

const again = (board: Board, id: string, at: Spot) => drawing.paste(board, drawing.copied(board, id)!, at)

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
    expect(drawing.alterCable(board, 'W2', { type: 'na-14-3' }).cables[1]!.type).toBe('na-14-3')
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

  it('ties what is hung to the only light, and asks where there are two', () => {
    const tied = (board: Board, what: WallPart, box: string) =>
      drawing.tieToOnlyLight(drawing.hang(board, what, [0, 0], kinds), box, kinds)
    const first = tied(hung(hanging(['sw-3']), hanging(['sw-3'])), hanging(['lamp'], 'light-box'), 'H1')
    expect(first.controls).toEqual([{ lamps: ['L1'], switches: ['S1', 'S2'] }])
    expect(tied(first, hanging(['sw-3']), 'B3').controls).toEqual([{ lamps: ['L1'], switches: ['S1', 'S2', 'S3'] }])
    // A switch that the hand untied stays so.
    const untied = drawing.point(first, 'S1', 'L1')
    expect(tied(untied, hanging(['sw-3']), 'B3').controls).toEqual([{ lamps: ['L1'], switches: ['S2', 'S3'] }])
    const second = tied(first, hanging(['lamp'], 'light-box'), 'H2')
    expect(tied(second, hanging(['sw-3']), 'B3').controls).toEqual(first.controls)
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
    const board = drawing.alter(again(threeWays(), 'B1', [900, 500]), 'B3', { label: 'Yard door' })
    expect(board.enclosures.at(-1)).toMatchObject({ id: 'B3', label: 'Yard door', at: [900, 500], kind: 'switch-box' })
    expect(board.devices.at(-1)).toEqual({ id: 'S3', in: 'B3', model: 'sw-3' })
    expect(drawing.copied(bare, 'F')).toBeNull()
    expect(drawing.paste(bare, { ...drawing.copied(threeWays(), 'B1')!, practice: 'gb' }, [0, 0])).toBe(bare)
    expect(drawing.move(board, 'B3', [10, 20]).enclosures.at(-1)!.at).toEqual([10, 20])
  })
})

describe('what is changed on a drawing', () => {
  it('changes a box or a part, and forgets what is taken away', () => {
    const sized = drawing.alter(threeWays(), 'B1', { box: 'device-3x2x3.5', volumeIn3: 18 })
    expect(sized.enclosures[1]).toMatchObject({ box: 'device-3x2x3.5', volumeIn3: 18 })
    expect('volumeIn3' in drawing.alter(sized, 'B1', { volumeIn3: undefined }).enclosures[1]!).toBe(false)
    expect(drawing.alterDevice(sized, 'S1', { face: 'silver', turned: 90 }).devices[1]).toMatchObject({
      face: 'silver',
      turned: 90,
    })
  })

  it('puts more parts into a box, and takes one out with what it controlled', () => {
    const board = drawing.fit(drawing.point(threeWays(), 'S1', 'L1'), 'B1', 'sw-3', 'switch')
    expect(board.devices.at(-1)).toEqual({ id: 'S3', in: 'B1', model: 'sw-3' })
    const less = drawing.takeOut(board, 'S1')
    expect(less.devices.map(({ id }) => id)).not.toContain('S1')
    expect(less.controls).toEqual([])
    const live = drawing.fit(board, 'B2', 'outlet', 'receptacle')
    expect(live.alwaysOn).toEqual([live.devices.at(-1)!.id])
    expect(drawing.keepOn(live, live.devices.at(-1)!.id, false).alwaysOn).toEqual([])
    expect(drawing.keepOn(bare, 'L1', true).alwaysOn).toEqual(['L1'])
  })

  it('moves the light into another box, and what works it with it', () => {
    const board = drawing.point(threeWays(), 'S1', 'L1')
    const moved = drawing.moveLights(board, 'H1', 'B2', kinds)
    expect(moved.devices.find(({ id }) => id === 'L1')!.in).toBe('B2')
    expect(moved.controls).toEqual(board.controls)
    expect(drawing.moveLights(board, 'B1', 'B2', kinds)).toBe(board)
    expect(drawing.moveLights(board, 'H1', 'H1', kinds)).toBe(board)
  })

  it('lines a box up with another, the way that moves it less', () => {
    const at = (x: number, y: number) => drawing.move(drawing.move(threeWays(), 'B1', [500, 500]), 'B2', [x, y])
    const of = (board: ReturnType<typeof at>) => drawing.lineUp(board, 'B2', 'B1').enclosures[2]!.at
    expect(of(at(900, 540))).toEqual([900, 500])
    expect(of(at(530, 900))).toEqual([500, 900])
    expect(drawing.lineUp(at(0, 0), 'B2', 'B9').enclosures[2]!.at).toEqual([0, 0])
  })

  it('runs another conductor beside one, and says what the board asks for', () => {
    const board = drawing.runBeside(drawing.walk(threeWays(), 'F', 'B1'), 'W1')
    expect(board.cables).toEqual([
      { id: 'W1', type: 'any', from: 'F', to: 'B1' },
      { id: 'W2', type: 'any', from: 'F', to: 'B1' },
    ])
    expect(drawing.runBeside(board, 'W9')).toBe(board)
    expect(drawing.require(drawing.require(board, { scheme: 'dead-end' }), { earths: 'none' }).requirements).toEqual({
      scheme: 'dead-end',
      earths: 'none',
    })
  })
})

describe('what would let a board be wired', () => {
  const way = (more: object) => ({ kind: 'cables', text: '', take: '', code: null, cables: {}, ...more }) as WayOut
  const board = drawing.walk(threeWays(), 'F', 'B1')

  it.each<[string, WayOut, (made: Board) => unknown, unknown]>([
    ['another cable', way({ cables: { W1: 'na-14-4' } }), (made) => made.cables[0]!.type, 'na-14-4'],
    ['no neutral', way({ kind: 'no-neutral' }), (made) => made.requirements?.neutralAtSwitches, 'none'],
    ['another edition', way({ kind: 'edition', code: 'NEC-2014' }), (made) => made.code, 'NEC-2014'],
    ['any scheme', way({ kind: 'any-scheme' }), (made) => made.requirements?.scheme, 'any'],
  ])('takes %s', (_, taken, seen, expected) => {
    expect(seen(drawing.takeWayOut(board, taken))).toBe(expected)
  })
})

describe('the wall', () => {
  it('snaps to the sides of a stud that is near, else to the grid', () => {
    const wall = { widthMm: 2438, heightMm: 1219, studsMm: 400, firstStudMm: 20 }
    expect(snapToStuds([810, 333], 50, wall)).toEqual([820, 350])
    expect(snapToStuds([790, 333], 50, wall)).toEqual([775.5, 350])
    expect(snapToStuds([860, 333], 50, wall)).toEqual([864.5, 350])
    expect(snapToStuds([610, 333], 50, wall)).toEqual([600, 350])
    expect(snapToStuds([810, 333], 50, undefined)).toEqual([800, 350])
    expect(studsOf(wall)).toEqual([20, 420, 820, 1220, 1620, 2020, 2420])
    expect(studsOf(undefined)).toEqual([])
  })

  it('snaps to its grid, to a tenth of a millimetre', () => {
    expect(snap([120, 26], 50.8)).toEqual([101.6, 50.8])
    expect(snap([-24, 26], 50)).toEqual([-0, 50])
  })

  it('shows all that hangs there, and fills the screen', () => {
    const wide = viewOf(new Map([['A', [5000, -400] as const]]), null)
    expect(wide).toEqual({ x: 4250, y: -800, width: 1500, height: 800 })
    const filled = viewOf(new Map(), 4)
    expect(filled.width / filled.height).toBe(4)
    expect(spotsOf({ ...bare, enclosures: [{ id: 'F', kind: 'supply' }] }).get('F')).toEqual([400, 400])
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

describe('a cable that goes on beyond the board', () => {
  const porch = hung(hanging(['sw-3']))
  const box = porch.enclosures.at(-1)!.id
  const onward = drawing.goOn(porch, box, [2400, 500], 'Hall')
  const place = onward.enclosures.at(-1)!

  it('is run to a place of its own, with no material and one cable', () => {
    expect(place).toEqual({ id: 'O1', kind: 'onward', label: 'Hall', at: [2400, 500] })
    expect(onward.cables.at(-1)).toMatchObject({ type: 'any', from: box, to: 'O1' })
  })

  it('takes its place with it when it is taken out, or when the box that it leaves is', () => {
    expect(drawing.cut(onward, onward.cables.at(-1)!.id)).toEqual(porch)
    expect(drawing.remove(onward, box).enclosures.map(({ kind }) => kind)).not.toContain('onward')
    expect(drawing.remove(onward, 'O1').enclosures).toEqual(porch.enclosures)
    expect(drawing.remove(onward, 'O1').cables).toEqual([])
  })

  it('is not copied', () => {
    expect(drawing.copied(onward, 'O1')).toBeNull()
    expect(drawing.copied(onward, box)).not.toBeNull()
  })
})
