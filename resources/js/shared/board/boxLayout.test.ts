import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { BoardLook } from '@/shared/api/generated/http'
import { layOutBox, type Point } from './boxLayout'
import { layOutMap, neighbour } from './mapLayout'

const looks = JSON.parse(readFileSync('tests/Corpus/bench/looks.json', 'utf8')) as Record<string, BoardLook>

const WORDS = { boxOf: (id: string) => id, conduit: 'conduit', connector: (by: string) => by.replace('-', ' ') }

function layOut(board: BoardLook, id: string) {
  const map = layOutMap(board)
  const box = board.enclosures.find((candidate) => candidate.id === id)!
  return layOutBox(box, board.cables, map.at, WORDS, [])
}

const apart = (spots: Point[]) =>
  Math.min(...spots.flatMap((a, i) => spots.slice(i + 1).map((b) => Math.hypot(a.x - b.x, a.y - b.y))))

describe('an opened box', () => {
  const boxes = Object.entries(looks).flatMap(([slug, board]) => board.enclosures.map(({ id }) => [slug, id] as const))

  it.each(boxes)('keeps every end of %s %s inside the plate and a finger apart', (slug, id) => {
    const layout = layOut(looks[slug]!, id)
    const spots = [...layout.slots.values()]
    for (const { x, y } of spots) {
      expect(x).toBeGreaterThan(layout.frame.left)
      expect(x).toBeLessThan(layout.frame.right)
      expect(y).toBeGreaterThan(layout.frame.top)
      expect(y).toBeLessThan(layout.frame.bottom)
    }
    expect(apart(spots)).toBeGreaterThanOrEqual(50)
    expect(apart([...layout.landings.values()])).toBeGreaterThanOrEqual(50)
  })

  it('brings a cable in on the side from which it comes on the board', () => {
    const sides = layOut(looks['propagation-house']!, 'B2').entries.map(({ key, side }) => [key, side])
    expect(sides).toEqual([
      ['W2', 'left'],
      ['W3', 'top'],
    ])
  })

  it('finds room for five cables of four cores', () => {
    const board = looks['propagation-house']!
    const box = board.enclosures.find(({ id }) => id === 'B2')!
    const ends = Array.from({ length: 5 }, (_, cable) =>
      ['black', 'red', 'white', 'bare'].map((core) => ({
        ...box.ends[0]!,
        id: `X${cable}.${core}@B2`,
        cable: `X${cable}`,
        far: ['B1', 'L1', 'B1', 'L1', 'SRC'][cable]!,
      })),
    ).flat()
    const layout = layOutBox({ ...box, ends }, [], layOutMap(board).at, WORDS, [])
    expect(layout.slots.size).toBe(20)
    expect(apart([...layout.slots.values()])).toBeGreaterThanOrEqual(44)
  })
})

describe('the board', () => {
  const board = looks['propagation-house']!
  const ids = board.enclosures.map(({ id }) => id)

  it.each([
    ['B1', 'ArrowRight', 'B2'],
    ['B1', 'ArrowLeft', 'SRC'],
    ['B2', 'ArrowUp', 'L1'],
    ['L1', 'ArrowDown', 'B2'],
    ['SRC', 'ArrowLeft', null],
  ])('goes from %s with %s to %s', (from, key, to) => {
    expect(neighbour(layOutMap(board), ids, from, key)).toBe(to)
  })
})
