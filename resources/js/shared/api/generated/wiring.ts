/** Generated from schemas/wiring.schema.json by `npm run types`. */

export type Point = string

/**
 * What one trainee connected on one board.
 */
export interface WiringFile {
  format: 'zwindle-wiring'
  version: 1
  board?: string
  /**
   * @maxItems 4000
   */
  joints: Joint[]
  /**
   * @maxItems 4000
   */
  caps?: Point[]
  /**
   * @maxItems 4000
   */
  marks?: {
    point: Point
    as: 'line' | 'neutral' | 'earth'
    [k: string]: unknown
  }[]
  /**
   * @maxItems 4000
   */
  labels?: {
    point: Point
    text: string
    [k: string]: unknown
  }[]
  /**
   * @maxItems 0
   */
  fitted?:
    | {
        [k: string]: string
      }
    | []
  [k: string]: unknown
}
export interface Joint {
  in: string
  /**
   * @minItems 2
   * @maxItems 400
   */
  points: [Point, Point, ...Point[]]
  by: 'terminal' | 'wire-nut' | 'lever' | 'push-in' | 'strip'
  ports?: number
  [k: string]: unknown
}
