import type { Point } from './boxLayout'
import { meets, type Rect } from './layout/rects'
import measures from '../../../measures.json'

/** From the middle of one lane in a box to the next: a conductor and the air beside it. */
export const LANE = measures.lane

const TURN = measures.turn
const CROSSING = measures.crossing
const ON_ANOTHER = measures.onAnother
/** Right, down, left, up. */
const STEPS = [
  [1, 0],
  [0, 1],
  [-1, 0],
  [0, -1],
] as const

/**
 * The lanes of an opened box: conductors lie along and up in them, round what stands in the way, on top of no other, with few
 * bends and few crossings. Each that is laid is known to the next.
 */
export class Lanes {
  private readonly columns: number
  private readonly rows: number
  private readonly blocked: Uint8Array
  private readonly level: Uint8Array
  private readonly upright: Uint8Array
  private readonly cost: Int32Array
  private readonly from: Int32Array
  /** By which search a cost was written, and whether the state was left for good: what an earlier one wrote counts for nothing. */
  private readonly writtenBy: Int32Array
  private readonly leftBy: Int32Array
  private searches = 0

  constructor(
    private readonly frame: Rect,
    obstacles: readonly Rect[],
  ) {
    this.columns = Math.floor(frame.width / LANE)
    this.rows = Math.floor(frame.height / LANE)
    const cells = this.columns * this.rows
    this.blocked = new Uint8Array(cells)
    this.level = new Uint8Array(cells)
    this.upright = new Uint8Array(cells)
    this.cost = new Int32Array(cells * 4)
    this.from = new Int32Array(cells * 4)
    this.writtenBy = new Int32Array(cells * 4)
    this.leftBy = new Int32Array(cells * 4)
    for (const obstacle of obstacles) this.block(obstacle)
  }

  private block(obstacle: Rect) {
    const [left, top] = this.cellOf({ x: obstacle.x, y: obstacle.y })
    const [right, bottom] = this.cellOf({ x: obstacle.x + obstacle.width, y: obstacle.y + obstacle.height })
    for (let row = top; row <= bottom; row++) {
      for (let column = left; column <= right; column++) {
        const { x, y } = this.middleOf(column, row)
        if (meets({ x: x - 1, y: y - 1, width: 2, height: 2 }, obstacle)) this.blocked[row * this.columns + column] = 1
      }
    }
  }

  private cellOf({ x, y }: Point): [number, number] {
    const within = (value: number, most: number) => Math.max(0, Math.min(most - 1, value))
    return [
      within(Math.floor((x - this.frame.x) / LANE), this.columns),
      within(Math.floor((y - this.frame.y) / LANE), this.rows),
    ]
  }

  private middleOf(column: number, row: number): Point {
    return { x: this.frame.x + (column + 0.5) * LANE, y: this.frame.y + (row + 0.5) * LANE }
  }

  /** The corners of the way from one point to another, both among them; straight where the lanes leave no way. */
  lay(start: Point, end: Point): Point[] {
    const [from, to] = [this.cellOf(start), this.cellOf(end)]
    const cells = this.plainWay(from, to) ?? this.search(from, to)
    if (cells.length === 0) return [start, end]
    this.take(cells)
    return joined(
      start,
      cells.map((cell) => this.middleOf(cell % this.columns, Math.floor(cell / this.columns))),
      end,
    )
  }

  /**
   * A way with two bends at most that meets nothing, as most are: no longer than it must be, so that no search finds a cheaper one.
   * Null where there is none.
   */
  private plainWay([startX, startY]: [number, number], [endX, endY]: [number, number]): number[] | null {
    const [columns, rows] = [between(startX, endX), between(startY, endY)]
    for (const column of [endX, startX, ...columns]) {
      const cells = this.clear([startX, startY], [column, startY], [column, endY], [endX, endY])
      if (cells) return cells
    }
    for (const row of rows) {
      const cells = this.clear([startX, startY], [startX, row], [endX, row], [endX, endY])
      if (cells) return cells
    }
    return null
  }

  /** The cells along these corners, if nothing lies in any but the first and the last. */
  private clear(...corners: [number, number][]): number[] | null {
    const cells = [corners[0]![1] * this.columns + corners[0]![0]]
    const [goalX, goalY] = corners[corners.length - 1]!
    const goal = goalY * this.columns + goalX
    for (let i = 1; i < corners.length; i++) {
      const [toX, toY] = corners[i]!
      let [x, y] = corners[i - 1]!
      while (x !== toX || y !== toY) {
        x += Math.sign(toX - x)
        y += Math.sign(toY - y)
        const cell = y * this.columns + x
        if (cell !== goal && (this.blocked[cell] || this.level[cell] || this.upright[cell])) return null
        cells.push(cell)
      }
    }
    return cells
  }

  private search([startX, startY]: [number, number], [endX, endY]: [number, number]): number[] {
    const { columns, rows, cost, from, writtenBy, leftBy } = this
    const start = startY * columns + startX
    const goal = endY * columns + endX
    const own = ++this.searches
    const queue = new Queue()
    for (let way = 0; way < 4; way++) {
      cost[start * 4 + way] = 0
      from[start * 4 + way] = -1
      writtenBy[start * 4 + way] = own
      queue.add(start * 4 + way, atLeast(startX - endX, startY - endY))
    }
    for (let state = queue.take(); state >= 0; state = queue.take()) {
      if (leftBy[state] === own) continue
      leftBy[state] = own
      const cell = state >> 2
      const way = state & 3
      if (cell === goal) return this.walkBack(state)
      const column = cell % columns
      const row = (cell - column) / columns
      for (let next = 0; next < 4; next++) {
        if (next === ((way + 2) & 3)) continue
        const toColumn = column + STEPS[next]![0]
        const toRow = row + STEPS[next]![1]
        if (toColumn < 0 || toRow < 0 || toColumn >= columns || toRow >= rows) continue
        const to = toRow * columns + toColumn
        if (this.blocked[to] && to !== goal) continue
        const price = cost[state]! + 1 + this.priceOf(cell, to, way, next, start, goal)
        const reached = to * 4 + next
        if (writtenBy[reached] === own && price >= cost[reached]!) continue
        cost[reached] = price
        from[reached] = state
        writtenBy[reached] = own
        queue.add(reached, price + atLeast(toColumn - endX, toRow - endY, next))
      }
    }
    return []
  }

  private priceOf(cell: number, to: number, way: number, next: number, start: number, goal: number): number {
    const isLevel = (next & 1) === 0
    let price = 0
    if (to !== goal) {
      if ((isLevel ? this.level : this.upright)[to]) price += ON_ANOTHER
      else if ((isLevel ? this.upright : this.level)[to]) price += CROSSING
    }
    if (way !== next) {
      price += TURN
      if (cell !== start && (this.level[cell] || this.upright[cell])) price += ON_ANOTHER
    }
    return price
  }

  private walkBack(state: number): number[] {
    const cells: number[] = []
    for (let at = state; at >= 0; at = this.from[at]!) cells.push(at >> 2)
    return cells.reverse()
  }

  private take(cells: readonly number[]) {
    for (const [i, cell] of cells.entries()) {
      const isLevel = (other: number | undefined) => other !== undefined && Math.abs(other - cell) === 1
      const isUpright = (other: number | undefined) => other !== undefined && Math.abs(other - cell) === this.columns
      if (isLevel(cells[i - 1]) || isLevel(cells[i + 1])) this.level[cell] = 1
      if (isUpright(cells[i - 1]) || isUpright(cells[i + 1])) this.upright[cell] = 1
    }
  }
}

/** What lies between two numbers, without them. */
function between(one: number, other: number): number[] {
  const [low, high] = [Math.min(one, other), Math.max(one, other)]
  return Array.from({ length: Math.max(0, high - low - 1) }, (_, i) => low + 1 + i)
}

/** What the rest of the way costs at least, coming along a way: its length, and a turn where it cannot go straight on. */
function atLeast(dx: number, dy: number, way = -1): number {
  const length = Math.abs(dx) + Math.abs(dy)
  if (dx !== 0 && dy !== 0) return length + TURN
  if (way < 0 || length === 0) return length
  const isAhead = way === 0 ? dx < 0 : way === 1 ? dy < 0 : way === 2 ? dx > 0 : dy > 0
  return isAhead ? length : length + TURN
}

/** Corners alone, with the first and the last stretch brought in line with where the conductor begins and ends. */
function joined(start: Point, middles: Point[], end: Point): Point[] {
  const corners = middles.filter((spot, i) => {
    const [before, after] = [middles[i - 1], middles[i + 1]]
    return !before || !after || (before.x === spot.x) !== (spot.x === after.x)
  })
  if (corners.length < 2) return [start, end]
  const spots = corners.map((spot) => ({ ...spot }))
  align(spots[0]!, spots[1]!, start)
  align(spots[spots.length - 1]!, spots[spots.length - 2]!, end)
  if (spots.length === 2) return straight(start, end)
  return [start, ...spots.slice(1, -1), end]
}

/** Moves a stretch sideways so that it runs through a point. */
function align(one: Point, next: Point, through: Point) {
  const axis = one.y === next.y ? 'y' : 'x'
  one[axis] = through[axis]
  next[axis] = through[axis]
}

/** Two points in one lane: with a step half-way where they are not quite in line. */
function straight(start: Point, end: Point): Point[] {
  const isLevel = Math.abs(start.x - end.x) > Math.abs(start.y - end.y)
  if ((isLevel ? start.y - end.y : start.x - end.x) === 0) return [start, end]
  const middle = isLevel ? (start.x + end.x) / 2 : (start.y + end.y) / 2
  return isLevel
    ? [start, { x: middle, y: start.y }, { x: middle, y: end.y }, end]
    : [start, { x: start.x, y: middle }, { x: end.x, y: middle }, end]
}

/** What comes first by its price, which is a whole number: a bucket for each price, filled and emptied from the cheapest on. */
class Queue {
  private readonly buckets: number[][] = []
  private cheapest = 0

  add(state: number, price: number) {
    ;(this.buckets[price] ??= []).push(state)
    if (price < this.cheapest) this.cheapest = price
  }

  /** The cheapest; -1 if there is none. */
  take(): number {
    while (this.cheapest < this.buckets.length) {
      const state = this.buckets[this.cheapest]?.pop()
      if (state !== undefined) return state
      this.cheapest++
    }
    return -1
  }
}

const BEND = measures.bend

/** A way with its corners rounded, as stiff wire is bent. */
export function bentPath(points: readonly Point[]): string {
  const first = points[0]!
  let d = `M${first.x} ${first.y}`
  for (let i = 1; i < points.length; i++) {
    const [before, at, after] = [points[i - 1]!, points[i]!, points[i + 1]]
    if (!after) return `${d}L${at.x} ${at.y}`
    const r = Math.min(BEND, far(before, at) / 2, far(at, after) / 2)
    const [enter, leave] = [towards(at, before, r), towards(at, after, r)]
    d += `L${enter.x} ${enter.y}Q${at.x} ${at.y} ${leave.x} ${leave.y}`
  }
  return d
}

const far = (a: Point, b: Point) => Math.abs(a.x - b.x) + Math.abs(a.y - b.y)

function towards(from: Point, to: Point, by: number): Point {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1
  return { x: from.x + ((to.x - from.x) * by) / length, y: from.y + ((to.y - from.y) * by) / length }
}
