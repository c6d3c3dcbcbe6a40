import type { Board, WallPart, WayOut } from '@/shared/api/generated/http'
import type { Spot } from '@/shared/board/layout/rects'
import { withoutEmptyControls } from './controls'
import { freeId, freeLabel, without } from './ids'
import { cablesAt, cut } from './runs'

export * from './controls'
export * from './runs'

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
  onward: 'O',
}

export const devicesIn = (board: Board, box: string): Device[] => board.devices.filter((device) => device.in === box)

export function hang(board: Board, what: WallPart, at: Spot, kinds: Record<string, string>): Board {
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

/** The same box with something else about it; what is undefined is taken away. */
export function alter(board: Board, id: string, change: Partial<Enclosure>): Board {
  return {
    ...board,
    enclosures: board.enclosures.map((box) =>
      box.id === id ? without({ ...box, ...change }) : box,
    ) as Board['enclosures'],
  }
}

export function alterDevice(board: Board, id: string, change: Partial<Device>): Board {
  return {
    ...board,
    devices: board.devices.map((device) =>
      device.id === id ? without({ ...device, ...change }) : device,
    ) as Board['devices'],
  }
}

/** Puts one more part into a box. */
export function fit(board: Board, box: string, model: string, kind: string): Board {
  const device: Device = { id: freeId(board, PREFIXES[kind] ?? 'D'), in: box, model }
  return {
    ...board,
    devices: [...board.devices, device] as Board['devices'],
    alwaysOn: kind === 'receptacle' ? [...(board.alwaysOn ?? []), device.id] : board.alwaysOn,
  }
}

/** Takes one part out of its box, and out of what it controls or answers to. */
export function takeOut(board: Board, id: string): Board {
  return withoutDevices(
    { ...board, devices: board.devices.filter((device) => device.id !== id) as Board['devices'] },
    new Set([id]),
  )
}

/** Whether a part stays on whatever the switches do. */
export function keepOn(board: Board, id: string, isOn: boolean): Board {
  const others = (board.alwaysOn ?? []).filter((other) => other !== id)
  return { ...board, alwaysOn: isOn ? [...others, id] : others }
}

/** Brings a box level with another one, or plumb with it: whichever moves it less. */
export function lineUp(board: Board, id: string, other: string): Board {
  const at = (box: string) => board.enclosures.find((candidate) => candidate.id === box)?.at
  const [own, mark] = [at(id), at(other)]
  if (!own || !mark) return board
  const isLevel = Math.abs(own[1] - mark[1]) <= Math.abs(own[0] - mark[0])
  return move(board, id, isLevel ? [own[0], mark[1]] : [mark[0], own[1]])
}

export const require = (board: Board, change: Board['requirements']): Board => ({
  ...board,
  requirements: { ...board.requirements, ...change },
})

/** Makes the change that would let a board be wired. */
export function takeWayOut(board: Board, way: WayOut): Board {
  switch (way.kind) {
    case 'no-neutral':
      return require(board, { neutralAtSwitches: 'none' })
    case 'any-scheme':
      return require(board, { scheme: 'any' })
    case 'edition':
      return { ...board, code: way.code ?? board.code }
    default:
      return {
        ...board,
        cables: board.cables.map((cable) => ({
          ...cable,
          type: (way.cables[cable.id] ?? cable.type) as typeof cable.type,
        })),
      }
  }
}

export const move = (board: Board, id: string, at: Spot): Board => alter(board, id, { at: [...at] })

/** Moves the lights of one box into another, with the rose they hang from; what works them goes on working them. */
export function moveLights(board: Board, from: string, to: string, kinds: Record<string, string>): Board {
  const isMoved = (device: Device) => device.in === from && ['lamp', 'rose'].includes(kinds[device.model] ?? '')
  if (from === to || !board.devices.some(isMoved)) return board
  return {
    ...board,
    devices: board.devices.map((device) => (isMoved(device) ? { ...device, in: to } : device)) as Board['devices'],
  }
}

/** Takes a box off the wall, with what hangs in it, its cables, and what its switches controlled. */
export function remove(board: Board, id: string): Board {
  const gone = new Set(devicesIn(board, id).map((device) => device.id))
  const isolated = cablesAt(board, id).reduce((now, cable) => cut(now, cable.id), board)
  const rest = {
    ...isolated,
    enclosures: isolated.enclosures.filter((box) => box.id !== id) as Board['enclosures'],
    devices: board.devices.filter((device) => device.in !== id) as Board['devices'],
  }
  return withoutDevices(rest, gone)
}

function withoutDevices(board: Board, gone: ReadonlySet<string>): Board {
  return withoutEmptyControls({
    ...board,
    alwaysOn: (board.alwaysOn ?? []).filter((device) => !gone.has(device)),
    controls: (board.controls ?? []).map(({ lamps, switches }) => ({
      lamps: lamps.filter((lamp) => !gone.has(lamp)),
      switches: switches.filter((item) => !gone.has(item)),
    })) as Board['controls'],
  })
}

/** A box with its parts, taken off no wall: what is copied from one and hung on another. */
export interface CopiedBox {
  practice: Board['practice']
  box: Enclosure
  devices: Device[]
}

export function copied(board: Board, id: string): CopiedBox | null {
  const box = board.enclosures.find((candidate) => candidate.id === id)
  return box && box.kind !== 'supply' && box.kind !== 'onward'
    ? { practice: board.practice, box, devices: devicesIn(board, id) }
    : null
}

/** Hangs a copied box, with ids of its own and no cables. */
export function paste(board: Board, { practice, box, devices: parts }: CopiedBox, at: Spot): Board {
  if (practice !== board.practice) return board
  const fresh = freeId(board, BOX_PREFIXES[box.kind])
  const devices: Device[] = []
  for (const device of parts) {
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
      { ...box, id: fresh, label: freeLabel(board, box.label ?? box.id), at: [...at] },
    ] as Board['enclosures'],
    devices: [...board.devices, ...devices] as Board['devices'],
  }
}
