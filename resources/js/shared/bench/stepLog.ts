import type { StepBack, Step } from '@/shared/api/generated/http'
import { apply, bareBench, type BenchState, type Places, StepDoesNotFit } from './bench'

/** The bench with its past and its future, so that undo and redo are steps like any other. */
export interface StepLog {
  readonly now: BenchState
  readonly past: readonly BenchState[]
  readonly future: readonly BenchState[]
}

export const emptyLog: StepLog = { now: bareBench, past: [], future: [] }

export function add(log: StepLog, step: Step, places: Places): StepLog {
  if (isBack(step)) return step.do === 'undo' ? undo(log) : redo(log)
  return { now: apply(log.now, step, places), past: [...log.past, log.now], future: [] }
}

export function isBack(step: Step): step is StepBack {
  return step.do === 'undo' || step.do === 'redo'
}

function undo(log: StepLog): StepLog {
  const before = log.past.at(-1)
  if (!before) throw new StepDoesNotFit('nothing-to-undo')
  return { now: before, past: log.past.slice(0, -1), future: [...log.future, log.now] }
}

function redo(log: StepLog): StepLog {
  const after = log.future.at(-1)
  if (!after) throw new StepDoesNotFit('nothing-to-redo')
  return { now: after, past: [...log.past, log.now], future: log.future.slice(0, -1) }
}

/** @param start what stands already: it cannot be undone */
export function replay(steps: readonly Step[], places: Places, start: readonly Step[] = []): StepLog {
  const now = start.reduce((bench, step) => apply(bench, step as Parameters<typeof apply>[1], places), bareBench)
  return steps.reduce((log, step) => add(log, step, places), { ...emptyLog, now })
}
