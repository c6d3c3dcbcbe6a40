import { api } from '@/shared/api/api'

/** As many in a row as make an instructor want to look. */
const MANY = 5

/** Tells the instructor's evening page when landing after landing was refused; once a row, and quietly. */
export function useRefusals(attempt: number) {
  let inARow = 0
  return (isRefused: boolean) => {
    inARow = isRefused ? inARow + 1 : 0
    if (inARow === MANY) api.tellRefused(attempt).catch(() => undefined)
  }
}
