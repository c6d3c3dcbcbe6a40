/** Each with the one after it: the stretches of a way, the gaps between lines. */
export function pairs<T>(all: readonly T[]): [T, T][] {
  const found: [T, T][] = []
  let before: T | undefined
  for (const one of all) {
    if (before !== undefined) found.push([before, one])
    before = one
  }
  return found
}
