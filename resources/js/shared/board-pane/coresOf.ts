import type { BoardLook, PathHop } from '@/shared/api/generated/http'

/** The cores that some hops go along, as cable → colours. */
export function coresOf(board: BoardLook, hops: readonly PathHop[]): ReadonlyMap<string, string[]> {
  const ends = new Map(
    board.enclosures.flatMap(({ ends }) => ends).map(({ id, cable, colour }) => [id, { cable, colour }]),
  )
  const cores = new Map<string, string[]>()
  for (const hop of hops) {
    const core = hop.kind === 'core' ? ends.get(hop.from) : undefined
    if (core) cores.set(core.cable, [...(cores.get(core.cable) ?? []), core.colour])
  }
  return cores
}
