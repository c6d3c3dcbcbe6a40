import { answer, answerOrNothing, http, within } from '../client'
import type { Move } from '../generated/http'

export const sittings = {
  photographs: (attempt: number) =>
    answer(http.GET('/attempts/{attempt}/photographs', { params: { path: { attempt } } })),
  /** @param  at  when it was taken, by this device: what comes after the end waits for the instructor */
  keepPhotograph: (attempt: number, box: string, jpeg: string, at: string) =>
    answer(
      http.POST('/attempts/{attempt}/photographs', {
        params: { path: { attempt } },
        body: { box, jpeg, at },
        fetch: within(30_000),
      }),
    ),
  deletePhotograph: (attempt: number, id: number) =>
    answer(
      http.DELETE('/attempts/{attempt}/photographs/{photograph}', { params: { path: { attempt, photograph: id } } }),
    ),
  moveSitting: (attempt: number, move: Move) =>
    answer(http.POST('/attempts/{attempt}/moves', { params: { path: { attempt } }, body: move })),
  clock: (attempt: number, have: string) =>
    answerOrNothing(http.GET('/attempts/{attempt}/clock', { params: { path: { attempt }, query: { have } } })),
  wentAway: (attempt: number, away: boolean) =>
    answer(http.PUT('/attempts/{attempt}/clock', { params: { path: { attempt } }, body: { away } })),
  lateSteps: (attempt: number) => answer(http.GET('/attempts/{attempt}/late-steps', { params: { path: { attempt } } })),
  settleStep: (attempt: number, step: number, accepted: boolean) =>
    answer(
      http.PUT('/attempts/{attempt}/late-steps/{step}', { params: { path: { attempt, step } }, body: { accepted } }),
    ),
  lateActs: (attempt: number) => answer(http.GET('/attempts/{attempt}/late-acts', { params: { path: { attempt } } })),
  settleAct: (attempt: number, id: number, accepted: boolean) =>
    answer(
      http.PUT('/attempts/{attempt}/late-acts/{late}', { params: { path: { attempt, late: id } }, body: { accepted } }),
    ),
  asBuilt: (attempt: number) => answer(http.GET('/attempts/{attempt}/as-built', { params: { path: { attempt } } })),
  keepAsBuilt: (
    attempt: number,
    what: { asPlanned: true } | { lands: Record<string, string>; marks: Record<string, string> },
  ) => answer(http.PUT('/attempts/{attempt}/as-built', { params: { path: { attempt } }, body: what })),
}
