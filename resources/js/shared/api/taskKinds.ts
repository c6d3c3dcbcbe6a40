/** Whether it is done with the hands, at the bench, as a board without a task is; the rest are answers. As `Task\TaskKind` has it. */
export const isWired = (kind: string | null) => kind === null || kind === 'wire' || kind === 'finish'

/** The screen on which work of a kind is done. */
export const workPath = (kind: string | null, attempt: number) =>
  `/${isWired(kind) ? 'bench' : kind === 'fault' ? 'prove' : 'answers'}/${attempt}`

/** What progress counts. */
export const countedAs = (kind: string | null) =>
  isWired(kind) ? 'ends placed' : kind === 'fault' ? 'faults found' : 'questions answered'
