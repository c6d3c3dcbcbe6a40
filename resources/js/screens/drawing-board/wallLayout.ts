import type { Board } from '@/shared/api/generated/http'
import type { Spot } from './drawing'

const MARGIN_MM = 250
const LEAST_WIDTH_MM = 1800
const LEAST_HEIGHT_MM = 1000
const UNPLACED_MM = 400
/** Cables between the same two boxes run side by side. */
const BESIDE_MM = 70
/** How far what is written under a box reaches down. */
const UNDER_BOX_MM = 190

/** Two inches in North America, five centimetres in Britain. */
export const gridOf = (practice: Board['practice']) => (practice === 'na' ? 50.8 : 50)

export function snap([x, y]: Spot, grid: number): Spot {
  const to = (value: number) => Math.round(Math.round(value / grid) * grid * 10) / 10
  return [to(x), to(y)]
}

/** From the middle of a stud to the middle of a box that is fixed to its side: half of each, common practice. */
const BESIDE_STUD_MM = 44.5
const STUD_REACH_MM = 110

/** Snaps to the grid, and sideways to a stud where one is near: its left side, its middle or its right side. */
export function snapToStuds(at: Spot, grid: number, wall: Board['wall']): Spot {
  const [x, y] = snap(at, grid)
  const studs = wall?.studsMm
  if (!studs) return [x, y]
  const first = wall.firstStudMm ?? 0
  const stud = first + Math.round((at[0] - first) / studs) * studs
  const off = at[0] - stud
  if (Math.abs(off) > STUD_REACH_MM) return [x, y]
  const side = Math.abs(off) < BESIDE_STUD_MM / 2 ? 0 : Math.sign(off) * BESIDE_STUD_MM
  return [Math.round((stud + side) * 10) / 10, y]
}

export function studsOf(wall: Board['wall']): number[] {
  const { studsMm, widthMm, firstStudMm = 0 } = wall ?? { widthMm: 0 }
  if (!studsMm) return []
  const count = Math.min(100, Math.floor((widthMm - firstStudMm) / studsMm) + 1)
  return Array.from({ length: Math.max(0, count) }, (_, i) => firstStudMm + i * studsMm)
}

/** Where each box hangs; boxes without a place stand in a row. */
export function spotsOf(board: Board): Map<string, Spot> {
  return new Map(
    board.enclosures.map(({ id, at }, i) => [
      id,
      at ? ([at[0], at[1]] as Spot) : ([UNPLACED_MM * (1 + (i % 5)), UNPLACED_MM * (1 + Math.floor(i / 5))] as Spot),
    ]),
  )
}

export interface View {
  x: number
  y: number
  width: number
  height: number
}

/**
 * The part of the wall that shows: all that hangs there, at least a good stretch, and as much beside or below it as the
 * screen has room for.
 */
export function viewOf(spots: ReadonlyMap<string, Spot>, aspect: number | null, wall?: Board['wall']): View {
  const xs = [...spots.values()].map(([x]) => x)
  const ys = [...spots.values()].map(([, y]) => y)
  const left = Math.min(0, ...xs.map((x) => x - MARGIN_MM))
  const top = Math.min(0, ...ys.map((y) => y - MARGIN_MM))
  const width = Math.max(wall?.widthMm ?? LEAST_WIDTH_MM, ...xs.map((x) => x + MARGIN_MM)) - left
  const height = Math.max(wall?.heightMm ?? LEAST_HEIGHT_MM, ...ys.map((y) => y + MARGIN_MM)) - top
  if (aspect === null) return { x: left, y: top, width, height }
  return { x: left, y: top, width: Math.max(width, height * aspect), height: Math.max(height, width / aspect) }
}

export interface Route {
  id: string
  from: string
  to: string
  points: [Spot, Spot, Spot]
  /** Where what is printed along its longer stretch stands: over the middle of a level one, beside the upper end of an upright one. */
  middle: Spot
  isUpright: boolean
}

/** How near a run may pass a box that it does not enter. */
const CLEAR_MM = 75

/** Cables run along and up, not as the crow flies; of the two ways round the corner the one that passes fewer boxes. */
export function routesOf(board: Board, spots: ReadonlyMap<string, Spot>): Route[] {
  const count = new Map<string, number>()
  return board.cables.flatMap(({ id, from, to }) => {
    const [a, b] = [spots.get(from), spots.get(to)]
    if (!a || !b) return []
    const pair = [from, to].sort().join(' ')
    const place = count.get(pair) ?? 0
    count.set(pair, place + 1)
    const aside = place * BESIDE_MM
    const start: Spot = [a[0] + aside, a[1] + aside]
    const end: Spot = [b[0] + aside, b[1] + aside]
    const others = [...spots].filter(([box]) => box !== from && box !== to).map(([, at]) => at)
    const passed = (corner: Spot) => others.filter((at) => isNear(at, start, corner) || isNear(at, corner, end)).length
    const [along, up]: [Spot, Spot] = [
      [end[0], start[1]],
      [start[0], end[1]],
    ]
    return [routeBy(id, from, to, [start, passed(up) < passed(along) ? up : along, end])]
  })
}

function isNear(at: Spot, one: Spot, other: Spot): boolean {
  return [0, 1].every(
    (axis) =>
      at[axis]! > Math.min(one[axis]!, other[axis]!) - CLEAR_MM &&
      at[axis]! < Math.max(one[axis]!, other[axis]!) + CLEAR_MM,
  )
}

/** What is written along an upright stretch begins under the name and the figures of the box above it, if there is one. */
function routeBy(id: string, from: string, to: string, points: [Spot, Spot, Spot]): Route {
  const [start, corner, end] = points
  const isUpright = Math.abs(end[1] - start[1]) > Math.abs(end[0] - start[0])
  const isCornerFirst = corner[0] === end[0]
  const [upper, lower] = isCornerFirst ? [corner, end] : [start, corner]
  const [left, right] = isCornerFirst ? [start, corner] : [corner, end]
  const top = upper[1] < lower[1] ? upper : lower
  const isBend = top === corner && start[0] !== end[0]
  const middle: Spot = isUpright
    ? [upper[0], top[1] + (isBend ? 0 : UNDER_BOX_MM)]
    : [(left[0] + right[0]) / 2, left[1]]
  return { id, from, to, points, middle, isUpright }
}
