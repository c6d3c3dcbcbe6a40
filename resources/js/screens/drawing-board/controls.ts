import type { Board } from '@/shared/api/generated/http'

/** The lamps that a switch works. */
export const lampsOf = (board: Board, device: string): string[] =>
  (board.controls ?? []).filter(({ switches }) => switches.includes(device)).flatMap(({ lamps }) => lamps)

/**
 * Points from a switch to a lamp: they belong together from now on, or no longer. Lamps that one switch works answer to all
 * its fellows too.
 */
export function point(board: Board, device: string, lamp: string): Board {
  const controls = (board.controls ?? []).map(({ lamps, switches }) => ({ lamps: [...lamps], switches: [...switches] }))
  const own = controls.find(({ switches }) => switches.includes(device))
  const other = controls.find(({ lamps }) => lamps.includes(lamp))
  if (own && own === other) {
    own.switches = own.switches.filter((id) => id !== device)
  } else if (own && other) {
    own.lamps.push(...other.lamps)
    own.switches.push(...other.switches)
    other.lamps = []
  } else if (own) {
    own.lamps.push(lamp)
  } else if (other) {
    other.switches.push(device)
  } else {
    controls.push({ lamps: [lamp], switches: [device] })
  }
  return withoutEmptyControls({ ...board, controls: controls as Board['controls'] })
}

export function withoutEmptyControls(board: Board): Board {
  const controls = (board.controls ?? []).filter(({ lamps, switches }) => lamps.length > 0 && switches.length > 0)
  return { ...board, controls }
}
