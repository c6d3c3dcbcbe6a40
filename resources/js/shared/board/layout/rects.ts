/** A place in the units of a drawing. */
export type Spot = readonly [number, number]

export interface Rect {
  x: number
  y: number
  width: number
  height: number
}

export const around = ([x, y]: Spot, halfWidth: number, halfHeight: number): Rect => ({
  x: x - halfWidth,
  y: y - halfHeight,
  width: 2 * halfWidth,
  height: 2 * halfHeight,
})

export const grown = ({ x, y, width, height }: Rect, by: number): Rect => ({
  x: x - by,
  y: y - by,
  width: width + 2 * by,
  height: height + 2 * by,
})

/** The ground that a level or upright stretch takes. */
export const stretch = ([x1, y1]: Spot, [x2, y2]: Spot, half: number): Rect => ({
  x: Math.min(x1, x2) - half,
  y: Math.min(y1, y2) - half,
  width: Math.abs(x1 - x2) + 2 * half,
  height: Math.abs(y1 - y2) + 2 * half,
})

export const meets = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

export const holds = (outer: Rect, inner: Rect): boolean =>
  inner.x >= outer.x &&
  inner.y >= outer.y &&
  inner.x + inner.width <= outer.x + outer.width &&
  inner.y + inner.height <= outer.y + outer.height
