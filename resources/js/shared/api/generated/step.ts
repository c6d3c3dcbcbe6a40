/** Generated from schemas/step.schema.json by `npm run types`. */

/**
 * One thing done at the bench, in the bench's own place names.
 */
export type Step = Land | Gather | Take | TapeOrSleeve | Back
export type Points = string[]

export interface Land {
  do: 'land'
  points: Points
  on: string
}
export interface Gather {
  do: 'gather'
  points: Points
  by: 'wire-nut' | 'lever' | 'push-in' | 'strip'
  ports?: number | null
}
export interface Take {
  do: 'take' | 'cap'
  points: Points
}
export interface TapeOrSleeve {
  do: 'mark'
  points: Points
  as: 'line' | 'neutral' | 'earth' | null
}
export interface Back {
  do: 'undo' | 'redo'
  points?: unknown[]
}
