/** Whether it is done with the hands, at the bench, as a board without a task is; the rest are answers. As `Task\TaskKind` has it. */
export const isWired = (kind: string | null) => kind === null || kind === 'wire' || kind === 'finish'
