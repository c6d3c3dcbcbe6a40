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
  if (isWired(kind)) return saySome('«{1} one conductor to connect|[0,*] :count conductors to connect»', count)
  return kind === 'fault'
    ? saySome('«{1} one fault to find|[0,*] :count faults to find»', count)
    : saySome('«{1} one question|[0,*] :count questions»', count)
}

/** What progress counts. */
export const countedAs = (kind: string | null) =>
  isWired(kind) ? 'ends placed' : kind === 'fault' ? 'faults found' : 'questions answered'
