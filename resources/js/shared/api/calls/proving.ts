import { answer, http, search, within } from '../client'
import type { ProofAct } from '../generated/http'

export const proving = {
  huntReport: (attempt: number) => answer(http.GET('/attempts/{attempt}/hunt', { params: { path: { attempt } } })),
  proof: (attempt: number) => answer(http.GET('/attempts/{attempt}/proof', { params: { path: { attempt } } })),
  readAhead: (attempt: number, instrument: string, one: string) =>
    answer(
      http.GET('/attempts/{attempt}/proof/ahead', { params: { path: { attempt }, query: { with: instrument, one } } }),
    ),
  beginProof: (attempt: number, isOn: boolean) =>
    answer(http.POST('/attempts/{attempt}/proof', { params: { path: { attempt } }, body: { isOn } })),
  doAct: (attempt: number, key: string, act: ProofAct, at: string) =>
    answer(
      http.POST('/attempts/{attempt}/proof/acts', {
        params: { path: { attempt } },
        body: { key, act, at },
        fetch: within(8_000),
      }),
    ),
  testSheet: (attempt: number) =>
    answer(http.GET('/attempts/{attempt}/proof/sheet', { params: { path: { attempt } } })),
  walk: (attempt: number) =>
    search(() => answer(http.GET('/attempts/{attempt}/proof/walk', { params: { path: { attempt } } }))),
}
