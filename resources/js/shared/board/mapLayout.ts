import type { BoardLook } from '@/shared/api/generated/http'
import { boxShape, halfFor, isLight } from './layout/boxes'
import { inTwo, shortened } from './layout/letters'
import { type Label, type Line, placeLabels, type Wanted } from './layout/labels'
import type { Spot } from './layout/rects'
import { type BoxShape, type Run, type Way, waysOf } from './layout/ways'
import { pairs } from './layout/pairs'
import measures from '../../../measures.json'

/** The room for a map, and how tall its letters are, in pixels. */
export interface Pane {
  width: number
  height: number
  letter: number
}

/**
 * The board on a pane that it fills: boxes stand left, right, over and under one another as they hang on the wall, and where
 * some hang close together they have room between them all the same.
 */
export interface MapLayout {
  pane: Pane
  at: (enclosure: string) => Spot
  boxes: BoxShape[]
  ways: (PrintedRun & Way)[]
  runWidth: number
}

const PER_ROW = measures.wallPerRow
const SPACING_MM = measures.wallSpacingMm
/** Boxes that hang as near as this to one line stand on it. */
const SAME_LINE_MM = measures.wallSameLineMm
const LEAST_APART = measures.wallLeastApart
/** How much more one direction may be stretched than the other. */
const MOST_STRETCH = measures.wallMostStretch
const EDGE = 4
/** How far the rays of a light reach beyond it, over its half. */
const RAYS = 0.34
/** How far the frame of a box that is lit up stands off it. */
const FRAME = 0.2
/** Between two runs; and of half a box, how near a run may pass one. */
const AIR = 3
const CLEAR = 0.4

/** Letters as tall as for a room: the conductors in a run are to be told apart from its far end too. */
const FROM_AFAR = 28
const SUPPOSED: Pane = { width: 460, height: 600, letter: 13 }

export function layOutMap(board: BoardLook, asked: Pane = SUPPOSED): MapLayout {
  const pane = asked.width > 0 && asked.height > 0 ? asked : { ...SUPPOSED, letter: asked.letter }
  const spots = new Map<string, Spot>(
    board.enclosures.map((box, i) => [
      box.id,
      box.at ?? [(i % PER_ROW) * SPACING_MM, Math.floor(i / PER_ROW) * SPACING_MM],
    ]),
  )
  const margin = pane.letter * 4.5
  const [x, y] = axesOf([...spots.values()], pane.width - 2 * margin, pane.height - 2 * margin)
  const places = new Map([...spots].map(([id, at]) => [id, [margin + x(at[0]), margin + y(at[1])] as Spot]))
  const half = halfFor([...places.values()], iconFor(pane))
  const boxes = board.enclosures.map(({ id, kind }) => ({
    ...boxShape(id, kind, places.get(id)!, half),
    beyond: half * (isLight(kind) ? RAYS : FRAME),
  }))
  const runs = runsOf(board)
  const runWidth = Math.max(6, half * (pane.letter >= FROM_AFAR ? 0.5 : 0.36))
  const ways = waysOf(
    runs.map((run) => ({ ...run, width: runWidth })),
    boxes,
    { step: runWidth + AIR, air: AIR, clear: half * CLEAR },
  )
  const byId = new Map(runs.map((run) => [run.id, run]))
  return {
    pane,
    at: (id) => places.get(id) ?? [0, 0],
    boxes,
    ways: ways.map((way) => ({ ...byId.get(way.id)!, ...way })),
    runWidth,
  }
}

const iconFor = ({ width, height, letter }: Pane) => Math.max(1.6 * letter, 0.05 * Math.min(width, height))

/** From millimetres of the wall to the room in the pane, along and down. */
function axesOf(spots: readonly Spot[], width: number, height: number) {
  const [xs, ys] = [linesOf(spots.map(([x]) => x)), linesOf(spots.map(([, y]) => y))]
  const reach = (lines: number[]) => (lines.at(-1) ?? 0) - (lines[0] ?? 0)
  const scale = Math.min(width / Math.max(1, reach(xs)), height / Math.max(1, reach(ys)))
  return [
    axis(xs, Math.min(width, MOST_STRETCH * scale * reach(xs)), width),
    axis(ys, Math.min(height, MOST_STRETCH * scale * reach(ys)), height),
  ] as const
}

/** The lines on which boxes stand. */
function linesOf(values: number[]): number[] {
  const lines: number[] = []
  for (const value of values.sort((a, b) => a - b)) {
    if (value - (lines.at(-1) ?? -Infinity) > SAME_LINE_MM) lines.push(value)
  }
  return lines
}

/** Lines as far apart as on the wall, but no nearer than boxes can stand, in the middle of the room. */
function axis(lines: readonly number[], wanted: number, room: number): (mm: number) => number {
  const gaps = pairs(lines).map(([before, line]) => line - before)
  const least = Math.min(LEAST_APART, room / Math.max(1, gaps.length))
  const length = Math.min(room, Math.max(wanted, least * gaps.length))
  const spare = length - least * gaps.length
  const sum = Math.max(
    1,
    gaps.reduce((so, gap) => so + gap, 0),
  )
  let at = (room - length) / 2
  const places = [at, ...gaps.map((gap) => (at += least + (spare * gap) / sum))]
  const lineOf = (mm: number) => lines.filter((line) => line <= mm).length - 1
  return (mm) => places[Math.max(0, lineOf(mm))] ?? room / 2
}

/** What is written at a box: its name, a line under it, and the numbers of the findings that are pinned there. */
export interface BoxWords {
  id: string
  label: string
  under: string
  pins: readonly number[]
}

const SHORT_ROOMS = [9, 6, 4]

/** Names of boxes and prints of cables, each where there is room for it. */
export function labelsOf(layout: MapLayout, words: readonly BoxWords[]): { boxes: Label[]; runs: Label[] } {
  const { pane, boxes, ways } = layout
  const size = pane.letter
  const view = { x: EDGE, y: EDGE, width: pane.width - 2 * EDGE, height: pane.height - 2 * EDGE }
  const atBoxes = words.map(({ id, label, under, pins }) => ({ of: id, variants: namesOf(label, under, pins, size) }))
  const onWays = ways.map(({ id, print }) => ({ of: id, variants: printsOf(print, size) }))
  const placed = placeLabels(boxes, ways, atBoxes, onWays, view)
  const names = new Set(words.map(({ id }) => id))
  return {
    boxes: placed.filter(({ of }) => names.has(of)),
    runs: placed.filter(({ of }) => !names.has(of)),
  }
}

function namesOf(label: string, under: string, pins: readonly number[], size: number): Line[][] {
  const tail: Line[] = under === '' ? [] : [{ text: under, size, isSoft: true }]
  const head = (text: string): Line => (pins.length > 0 ? { text, size, pins } : { text, size })
  const two = inTwo(label)
  return [
    [head(label), ...tail],
    ...(two ? [[head(two[0]), { text: two[1], size }, ...tail]] : []),
    ...SHORT_ROOMS.map((letters) => [head(shortened(label, size, letters * 0.45 * size)), ...tail]),
  ]
}

/** `W2 · 14/2`, in two lines, or the tag alone. */
function printsOf(print: string, size: number): Wanted['variants'] {
  const [tag = '', ...rest] = print.split(' · ')
  const lines = (...texts: string[]) => texts.map((text) => ({ text, size }))
  const [count, single] = print.split(' × ')
  return rest.length === 0
    ? [lines(print), ...(single ? [lines(`${count} ×`, single), lines(`${count} ×`)] : [lines(print)])]
    : [lines(print), lines(tag, rest.join(' · ')), lines(tag)]
}

/** A run with what is printed on it: a cable, or the singles of one conduit. */
export interface PrintedRun extends Omit<Run, 'width'> {
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
    .map((id) => ({ id, off: [layout.at(id)[0] - here[0], layout.at(id)[1] - here[1]] as const }))
    .map(({ id, off: [x, y] }) => ({ id, along: x * dx + y * dy, aside: Math.abs(x * dy) + Math.abs(y * dx) }))
    .filter(({ along }) => along > 0)
    .sort((a, b) => a.along + 2 * a.aside - (b.along + 2 * b.aside))
  return ahead[0]?.id ?? null
}
