import type { BoardFile as Board } from './generated/board'
import type { MarkingFile } from './generated/marking'
import type { Step } from './generated/step'
import type { TaskFile } from './generated/task'

export type { Board, MarkingFile, Step, TaskFile }

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
  /** Degrees clockwise; width, height and landings are as it hangs. */
  turned: number
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
  /** What the keys of tape or sleeve do. */
  markKeys: string
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

export type TaskKind = 'wire' | 'finish' | 'parts' | 'names' | 'predict' | 'trace'

export type TaskMode = 'coached' | 'exam'

export interface BenchData {
  id: number
  title: string
  /** Null for a board that was set without a task. */
  kind: TaskKind | null
  mode: TaskMode
  seat: number | null
  /** Whether the task allows any help at the bench. */
  hasHelp: boolean
  /** What the brief says besides: where the work is done, where the task stands on what practitioners dispute. */
  positions: string[]
  /** Whether the trainee sees a verdict once it is handed in. */
  isReleased: boolean
  /** Whether it is an exam still to begin: the board is empty until then. */
  isToBegin: boolean
  triesLeft: number
  /** What stands already when it begins. */
  start: Step[]
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
  seat: number | null
  kind: TaskKind
  mode: TaskMode
  isReleased: boolean
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

/** A board that was set, as a list of them shows it. */
export interface AssignmentLine {
  id: number
  classroom: string
  board: BoardFile
  brief: string
  kind: TaskKind
  minutes: number | null
  /** Title of the task that it was set with. */
  task: string | null
  mode: TaskMode
  releasedAt: string | null
  setAt: string
  handedIn: number
  seats: number
}

/** One that is open: with its attempts, and a version that tells whether anything of it is new. */
export interface Assignment extends AssignmentLine {
  version: string
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
  layerNames: Record<Layer, string>
  layers: Record<Layer, string[]>
  figures: FigureBlock[]
  repair: RepairData
  nearest: NearestPlan
  /** That sections are cited from memory, said once for all findings. */
  cited: string
  caution: string
  switches: { id: string; label: string; box: string }[]
  lamps: VerdictLamp[]
  trips: string
  findings: Finding[]
}

export interface PlanLine {
  schemeId: string | null
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
export interface WallPart {
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
  wallParts: WallPart[]
  kinds: Record<string, string>
  cableTypes: { id: string; print: string; single: boolean }[]
  /** Of single conductors. */
  colours: { id: ConductorColour; name: string }[]
  parts: { model: string; name: string; kind: string }[]
  /** Model → its faces, the usual one first. */
  faces: Record<string, FaceLook[]>
  /** Standard sizes. */
  boxes: { id: string; text: string }[]
  editions: string[]
  schemes: { id: string; name: string }[]
}

/** One face of a model, as it leaves the maker. */
export interface FaceLook {
  id: string
  name: string
  look: string
  width: number
  height: number
  print: string
  landings: Pick<Landing, 'x' | 'y' | 'shape' | 'finish' | 'print' | 'holes'>[]
}

export interface DrawnCable {
  id: string
  print: string
  type: string
  proposed: boolean
  length: string
  cores: { colour: ConductorColour; flag: string; role: string }[]
}

export interface DrawnBox {
  id: string
  text: string
  share: number | null
  fits: boolean | null
  /** Whether a switch box has a neutral, in words. */
  neutral: string
  /** The smallest box that would do, where it does not fit. */
  larger: string | null
}

export interface WayOut {
  kind: 'cables' | 'no-neutral' | 'edition' | 'any-scheme'
  text: string
  /** What the button says. */
  take: string
  code: string | null
  cables: Record<string, string>
}

export interface DrawingReview {
  problems: FileProblem[]
  /** What is allowed and most likely not meant, with the boxes and cables that it is about. */
  warnings: { about: string[]; message: string }[]
  sentence: string | null
  /** What would let it be wired, each to be taken by one tap. */
  waysOut: WayOut[]
  hasPlan: boolean
  schemes: { id: string; name: string; works: boolean; why: string; cables: DrawnCable[]; boxes: DrawnBox[] }[]
  cables: DrawnCable[]
  boxes: DrawnBox[]
}

/** What is kept about a line of the materials list; empty where it is not. */
export interface ShelfLine {
  part: string
  price: string
  held: string
  unit: string
}

export interface MaterialsData {
  sets: number
  practice: 'na' | 'gb'
  /** What the allowances are given in: inches or millimetres. */
  unit: string
  allowances: { free: number; sheath: number; waste: number; round: number }
  allowed: string
  materials: { kind: string; what: string; amount: string; cost: string; short: string }[]
  /** In step with the materials. */
  shelf: ShelfLine[]
  total: string
  cuts: { cable: string; type: string; from: string; to: string; run: string; cut: string }[]
  labels: { cable: string; end: string; other: string; carries: string }[]
  schedule: { box: string; cable: string; conductor: string; carries: string; lands: string; mark: string }[]
  markOut: { box: string; left: string; height: string; stud: string; depth: string }[]
  fold: { box: string; layers: string[] }[]
  spares: { box: string; ends: string }[]
  roses: { rose: string; blocks: { block: string; holes: string }[]; dark: string }[]
  lookAlikes: string[]
  readings: { what: string; with: string; reading: string }[]
}

export interface AsFoundRow {
  point: string
  name: string
  colour: ConductorColour | null
  flag: string | null
  isEnd: boolean
  /** A terminal or the earthing point of the box: only a pigtail or a jumper takes it anywhere. */
  isFixed: boolean
  lands: string
  mark: string
}

export interface AsFoundBox {
  id: string
  label: string
  rows: AsFoundRow[]
  places: { id: string; name: string }[]
}

export interface AsFoundSheet {
  title: string
  boxes: AsFoundBox[]
  marks: { id: string; name: string }[]
}

export interface AsFoundPlan {
  found: string
  verdict: Verdict
  then: string
  notes: string[]
  moves: string[]
}

export interface MarkingData {
  id: number
  title: string
  version: number
  isMine: boolean
  marking: MarkingFile
}

export interface TaskData {
  id: number
  title: string
  version: number
  board: BoardFile
  marking: number
  task: TaskFile
}

export interface AttackedBoard {
  text: string
  got: number
  total: number
  standing: Step[]
}

/** A task tried before it is used. */
export interface TaskTrial {
  problems: FileProblem[]
  /** Rules that a stored task weighs and that are faults by now. */
  dropped: string[]
  spread: {
    layouts: number
    allLayouts: number
    looks: number
    all: number
    joints: [number, number]
    conductors: [number, number]
    refusal: string
  } | null
  seats: { seat: number; feed: string; light: string; order: string; joints: number }[]
}

/** Which mistakes a task would let pass, and which right wirings would lose marks; both null where nothing is wired. */
export interface TaskAttack {
  /** The board that the attacked wirings are of, as it can be drawn. */
  board: BoardLook | null
  attack: {
    mistakes: number
    oddities: number
    /** Whether all were tried before time was up. */
    isFinished: boolean
    hasPairs: boolean
    passingCount: number
    losingCount: number
    passing: AttackedBoard[]
    losing: AttackedBoard[]
  } | null
}

/** What a task may say, with the words for it. */
export interface TaskWords {
  /** Of the board. */
  title: string
  boxes: { id: string; label: string }[]
  /** Whether something is written on its as-found sheet. */
  hasAsFound: boolean
  /** What can differ from seat to seat on real boards. */
  movable: string[]
  kinds: Record<string, string>
  /** What it counts as where a task says nothing: a remark or a note. */
  rules: { code: string; text: string; own: string }[]
  /** Ready sets of rules, to be taken by one tap. */
  ruleSets: { id: string; name: string; note: string; rules: Record<string, 'fault' | 'off'> }[]
  habits: { id: string; name: string; positions: { id: string; text: string }[] }[]
}

export interface MarkLine {
  part: string
  what: string
  /** Null while it waits for the instructor's eye. */
  got: number | null
  of: number
  text: string
  findings: string[]
}

export interface MarkData {
  got: number
  total: number
  passMark: number
  passes: boolean
  isOpen: boolean
  critical: string
  lines: MarkLine[]
}

export interface MarkedAttempt {
  attempt: number
  seat: number | null
  trainee: User
  handedInAt: string | null
  verdict: Verdict | null
  headline: string | null
  observed: Record<string, boolean>
  judged: JudgedData | null
  mark: MarkData | null
}

/** When and by what a piece of work was judged; `stood`: what was kept at the hand-in, where an upgrade judges otherwise. */
export interface JudgedData {
  origin: 'hand-in' | 'upgrade' | 're-mark'
  rules: number
  engine: number
  at: string
  stood: { verdict: Verdict; headline: string } | null
}

export interface ReMarkSide {
  verdict: Verdict
  headline: string
  got: number | null
  total: number | null
  passes: boolean | null
  rules: number
}

/** What would change if one were judged again now; `now` is null where it cannot be judged. */
export interface ReGradePreview {
  attempt: number
  changes: boolean
  was: ReMarkSide
  now: ReMarkSide | null
}

export interface Debrief {
  mistakes: string[]
  order: { percent: number; own: string[]; recognised: string[] } | null
  questions: { question: string; answer: string }[]
}

export interface AskedQuestion {
  number: number
  text: string
  options: string[]
  isOrdered: boolean
  box: BoardLook | null
  standing: Step[]
  /** Places of the options that were chosen. */
  answer: number[]
}

export interface QuestionSheet {
  id: number
  title: string
  brief: string
  positions: string[]
  mode: TaskMode
  kind: TaskKind
  /** Whether it is an exam still to begin: there are no questions until then. */
  isToBegin: boolean
  minutes: number | null
  dueAt: string | null
  serverTime: string
  handedInAt: string | null
  board: BoardLook | null
  standing: Step[]
  bin: Omit<FaceLook, 'id' | 'name'>[]
  questions: AskedQuestion[]
}

/** The help that a coached task allows; null where it is not allowed. */
export interface HelpData {
  hint: string | null
  labels: { cable: string; carries: string }[] | null
  table: { lamps: Record<string, string>; trips: string } | null
  switches: string[]
  hasTester: boolean
}

export interface TesterReading {
  volt: number
  /** Null: open. */
  ohm: number | null
  floats: boolean
}
