/** Generated from schemas/marking.schema.json by `npm run types`. */

/**
 * What a task is worth: points for each part, what fails the whole, the pass mark.
 */
export interface MarkingFile {
  format: 'zwindle-marking'
  version: 1
  title: string
  total: number
  passMark: number
  points: {
    behaviour?: number
    safety?: number
    answers?: number
    order?: number
    time?: number
  }
  rules?: {
    [k: string]: number
  }
  workmanship?: {
    id: string
    text: string
    points: number
  }[]
  behaviourBy?: 'states' | 'distance'
  perMistake?: number
  withinMinutes?: number
  /**
   * Whether hands in a board that was not proved dead fail the whole; they do where nothing is said.
   */
  deadBeforeHands?: boolean
  critical?: string[]
}
