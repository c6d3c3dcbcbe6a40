import type { BoardFile as Board } from './generated/board'
import type { Step } from './generated/step'

export type { Board, Step }

export type Role = 'instructor' | 'trainee'

export interface User {
  id: number
  name: string
  role: Role
}

export type ConductorColour =
  'black' | 'red' | 'blue' | 'white' | 'grey' | 'green' | 'bare' | 'brown' | 'yellow' | 'orange' | 'green-yellow'

export interface End {
  id: string
  cable: string
  colour: ConductorColour
  flag: string
  far: string
  key: string
  name: string
}

export type LandingShape = 'screw' | 'hole' | 'block' | 'lead'

export interface Landing {
  id: string
  x: number
  y: number
  shape: LandingShape
  finish: string
  print: string
  holes: number
  name: string
}

export interface DeviceLook {
  id: string
  look: string
  name: string
  isLamp: boolean
  width: number
  height: number
  print: string
  landings: Landing[]
}

export interface Enclosure {
  id: string
  label: string
  kind: string
  metal: boolean
  at: [number, number] | null
  earth: string | null
  ends: End[]
  devices: DeviceLook[]
}

export interface Cable {
  id: string
  from: string
  to: string
  print: string
  single: boolean
  colours: ConductorColour[]
}

export type Connector = 'wire-nut' | 'lever' | 'push-in' | 'strip'

export type MarkedAs = 'line' | 'neutral' | 'earth'

export interface TrayItem {
  by: Connector
  ports: number | null
  label: string
}

export interface Mark {
  as: MarkedAs
  label: string
  colour: ConductorColour
}

export interface BenchWords {
  mark: string
  cap: string
  boxEarth: string
  pigtail: string
  loose: string
  conduit: string
}

export interface BoardLook {
  enclosures: Enclosure[]
  cables: Cable[]
  tray: TrayItem[]
  marks: Mark[]
  words: BenchWords
}

export interface KeptStep {
  sequence: number
  device: string
  number: number
  step: Step
}

export interface SetAsideStep {
  device: string
  number: number
  reason: string
  madeAt: string
  receivedAt: string
}

export interface BenchData {
  id: number
  title: string
  practice: 'na' | 'gb'
  brief: string
  trainee: User
  isMine: boolean
  minutes: number | null
  startedAt: string | null
  dueAt: string | null
  handedInAt: string | null
  serverTime: string
  head: number
  board: BoardLook
  steps: KeptStep[]
  setAside: SetAsideStep[]
}

export interface BoardFile {
  id: number
  title: string
  practice: 'na' | 'gb'
  brief: string
  /** Whether it is the instructor's own, to draw on. */
  isMine?: boolean
}

export type Verdict = 'pass' | 'remarks' | 'fail'

export interface AttemptSummary {
  id: number
  trainee?: User
  board: BoardFile
  minutes: number | null
  startedAt: string | null
  dueAt: string | null
  handedInAt: string | null
  steps: number
  placed: number
  ends: number
  verdict: Verdict | null
  headline: string | null
}

export interface Assignment {
  id: number
  classroom: string
  board: BoardFile
  minutes: number | null
  setAt: string
  attempts: AttemptSummary[]
}

export interface Classroom {
  id: number
  name: string
  trainees: User[]
}

export type Severity = 'danger' | 'fault' | 'remark' | 'note'

export interface Finding {
  code: string
  severity: Severity
  at: string[]
  boxes: string[]
  message: string
  reference: string
  causedBy: number | null
}

export interface VerdictLamp {
  id: string
  label: string
  box: string
  states: string
  expected: string | null
}

export interface SchemeData {
  id: string | null
  name: string
  note: string
  lamps: string
}

export interface Edition {
  id: string
  title: string
  own: boolean
}

export interface EditionChanges {
  verdictThen: Verdict
  appear: string[]
  vanish: string[]
}

export type Layer = 'line' | 'neutral' | 'earth'

export interface DiagramPin {
  place: string
  x: number
  row: number
  name: string
}

export interface DiagramSymbol {
  id: string
  kind: 'line' | 'neutral' | 'earth' | 'switch' | 'lamp' | 'receptacle'
  x: number
  width: number
  row: number
  rows: number
  pins: DiagramPin[]
  /** Pairs of places that are one in each position. */
  contacts: { up: [string, string][]; down: [string, string][] }
  earthed: boolean | null
}

export interface DiagramWire {
  role: string
  layer: Layer
  pieces: [number, number, number, number][]
  dots: [number, number][]
  stub: boolean
  places: string[]
}

/** Distances are in characters across and rows down. */
export interface DiagramData {
  width: number
  rows: number
  symbols: DiagramSymbol[]
  wires: DiagramWire[]
}

export interface FigureBlock {
  title: string
  fits: boolean | null
  rows: [string, string][]
  note: string
}

export interface RepairMove {
  text: string
  box: string
  /** Where it is and where it goes. */
  places: string[]
}

export interface RepairData {
  /** Each with the board as it stands after it. */
  moves: (RepairMove & { standing: Step[] })[]
  /** The usual mistakes that it takes back, in words. */
  undoes: string
  reason: string | null
}

/** The plan that lies nearest to a wiring. */
export interface NearestPlan {
  headline: string | null
  changes: RepairMove[]
  standing: Step[]
}

export interface VerdictData {
  verdict: Verdict
  headline: string
  schemes: SchemeData[]
  edition: string
  editions: Edition[]
  changes: EditionChanges
  diagram: DiagramData
  layers: Record<Layer, string[]>
  figures: FigureBlock[]
  repair: RepairData
  nearest: NearestPlan
  caution: string
  switches: { id: string; label: string; box: string }[]
  lamps: VerdictLamp[]
  trips: string
  findings: Finding[]
}

export interface PlanLine {
  scheme: string
  /** What its cores carry that they do not in the first plan; nothing for the first. */
  differs: string[]
  verdict: Verdict
  headline: string
}

export interface PlanList {
  board: BoardFile
  edition: string
  editions: Edition[]
  plans: PlanLine[]
  impossible: string | null
  /** The number at which the list stops, if there may be more. */
  truncated: number | null
  neutrals: string[]
}

export interface OrderStep extends RepairMove {
  steps: Step[]
}

export interface CableRoles {
  cable: string
  print: string
  cores: { colour: ConductorColour; flag: string; name: string; role: string }[]
}

export interface PlanData {
  practice: 'na' | 'gb'
  board: BoardLook
  standing: Step[]
  cores: CableRoles[]
  orders: { boxByBox: OrderStep[]; farthestFirst: OrderStep[] }
  verdict: VerdictData
}

export interface PathHop {
  kind: 'core' | 'joint' | 'contact' | 'lamp' | 'open-contact'
  from: string
  to: string
}

export interface PathData {
  end: string
  sentence: string
  stretches: string[]
  hops: PathHop[]
  stopsAt: string | null
}

export interface FileProblem {
  pointer: string
  message: string
}

/** Something that can be hung on the wall in one step. */
export interface Hanging {
  key: string
  name: string
  /** What such a place is called until it gets a name. */
  place: string
  kind: Board['enclosures'][number]['kind']
  material: 'metal' | 'plastic'
  box: Board['enclosures'][number]['box'] | null
  models: string[]
}

export interface DrawingData {
  id: number
  version: number
  board: Board
  hangings: Hanging[]
  kinds: Record<string, string>
  cableTypes: { id: string; print: string }[]
}

export interface DrawingLook {
  problems: FileProblem[]
  /** What is allowed and most likely not meant, with the boxes and cables that it is about. */
  doubts: { about: string[]; message: string }[]
  sentence: string | null
  hasPlan: boolean
  schemes: { id: string; name: string; works: boolean; why: string }[]
  cables: {
    id: string
    print: string
    type: string
    proposed: boolean
    cores: { colour: ConductorColour; flag: string; role: string }[]
  }[]
  boxes: { id: string; text: string; share: number | null; fits: boolean | null }[]
}

export interface MaterialsData {
  sets: number
  /** Metres, per cent, metres. */
  allowances: { end: number; waste: number; round: number }
  allowed: string
  materials: { kind: string; what: string; amount: string }[]
  cuts: { cable: string; type: string; from: string; to: string; run: string; cut: string }[]
  labels: { cable: string; end: string; other: string; carries: string }[]
}
