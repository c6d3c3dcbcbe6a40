import { answer, http } from '../client'
import type { DrillKind } from '../generated/http'

export const drills = {
  drills: () => answer(http.GET('/drills')),
  beginDrill: (kind: DrillKind, practice: string) => answer(http.POST('/drills', { body: { kind, practice } })),
  drill: (id: number) => answer(http.GET('/drills/{drill}', { params: { path: { drill: id } } })),
  measureDrill: (id: number, measure: string) =>
    answer(http.POST('/drills/{drill}/measurements', { params: { path: { drill: id } }, body: { measure } })),
  answerDrill: (id: number, answers: readonly string[]) =>
    answer(http.POST('/drills/{drill}/answer', { params: { path: { drill: id } }, body: { answers: [...answers] } })),
}
