import type { Board } from '@/shared/api/generated/http'
import type { Spot } from '@/shared/board/layout/rects'
import { freeId, freeLabel, without } from './ids'

export const cablesAt = (board: Board, box: string) => board.cables.filter(({ from, to }) => from === box || to === box)

/** Walks a cable from one box to another; which one is the planner's to choose until somebody says. */
export function walk(board: Board, from: string, to: string): Board {
  if (from === to) return board
  return { ...board, cables: [...board.cables, { id: freeId(board, 'W'), type: 'any', from, to }] }
}

/** Runs a cable from a box on to a place beyond the board, where it feeds something else. */
export function goOn(board: Board, from: string, at: Spot, label: string): Board {
  const id = freeId(board, 'O')
  const place = { id, kind: 'onward', label: freeLabel(board, label), at: [...at] } as Board['enclosures'][number]
  return walk({ ...board, enclosures: [...board.enclosures, place] as Board['enclosures'] }, from, id)
}

/** Takes a cable out; a place beyond the board goes with it. */
export function cut(board: Board, cable: string): Board {
  const gone = board.cables.find(({ id }) => id === cable)
  const isLeft = ({ id, kind }: Board['enclosures'][number]) =>
    kind !== 'onward' || (id !== gone?.from && id !== gone?.to)
  return {
    ...board,
    enclosures: board.enclosures.filter(isLeft) as Board['enclosures'],
    cables: board.cables.filter(({ id }) => id !== cable),
  }
}

type Run = Board['cables'][number]

export const alterCable = (board: Board, id: string, change: Partial<Run>): Board => ({
  ...board,
  cables: board.cables.map((run) => (run.id === id ? without({ ...run, ...change }) : run)),
})

/** Another conductor or cable beside one, between the same two boxes. */
export function runBeside(board: Board, id: string): Board {
  const run = board.cables.find((candidate) => candidate.id === id)
  return run ? { ...board, cables: [...board.cables, { ...run, id: freeId(board, 'W') }] } : board
}

/** Brings the feed into another box: the cable from the supply ends there. */
export function feedInto(board: Board, supply: string, box: string): Board {
  const [first] = cablesAt(board, supply)
  if (!first) return walk(board, supply, box)
  const end = first.from === supply ? { to: box } : { from: box }
  return { ...board, cables: board.cables.map((cable) => (cable.id === first.id ? { ...cable, ...end } : cable)) }
}
