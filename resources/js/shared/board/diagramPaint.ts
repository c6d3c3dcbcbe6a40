import type { DiagramPin, DiagramSymbol } from '@/shared/api/generated/http'

/** Characters and rows of a diagram → the units it is drawn in. */
export const ACROSS = 11
export const DOWN = 60
export const MARGIN = 24

export const x = (character: number): number => MARGIN + character * ACROSS
export const y = (row: number): number => MARGIN + 26 + row * DOWN

export interface Lever {
  from: DiagramPin
  to: DiagramPin
  closed: boolean
}

/** Every contact that a switch can make, with those that it makes in a position. */
export function leversOf(symbol: DiagramSymbol, position: string): Lever[] {
  const pinAt = new Map(symbol.pins.map((pin) => [pin.place, pin]))
  const now = position === 'down' ? symbol.contacts.down : symbol.contacts.up
  const key = (pair: readonly string[]) => [...pair].sort().join(' ')
  const closed = new Set(now.map(key))
  const all = new Map([...symbol.contacts.up, ...symbol.contacts.down].map((pair) => [key(pair), pair]))
  return [...all].flatMap(([name, [one, other]]) => {
    const from = pinAt.get(one)
    const to = pinAt.get(other)
    return from && to ? [{ from, to, closed: closed.has(name) }] : []
  })
}
