import type { Board, FileProblem } from '@/shared/api/generated/http'

/** The boxes and cables that problems are about, by the pointers into the drawing. */
export function wrongPlaces(board: Board | null, problems: readonly FileProblem[]): Set<string> {
  const wrong = new Set<string>()
  if (!board) return wrong
  for (const { pointer } of problems) {
    const [, list, index] = pointer.split('/')
    const place = Number(index)
    const box = list === 'enclosures' ? board.enclosures[place]?.id : board.devices[place]?.in
    const id =
      list === 'cables' ? board.cables[place]?.id : list === 'enclosures' || list === 'devices' ? box : undefined
    if (id) wrong.add(id)
  }
  return wrong
}
