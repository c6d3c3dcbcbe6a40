/** Generated from schemas/step.schema.json by `npm run types`. */

/**
 * One thing done at the bench, in the bench's own place names.
 */
export type Step = Land | Gather | Take | Mark | Back
export type Places = string[]

export interface Land {
  do: 'land'
  points: Places
  on: string
}
export interface Gather {
  do: 'gather'
  points: Places
  by: 'wire-nut' | 'lever' | 'push-in' | 'strip'
  ports?: number | null
}
export interface Take {
  do: 'take' | 'cap'
  points: Places
}
export interface Mark {
  do: 'mark'
  points: Places
  as: 'line' | 'neutral' | 'earth' | null
}
export interface Back {
  do: 'undo' | 'redo'
}
