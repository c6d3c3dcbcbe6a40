/** A place on the board face, in millimetres from its top left corner. */
export type Spot = readonly [number, number]

/** What is drawn between two boxes as one: a cable, or the singles of a conduit. */
export interface Run {
  id: string
  from: string
  to: string
}

/** Cables between the same two boxes run side by side. */
const BESIDE_MM = 70
/** How far what is written under a box reaches down. */
const UNDER_BOX_MM = 190

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
export function routesOf(runs: readonly Run[], spots: ReadonlyMap<string, Spot>): Route[] {
  const count = new Map<string, number>()
  return runs.flatMap(({ id, from, to }) => {
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
