import { around, grown, meets, type Rect, type Spot, stretch } from './rects'
import { pairs } from './pairs'
import measures from '../../../../measures.json'

/** A box as it is drawn. */
export interface BoxShape {
  id: string
  at: Spot
  halfWidth: number
  halfHeight: number
  /** How far what is drawn about it reaches beyond it, such as the rays of a light. */
  beyond?: number
}

/** What is drawn between two boxes as one: a cable, or the singles of a conduit. */
export interface Run {
  id: string
  from: string
  to: string
  /** As thick as it is drawn. */
  width: number
}

/** How far lanes at a side of a box lie apart, the air between two runs, and how near one may pass a box that it does not enter. */
export interface Lanes {
  step: number
  air: number
  clear: number
}

export interface Way extends Run {
  points: Spot[]
}

const HIT = measures.wayHit
const BESIDE = measures.wayBeside
const CROSSING = measures.wayCrossing
const BEND = measures.wayBend
const LENGTH = measures.wayLength
const MOST_LANES = measures.wayMostLanes

/**
 * The ways of runs over the board face: along and up, from a side of one box to a side of another, with as few bends and
 * crossings as can be, past no box that they do not enter and on top of no other run. Short ones go first.
 *
 * The page maker draws by the same rules (`app/Paper/Layout`); `tests/Corpus/layout` is run by both.
 */
export function waysOf(runs: readonly Run[], boxes: readonly BoxShape[], lanes: Lanes): Way[] {
  const byId = new Map(boxes.map((box) => [box.id, box]))
  const known = runs.flatMap((run, index) => {
    const [from, to] = [byId.get(run.from), byId.get(run.to)]
    return from && to ? [{ run, index, from, to, far: far(from, to) }] : []
  })
  const laid: Way[] = []
  const ways = new Map<number, Way>()
  for (const { run, index, from, to } of known.slice().sort((a, b) => a.far - b.far || a.index - b.index)) {
    const others = boxes.filter(({ id }) => id !== run.from && id !== run.to)
    const way = { ...run, points: best(from, to, run.width, others, laid, lanes) }
    ways.set(index, way)
    laid.push({ ...way, points: inSight(way.points, from, to) })
  }
  return known.map(({ index }) => ways.get(index)!)
}

/** Without what the boxes at its ends cover. */
function inSight(points: readonly Spot[], from: BoxShape, to: BoxShape): Spot[] {
  const seen = [...points]
  const last = seen.length - 1
  seen[0] = edge(points[0]!, points[1]!, from)
  seen[last] = edge(points[last]!, points[last - 1]!, to)
  return seen
}

const edge = ([x, y]: Spot, [nextX, nextY]: Spot, { halfWidth, halfHeight, at }: BoxShape): Spot =>
  x === nextX && y !== nextY
    ? [x, at[1] + Math.sign(nextY - y) * halfHeight]
    : [at[0] + Math.sign(nextX - x) * halfWidth, y]

const far = (a: { at: Spot }, b: { at: Spot }) => Math.abs(a.at[0] - b.at[0]) + Math.abs(a.at[1] - b.at[1])

function best(from: BoxShape, to: BoxShape, width: number, others: BoxShape[], laid: Way[], lanes: Lanes): Spot[] {
  const walls = others.map(({ at, halfWidth, halfHeight }) =>
    grown(around(at, halfWidth, halfHeight), lanes.clear + width / 2),
  )
  const itself = ({ at, halfWidth, halfHeight }: BoxShape) => around(at, halfWidth, halfHeight)
  const own: [Rect, Rect] = [itself(from), itself(to)]
  let found: Spot[] = [from.at, to.at]
  let least = Infinity
  let isClear = false
  for (let level = 0; level <= 2 * MOST_LANES; level++) {
    for (const points of candidates(from, to, width, level, lanes)) {
      const seen = inSight(points, from, to)
      const effort = effortOf(seen)
      if (effort >= least) continue
      const trouble = troubleOf(seen, width, walls, own, laid, lanes, least - effort)
      if (trouble + effort < least) [found, least, isClear] = [points, trouble + effort, trouble === 0]
    }
    // A way with two bends gives way to a simpler one a lane or two aside.
    if (isClear && (found.length < 4 || level > 1)) break
  }
  return found
}

/** 0, then one lane to either side, then two … */
const signed = (lane: number): number[] => (lane === 0 ? [0] : [lane, -lane])

/** Every way of one, two or three stretches whose ends lie so many lanes off the middles of their boxes, taken together. */
function* candidates(a: BoxShape, b: BoxShape, width: number, level: number, lanes: Lanes): Generator<Spot[]> {
  for (let first = Math.max(0, level - MOST_LANES); first <= Math.min(level, MOST_LANES); first++) {
    for (const i of signed(first))
      for (const j of signed(level - first)) yield* shapes(a, b, width, i * lanes.step, j * lanes.step, lanes)
  }
}

function* shapes(a: BoxShape, b: BoxShape, width: number, i: number, j: number, lanes: Lanes): Generator<Spot[]> {
  const fits = (off: number, half: number) => Math.abs(off) <= half - width / 2
  const [levelA, levelB] = [a.at[1] + i, b.at[1] + j]
  const [uprightA, uprightB] = [a.at[0] + i, b.at[0] + j]
  const [isLevelA, isLevelB] = [fits(i, a.halfHeight), fits(j, b.halfHeight)]
  const [isUprightA, isUprightB] = [fits(i, a.halfWidth), fits(j, b.halfWidth)]
  if (isLevelA && j === 0 && fits(levelA - b.at[1], b.halfHeight))
    yield [
      [a.at[0], levelA],
      [b.at[0], levelA],
    ]
  if (isUprightA && j === 0 && fits(uprightA - b.at[0], b.halfWidth))
    yield [
      [uprightA, a.at[1]],
      [uprightA, b.at[1]],
    ]
  if (isLevelA && isUprightB)
    yield [
      [a.at[0], levelA],
      [uprightB, levelA],
      [uprightB, b.at[1]],
    ]
  if (isUprightA && isLevelB)
    yield [
      [uprightA, a.at[1]],
      [uprightA, levelB],
      [b.at[0], levelB],
    ]
  if (isLevelA && isLevelB) {
    for (const x of channels(a.at[0], a.halfWidth, b.at[0], b.halfWidth, width, lanes)) {
      yield [
        [a.at[0], levelA],
        [x, levelA],
        [x, levelB],
        [b.at[0], levelB],
      ]
    }
  }
  if (isUprightA && isUprightB) {
    for (const y of channels(a.at[1], a.halfHeight, b.at[1], b.halfHeight, width, lanes)) {
      yield [
        [uprightA, a.at[1]],
        [uprightA, y],
        [uprightB, y],
        [uprightB, b.at[1]],
      ]
    }
  }
}

/** Where the middle stretch may lie: between the boxes, and beyond the outermost on either side. */
function channels(a: number, halfA: number, b: number, halfB: number, width: number, { step, clear }: Lanes): number[] {
  const middle = (a + b) / 2
  const [low, high] = [Math.min(a - halfA, b - halfB), Math.max(a + halfA, b + halfB)]
  const found = [middle]
  const beyond = (lane: number) => clear + width + lane * 2 * step
  for (let lane = 1; lane <= MOST_LANES; lane++) found.push(middle + 2 * lane * step, middle - 2 * lane * step)
  for (let lane = 0; lane <= 2 * MOST_LANES; lane++) found.push(high + beyond(lane), low - beyond(lane))
  return found
}

/** What its length and its bends cost. */
function effortOf(points: Spot[]): number {
  let cost = (points.length - 2) * BEND
  for (const [one, other] of pairs(points)) cost += far({ at: one }, { at: other }) * LENGTH
  return cost
}

/** What it meets on its way; no more than is asked for is worked out. */
function troubleOf(
  points: Spot[],
  width: number,
  walls: Rect[],
  own: [Rect, Rect],
  laid: Way[],
  lanes: Lanes,
  most: number,
): number {
  let cost = 0
  const last = points.length - 2
  for (const [i, [one, other]] of pairs(points).entries()) {
    const ground = stretch(one, other, 0)
    for (const wall of walls) if (meets(ground, wall)) cost += HIT
    if (i > 0 && meets(ground, own[0])) cost += HIT
    if (i < last && meets(ground, own[1])) cost += HIT
    if (cost >= most) return cost
    for (const way of laid) {
      cost += against(ground, one[1] === other[1], way.points, (width + way.width) / 2 + lanes.air)
      if (cost >= most) return cost
    }
  }
  return cost
}

/** How far two stretches that cross reach beyond their lines, so that a corner on a line counts as crossing it. */
const TOUCH = 0.5

/** What it costs to run beside, on or across a run that is laid. */
function against(ground: Rect, isLevel: boolean, points: Spot[], apart: number): number {
  const [left, top, right, bottom] = [ground.x, ground.y, ground.x + ground.width, ground.y + ground.height]
  let cost = 0
  for (const [[x1, y1], [x2, y2]] of pairs(points)) {
    const isBeside = (y1 === y2) === isLevel
    const reach = isBeside ? apart : 2 * TOUCH
    const isMet =
      left < Math.max(x1, x2) + reach &&
      Math.min(x1, x2) - reach < right &&
      top < Math.max(y1, y2) + reach &&
      Math.min(y1, y2) - reach < bottom
    if (isMet) cost += isBeside ? BESIDE : CROSSING
  }
  return cost
}

/** The same way, so far to its left: what runs side by side within one sheath. */
export function beside(points: readonly Spot[], off: number): Spot[] {
  const turns = pairs(points).map(([one, other]) => turn(one, other))
  return points.map(([x, y], i) => {
    const [before, next] = [turns[i - 1] ?? null, turns[i] ?? null]
    const upright = [before, next].find((way) => way !== null && way[1] !== 0)
    const level = [before, next].find((way) => way !== null && way[0] !== 0)
    return [x + (upright ? upright[1] * off : 0), y - (level ? level[0] * off : 0)]
  })
}

const turn = ([x1, y1]: Spot, [x2, y2]: Spot): Spot => [Math.sign(x2 - x1), Math.sign(y2 - y1)]

export const pathOf = (points: readonly Spot[]): string => `M${points.map((at) => at.join(' ')).join('L')}`
