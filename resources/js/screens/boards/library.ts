import { say } from '@/shared/words/say'
import { plainText } from '@/shared/ui/plainText'
import type { LibraryBoard } from '@/shared/api/generated/http'

export const ORDERS = {
  changed: say('boards.last-changed-first'),
  title: say('boards.by-title'),
  scheme: say('boards.by-way-of-wiring'),
} as const
export type Order = keyof typeof ORDERS

export interface Asked {
  find: string
  practice: string
  order: Order
  archived: boolean
}

/** The boards that are asked for, in the order that is asked for. */
export function searched(boards: readonly LibraryBoard[], { find, practice, order, archived }: Asked): LibraryBoard[] {
  const words = plainText(find).split(/\s+/).filter(Boolean)
  const found = boards.filter(
    (board) =>
      board.archived === archived &&
      (practice === '' || board.practice === practice) &&
      words.every((word) => plainText(`${board.title} ${board.brief} ${board.scheme ?? ''}`).includes(word)),
  )
  const byTitle = (one: LibraryBoard, other: LibraryBoard) => one.title.localeCompare(other.title)
  if (order === 'title') return found.sort(byTitle)
  if (order === 'scheme')
    return found.sort((one, other) => (one.scheme ?? '').localeCompare(other.scheme ?? '') || byTitle(one, other))
  return found.sort((one, other) => other.changedAt.localeCompare(one.changedAt) || other.id - one.id)
}
