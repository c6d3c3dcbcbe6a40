import { say } from '@/shared/words/say'
import type { Board, DrawnBox, DrawnCable } from '@/shared/api/generated/http'
import { paintOf } from '@/shared/board/conductor'
import { boxShape, halfFor } from '@/shared/board/layout/boxes'
import { inTwo, shortened } from '@/shared/board/layout/letters'
import { type Label, LINE, type Line, placeLabels } from '@/shared/board/layout/labels'
import type { Spot } from '@/shared/board/layout/rects'
import { beside, type BoxShape, type Way, waysOf } from '@/shared/board/layout/ways'
import type { View } from './wallLayout'

/** One cable as it is drawn, or one of the singles of a conduit: these share a sheath, and each has its own line of the words. */
export interface DrawnRun {
  id: string
  points: readonly Spot[]
  /** As thick as it is to be touched. */
  width: number
  /** The sheath or the conduit, drawn once: its way and thickness. */
  sheath: { points: readonly Spot[]; width: number } | null
  cores: readonly { colour: string; points: readonly Spot[] }[]
  label?: Label
}

/** What stands on the wall, in its millimetres; `unit` is how many of them one pixel of the screen is. */
export interface WallDrawing {
  boxes: Map<string, BoxShape>
  runs: DrawnRun[]
  labels: Map<string, Label>
}

/** Half of a box as it is drawn, and at its smallest and its largest on the screen. */
const HALF_MM = 66
const LEAST_PX = 17
const MOST_PX = 34
/** A cable and each conductor in it, in pixels. */
const SHEATH_PX = 6
const CORE_PX = 5
/** One of the singles of a conduit, so that it can be touched. */
const SINGLE_PX = 9
const AIR_PX = 4
const CLEAR_PX = 9

interface Wanted {
  board: Board
  spots: ReadonlyMap<string, Spot>
  cables: ReadonlyMap<string, DrawnCable>
  fills: ReadonlyMap<string, DrawnBox>
  view: View
  unit: number
  letterPx: number
}

export function drawWall({ board, spots, cables, fills, view, unit, letterPx }: Wanted): WallDrawing {
  const wished = Math.max(LEAST_PX * unit, Math.min(HALF_MM, MOST_PX * unit))
  const half = halfFor([...spots.values()], wished)
  const boxes = board.enclosures.map(({ id, kind }) => boxShape(id, kind, spots.get(id) ?? [0, 0], half))
  const bundles = bundlesOf(board, cables)
  const runs = bundles.map(([first, ...more]) => {
    const cores = more.length > 0 ? (more.length + 1) * SINGLE_PX : carried(cables.get(first.id)).length * CORE_PX
    return { id: first.id, from: first.from, to: first.to, width: (SHEATH_PX + cores) * unit }
  })
  const ways = waysOf(runs, boxes, {
    step: (SHEATH_PX + 2 * CORE_PX) * unit,
    air: AIR_PX * unit,
    clear: CLEAR_PX * unit,
  })
  const size = letterPx * unit
  const names = board.enclosures.map((box) => ({
    of: box.id,
    variants: namesOf(box.label ?? box.id, fills.get(box.id), size),
  }))
  const prints = bundles.map((bundle) => ({ of: bundle[0].id, variants: printsOf(bundle, cables, size) }))
  const labels = new Map(placeLabels(boxes, ways, names, prints, view).map((label) => [label.of, label]))
  const wayOf = new Map(ways.map((way) => [way.id, way]))
  return {
    boxes: new Map(boxes.map((box) => [box.id, box])),
    runs: bundles.flatMap((bundle) => {
      const way = wayOf.get(bundle[0].id)
      return way ? drawnRuns(bundle, way, labels.get(way.id), cables, unit) : []
    }),
    labels,
  }
}

type Run = Board['cables'][number]
type Bundle = [Run, ...Run[]]

/** Cables one by one; singles between the same two boxes share a conduit. */
function bundlesOf(board: Board, cables: Wanted['cables']): Bundle[] {
  const bundles = new Map<string, Bundle>()
  for (const run of board.cables) {
    const isSingle = cables.get(run.id)?.cores.length === 1
    const key = isSingle ? say('drawing-board.conduit-to', { to: [run.from, run.to].sort().join(' ') }) : run.id
    const bundle = bundles.get(key)
    if (bundle) bundle.push(run)
    else bundles.set(key, [run])
  }
  return [...bundles.values()]
}

function drawnRuns(
  bundle: Bundle,
  way: Way,
  label: Label | undefined,
  cables: Wanted['cables'],
  unit: number,
): DrawnRun[] {
  const sheath = { points: way.points, width: way.width }
  if (bundle.length === 1) {
    const all = carried(cables.get(way.id))
    const cores = all.map(({ colour }, i) => ({
      colour,
      points: beside(way.points, (i - (all.length - 1) / 2) * CORE_PX * unit),
    }))
    return [{ id: way.id, points: way.points, width: way.width, sheath, cores, label }]
  }
  return bundle.map(({ id }, i) => {
    const points = beside(way.points, (i - (bundle.length - 1) / 2) * SINGLE_PX * unit)
    const colours = cables.get(id)?.cores ?? []
    return {
      id,
      points,
      width: SINGLE_PX * unit,
      sheath: i === 0 ? sheath : null,
      cores: colours.map(({ colour }) => ({ colour, points })),
      label: label && lineOf(label, i),
    }
  })
}

/** Of the words of a conduit those of one of its singles; the first has the heading too. Short words are the heading alone. */
function lineOf(label: Label, i: number): Label | undefined {
  const from = i === 0 ? 0 : i + 1
  const lines = label.lines.slice(from, i + 2)
  if (lines.length === 0) return undefined
  const above = label.lines.slice(0, from).reduce((sum, { size }) => sum + size * LINE, 0)
  return { ...label, lines, rect: { ...label.rect, y: label.rect.y + above } }
}

/** What is drawn along a cable: bare conductors go without saying. */
const carried = (cable: DrawnCable | undefined) => cable?.cores.filter(({ colour }) => !paintOf(colour).bare) ?? []

export const titleOf = (id: string, cable: DrawnCable | undefined) =>
  `${id}${cable ? ` · ${cable.print}` : say('drawing-board.not-chosen-yet')}`

export const wordsOf = (cable: DrawnCable | undefined) => carried(cable).map(({ flag, role }) => `${flag} ${role}`)

const fillText = (fill: DrawnBox | undefined) => (fill?.text ? `${fill.fits === false ? '✕ ' : ''}${fill.text}` : '')

function namesOf(label: string, fill: DrawnBox | undefined, size: number): Line[][] {
  const line = (text: string): Line => ({ text, size })
  const soft = (text: string): Line => ({ text, size, isSoft: true })
  const sum = fillText(fill) ? [soft(fillText(fill))] : []
  const neutral = fill?.neutral ? [soft(fill.neutral)] : []
  const two = inTwo(label)
  return [
    [line(label), ...sum, ...neutral],
    ...(two ? [[line(two[0]), line(two[1]), ...sum, ...neutral]] : []),
    [line(label), ...sum],
    ...(two ? [[line(two[0]), line(two[1]), ...sum]] : []),
    [line(shortened(label, size, 4 * size)), ...sum],
    [line(label)],
    [line(shortened(label, size, 3 * size))],
    [line(shortened(label, size, 2 * size))],
  ]
}

function printsOf(bundle: Bundle, cables: Wanted['cables'], size: number): Line[][] {
  const line = (text: string): Line => ({ text, size })
  const soft = (text: string): Line => ({ text, size, isSoft: true })
  const [{ id }, ...more] = bundle
  const cable = cables.get(id)
  const tail = [cable?.proposed ? say('drawing-board.proposed') : '', cable?.length ?? ''].filter((text) => text !== '')
  if (more.length > 0) {
    const singles = bundle.map((one) => soft([one.id, ...wordsOf(cables.get(one.id))].join(' ')))
    const title = `${bundle.length} × ${cable?.print ?? ''}`
    return [[line([title, ...tail].join(' ')), ...singles], [line(title), ...singles], [line(title)], [line(id)]]
  }
  const title = titleOf(id, cable)
  const words = wordsOf(cable).map(soft)
  return [
    [line([title, ...tail].join(' ')), ...words],
    [line(title), ...tail.map(soft), ...words],
    [line(title), ...words],
    ...(words.length > 0 ? [[line(id), ...words]] : []),
    [line(title)],
    [line(id)],
  ]
}
