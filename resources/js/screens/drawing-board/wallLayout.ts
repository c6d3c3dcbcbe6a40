import type { Board } from '@/shared/api/generated/http'
import type { Spot } from '@/shared/board/layout/rects'

const MARGIN_MM = 250
const LEAST_WIDTH_MM = 1500
const LEAST_HEIGHT_MM = 800
const EDGE_MM = 60
const UNPLACED_MM = 400

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
 * The part of the wall that shows: all that hangs there with room round it, at least a good stretch, the whole board face where
 * it has one; and as much beside or below as the screen has room for.
 */
export function viewOf(spots: ReadonlyMap<string, Spot>, aspect: number | null, wall?: Board['wall']): View {
  const [left, right] = reach(
    [...spots.values()].map(([x]) => x),
    LEAST_WIDTH_MM,
    wall?.widthMm,
  )
  const [top, bottom] = reach(
    [...spots.values()].map(([, y]) => y),
    LEAST_HEIGHT_MM,
    wall?.heightMm,
  )
  const [width, height] = [right - left, bottom - top]
  if (aspect === null) return { x: left, y: top, width, height }
  const [wide, high] = [Math.max(width, height * aspect), Math.max(height, width / aspect)]
  return { x: left - (wide - width) / 2, y: top - (high - height) / 2, width: wide, height: high }
}

function reach(places: number[], least: number, face: number | undefined): [number, number] {
  const known = places.length > 0 ? places : [0]
  let [from, to] = [Math.min(...known) - MARGIN_MM, Math.max(...known) + MARGIN_MM]
  if (face !== undefined) [from, to] = [Math.min(from, -EDGE_MM), Math.max(to, face + EDGE_MM)]
  const short = Math.max(0, least - (to - from)) / 2
  return [from - short, to + short]
}
