import { saySome } from '@/shared/words/say'
import type { RepairData, RepairWay } from '@/shared/api/generated/http'

/** The shortest repair, or what tidies up, and then the longer ones that end better. What was judged earlier has no title of its own. */
export function waysOf(repair: RepairData): RepairWay[] {
  if (repair.moves.length === 0) return []
  const { title, note, moves, after, undoes, also } = repair
  const count = saySome('verdict.one-move-puts-it-right', moves.length)
  return [{ title: title ?? count, note: note ?? '', moves, after: after ?? null, undoes }, ...(also ?? [])]
}
