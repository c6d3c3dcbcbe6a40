import { answer, answerOrNothing, http, within } from '../client'
import type { KeepEvening, KeepPart } from '../generated/http'

export const evenings = {
  evenings: () => answer(http.GET('/evenings')),
  evening: (id: number) => answer(http.GET('/evenings/{evening}', { params: { path: { evening: id } } })),
  planEvening: (draft: KeepEvening, evening: number | null) =>
    evening === null
      ? answer(http.POST('/evening-plans', { body: draft }))
      : answer(http.PUT('/evenings/{evening}/plan', { params: { path: { evening } }, body: draft })),
  addEvening: (draft: KeepEvening) => answer(http.POST('/evenings', { body: draft, fetch: within(60_000) })),
  keepEvening: (id: number, base: number, draft: KeepEvening) =>
    answer(
      http.PUT('/evenings/{evening}', {
        params: { path: { evening: id } },
        body: { ...draft, base },
        fetch: within(60_000),
      }),
    ),
  setEvening: (id: number, twice = false) =>
    answer(
      http.POST('/evenings/{evening}/set', {
        params: { path: { evening: id } },
        body: { twice },
        fetch: within(60_000),
      }),
    ),
  /** Nothing where the wall is as the asker has it. */
  wall: (id: number, have: string) =>
    answerOrNothing(http.GET('/evenings/{evening}/wall', { params: { path: { evening: id }, query: { have } } })),
  parts: (id: number) => answer(http.GET('/evenings/{evening}/parts', { params: { path: { evening: id } } })),
  keepPart: (id: number, what: KeepPart) =>
    answer(http.PUT('/evenings/{evening}/parts', { params: { path: { evening: id } }, body: what })),
}
