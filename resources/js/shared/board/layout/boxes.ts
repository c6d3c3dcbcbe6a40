import type { Spot } from './rects'
import type { BoxShape } from './ways'

/** Of a box as it is drawn: width over height. */
const SLIM = 0.88
/** Half of a box at most, of the way from the nearest two to each other. */
const OF_NEAREST = 0.36
const LIGHTS = new Set(['light-box', 'ceiling-rose'])

export const isLight = (kind: string) => LIGHTS.has(kind)

/** Lights are round, everything else is a little higher than wide. */
export const boxShape = (id: string, kind: string, at: Spot, half: number): BoxShape => ({
  id,
  at,
  halfWidth: isLight(kind) ? half : half * SLIM,
  halfHeight: half,
})

/** As large as is wished, but no larger than the nearest two have room for, the farther of along and down. */
export function halfFor(spots: readonly Spot[], wished: number): number {
  let nearest = Infinity
  for (const [i, a] of spots.entries()) {
    for (const b of spots.slice(i + 1))
      nearest = Math.min(nearest, Math.max(Math.abs(a[0] - b[0]), Math.abs(a[1] - b[1])))
  }
  return Math.min(wished, OF_NEAREST * nearest)
}
