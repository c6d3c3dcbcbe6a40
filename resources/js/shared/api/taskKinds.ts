import { say, saySome } from '@/shared/words/say'
/** Whether it is done with the hands, at the bench, as a board without a task is; the rest are answers. As `Task\TaskKind` has it. */
export const isWired = (kind: string | null) => kind === null || kind === 'wire' || kind === 'finish'

/** The screen on which work of a kind is done. */
export const workPath = (kind: string | null, attempt: number) =>
  `/${isWired(kind) ? 'bench' : kind === 'fault' ? 'prove' : 'answers'}/${attempt}`

const KINDS: Record<string, string> = {
  wire: say('shared.wire-it-from-bare'),
  finish: say('shared.finish-it'),
  fault: say('shared.find-the-fault'),
  predict: say('shared.what-does-the-light-do'),
  trace: say('shared.trace-the-path'),
  names: say('shared.name-screws-and-cables'),
  parts: say('shared.choose-the-parts'),
}
/** What a kind of task is called. */
export const kindName = (kind: string | null) => KINDS[kind ?? 'wire'] ?? kind ?? ''

/** So many of what there is to do. */
export function toDo(kind: string | null, count: number): string {
  if (isWired(kind)) return saySome('shared.one-conductor-to-connect-count', count)
  return kind === 'fault'
    ? saySome('shared.one-fault-to-find-count', count)
    : saySome('shared.one-question-count-questions', count)
}

/** What progress counts. */
export const countedAs = (kind: string | null) =>
  isWired(kind)
    ? say('shared.conductors-connected')
    : kind === 'fault'
      ? say('shared.faults-found')
      : say('shared.questions-answered')
