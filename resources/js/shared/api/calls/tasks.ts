import { answer, http, search, within } from '../client'
import type { MarkingFile, TaskFile } from '../generated/http'

/** A task with the board and the marking that it goes with. */
export interface TaskDraft {
  boardFile: number
  marking: number
  task: TaskFile
}

export const tasks = {
  markings: () => answer(http.GET('/markings')),
  addMarking: (marking: MarkingFile) => answer(http.POST('/markings', { body: { marking } })),
  keepMarking: (id: number, marking: MarkingFile) =>
    answer(http.PUT('/markings/{marking}', { params: { path: { marking: id } }, body: { marking } })),
  tasks: () => answer(http.GET('/tasks')),
  task: (id: number) => answer(http.GET('/tasks/{task}', { params: { path: { task: id } } })),
  addTask: (what: TaskDraft) => answer(http.POST('/tasks', { body: what })),
  keepTask: (id: number, base: number, what: TaskDraft) =>
    answer(http.PUT('/tasks/{task}', { params: { path: { task: id } }, body: { ...what, base } })),
  tryTask: (what: TaskDraft, seats: number, row: number) =>
    search(() => answer(http.POST('/task-trials', { body: { ...what, seats, row }, fetch: within(60_000) }))),
  attackTask: (what: TaskDraft) =>
    search(() => answer(http.POST('/task-attacks', { body: what, fetch: within(120_000) }))),
  setTask: (id: number, what: { classroom: number; trainees: number[]; row: number; twice?: boolean }) =>
    answer(
      http.POST('/tasks/{task}/assignments', { params: { path: { task: id } }, body: what, fetch: within(60_000) }),
    ),
}
