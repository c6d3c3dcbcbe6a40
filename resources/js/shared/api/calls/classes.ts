import { answer, answerOrNothing, http, within } from '../client'
import type { KeepMarkTable, Move, ClassroomChange, NewTrainees, RosterText, TraineeChange } from '../generated/http'

export const classes = {
  /** Opening tries every seat first. */
  moveAll: (assignment: number, move: Move) =>
    answer(
      http.POST('/assignments/{assignment}/moves', {
        params: { path: { assignment } },
        body: move,
        fetch: within(60_000),
      }),
    ),
  takeSettingBack: (assignment: number) =>
    answer(http.DELETE('/assignments/{assignment}', { params: { path: { assignment } } })),
  record: (assignment: number) =>
    answer(http.GET('/assignments/{assignment}/record', { params: { path: { assignment } } })),
  takeMarking: (assignment: number) =>
    answer(http.PUT('/assignments/{assignment}/marking', { params: { path: { assignment } } })),
  takeReleaseBack: (assignment: number) =>
    answer(http.DELETE('/assignments/{assignment}/release', { params: { path: { assignment } } })),
  markTable: () => answer(http.GET('/mark-table')),
  keepMarkTable: (what: KeepMarkTable) => answer(http.PUT('/mark-table', { body: what })),
  markGrid: (classroom: number) =>
    answer(http.GET('/mark-grid', { params: { query: { classroom: String(classroom) } } })),
  marks: (assignment: number) =>
    answer(http.GET('/assignments/{assignment}/marks', { params: { path: { assignment } }, fetch: within(60_000) })),
  release: (assignment: number) =>
    answer(http.POST('/assignments/{assignment}/release', { params: { path: { assignment } } })),
  tonight: () => answer(http.GET('/tonight')),
  classrooms: () => answer(http.GET('/classrooms')),
  addClass: (name: string) => answer(http.POST('/classrooms', { body: { name } })),
  changeClass: (id: number, change: ClassroomChange) =>
    answer(http.PATCH('/classrooms/{classroom}', { params: { path: { classroom: id } }, body: change })),
  shareClass: (id: number, instructor: number, on: boolean) => {
    const params = { path: { classroom: id, instructor } }
    return on
      ? answer(http.PUT('/classrooms/{classroom}/instructors/{instructor}', { params }))
      : answer(http.DELETE('/classrooms/{classroom}/instructors/{instructor}', { params }))
  },
  readRoster: (id: number, what: RosterText) =>
    answer(http.POST('/classrooms/{classroom}/roster', { params: { path: { classroom: id } }, body: what })),
  addTrainees: (id: number, trainees: NewTrainees['trainees']) =>
    answer(
      http.POST('/classrooms/{classroom}/trainees', {
        params: { path: { classroom: id } },
        body: { trainees },
        fetch: within(60_000),
      }),
    ),
  removeTrainee: (id: number, trainee: number) =>
    answer(http.DELETE('/classrooms/{classroom}/trainees/{trainee}', { params: { path: { classroom: id, trainee } } })),
  moveTrainee: (id: number, trainee: number, to: number) =>
    answer(
      http.PUT('/classrooms/{classroom}/trainees/{trainee}/to/{other}', {
        params: { path: { classroom: id, trainee, other: to } },
      }),
    ),
  changeTrainee: (trainee: number, change: TraineeChange) =>
    answer(http.PATCH('/trainees/{trainee}', { params: { path: { trainee } }, body: change })),
  newCode: (trainee: number) => answer(http.POST('/trainees/{trainee}/code', { params: { path: { trainee } } })),
  assignments: () => answer(http.GET('/assignments')),
  /** Nothing where `have` is its newest version. */
  assignment: (id: number, have = '') =>
    answerOrNothing(http.GET('/assignments/{assignment}', { params: { path: { assignment: id }, query: { have } } })),
  assign: (what: { classroom: number; boardFile: number; trainees: number[]; minutes: number | null }) =>
    answer(http.POST('/assignments', { body: what })),
  classDrills: (classroom: number) =>
    answer(http.GET('/classrooms/{classroom}/drills', { params: { path: { classroom } } })),
}
