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

/**
 * With what was just hung tied to the only light: a switch works it, and the light answers to every switch that works nothing
 * yet. Where several lights hang, who works which is for the hand to say.
 */
export function tieToOnlyLight(board: Board, box: string, kinds: Record<string, string>): Board {
  const ofKind = (kind: string) => board.devices.filter(({ model }) => kinds[model] === kind)
  const [light, another] = ofKind('lamp')
  if (!light || another) return board
  const isFresh = ({ in: where }: { in: string }) => where === box || light.in === box
  return ofKind('switch')
    .filter((item) => isFresh(item) && lampsOf(board, item.id).length === 0)
    .reduce((now, item) => point(now, item.id, light.id), board)
}

export function withoutEmptyControls(board: Board): Board {
  const controls = (board.controls ?? []).filter(({ lamps, switches }) => lamps.length > 0 && switches.length > 0)
  return { ...board, controls }
}
