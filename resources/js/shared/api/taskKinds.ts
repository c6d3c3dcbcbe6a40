/** Whether it is done with the hands, at the bench, as a board without a task is; the rest are answers. As `Task\TaskKind` has it. */
export const isWired = (kind: string | null) => kind === null || kind === 'wire' || kind === 'finish'

/** The screen on which work of a kind is done. */
export const workPath = (kind: string | null, attempt: number) =>
  `/${isWired(kind) ? 'bench' : kind === 'fault' ? 'prove' : 'answers'}/${attempt}`

const KINDS: Record<string, string> = {
  wire: 'Wire it from bare',
  finish: 'Finish it',
  fault: 'Find the fault',
  predict: 'What does the light do?',
  trace: 'Trace the path',
  names: 'Name screws and cables',
  parts: 'Choose the parts',
}
/** What a kind of task is called. */
export const kindName = (kind: string | null) => KINDS[kind ?? 'wire'] ?? kind ?? ''

/** So many of what there is to do. */
export function toDo(kind: string | null, count: number): string {
  const one = count === 1
  if (isWired(kind)) return `${count} ${one ? 'end' : 'ends'} to place`
  return kind === 'fault'
    ? `${count} ${one ? 'fault' : 'faults'} to find`
    : `${count} ${one ? 'question' : 'questions'}`
}

/** What progress counts. */
export const countedAs = (kind: string | null) =>
  isWired(kind) ? 'ends placed' : kind === 'fault' ? 'faults found' : 'questions answered'
