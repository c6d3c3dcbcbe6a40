import type { Board } from '@/shared/api/types'
import type { Spot } from './drawing'

const MARGIN_MM = 250
const LEAST_WIDTH_MM = 2400
const LEAST_HEIGHT_MM = 1350
const UNPLACED_MM = 400
/** Cables between the same two boxes run side by side. */
const BESIDE_MM = 70

/** Two inches in North America, five centimetres in Britain. */
export const gridOf = (practice: Board['practice']) => (practice === 'na' ? 50.8 : 50)

export function snap([x, y]: Spot, grid: number): Spot {
  const to = (value: number) => Math.round(Math.round(value / grid) * grid * 10) / 10
  return [to(x), to(y)]
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
export function viewOf(spots: ReadonlyMap<string, Spot>, aspect: number | null): View {
  const xs = [...spots.values()].map(([x]) => x)
  const ys = [...spots.values()].map(([, y]) => y)
  const left = Math.min(0, ...xs.map((x) => x - MARGIN_MM))
  const top = Math.min(0, ...ys.map((y) => y - MARGIN_MM))
  const width = Math.max(LEAST_WIDTH_MM, ...xs.map((x) => x + MARGIN_MM)) - left
  const height = Math.max(LEAST_HEIGHT_MM, ...ys.map((y) => y + MARGIN_MM)) - top
  if (aspect === null) return { x: left, y: top, width, height }
  return { x: left, y: top, width: Math.max(width, height * aspect), height: Math.max(height, width / aspect) }
}

export interface Route {
  id: string
  from: string
  to: string
  points: [Spot, Spot, Spot]
  /** The middle of its longer stretch, for what is printed along it. */
  middle: Spot
  isUpright: boolean
}

/** Cables run along and up, not as the crow flies. */
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
    const corner: Spot = [end[0], start[1]]
    const isUpright = Math.abs(end[1] - start[1]) > Math.abs(end[0] - start[0])
    const middle: Spot = isUpright ? [corner[0], (corner[1] + end[1]) / 2] : [(start[0] + corner[0]) / 2, start[1]]
    return [{ id, from, to, points: [start, corner, end], middle, isUpright }]
  })
}
