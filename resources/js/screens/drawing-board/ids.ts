import type { Board } from '@/shared/api/generated/http'

export function freeId(board: Board, prefix: string, taken: readonly string[] = []): string {
  const used = new Set([...board.enclosures, ...board.devices, ...board.cables].map(({ id }) => id).concat(taken))
  let number = 1
  while (used.has(`${prefix}${number}`)) number++
  return `${prefix}${number}`
}

/** Labels are made unique, so that sentences name one box. */
export function freeLabel(board: Board, name: string): string {
  const used = new Set(board.enclosures.map(({ label }) => label))
  if (!used.has(name)) return name
  const stem = name.replace(/ \d+$/, '')
  let number = 2
  while (used.has(`${stem} ${number}`)) number++
  return `${stem} ${number}`
}

/** An object without its undefined fields, which JSON would lose anyway. */
export function without<T extends object>(whole: T): T {
  return Object.fromEntries(Object.entries(whole).filter(([, value]) => value !== undefined)) as T
}
