import { plainText } from '@/shared/ui/plainText'

export interface Entry {
  key: string
  name: string
  kind: 'place' | 'board' | 'class' | 'person' | 'set' | 'action'
  to?: string
  run?: () => Promise<void>
}

/** As many as one looks through. */
const MOST_SHOWN = 40

/** Every word that is asked for stands in the name; those that begin with it come first. */
export function findIn(entries: readonly Entry[], asked: string): { shown: Entry[]; more: number } {
  const words = plainText(asked).split(/\s+/).filter(Boolean)
  const first: Entry[] = []
  const rest: Entry[] = []
  for (const entry of entries) {
    const name = plainText(entry.name)
    if (!words.every((word) => name.includes(word))) continue
    if (words[0] !== undefined && name.startsWith(words[0])) first.push(entry)
    else rest.push(entry)
  }
  const all = [...first, ...rest]
  return { shown: all.slice(0, MOST_SHOWN), more: Math.max(0, all.length - MOST_SHOWN) }
}
