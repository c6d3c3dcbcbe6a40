import type { Board, Hanging } from '@/shared/api/types'

export type Spot = readonly [number, number]
type Enclosure = Board['enclosures'][number]
type Device = Board['devices'][number]

/** Changes to a drawing, each giving a new one; what is named but not there changes nothing. */

const PREFIXES: Record<string, string> = { switch: 'S', lamp: 'L', rose: 'R', receptacle: 'D', supply: 'PS' }
const BOX_PREFIXES: Record<Enclosure['kind'], string> = {
  supply: 'F',
  'switch-box': 'B',
  'light-box': 'H',
  'ceiling-rose': 'H',
  'junction-box': 'J',
}

function freeId(board: Board, prefix: string, taken: readonly string[] = []): string {
  const used = new Set([...board.enclosures, ...board.devices, ...board.cables].map(({ id }) => id).concat(taken))
  let number = 1
  while (used.has(`${prefix}${number}`)) number++
  return `${prefix}${number}`
}

/** Labels are made unique, so that sentences name one box. */
function freeLabel(board: Board, name: string): string {
  const used = new Set(board.enclosures.map(({ label }) => label))
  if (!used.has(name)) return name
  const stem = name.replace(/ \d+$/, '')
  let number = 2
  while (used.has(`${stem} ${number}`)) number++
  return `${stem} ${number}`
}

export const devicesIn = (board: Board, box: string): Device[] => board.devices.filter((device) => device.in === box)

export const cablesAt = (board: Board, box: string) => board.cables.filter(({ from, to }) => from === box || to === box)

export function hang(board: Board, what: Hanging, at: Spot, kinds: Record<string, string>): Board {
  const id = freeId(board, BOX_PREFIXES[what.kind])
  const devices: Device[] = []
  for (const model of what.models) {
    const taken = devices.map((device) => device.id)
    devices.push({ id: freeId(board, PREFIXES[kinds[model] ?? ''] ?? 'D', taken), in: id, model })
  }
  const enclosure: Enclosure = {
    id,
    kind: what.kind,
    label: freeLabel(board, `${what.place} 1`),
    material: what.material,
    at: [...at],
  }
  if (what.box) enclosure.box = what.box
  const live = devices.filter(({ model }) => kinds[model] === 'receptacle').map((device) => device.id)
  return {
    ...board,
    enclosures: [...board.enclosures, enclosure] as Board['enclosures'],
    devices: [...board.devices, ...devices] as Board['devices'],
    alwaysOn: [...(board.alwaysOn ?? []), ...live],
  }
}

const changed = (board: Board, id: string, change: Partial<Enclosure>): Board => ({
  ...board,
  enclosures: board.enclosures.map((box) => (box.id === id ? { ...box, ...change } : box)) as Board['enclosures'],
})

export const move = (board: Board, id: string, at: Spot): Board => changed(board, id, { at: [...at] })

export const relabel = (board: Board, id: string, label: string): Board => changed(board, id, { label })

/** Takes a box off the wall, with what hangs in it, its cables, and what its switches controlled. */
export function remove(board: Board, id: string): Board {
  const gone = new Set(devicesIn(board, id).map((device) => device.id))
  return withoutEmptyControls({
    ...board,
    enclosures: board.enclosures.filter((box) => box.id !== id) as Board['enclosures'],
    devices: board.devices.filter((device) => device.in !== id) as Board['devices'],
    cables: board.cables.filter(({ from, to }) => from !== id && to !== id),
    alwaysOn: (board.alwaysOn ?? []).filter((device) => !gone.has(device)),
    controls: (board.controls ?? []).map(({ lamps, switches }) => ({
      lamps: lamps.filter((lamp) => !gone.has(lamp)),
      switches: switches.filter((item) => !gone.has(item)),
    })) as Board['controls'],
  })
}

function withoutEmptyControls(board: Board): Board {
  const controls = (board.controls ?? []).filter(({ lamps, switches }) => lamps.length > 0 && switches.length > 0)
  return { ...board, controls }
}

/** Walks a cable from one box to another; which one is the planner's to choose until somebody says. */
export function walk(board: Board, from: string, to: string): Board {
  if (from === to) return board
  return { ...board, cables: [...board.cables, { id: freeId(board, 'W'), type: 'any', from, to }] }
}

export const cut = (board: Board, cable: string): Board => ({
  ...board,
  cables: board.cables.filter(({ id }) => id !== cable),
})

export const retype = (board: Board, cable: string, type: string): Board => ({
  ...board,
  cables: board.cables.map((run) => (run.id === cable ? { ...run, type } : run)),
})

/** Brings the feed into another box: the cable from the supply ends there. */
export function feedInto(board: Board, supply: string, box: string): Board {
  const [first] = cablesAt(board, supply)
  if (!first) return walk(board, supply, box)
  const end = first.from === supply ? { to: box } : { from: box }
  return { ...board, cables: board.cables.map((cable) => (cable.id === first.id ? { ...cable, ...end } : cable)) }
}

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

/** The same box once more, beside it, with parts of its own and no cables. */
export function duplicate(board: Board, id: string, at: Spot): Board {
  const box = board.enclosures.find((candidate) => candidate.id === id)
  if (!box || box.kind === 'supply') return board
  const fresh = freeId(board, BOX_PREFIXES[box.kind])
  const devices: Device[] = []
  for (const device of devicesIn(board, id)) {
    const prefix = device.id.replace(/\d+$/, '')
    devices.push({
      ...device,
      id: freeId(
        board,
        prefix,
        devices.map((made) => made.id),
      ),
      in: fresh,
    })
  }
  return {
    ...board,
    enclosures: [
      ...board.enclosures,
      { ...box, id: fresh, label: freeLabel(board, box.label ?? id), at: [...at] },
    ] as Board['enclosures'],
    devices: [...board.devices, ...devices] as Board['devices'],
  }
}
