/** What somebody has typed and not saved yet, held by the browser through a reload, a step back and a closed tab. */
export interface Draft<T> {
  held: () => T | null
  hold: (value: T) => void
  drop: () => void
}

/** One for each person and each thing that is typed into. A browser that holds nothing loses only this. */
export function draftOf<T>(person: number, of: string): Draft<T> {
  const key = `zwindle.draft.${person}.${of}`
  const tried = <R>(what: () => R, otherwise: R): R => {
    try {
      return what()
    } catch {
      return otherwise
    }
  }
  return {
    held: () => tried(() => JSON.parse(localStorage.getItem(key) ?? 'null') as T | null, null),
    hold: (value) => tried(() => localStorage.setItem(key, JSON.stringify(value)), undefined),
    drop: () => tried(() => localStorage.removeItem(key), undefined),
  }
}
