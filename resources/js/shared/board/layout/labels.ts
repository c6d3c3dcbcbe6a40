import { wide } from './letters'
import { around, grown, holds, meets, type Rect, type Spot, stretch } from './rects'
import type { BoxShape, Way } from './ways'
import { pairs } from './pairs'
import measures from '../../../../measures.json'

/** A line of a label, and how tall its letters are. */
export interface Line {
  text: string
  size: number
  /** Whether it says more of what the line above names. */
  isSoft?: boolean
  /** Numbers in rings before it. */
  pins?: readonly number[]
}

/** What is to be written at a box or along a run: as one would like it, and shorter where there is no room for that. */
export interface Wanted {
  of: string
  variants: readonly (readonly Line[])[]
}

export interface Label {
  of: string
  lines: readonly Line[]
  /** Whether it was not written as one would like it. */
  isShort: boolean
  rect: Rect
}

/** Height of a line and the air round a label, over the height of its letters. */
export const LINE = measures.labelLine
/** Width of a numbered ring, over the height of the letters. */
export const PIN = 1.5
const AIR = measures.labelAir
const STEPS = measures.labelSteps
const ALONG = measures.labelAlong

interface Size {
  width: number
  height: number
  air: number
}

function sizeOf(lines: readonly Line[]): Size {
  return {
    air: Math.max(...lines.map(({ size }) => size)) * AIR,
    width: Math.max(...lines.map(({ text, size, pins }) => wide(text, size) + (pins?.length ?? 0) * size * PIN)),
    height: lines.reduce((sum, { size }) => sum + size * LINE, 0),
  }
}

/**
 * Places for labels so that none lies on another, on a box or on a run: each tries its places, the full text before a shorter
 * one. What finds no place at all is left out.
 */
export function placeLabels(
  boxes: readonly BoxShape[],
  ways: readonly Way[],
  atBoxes: readonly Wanted[],
  onWays: readonly Wanted[],
  view: Rect,
): Label[] {
  const taken = boxes.map(({ at, halfWidth, halfHeight, beyond = 0 }) =>
    around(at, halfWidth + beyond, halfHeight + beyond),
  )
  for (const { width, points } of ways) {
    for (const [one, other] of pairs(points)) taken.push(stretch(one, other, width / 2))
  }
  const placed: Label[] = []
  const byId = new Map(boxes.map((box) => [box.id, box]))
  const wayOf = new Map(ways.map((way) => [way.id, way]))

  function place({ of, variants }: Wanted, rectsFor: (size: Size) => Generator<Rect>) {
    for (const [i, lines] of variants.entries()) {
      const size = sizeOf(lines)
      for (const rect of rectsFor(size)) {
        if (!holds(view, rect) || taken.some((other) => meets(grown(rect, size.air), other))) continue
        taken.push(rect)
        placed.push({ of, lines, isShort: i > 0, rect })
        return
      }
    }
  }

  for (const wanted of atBoxes) {
    const box = byId.get(wanted.of)
    if (box) place(wanted, (size) => besideBox(box, size))
  }
  for (const wanted of onWays) {
    const way = wayOf.get(wanted.of)
    if (way) place(wanted, (size) => alongWay(way, size))
  }
  return placed
}

/** Below, above, at the right, at the left, then at the corners, then farther and farther off. */
function* besideBox(box: BoxShape, { width, height, air }: Size): Generator<Rect> {
  const [x, y] = box.at
  const [halfWidth, halfHeight] = [box.halfWidth + (box.beyond ?? 0), box.halfHeight + (box.beyond ?? 0)]
  for (let step = 0; step < STEPS; step++) {
    const off = air * 1.01 + (step * height) / 3
    const [below, above] = [y + halfHeight + off, y - halfHeight - off - height]
    const [right, left] = [x + halfWidth + off, x - halfWidth - off - width]
    const lefts = [x + air, x - width - air, x - halfWidth, x + halfWidth - width]
    const tops = [y + air, y - height - air, y - halfHeight, y + halfHeight - height]
    for (const top of [below, above]) yield { x: x - width / 2, y: top, width, height }
    for (const side of [right, left]) yield { x: side, y: y - height / 2, width, height }
    for (const top of [below, above]) for (const side of lefts) yield { x: side, y: top, width, height }
    for (const side of [right, left]) for (const top of tops) yield { x: side, y: top, width, height }
    for (const top of [below, above]) for (const side of [right, left]) yield { x: side, y: top, width, height }
  }
}

/** Over a level stretch or under it, at the right of an upright one or at its left; the longest stretch first. */
function* alongWay({ points, width: runWidth }: Way, { width, height, air }: Size): Generator<Rect> {
  const length = ([[x1, y1], [x2, y2]]: [Spot, Spot]) => Math.abs(x1 - x2) + Math.abs(y1 - y2)
  const stretches = pairs(points).sort((a, b) => length(b) - length(a))
  for (let step = 0; step < STEPS / 2; step++) {
    const off = runWidth / 2 + air * 1.01 + (step * height) / 2
    for (const [[x1, y1], [x2, y2]] of stretches) {
      for (const share of ALONG) {
        const [x, y]: Spot = [x1 + (x2 - x1) * share, y1 + (y2 - y1) * share]
        if (y1 === y2) {
          yield { x: x - width / 2, y: y - off - height, width, height }
          yield { x: x - width / 2, y: y + off, width, height }
        } else {
          yield { x: x + off, y: y - height / 2, width, height }
          yield { x: x - off - width, y: y - height / 2, width, height }
        }
      }
    }
  }
}
