/** Asks one thing after another: the server makes one search at a time for each person, and refuses what comes beside it. */
export function inTurn() {
  let last: Promise<unknown> = Promise.resolve()

  return function ask<T>(work: () => Promise<T>): Promise<T> {
    const own = last.then(work, work)
    last = own
    return own
  }
}
