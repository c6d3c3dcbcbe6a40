import type { Joint } from '@/shared/bench/bench'
import type { Cable, DeviceLook, Enclosure, Landing } from '@/shared/api/generated/http'
import { LANE } from './boxRoutes'
import { wide } from './layout/letters'
import { around, grown, holds, meets, type Rect, type Spot } from './layout/rects'
import measures from '../../../measures.json'

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
  /** What is written under it, and how wide that is. */
  word: string
  wordWidth: number
}

/** What is written in a box, in the words of the board. */
export interface BoxWords {
  boxOf: (enclosure: string) => string
  conduit: string
  connector: (by: string) => string
}

/** The inside of the box, and the whole drawing with what comes to it from outside. */
export interface Frame {
  left: number
  right: number
  top: number
  bottom: number
  width: number
  height: number
}

export interface BoxLayout {
  frame: Frame
  entries: Entry[]
  slots: Map<string, Slot>
  devices: PlacedDevice[]
  landings: Map<string, PlacedLanding>
  connectors: PlacedConnector[]
}

/** Where the flag of an end stands, and how its conductor comes to it from the mouth of its cable. */
export interface Slot extends Point {
  side: Side
  fan: Point[]
}

/** Outside the box, for the sheaths and what is printed along them. */
const EDGE = measures.edge
const INSIDE = measures.inside
/** From the middle of one flag to the next, and between two cables on one side. */
const PITCH = measures.pitch
const BETWEEN = measures.between
/** From the wall of the box to the middle of the flags. */
const BAND = measures.band
/** Half of a flag. */
export const FLAG = measures.flag
const ROOM: Record<Side, number> = measures.room
/** For flags at a wall; where there are none; and for connectors under the devices. */
const FLAGS_DEEP = measures.flagsDeep
const BARE_DEEP = measures.bareDeep
const CONNECTOR_ROW = measures.connectorRow
/** A box so full that its connectors have no room of their own is drawn higher, up to so many rows of them. */
const MOST_ROWS = measures.mostRows
const CONNECTOR_HEIGHT = measures.connectorHeight
/** Size of the letters under a connector. */
export const CONNECTOR_WORD = measures.connectorWord
const DEVICE_GAP = measures.deviceGap
const BESIDE_DEVICE = measures.besideDevice
/** How far in front of a screw its conductor is straight, and how far beyond a device one comes to a hole in it. */
const TO_SCREW = measures.toScrew
const TO_HOLE = measures.toHole

export function layOutBox(
  box: Enclosure,
  cables: readonly Cable[],
  at: (enclosure: string) => Spot,
  words: BoxWords,
  joints: readonly Joint[],
): BoxLayout {
  const sides = sidesOf(groupEntries(box, cables, words), box.id, at)
  const connectors = joints.filter(({ by }) => by !== 'terminal').map((joint) => sizedConnector(joint, words))
  for (let rows = 1; ; rows++) {
    const frame = frameFor(box.devices, sides, rows)
    const entries = placeEntries(sides, frame, at)
    const slots: BoxLayout['slots'] = new Map()
    for (const entry of entries) {
      for (const [i, end] of entry.ends.entries()) slots.set(end, slotAt(entry, i))
    }
    const devices = placeDevices(box.devices, frame, sides)
    const landings = placeLandings(box, devices, frame, slots)
    const placed = placeConnectors(connectors, devices, landings, slots, frame, rows === MOST_ROWS)
    if (placed) return { frame, entries, slots, devices, landings, connectors: placed }
  }
}

type Group = Omit<Entry, 'side' | 'mouth'>
type Sides = Record<Side, Group[]>

/** One entry a cable; singles to the same place share a conduit. */
function groupEntries(box: Enclosure, cables: readonly Cable[], words: BoxWords): Group[] {
  const groups = new Map<string, Group>()
  for (const end of box.ends) {
    const cable = cables.find((candidate) => candidate.id === end.cable)
    const key = cable?.single ? `conduit-${end.far}` : end.cable
    const what = cable?.single ? words.conduit : `${end.cable} · ${cable?.print ?? ''}`
    const group = groups.get(key) ?? {
      key,
      label: [words.boxOf(end.far), what].filter(Boolean).join(' · '),
      far: end.far,
      ends: [],
    }
    group.ends.push(end.id)
    groups.set(key, group)
  }
  return [...groups.values()]
}

/** Each entry on the side from which it comes on the board, or the nearest side with room. */
function sidesOf(groups: Group[], box: string, at: (enclosure: string) => Spot): Sides {
  const taken: Sides = { left: [], right: [], top: [], bottom: [] }
  const here = at(box)
  for (const group of groups) {
    const there = at(group.far)
    const wishes = sidesTowards(there[0] - here[0], there[1] - here[1])
    const side = wishes.find((wish) => count(taken[wish]) + group.ends.length <= ROOM[wish]) ?? 'bottom'
    taken[side].push(group)
  }
  return taken
}

/** As large as what it holds asks for, with room for some rows of connectors. */
function frameFor(devices: readonly DeviceLook[], sides: Sides, rows: number): Frame {
  const widest = Math.max(0, ...devices.map(({ width }) => width))
  const stack = devices.reduce((sum, { height }) => sum + height + DEVICE_GAP, 0)
  const need = {
    width: 2 * (BAND + FLAG.x + BESIDE_DEVICE) + widest,
    height: stack + depthOf(sides, 'top') + depthOf(sides, 'bottom') + rows * CONNECTOR_ROW,
  }
  const lanes = (length: number) => Math.ceil(length / LANE) * LANE
  const [width, height] = [lanes(Math.max(INSIDE.width, need.width)), lanes(Math.max(INSIDE.height, need.height))]
  return {
    left: EDGE.across,
    right: EDGE.across + width,
    top: EDGE.upright,
    bottom: EDGE.upright + height,
    width: width + 2 * EDGE.across,
    height: height + 2 * EDGE.upright,
  }
}

const depthOf = (sides: Sides, side: Side) => (sides[side].length > 0 ? FLAGS_DEEP : BARE_DEEP)

function placeEntries(sides: Sides, frame: Frame, at: (enclosure: string) => Spot): Entry[] {
  return (Object.keys(sides) as Side[]).flatMap((side) => {
    const along = side === 'left' || side === 'right' ? 1 : 0
    const sorted = [...sides[side]].sort((a, b) => at(a.far)[along] - at(b.far)[along])
    const total = count(sorted) * PITCH + (sorted.length - 1) * BETWEEN
    const [from, to] = along === 1 ? [frame.top, frame.bottom] : [frame.left, frame.right]
    // Flags stand in the middle of a lane.
    let start = from + Math.max(0, Math.round((to - from - total) / 2 / LANE)) * LANE - LANE / 2
    return sorted.map((group) => {
      const span = group.ends.length * PITCH
      const centre = start + span / 2
      start += span + BETWEEN
      return { ...group, side, mouth: mouthAt(side, centre, frame) }
    })
  })
}

function sidesTowards(dx: number, dy: number): Side[] {
  const across: [Side, Side] = dx < 0 ? ['left', 'right'] : ['right', 'left']
  const upright: [Side, Side] = dy < 0 ? ['top', 'bottom'] : ['bottom', 'top']
  return Math.abs(dx) > Math.abs(dy)
    ? [across[0], upright[1], upright[0], across[1]]
    : [upright[0], upright[1], across[0], across[1]]
}

function count(groups: { ends: string[] }[]): number {
  return groups.reduce((sum, group) => sum + group.ends.length, 0)
}

function mouthAt(side: Side, along: number, frame: Frame): Point {
  return {
    left: { x: frame.left, y: along },
    right: { x: frame.right, y: along },
    top: { x: along, y: frame.top },
    bottom: { x: along, y: frame.bottom },
  }[side]
}

/** Conductors part along the wall, the outer ones in the lane next to it, and come to their flags squarely. */
function slotAt(entry: Entry, i: number): Slot {
  const middle = (entry.ends.length - 1) / 2
  const offset = (i - middle) * PITCH
  const outward = Math.abs(i - middle)
  const most = Math.max(1, Math.ceil(middle))
  const lane = 7 + (1 - Math.min(1, Math.ceil(outward) / most)) * (most > 1 ? 12 : 0)
  const { x, y } = entry.mouth
  const inward = { left: [1, 0], right: [-1, 0], top: [0, 1], bottom: [0, -1] }[entry.side] as [number, number]
  const at = (deep: number, aside: number): Point => ({
    x: x + inward[0] * deep + Math.abs(inward[1]) * aside,
    y: y + inward[1] * deep + Math.abs(inward[0]) * aside,
  })
  const fan = offset === 0 ? [at(0, 0)] : [at(0, 0), at(lane, 0), at(lane, offset)]
  return { ...at(BAND, offset), side: entry.side, fan }
}

function placeDevices(devices: readonly DeviceLook[], frame: Frame, sides: Sides): PlacedDevice[] {
  const height = devices.reduce((sum, device) => sum + device.height, 0) + (devices.length - 1) * DEVICE_GAP
  const from = frame.top + depthOf(sides, 'top')
  const to = frame.bottom - depthOf(sides, 'bottom') - CONNECTOR_ROW
  const middle = (frame.left + frame.right) / 2
  let y = Math.max(from, from + Math.floor((to - from - height) / 2 / LANE) * LANE)
  return devices.map((device) => {
    const placed = { device, x: middle - device.width / 2, y }
    y += device.height + DEVICE_GAP
    return placed
  })
}

function placeLandings(
  box: Enclosure,
  devices: readonly PlacedDevice[],
  frame: Frame,
  slots: BoxLayout['slots'],
): BoxLayout['landings'] {
  const landings: BoxLayout['landings'] = new Map()
  for (const { device, x, y } of devices) {
    for (const landing of device.landings) {
      const at = { x: x + landing.x, y: y + landing.y }
      landings.set(landing.id, { id: landing.id, landing, ...at, approach: approachOf(at, landing, device) })
    }
  }
  if (box.earth) {
    const at = earthSpot(devices, frame, slots)
    landings.set(box.earth, { id: box.earth, landing: null, ...at, approach: { x: at.x, y: at.y - TO_SCREW } })
  }
  return landings
}

/** At the back of the box, low at the left, clear of the flags. */
function earthSpot(devices: readonly PlacedDevice[], frame: Frame, slots: BoxLayout['slots']): Point {
  const left = Math.min(frame.left + frame.width / 2, ...devices.map(({ x }) => x))
  const x = frame.left + BAND + FLAG.x + 4 * LANE
  const lowest = [...slots.values()].some(({ side }) => side === 'bottom') ? FLAGS_DEEP + 4 * LANE : 6 * LANE
  return { x: Math.min(x, left - 4 * LANE), y: frame.bottom - lowest }
}

/** Beside a screw; for the rest beyond the edge of the device that is nearer. */
function approachOf(at: Point, landing: Landing, device: DeviceLook): Point {
  const isAtSide = landing.x <= 0 || landing.x >= device.width
  if (landing.shape === 'screw' && isAtSide) {
    return { x: at.x + (landing.x < device.width / 2 ? -TO_SCREW : TO_SCREW), y: at.y }
  }
  const isUpper = landing.y <= device.height / 2
  return { x: at.x, y: isUpper ? at.y - landing.y - TO_HOLE : at.y + device.height - landing.y + TO_HOLE }
}

/** As wide as what is written under the earth of a box. */
const EARTH_WORDS = measures.earthWords

/** What nothing else may lie on: devices with their ears, flags, the screws at their sides. */
export function solidsOf(layout: Pick<BoxLayout, 'slots' | 'landings'> & { devices: readonly PlacedDevice[] }): Rect[] {
  return [
    ...layout.devices.map(({ device, x, y }) => deviceGround(device, x, y)),
    ...[...layout.slots.values()].map(({ x, y }) => around([x, y], FLAG.x + 4, FLAG.y + 4)),
    ...[...layout.landings.values()].map(({ x, y, landing }) =>
      landing ? around([x, y], 20, 18) : { x: x - EARTH_WORDS / 2, y: y - 18, width: EARTH_WORDS, height: 74 },
    ),
  ]
}

/** Toggles and outlets have ears over and under them. */
const EARS = measures.ears
function deviceGround({ look, width, height, turned }: DeviceLook, x: number, y: number): Rect {
  const ear = EARS.includes(look) ? 26 : 0
  const [across, upright] = turned % 180 === 0 ? [0, ear] : [ear, 0]
  return { x: x - across, y: y - upright, width: width + 2 * across, height: height + 2 * upright }
}

type SizedConnector = Omit<PlacedConnector, 'x' | 'y'>

function sizedConnector(joint: Joint, words: BoxWords): SizedConnector {
  const word = `${words.connector(joint.by)} ${joint.points.length}${joint.ports ? `/${joint.ports}` : ''}`
  return {
    joint,
    width: Math.max(44, joint.points.length * LANE + 16),
    word,
    wordWidth: wide(word, CONNECTOR_WORD),
  }
}

/**
 * Connectors hang under the devices where there is room, in the order in which they were made, then beside them. Null where one has
 * no room of its own, unless it is to lie where it lies least badly.
 */
function placeConnectors(
  connectors: readonly SizedConnector[],
  devices: readonly PlacedDevice[],
  landings: BoxLayout['landings'],
  slots: BoxLayout['slots'],
  frame: Frame,
  isLast: boolean,
): PlacedConnector[] | null {
  const taken = solidsOf({ devices, landings, slots }).map((solid) => grown(solid, LANE))
  const inside = {
    x: frame.left + LANE,
    y: frame.top + LANE,
    width: frame.right - frame.left - 2 * LANE,
    height: frame.bottom - frame.top - 2 * LANE,
  }
  const spots = connectorSpots(frame)
  const placed: PlacedConnector[] = []
  for (const connector of connectors) {
    const ground = Math.max(connector.width + 2 * LANE, connector.wordWidth + LANE)
    const groundAt = ({ x, y }: Point) => ({ x: x - ground / 2, y: y - 2 * LANE, width: ground, height: 5 * LANE })
    const isFree = (ground: Rect) => !taken.some((other) => meets(other, ground))
    const spot =
      spots.find((at) => holds(inside, groundAt(at)) && isFree(groundAt(at))) ??
      (isLast ? (spots.find((at) => isFree(around([at.x, at.y], connector.width / 2, 20))) ?? spots[0]!) : null)
    if (!spot) return null
    taken.push(grown(groundAt(spot), -LANE / 2))
    placed.push({ ...connector, ...spot })
  }
  return placed
}

/** From low in the middle outwards and upwards; the same for every box of a size. */
const knownSpots = new Map<string, Point[]>()
function connectorSpots(frame: Frame): Point[] {
  const size = `${frame.width} ${frame.height}`
  const known = knownSpots.get(size) ?? rankedSpots(frame)
  knownSpots.set(size, known)
  return known
}

function rankedSpots(frame: Frame): Point[] {
  const spots: Point[] = []
  const middle = (frame.left + frame.right) / 2
  for (let y = frame.bottom - 4 * LANE; y > frame.top + 3 * LANE; y -= LANE) {
    for (let aside = 0; aside < (frame.right - frame.left) / 2; aside += 2 * LANE) {
      spots.push({ x: middle + aside, y })
      if (aside > 0) spots.push({ x: middle - aside, y })
    }
  }
  const low = frame.bottom - 5 * LANE
  const price = ({ x, y }: Point) => Math.abs(y - low) * 1.6 + Math.abs(x - middle)
  return spots
    .map((spot) => ({ spot, price: price(spot) }))
    .sort((a, b) => a.price - b.price)
    .map(({ spot }) => spot)
}

/** Where the n-th conductor of a connector goes in. */
export function portAt(connector: PlacedConnector, i: number): Point {
  const n = connector.joint.points.length
  return { x: connector.x + (i - (n - 1) / 2) * LANE, y: connector.y - CONNECTOR_HEIGHT / 2 + 6 }
}
