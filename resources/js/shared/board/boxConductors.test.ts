import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { BoardLook, Enclosure } from '@/shared/api/generated/http'
import { type BenchState, bareBench, type Joint } from '@/shared/bench/bench'
import { drawConductors } from './boxConductors'
import { layOutBox, type Point } from './boxLayout'
import { bentPath, LANE, Lanes } from './boxRoutes'
import { around, grown, meets, type Rect } from './layout/rects'
import { layOutMap } from './mapLayout'

const looks = JSON.parse(readFileSync('tests/Corpus/bench/looks.json', 'utf8')) as Record<string, BoardLook>
const WORDS = { boxOf: (id: string) => id, conduit: 'conduit', connector: (by: string) => by.replace('-', ' ') }
const SPACE: Rect = { x: 0, y: 0, width: 280, height: 280 }
const middle = (column: number, row: number) => ({ x: (column + 0.5) * LANE, y: (row + 0.5) * LANE })

describe('the lanes of a box', () => {
  it('lead straight where nothing is in the way', () => {
    expect(new Lanes(SPACE, []).lay(middle(1, 4), middle(12, 4))).toEqual([middle(1, 4), middle(12, 4)])
  })

  it('lead round what is in the way', () => {
    const wall = { x: 6 * LANE, y: 0, width: LANE, height: 10 * LANE }
    const way = new Lanes(SPACE, [wall]).lay(middle(1, 4), middle(12, 4))
    expect(way.length).toBeGreaterThan(2)
    for (const part of parts(way)) expect(meets(part, wall)).toBe(false)
  })

  it('hold one conductor each: the second lies beside the first, or crosses it', () => {
    const lanes = new Lanes(SPACE, [])
    const first = lanes.lay(middle(1, 4), middle(12, 4))
    const second = lanes.lay(middle(2, 4), middle(11, 4))
    expect(second.some(({ y }) => y !== first[0]!.y)).toBe(true)
    expect(lanes.lay(middle(5, 1), middle(5, 9))).toHaveLength(2)
  })

  it('lead straight where there is no way at all', () => {
    const ring = [around([7 * LANE, 7 * LANE], 2 * LANE, 2 * LANE)]
    expect(new Lanes(SPACE, ring).lay(middle(6, 6), middle(18, 18)).at(-1)).toEqual(middle(18, 18))
  })

  it('are rounded at their corners', () => {
    expect(bentPath([middle(0, 0), middle(4, 0), middle(4, 4)])).toContain('Q')
  })
})

const parts = (points: readonly Point[]): Rect[] =>
  points.slice(1).map((to, i) => ({
    x: Math.min(points[i]!.x, to.x) - 0.5,
    y: Math.min(points[i]!.y, to.y) - 0.5,
    width: Math.abs(points[i]!.x - to.x) + 1,
    height: Math.abs(points[i]!.y - to.y) + 1,
  }))

const corners = (d: string): Point[] => {
  const numbers = d.match(/-?[\d.]+/g)!.map(Number)
  return numbers.flatMap((x, i) => (i % 2 === 0 ? [{ x, y: numbers[i + 1]! }] : []))
}

/** Everything joined in some way: one end to each terminal, the rest in connectors of so many each. */
function wired(box: Enclosure, each: number): BenchState {
  const joints: Joint[] = []
  const ends = box.ends.map(({ id }) => id)
  const terminals = box.devices.flatMap(({ landings }) => landings).filter(({ shape }) => shape !== 'lead')
  for (const { id } of terminals) {
    const end = ends.shift()
    if (end) joints.push({ box: box.id, by: 'terminal', ports: null, points: [id, end] })
  }
  while (ends.length > 1) joints.push({ box: box.id, by: 'wire-nut', ports: each, points: ends.splice(0, each) })
  return { ...bareBench, joints }
}

function drawn(board: BoardLook, box: Enclosure, each = 3) {
  const bench = wired(box, each)
  const layout = layOutBox(box, board.cables, layOutMap(board).at, WORDS, bench.joints)
  return { layout, conductors: drawConductors(box, layout, bench, board.marks) }
}

describe('the conductors of an opened box', () => {
  const boxes = Object.entries(looks).flatMap(([slug, board]) => board.enclosures.map(({ id }) => [slug, id] as const))

  it.each(boxes)('of %s %s lie behind no device', (slug, id) => {
    const board = looks[slug]!
    const box = board.enclosures.find((candidate) => candidate.id === id)!
    const { layout, conductors } = drawn(board, box)
    expect(conductors.length).toBeGreaterThanOrEqual(box.ends.length)
    for (const { device, x, y } of layout.devices) {
      const body = { x: x + 2, y: y + 2, width: device.width - 4, height: device.height - 4 }
      for (const conductor of conductors) {
        expect([conductor.id, parts(corners(conductor.path)).some((part) => meets(part, body))]).toEqual([
          conductor.id,
          false,
        ])
      }
    }
  })

  const sized = boxes.flatMap(([slug, id]) => [2, 3, 5].map((each) => [slug, id, each] as const))

  it.each(sized)('of %s %s lie over no word of a connector for %d', (slug, id, each) => {
    const board = looks[slug]!
    const { layout, conductors } = drawn(
      board,
      board.enclosures.find((candidate) => candidate.id === id)!,
      each,
    )
    for (const { x, y, wordWidth } of layout.connectors) {
      const word = { x: x - wordWidth / 2, y: y + 24, width: wordWidth, height: 12 }
      const over = conductors.filter(({ path }) => parts(corners(path)).some((part) => meets(grown(part, 5), word)))
      expect(over.map((conductor) => conductor.id)).toEqual([])
    }
  })

  it('lie grounds at the back, then neutrals, then the rest', () => {
    const board = looks['propagation-house']!
    const { conductors } = drawn(
      board,
      board.enclosures.find(({ id }) => id === 'B1')!,
    )
    const colours = conductors.map(({ colour }) =>
      colour === 'bare' || colour === 'green' ? 0 : colour === 'white' ? 1 : 2,
    )
    expect(new Set(colours).size).toBe(3)
    expect(colours).toEqual([...colours].sort())
  })

  it('end in a clockwise hook round a screw, and at the rim of a hole', () => {
    const board = looks['propagation-house']!
    const { conductors } = drawn(
      board,
      board.enclosures.find(({ id }) => id === 'B1')!,
    )
    const hooks = conductors.filter(({ tip }) => tip !== '').map(({ tip }) => tip)
    expect(hooks.length).toBeGreaterThan(2)
    // Large arc, swept clockwise.
    for (const tip of hooks) expect(tip).toMatch(/A19 19 0 1 1/)
    const british = looks['boat-store']!
    const door = british.enclosures.find(({ kind }) => kind === 'switch-box')!
    const tips = drawn(british, door).conductors.filter(({ tip }) => tip !== '')
    expect(tips.length).toBeGreaterThan(1)
    for (const { tip } of tips) expect(tip).not.toContain('A')
  })
})
