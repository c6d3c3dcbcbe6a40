import { answer, http, within } from '../client'
import type { Override } from '../generated/http'

export const verdicts = {
  overrideMark: (attempt: number, what: Override) =>
    answer(http.PUT('/attempts/{attempt}/mark', { params: { path: { attempt } }, body: what })),
  noteOn: (attempt: number, note: string) =>
    answer(http.POST('/attempts/{attempt}/note', { params: { path: { attempt } }, body: { note } })),
  releaseOne: (attempt: number, isOut: boolean) => {
    const params = { path: { attempt } }
    return isOut
      ? answer(http.POST('/attempts/{attempt}/release', { params }))
      : answer(http.DELETE('/attempts/{attempt}/release', { params }))
  },
  mark: (attempt: number) => answer(http.GET('/attempts/{attempt}/mark', { params: { path: { attempt } } })),
  observe: (attempt: number, observed: Record<string, boolean>, isSecond = false) =>
    answer(
      http.PUT('/attempts/{attempt}/observations', { params: { path: { attempt } }, body: { observed, isSecond } }),
    ),
  debrief: (attempt: number, tried = '') =>
    answer(http.GET('/attempts/{attempt}/debrief', { params: { path: { attempt }, query: { try: tried } } })),
  reGradePreview: (attempt: number) =>
    answer(http.GET('/attempts/{attempt}/re-mark', { params: { path: { attempt } }, fetch: within(30_000) })),
  reMark: (attempt: number, take: boolean) =>
    answer(
      http.POST('/attempts/{attempt}/re-mark', {
        params: { path: { attempt } },
        body: { take },
        fetch: within(30_000),
      }),
    ),
  /** @param  tried  which of the tries; empty: the newest */
  verdict: (attempt: number, edition = '', tried = '') =>
    answer(http.GET('/attempts/{attempt}/verdict', { params: { path: { attempt }, query: { edition, try: tried } } })),
  path: (attempt: number, lamp: string, state: number, isBack = false, tried = '') =>
    answer(
      http.GET('/attempts/{attempt}/path', {
        params: { path: { attempt }, query: { lamp, state: String(state), back: isBack ? '1' : '', try: tried } },
      }),
    ),
}
