import { describe, expect, it } from 'vitest'
import { inTwo, shortened, wide } from './letters'
import { placeLabels, type Wanted } from './labels'
import { around, grown, meets, type Rect, type Spot, stretch } from './rects'
import { beside, type BoxShape, type Lanes, type Run, type Way, waysOf } from './ways'

const LANES: Lanes = { step: 12, air: 3, clear: 8 }
const box = (id: string, x: number, y: number): BoxShape => ({ id, at: [x, y], halfWidth: 20, halfHeight: 22 })
const run = (id: string, from: string, to: string): Run => ({ id, from, to, width: 8 })
const between = (...spots: [number, number][]) => spots.map(([x, y], i) => box('ABCDEFGH'[i]!, x, y))
const pointsOf = (boxes: BoxShape[], ...runs: Run[]) => waysOf(runs, boxes, LANES).map(({ points }) => points)

describe('the ways of runs', () => {
  it('go straight where two boxes are level or plumb, though not quite', () => {
    expect(pointsOf(between([0, 0], [300, 10]), run('W1', 'A', 'B'))[0]).toHaveLength(2)
    expect(pointsOf(between([0, 0], [8, 300]), run('W1', 'A', 'B'))[0]).toHaveLength(2)
  })

  it('bend once where they are neither', () => {
    expect(pointsOf(between([0, 0], [300, 200]), run('W1', 'A', 'B'))[0]).toHaveLength(3)
  })

  it('go round a box between, not behind it', () => {
    const boxes = between([0, 0], [150, 0], [300, 0])
    const [points] = pointsOf(boxes, run('W1', 'A', 'C'))
    expect(points!.length).toBeGreaterThan(2)
    expect(passes({ ...run('W1', 'A', 'C'), points: points! }, boxes[1]!)).toBe(false)
  })

  it('lie side by side between the same two boxes, whichever way they are listed', () => {
    const [one, other] = pointsOf(between([0, 0], [300, 0]), run('W1', 'A', 'B'), run('W2', 'B', 'A'))
    expect([one!.length, other!.length]).toEqual([2, 2])
    expect(Math.abs(one![0]![1] - other![0]![1])).toBe(LANES.step)
  })

  it('leave a box on both sides without stepping aside', () => {
    const ways = pointsOf(between([0, 0], [300, 0], [600, 0]), run('W1', 'A', 'B'), run('W2', 'B', 'C'))
    expect(ways.flat().map(([, y]) => y)).toEqual([0, 0, 0, 0])
  })

  it('are left out to a box that is not there', () => {
    expect(waysOf([run('W1', 'A', 'Z')], between([0, 0]), LANES)).toEqual([])
  })

  it('keep their cores apart round a corner', () => {
    const bent: Spot[] = [
      [0, 0],
      [100, 0],
      [100, 80],
    ]
    expect(beside(bent, 5)).toEqual([
      [0, -5],
      [105, -5],
      [105, 80],
    ])
  })
})

const passes = ({ points }: Way, { at, halfWidth, halfHeight }: BoxShape) =>
  points.slice(1).some((to, i) => meets(stretch(points[i]!, to, 0), around(at, halfWidth, halfHeight)))

/** A small generator with a seed: the same boards every time. */
function dice(seed: number) {
  let state = seed
  return (below: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return Math.floor((state / 2 ** 32) * below)
  }
}

/** A board made at random: boxes on a grid, joined to a tree, with one run more. */
function board(seed: number) {
  const roll = dice(seed)
  const count = 3 + roll(6)
  const spots = new Set<string>()
  while (spots.size < count) spots.add(`${roll(6) * 150 + 100},${roll(4) * 140 + 90}`)
  const boxes = between(...[...spots].map((spot) => spot.split(',').map(Number) as [number, number]))
  const runs = boxes.slice(1).map(({ id }, i) => run(`W${i + 1}`, boxes[roll(i + 1)]!.id, id))
  return { boxes, runs: [...runs, run(`W${count}`, boxes[0]!.id, boxes[count - 1]!.id)] }
}

const VIEW: Rect = { x: 0, y: 0, width: 1000, height: 620 }
const line = (text: string) => ({ text, size: 13 })
const wanted = (of: string, ...variants: string[][]): Wanted => ({
  of,
  variants: variants.map((texts) => texts.map(line)),
})

describe('forty boards made at random', () => {
  it.each(Array.from({ length: 40 }, (_, i) => i + 1))('board %i is drawn with nothing on anything', (seed) => {
    const { boxes, runs } = board(seed)
    const ways = waysOf(runs, boxes, LANES)
    for (const way of ways) {
      for (const other of boxes) {
        if (other.id !== way.from && other.id !== way.to)
          expect([way.id, other.id, passes(way, other)]).toEqual([way.id, other.id, false])
      }
    }
    const labels = placeLabels(
      boxes,
      ways,
      boxes.map(({ id }) => wanted(id, [`Potting line ${id}`, '16.00 of 18.00 in³'], [`Potting ${id}`], [id])),
      ways.map(({ id }) => wanted(id, [`${id} · 14/3`, 'BLK traveler', 'RED traveler'], [`${id} · 14/3`], [id])),
      VIEW,
    )
    expect(labels.map(({ of }) => of).sort()).toEqual([...boxes, ...ways].map(({ id }) => id).sort())
    const ground = [
      ...boxes.map(({ at, halfWidth, halfHeight }) => around(at, halfWidth, halfHeight)),
      ...ways.flatMap(({ points, width }) => points.slice(1).map((to, i) => stretch(points[i]!, to, width / 2))),
    ]
    for (const [i, { rect }] of labels.entries()) {
      expect(ground.filter((other) => meets(rect, other))).toEqual([])
      expect(labels.slice(i + 1).filter((other) => meets(rect, other.rect))).toEqual([])
    }
  })
})

describe('labels', () => {
  it('are shortened only where there is no room for the whole', () => {
    const name = wanted('A', ['Propagation house', 'north'], ['Prop…'])
    const alone = placeLabels(between([500, 300]), [], [name], [], VIEW)
    expect(alone.map(({ isShort }) => isShort)).toEqual([false])
    const tight = placeLabels(between([500, 300]), [], [name], [], { x: 470, y: 200, width: 60, height: 200 })
    expect(tight.map(({ isShort, lines }) => [isShort, lines[0]!.text])).toEqual([[true, 'Prop…']])
    expect(placeLabels(between([500, 300]), [], [name], [], { x: 480, y: 280, width: 40, height: 44 })).toEqual([])
  })

  it('keep clear of the rays of a light', () => {
    const [label] = placeLabels([{ ...box('A', 500, 300), beyond: 12 }], [], [wanted('A', ['Ridge'])], [], VIEW)
    expect(meets(label!.rect, grown(around([500, 300], 20, 22), 12))).toBe(false)
  })
})

describe('letters', () => {
  it('are as wide as the face makes them, and an unknown one is taken for wide', () => {
    expect(wide('W', 10)).toBeGreaterThan(wide('i', 10))
    expect(wide('字', 10)).toBe(7)
  })

  it('break a name into two lines that are as equal as its words allow', () => {
    expect(inTwo('Lock gate workshop')).toEqual(['Lock gate', 'workshop'])
    expect(inTwo('Ridge')).toBeNull()
  })

  it('say that there is more', () => {
    expect(shortened('Potting line', 10, 100)).toBe('Potting line')
    const short = shortened('Potting line', 10, 30)
    expect(short).toMatch(/^Pot\w*…$/)
    expect(wide(short, 10)).toBeLessThanOrEqual(30)
  })
})
