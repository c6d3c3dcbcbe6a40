import { answer, answerOrNothing, http, within } from '../client'
import type { NewTry, StepEntry } from '../generated/http'

export const bench = {
  questions: (attempt: number) => answer(http.GET('/attempts/{attempt}/questions', { params: { path: { attempt } } })),
  /** An object where it came after the end, and waits for the instructor. */
  answer: (attempt: number, question: number, chosen: readonly number[], at: string | null) =>
    answerOrNothing(
      http.PUT('/attempts/{attempt}/answers', {
        params: { path: { attempt } },
        body: { question, answer: [...chosen], at },
      }),
    ),
  help: (attempt: number) => answer(http.GET('/attempts/{attempt}/help', { params: { path: { attempt } } })),
  test: (attempt: number, one: string, other: string, down: readonly string[]) =>
    answer(
      http.GET('/attempts/{attempt}/test', { params: { path: { attempt }, query: { one, other, down: down.join() } } }),
    ),
  /** No further try at an exam. */
  finish: (attempt: number) => answer(http.POST('/attempts/{attempt}/finish', { params: { path: { attempt } } })),
  retry: (attempt: number, from: 'bare' | 'handed-in') =>
    answer(http.POST('/attempts/{attempt}/retry', { params: { path: { attempt } }, body: { from } })),
  tryBoard: (what: NewTry) => answer(http.POST('/tries', { body: what, fetch: within(60_000) })),
  leaveTry: (attempt: number) => answer(http.DELETE('/tries/{attempt}', { params: { path: { attempt } } })),
  tellRefused: (attempt: number) => answer(http.POST('/attempts/{attempt}/refused', { params: { path: { attempt } } })),
  attempts: () => answer(http.GET('/attempts')),
  bench: (attempt: number) => answer(http.GET('/attempts/{attempt}', { params: { path: { attempt } } })),
  keepSteps: (attempt: number, device: string, base: number, steps: StepEntry[]) =>
    answer(
      http.POST('/attempts/{attempt}/steps', {
        params: { path: { attempt } },
        body: { device, base, steps },
        fetch: within(8_000),
      }),
    ),
  begin: (attempt: number) => answer(http.POST('/attempts/{attempt}/begin', { params: { path: { attempt } } })),
  handIn: (attempt: number) => answer(http.POST('/attempts/{attempt}/hand-in', { params: { path: { attempt } } })),
  /** The clock of this screen has run out: the server looks at its own. */
  timeUp: (attempt: number) => answer(http.POST('/attempts/{attempt}/time-up', { params: { path: { attempt } } })),
}
