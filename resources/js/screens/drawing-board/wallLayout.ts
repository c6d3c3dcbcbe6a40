import type { Board } from '@/shared/api/generated/http'
import type { Spot } from '@/shared/board/runLayout'

const MARGIN_MM = 250
const LEAST_WIDTH_MM = 1800
const LEAST_HEIGHT_MM = 1000
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
