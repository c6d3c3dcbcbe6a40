import type { Joint } from '@/shared/bench/bench'
import type { Cable, DeviceLook, Enclosure, Landing } from '@/shared/api/generated/http'
import type { Spot } from './layout/rects'

/** Geometry of one opened box, in units of its drawing: plain functions over plain data. */
export interface Point {
  x: number
  y: number
}

export type Side = 'left' | 'right' | 'top' | 'bottom'

export interface Entry {
  key: string
  side: Side
  label: string
  far: string
  mouth: Point
  ends: string[]
}

export interface PlacedDevice extends Point {
  device: DeviceLook
}

export interface PlacedLanding extends Point {
  id: string
  landing: Landing | null
  /** Where a conductor turns in, just outside the device. */
  approach: Point
}

export interface PlacedConnector extends Point {
  joint: Joint
  width: number
}

export interface BoxLayout {
  entries: Entry[]
  slots: Map<string, Point & { side: Side; mouth: Point }>
  devices: PlacedDevice[]
  landings: Map<string, PlacedLanding>
  connectors: PlacedConnector[]
}

export const BOX = { width: 700, height: 560, left: 46, right: 654, top: 40, bottom: 520 }

const PITCH = 56
const BAND = 44
const ROOM: Record<Side, number> = { left: 5, right: 5, top: 10, bottom: 10 }
const CONNECTOR_HEIGHT = 44
const DEVICE_GAP = 34

export function layOutBox(
  box: Enclosure,
  cables: readonly Cable[],
  at: (enclosure: string) => Spot,
  labelOf: (enclosure: string) => string,
  joints: readonly Joint[],
  conduitWord: string,
): BoxLayout {
  const entries = placeEntries(groupEntries(box, cables, labelOf, conduitWord), box.id, at)
  const slots: BoxLayout['slots'] = new Map()
  for (const entry of entries) {
    for (const [i, end] of entry.ends.entries())
      slots.set(end, { ...slotAt(entry, i), side: entry.side, mouth: entry.mouth })
  }
  const devices = placeDevices(box.devices)
  return {
    entries,
    slots,
    devices,
    landings: placeLandings(box, devices),
    connectors: placeConnectors(joints, devices),
  }
}

/** One entry a cable; singles to the same place share a conduit. */
function groupEntries(
  box: Enclosure,
  cables: readonly Cable[],
  labelOf: (enclosure: string) => string,
  conduitWord: string,
): Omit<Entry, 'side' | 'mouth'>[] {
  const groups = new Map<string, Omit<Entry, 'side' | 'mouth'>>()
  for (const end of box.ends) {
    const cable = cables.find((candidate) => candidate.id === end.cable)
    const key = cable?.single ? `conduit-${end.far}` : end.cable
    const what = cable?.single ? conduitWord : `${end.cable} · ${cable?.print ?? ''}`
    const group = groups.get(key) ?? {
      key,
      label: [labelOf(end.far), what].filter(Boolean).join(' · '),
      far: end.far,
      ends: [],
    }
    group.ends.push(end.id)
    groups.set(key, group)
  }
  return [...groups.values()]
}

/** Each entry on the side from which it comes on the board, or the nearest side with room. */
function placeEntries(groups: Omit<Entry, 'side' | 'mouth'>[], box: string, at: (enclosure: string) => Spot): Entry[] {
  const taken: Record<Side, typeof groups> = { left: [], right: [], top: [], bottom: [] }
  const here = at(box)
  for (const group of groups) {
    const there = at(group.far)
    const wishes = sidesTowards(there[0] - here[0], there[1] - here[1])
    const side = wishes.find((wish) => count(taken[wish]) + group.ends.length <= ROOM[wish]) ?? 'bottom'
    taken[side].push(group)
  }
  return (Object.keys(taken) as Side[]).flatMap((side) => {
    const along = side === 'left' || side === 'right' ? 1 : 0
    const sorted = [...taken[side]].sort((a, b) => at(a.far)[along] - at(b.far)[along])
    const total = count(sorted) * PITCH + (sorted.length - 1) * 10
    const middle = along === 1 ? (BOX.top + BOX.bottom) / 2 : (BOX.left + BOX.right) / 2
    let start = middle - total / 2
    return sorted.map((group) => {
      const span = group.ends.length * PITCH
      const centre = start + span / 2
      start += span + 10
      return { ...group, side, mouth: mouthAt(side, centre) }
    })
  })
}

function sidesTowards(dx: number, dy: number): Side[] {
  const across: Side[] = dx < 0 ? ['left', 'right'] : ['right', 'left']
  const upright: Side[] = dy < 0 ? ['top', 'bottom'] : ['bottom', 'top']
  return Math.abs(dx) > Math.abs(dy)
    ? [across[0]!, upright[1]!, upright[0]!, across[1]!]
    : [upright[0]!, upright[1]!, across[0]!, across[1]!]
}

function count(groups: { ends: string[] }[]): number {
  return groups.reduce((sum, group) => sum + group.ends.length, 0)
}

function mouthAt(side: Side, along: number): Point {
  return {
    left: { x: BOX.left, y: along },
    right: { x: BOX.right, y: along },
    top: { x: along, y: BOX.top },
    bottom: { x: along, y: BOX.bottom },
  }[side]
}

function slotAt(entry: Entry, i: number): Point {
  const offset = (i - (entry.ends.length - 1) / 2) * PITCH
  const { x, y } = entry.mouth
  return {
    left: { x: x + BAND, y: y + offset },
    right: { x: x - BAND, y: y + offset },
    top: { x: x + offset, y: y + BAND },
    bottom: { x: x + offset, y: y - BAND },
  }[entry.side]
}

function placeDevices(devices: readonly DeviceLook[]): PlacedDevice[] {
  const height = devices.reduce((sum, device) => sum + device.height, 0) + (devices.length - 1) * DEVICE_GAP
  let y = (BOX.top + BOX.bottom) / 2 - height / 2 - 14
  return devices.map((device) => {
    const placed = { device, x: (BOX.left + BOX.right) / 2 - device.width / 2, y }
    y += device.height + DEVICE_GAP
    return placed
  })
}

function placeLandings(box: Enclosure, devices: readonly PlacedDevice[]): BoxLayout['landings'] {
  const landings: BoxLayout['landings'] = new Map()
  for (const { device, x, y } of devices) {
    for (const landing of device.landings) {
      const at = { x: x + landing.x, y: y + landing.y }
      landings.set(landing.id, { id: landing.id, landing, ...at, approach: approachOf(at, landing, device) })
    }
  }
  if (box.earth) {
    const at = { x: BOX.left + 150, y: BOX.bottom - 120 }
    landings.set(box.earth, { id: box.earth, landing: null, ...at, approach: { x: at.x, y: at.y - 26 } })
  }
  return landings
}

/** Beside a screw; for the rest above or below the device, so that conductors pass behind it and come round its edge. */
function approachOf(at: Point, landing: Landing, device: DeviceLook): Point {
  const isAtSide = landing.x <= 0 || landing.x >= device.width
  if (landing.shape === 'screw' && isAtSide) return { x: at.x + (landing.x < device.width / 2 ? -28 : 28), y: at.y }
  const isUpper = landing.y <= device.height / 2
  return { x: at.x, y: isUpper ? at.y - landing.y - 16 : at.y + device.height - landing.y + 16 }
}

/** Connectors stand in a row under the devices, then in columns beside them. */
function placeConnectors(joints: readonly Joint[], devices: readonly PlacedDevice[]): PlacedConnector[] {
  const lowest = Math.max(BOX.top + 150, ...devices.map(({ device, y }) => y + device.height))
  const rowY = Math.min(BOX.bottom - 96, lowest + 46)
  const spots: Point[] = [
    { x: 350, y: rowY },
    { x: 470, y: rowY },
    { x: 500, y: 170 },
    { x: 200, y: 170 },
    { x: 500, y: 240 },
    { x: 200, y: 240 },
    { x: 500, y: 310 },
    { x: 200, y: 310 },
  ]
  return joints
    .filter((joint) => joint.by !== 'terminal')
    .map((joint, i) => ({
      joint,
      width: Math.max(64, joint.points.length * 20 + 20),
      ...(spots[i % spots.length] as Point),
    }))
}

/** Where the n-th conductor of a connector goes in. */
export function portAt(connector: PlacedConnector, i: number): Point {
  const n = connector.joint.points.length
  return { x: connector.x + (i - (n - 1) / 2) * 20, y: connector.y - CONNECTOR_HEIGHT / 2 + 8 }
}

export function nearest<T extends Point>(spots: readonly T[], to: Point, reach: number): T | null {
  let best: T | null = null
  let least = reach
  for (const spot of spots) {
    const distance = Math.hypot(spot.x - to.x, spot.y - to.y)
    if (distance <= least) {
      best = spot
      least = distance
    }
  }
  return best
}
