import { answer, http, search, within } from '../client'
import type { SeenBoard } from '../generated/http'

export const diagnosis = {
  diagnose: (boardFile: number, seen: SeenBoard) =>
    search(() =>
      answer(
        http.POST('/board-files/{boardFile}/diagnosis', {
          params: { path: { boardFile } },
          body: seen,
          fetch: within(20_000),
        }),
      ),
    ),
  attemptDiagnosis: (attempt: number) =>
    answer(http.GET('/attempts/{attempt}/diagnosis', { params: { path: { attempt } } })),
  diagnoseAttempt: (attempt: number, seen: SeenBoard) =>
    search(() =>
      answer(
        http.POST('/attempts/{attempt}/diagnosis', {
          params: { path: { attempt } },
          body: seen,
          fetch: within(20_000),
        }),
      ),
    ),
  confirmOnAttempt: (attempt: number, kind: string, at: readonly string[]) =>
    answer(http.PUT('/attempts/{attempt}/diagnosis', { params: { path: { attempt } }, body: { kind, at: [...at] } })),
  confirmMistake: (boardFile: number, kind: string, at: readonly string[]) =>
    answer(
      http.POST('/board-files/{boardFile}/confirmed-mistakes', {
        params: { path: { boardFile } },
        body: { kind, at: [...at] },
      }),
    ),
}
