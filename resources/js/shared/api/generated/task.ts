/** Generated from schemas/task.schema.json by `npm run types`. */

/**
 * What is asked on a board: kind, mode, time, rules in force, help, what differs from seat to seat.
 */
export interface TaskFile {
  format: 'zwindle-task'
  version: 1
  title: string
  kind: string
  mode: 'coached' | 'exam'
  brief?: string
  minutes?: number | null
  rules?: {
    [k: string]: 'remark' | 'fault' | 'off'
  }
  help?: ('hints' | 'labels' | 'tester' | 'truth-table')[]
  tries?: number
  /**
   * Which of several tries counts; the best where nothing is said.
   */
  counts?: 'best' | 'last' | 'first'
  order?: null | 'box-by-box' | 'farthest-first'
  positions?: {
    [k: string]: string
  }
  varying?: ('feed' | 'lamp' | 'order' | 'faces' | 'labels' | 'colours')[]
  surface?: 'screen' | 'wall'
  proving?: 'none' | 'free' | 'isolation' | 'dead-tests'
  seed?: string
  start?: 'boxes' | 'as-found'
  done?: string[]
  questions?: number
  faults?: number
  faultKinds?: (
    | 'common-and-traveller-exchanged'
    | 'pair-split'
    | 'look-alike-part'
    | 'core-open'
    | 'lamp-on-permanent-line'
    | 'neutral-open'
    | 'neutral-switched'
    | 'neutral-on-earth'
    | 'line-and-neutral-exchanged'
    | 'earth-off'
    | 'lamps-in-series'
    | 'line-unmarked'
    | 'loose-terminal'
    | 'contact-dead'
    | 'contact-stuck'
    | 'lamp-blown'
    | 'switched-line-with-neutrals'
    | 'ground-on-live-screw'
    | 'line-on-metal'
    | 'pinched-under-cover'
    | 'earth-tail-missing'
    | 'outlet-reversed'
    | 'always-on-switched'
    | 'onward-forgotten'
    | 'rocker-inverted'
    | 'breaker-tripped'
  )[]
}
