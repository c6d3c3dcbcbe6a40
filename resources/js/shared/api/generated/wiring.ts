/** Generated from schemas/wiring.schema.json by `npm run types`. */

export type Point = string

/**
 * What one trainee connected on one board.
 */
export interface WiringFile {
  format: 'zwindle-wiring'
  version: 1
  board?: string
  joints: Joint[]
  caps?: Point[]
  marks?: {
    point: Point
    as: 'line' | 'neutral' | 'earth'
  }[]
  labels?: {
    point: Point
    text: string
  }[]
  fitted?:
    | {
        [k: string]: string
      }
    | unknown[]
}
export interface Joint {
  in: string
  points: Point[]
  by: 'terminal' | 'wire-nut' | 'lever' | 'push-in' | 'strip'
  ports?: number
}
