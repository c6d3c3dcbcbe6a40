import type { BoardLook, VerdictData } from '@/shared/api/generated/http'

/** The switches of a board as they stand in one combination: up and down by the bits of its number, each with the place where it is. */
export function positionsIn(verdict: VerdictData, board: BoardLook, state: number) {
  const placeOf = new Map(board.enclosures.map(({ id, label }) => [id, label]))
  return verdict.switches.map((item, i) => ({
    ...item,
    place: placeOf.get(item.box) ?? item.label,
    position: state & bitOf(verdict, i) ? ('down' as const) : ('up' as const),
  }))
}

/** The bit of a combination's number that the n-th switch has. */
export const bitOf = (verdict: VerdictData, i: number) => 1 << (verdict.switches.length - 1 - i)
