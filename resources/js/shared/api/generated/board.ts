/** Generated from schemas/board.schema.json by `npm run types`. */

export type Id = string

/**
 * A switch-wiring practice board: what hangs on the wall and what must switch what.
 */
export interface Board {
  format: 'zwindle-board'
  version: 1
  title: string
  practice: 'na' | 'gb'
  code: string
  enclosures: Enclosure[]
  devices: Device[]
  cables: Cable[]
  controls?: Control[]
  alwaysOn?: Id[]
  requirements?: {
    scheme?: 'any' | 'single' | 'feed-through' | 'dead-end' | 'light-fed' | 'common-link' | 'polarity-switching'
    neutralAtSwitches?: 'by-code' | 'every' | 'none'
    earths?: 'required' | 'none'
  }
  wall?: {
    widthMm: number
    heightMm: number
    studsMm?: number
    firstStudMm?: number
  }
}
export interface Enclosure {
  id: Id
  kind: 'supply' | 'switch-box' | 'light-box' | 'ceiling-rose' | 'junction-box' | 'onward'
  label?: string
  material?: 'metal' | 'plastic'
  box?:
    | 'octagon-4x1.25'
    | 'octagon-4x1.5'
    | 'octagon-4x2.125'
    | 'square-4x1.25'
    | 'square-4x1.5'
    | 'square-4x2.125'
    | 'square-4.6875x1.25'
    | 'square-4.6875x1.5'
    | 'square-4.6875x2.125'
    | 'device-3x2x1.5'
    | 'device-3x2x2'
    | 'device-3x2x2.25'
    | 'device-3x2x2.5'
    | 'device-3x2x2.75'
    | 'device-3x2x3.5'
    | 'device-4x2.125x1.5'
    | 'device-4x2.125x1.875'
    | 'device-4x2.125x2.125'
  volumeIn3?: number
  addedIn3?: number
  clamps?: 'internal' | 'none'
  /**
   * @minItems 2
   * @maxItems 2
   */
  at?: [number, number]
}
export interface Device {
  id: Id
  in: Id
  model: string
  breakerA?: number
  rcdMa?: number
  face?: string
  turned?: 0 | 90 | 180 | 270
  seenFrom?: 'front' | 'rear'
}
export interface Cable {
  id: Id
  type: string
  from: Id
  to: Id
  lengthM?: number
  colour?:
    'black' | 'red' | 'blue' | 'white' | 'grey' | 'green' | 'bare' | 'brown' | 'yellow' | 'orange' | 'green-yellow'
}
export interface Control {
  lamps: Id[]
  switches: Id[]
}
