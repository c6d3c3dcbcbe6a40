import type { Enclosure, Landing, Mark } from '@/shared/api/generated/http'
import { type BenchState, jointAt } from '@/shared/bench/bench'
import {
  type BoxLayout,
  FLAG,
  type Frame,
  type PlacedConnector,
  type PlacedLanding,
  type Point,
  portAt,
  type Side,
  type Slot,
  solidsOf,
} from './boxLayout'
import { bentPath, LANE, Lanes } from './boxRoutes'
import { isEarthColour, isEarthTerminal } from './conductor'
import type { Rect } from './layout/rects'
import measures from '../../../measures.json'

/** One conductor as drawn: from its cable to its flag and through the lanes, and the piece at its screw or in its hole. */
export interface DrawnConductor {
  id: string
  colour: string
  path: string
  /** The hook round a screw, or the tip in a hole: it lies in front of the device. */
  tip: string
  /** Grounds lie at the back, then neutrals, then the rest. */
  layer: number
}

const HOOK = measures.hook
const INTO_HOLE = measures.intoHole
const AHEAD = FLAG.x + LANE / 2
const INWARD: Record<Side, Point> = {
  left: { x: AHEAD, y: 0 },
  right: { x: -AHEAD, y: 0 },
  top: { x: 0, y: FLAG.y + LANE / 2 },
  bottom: { x: 0, y: -FLAG.y - LANE / 2 },
}

interface Wish {
  id: string
  colour: string
  before: Point[]
  start: Point
  target: { end: Point; then: Point[]; tip: string } | null
}

export function drawConductors(
  box: Enclosure,
  layout: BoxLayout,
  bench: BenchState,
  marks: readonly Mark[],
): DrawnConductor[] {
  const wishes = [
    ...box.ends.map((end) => endWish(end.id, end.colour, layout, bench)),
    ...pigtailWishes(layout, bench, marks),
  ]
  const far = ({ start, target }: Wish) =>
    target ? Math.abs(start.x - target.end.x) + Math.abs(start.y - target.end.y) : 0
  const lanes = new Lanes(insideOf(layout.frame), obstaclesOf(layout))
  const drawn = wishes
    .map((wish, i) => ({ wish, i, far: far(wish) }))
    .sort((a, b) => a.far - b.far || a.i - b.i)
    .map(({ wish, i }) => ({ i, drawn: draw(wish, lanes, marks) }))
  // In front lies what was tapped last by number; behind it neutrals, and grounds at the back.
  return drawn.sort((a, b) => a.drawn.layer - b.drawn.layer || a.i - b.i).map((one) => one.drawn)
}

const insideOf = ({ left, top, right, bottom }: Frame): Rect => ({
  x: left,
  y: top,
  width: right - left,
  height: bottom - top,
})

/** What conductors go round: what is solid, connectors with the words under them, and the wall side of the flags. */
function obstaclesOf(layout: BoxLayout): Rect[] {
  return [
    ...solidsOf(layout),
    ...layout.connectors.flatMap((connector) => groundsOf(connector)),
    ...[...layout.slots.values()].map((slot) => behind(slot)),
  ]
}

/** A connector, and the words under it. */
const groundsOf = ({ x, y, width, wordWidth }: PlacedConnector): Rect[] => [
  { x: x - width / 2 - 6, y: y - 12, width: width + 12, height: 34 },
  { x: x - wordWidth / 2 - 6, y: y + 22, width: wordWidth + 12, height: 22 },
]

/** Between a flag and its wall conductors part: nothing else comes there. */
function behind({ x, y, side }: Slot): Rect {
  const deep = 60
  return {
    left: { x: x - deep, y: y - FLAG.y, width: deep, height: 2 * FLAG.y },
    right: { x, y: y - FLAG.y, width: deep, height: 2 * FLAG.y },
    top: { x: x - FLAG.x, y: y - deep, width: 2 * FLAG.x, height: deep },
    bottom: { x: x - FLAG.x, y, width: 2 * FLAG.x, height: deep },
  }[side]
}

function draw({ id, colour, before, start, target }: Wish, lanes: Lanes, marks: readonly Mark[]): DrawnConductor {
  const way = target ? [...before, ...lanes.lay(start, target.end), ...target.then] : [...before, start]
  return { id, colour, path: bentPath(way), tip: target?.tip ?? '', layer: layerOf(colour, marks) }
}

const PALE = ['white', 'grey']

function layerOf(colour: string, marks: readonly Mark[]): number {
  if (isEarthColour(colour)) return 0
  const neutral = marks.find(({ as }) => as === 'neutral')?.colour ?? ''
  return colour === neutral || (PALE.includes(neutral) && PALE.includes(colour)) ? 1 : 2
}

function endWish(id: string, colour: string, layout: BoxLayout, bench: BenchState): Wish {
  const slot = layout.slots.get(id)!
  const step = INWARD[slot.side]
  const start = { x: slot.x + step.x, y: slot.y + step.y }
  if (bench.caps.includes(id)) return { id, colour, before: slot.fan, start: { x: slot.x, y: slot.y }, target: null }
  return { id, colour, before: [...slot.fan, { x: slot.x, y: slot.y }], start, target: targetOf(id, layout, bench) }
}

/** Pigtails from terminals into connectors, and leads wherever they go. */
function pigtailWishes(layout: BoxLayout, bench: BenchState, marks: readonly Mark[]): Wish[] {
  return [...layout.landings.values()].flatMap((landing) => {
    const target = targetOf(landing.id, layout, bench)
    const isLead = landing.landing?.shape === 'lead'
    if (!target || !(connectorOf(landing.id, layout) || isLead)) return []
    const colour = pigtailColour(landing.landing, marks)
    const start = landing.approach
    const own = isLead
      ? { tip: '', then: [landing, landing.approach] }
      : { tip: tipAt(landing, 0, 1), then: [] as Point[] }
    const before = isLead ? own.then : []
    return [{ id: landing.id, colour, before, start, target: { ...target, tip: `${own.tip}${target.tip}` } }]
  })
}

/** Where a place's conductor leads to, beyond its flag or its screw. */
function targetOf(id: string, layout: BoxLayout, bench: BenchState): Wish['target'] {
  const connector = connectorOf(id, layout)
  if (connector) {
    const port = portAt(connector, connector.joint.points.indexOf(id))
    return { end: { x: port.x, y: port.y - LANE }, then: [port], tip: '' }
  }
  const joint = jointAt(bench, id)
  const fixed = joint?.points.find((other) => other !== id && isFixed(other, layout))
  const landing = fixed ? layout.landings.get(fixed) : undefined
  if (!joint || !landing) return null
  const those = joint.points.filter((other) => other !== fixed)
  const [i, n] = [those.indexOf(id), those.length]
  return { end: approachFor(landing, i, n), then: [], tip: tipAt(landing, i, n) }
}

/** Each conductor in a block has a hole of its own; under one screw or in one hole they come side by side. */
function asideOf(landing: PlacedLanding, i: number, n: number): number {
  if (landing.landing?.shape === 'block')
    return (Math.min(i, landing.landing.holes - 1) - (landing.landing.holes - 1) / 2) * 24
  return landing.landing?.shape === 'hole' ? (i - (n - 1) / 2) * 11 : 0
}

const approachFor = (landing: PlacedLanding, i: number, n: number): Point => ({
  x: landing.approach.x + asideOf(landing, i, n),
  y: landing.approach.y,
})

/** Round a screw clockwise from the side it comes to; into a hole as far as its rim. */
function tipAt(landing: PlacedLanding, i: number, n: number): string {
  const { approach, x, y } = landing
  if ((landing.landing?.shape ?? 'screw') === 'screw') return hook(approach, { x, y })
  const from = approachFor(landing, i, n)
  return `M${from.x} ${from.y}L${from.x} ${y + Math.sign(from.y - y) * INTO_HOLE}`
}

/** Clockwise, as the screw turns when it is done up, so that it draws the loop in. */
function hook(from: Point, screw: Point): string {
  const [dx, dy] = [Math.sign(from.x - screw.x), Math.sign(from.y - screw.y)]
  const start = { x: screw.x + dx * HOOK, y: screw.y + dy * HOOK }
  // Three quarters of the way round, and a little more.
  const turn = (5 * Math.PI) / 3
  const angle = Math.atan2(dy, dx) + turn
  const end = { x: screw.x + HOOK * Math.cos(angle), y: screw.y + HOOK * Math.sin(angle) }
  return `M${from.x} ${from.y}L${start.x} ${start.y}A${HOOK} ${HOOK} 0 1 1 ${end.x.toFixed(1)} ${end.y.toFixed(1)}`
}

function isFixed(id: string, layout: BoxLayout): boolean {
  const landing = layout.landings.get(id)
  return landing !== undefined && landing.landing?.shape !== 'lead'
}

function connectorOf(id: string, layout: BoxLayout) {
  return layout.connectors.find(({ joint }) => joint.points.includes(id))
}

/** A lead has its own colour; a pigtail is cut from what the terminal's finish and print call for. */
function pigtailColour(landing: Landing | null, marks: readonly Mark[]): string {
  if (landing?.shape === 'lead') return landing.finish
  const as = !landing || isEarthTerminal(landing) ? 'earth' : landing.finish === 'silver' ? 'neutral' : 'line'
  return marks.find((mark) => mark.as === as)?.colour ?? ''
}
