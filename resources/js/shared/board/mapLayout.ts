import type { BoardLook } from '@/shared/api/generated/http'
import type { Point } from './boxLayout'
import { routesOf, type Route, type Run, type Spot } from './runLayout'

/** The board face to scale: millimetres of the board file, or a row where the file gives no places. */
export interface MapLayout {
  at: (enclosure: string) => Point
  view: { x: number; y: number; width: number; height: number }
  runs: { run: PrintedRun; route: Route }[]
}

const MARGIN_MM = 270
const SPACING_MM = 450
/** Width of a letter of what is printed along a run, and how far beside an upright one it begins. */
const LETTER_MM = 20
export const BESIDE_RUN_MM = 26

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
  const routes = new Map(
    routesOf(runsOf(board), new Map([...places].map(([id, { x, y }]) => [id, [x, y] as Spot]))).map((route) => [
      route.id,
      route,
    ]),
  )
  const runs = runsOf(board).flatMap((run) => {
    const route = routes.get(run.id)
    return route ? [{ run, route }] : []
  })
  const printed = runs
    .filter(({ route }) => route.isUpright)
    .map(({ run, route }) => route.middle[0] + BESIDE_RUN_MM + run.print.length * LETTER_MM)
  return {
    at,
    runs,
    view: {
      x: left,
      y: top,
      width: Math.max(...xs.map((x) => x + MARGIN_MM), ...printed) - left,
      height: Math.max(...ys) - top + MARGIN_MM + 60,
    },
  }
}

/** A run with what is printed on it: a cable, or the singles of one conduit. */
export interface PrintedRun extends Run {
  print: string
  cables: string[]
}

export function runsOf(board: BoardLook): PrintedRun[] {
  const runs = new Map<string, PrintedRun>()
  for (const cable of board.cables) {
    const id = cable.single ? [cable.from, cable.to].sort().join('–') : cable.id
    const run = runs.get(id) ?? { id, from: cable.from, to: cable.to, print: '', cables: [] }
    run.cables.push(cable.id)
    run.print = cable.single ? `${run.cables.length} × ${cable.print}` : `${cable.id} · ${cable.print}`
    runs.set(id, run)
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
