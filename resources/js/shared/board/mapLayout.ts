import type { BoardLook } from '@/shared/api/generated/http'
import type { Point } from './boxLayout'

/** The board face to scale: millimetres of the board file, or a row where the file gives no places. */
export interface MapLayout {
  at: (enclosure: string) => Point
  view: { x: number; y: number; width: number; height: number }
}

const MARGIN_MM = 270
const SPACING_MM = 450
/** Width of a letter of what is printed along a run, and how far beside an upright one it begins. */
const LETTER_MM = 20
const BESIDE_RUN_MM = 26
const UPRIGHT_MM = 60

export function layOutMap(board: BoardLook): MapLayout {
  const places = new Map<string, Point>()
  for (const [i, box] of board.enclosures.entries()) {
    places.set(
      box.id,
      box.at ? { x: box.at[0], y: box.at[1] } : { x: (i % 4) * SPACING_MM, y: Math.floor(i / 4) * SPACING_MM },
    )
  }
  const xs = [...places.values()].map((place) => place.x)
  const ys = [...places.values()].map((place) => place.y)
  const left = Math.min(...xs) - MARGIN_MM
  const top = Math.min(...ys) - MARGIN_MM
  const at = (enclosure: string) => places.get(enclosure) ?? { x: 0, y: 0 }
  const printed = runsOf(board)
    .filter(({ from, to }) => isUpright(at(from), at(to)))
    .map(({ from, to, print }) => (at(from).x + at(to).x) / 2 + BESIDE_RUN_MM + print.length * LETTER_MM)
  return {
    at,
    view: {
      x: left,
      y: top,
      width: Math.max(...xs.map((x) => x + MARGIN_MM), ...printed) - left,
      height: Math.max(...ys) - top + MARGIN_MM + 60,
    },
  }
}

/** Whether a run goes up rather than along: what is printed on it stands beside it. */
export const isUpright = (from: Point, to: Point) => Math.abs(from.x - to.x) < UPRIGHT_MM

/** One drawn run: a cable, or the singles of one conduit. */
export interface Run {
  key: string
  from: string
  to: string
  print: string
  cables: string[]
}

export function runsOf(board: BoardLook): Run[] {
  const runs = new Map<string, Run>()
  for (const cable of board.cables) {
    const key = cable.single ? [cable.from, cable.to].sort().join('–') : cable.id
    const run = runs.get(key) ?? { key, from: cable.from, to: cable.to, print: '', cables: [] }
    run.cables.push(cable.id)
    run.print = cable.single ? `${run.cables.length} × ${cable.print}` : `${cable.id} · ${cable.print}`
    runs.set(key, run)
  }
  return [...runs.values()]
}

/** The nearest box in the direction of an arrow key. */
export function neighbour(layout: MapLayout, ids: readonly string[], from: string, key: string): string | null {
  const here = layout.at(from)
  const direction = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[key]
  if (!direction) return null
  const [dx, dy] = direction as [number, number]
  const ahead = ids
    .filter((id) => id !== from)
    .map((id) => ({
      id,
      along: (layout.at(id).x - here.x) * dx + (layout.at(id).y - here.y) * dy,
      off: Math.abs((layout.at(id).x - here.x) * dy) + Math.abs((layout.at(id).y - here.y) * dx),
    }))
    .filter(({ along }) => along > 0)
    .sort((a, b) => a.along + 2 * a.off - (b.along + 2 * b.off))
  return ahead[0]?.id ?? null
}
