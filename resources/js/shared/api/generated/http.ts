/** Generated from schemas/http by `npm run types`. */
import type { Board } from './board'
import type { WiringFile } from './wiring'
import type { Step } from './step'
import type { TaskFile } from './task'
import type { MarkingFile } from './marking'
export type { Board, WiringFile, Step, TaskFile, MarkingFile }

export type TaskMode = 'coached' | 'exam'
export type TaskKind = 'wire' | 'finish' | 'parts' | 'names' | 'predict' | 'trace' | 'fault'
export type Role = 'instructor' | 'trainee'
export type ConductorColour =
  'black' | 'red' | 'blue' | 'white' | 'grey' | 'green' | 'bare' | 'brown' | 'yellow' | 'orange' | 'green-yellow'
export type LandingShape = 'screw' | 'hole' | 'block' | 'lead'
export type Connector = 'wire-nut' | 'lever' | 'push-in' | 'strip'
export type MarkedAs = 'line' | 'neutral' | 'earth'
export type SittingState = 'held' | 'waiting' | 'running' | 'paused' | 'handed-in' | 'withdrawn'
export type Verdict = 'pass' | 'remarks' | 'fail'
export type DrillKind = 'device' | 'feed' | 'drop' | 'lamp' | 'jacket'
export type SittingMove =
  | 'open'
  | 'present'
  | 'start'
  | 'pause'
  | 'resume'
  | 'add-time'
  | 'close'
  | 'reopen'
  | 'void'
  | 'withdraw'
  | 'bring-back'
export type Layer = 'line' | 'neutral' | 'earth'
export type Severity = 'danger' | 'fault' | 'remark' | 'note'
export type InstrumentId = 'two-pole' | 'ohm' | 'insulation' | 'loop' | 'rcd' | 'pen' | 'plug-in' | 'gfci'
export type ActKind =
  | 'identify'
  | 'turn-on'
  | 'turn-off'
  | 'lock'
  | 'unlock'
  | 'tag'
  | 'untag'
  | 'flip'
  | 'lamp-out'
  | 'lamp-in'
  | 'prove'
  | 'other-tester'
  | 'new-fuse'
  | 'null-leads'
  | 'link'
  | 'unlink'
  | 'touch'
  | 'lift'
  | 'open-box'
  | 'name'
  | 'work'
  | 'tighten'
  | 'fit'
  | 'new-run'
  | 'sign-off'

/**
 * One hand-in of an attempt, as it was told.
 *
 */
export interface JudgedTry {
  try: number
  verdict: string | null
  headline: string
  at: string
  /**
   * Points; null where nothing is marked.
   */
  got: number | null
  total: number | null
  passes: boolean | null
  /**
   * Whether it is the one that counts.
   */
  counts: boolean
}
export interface Retry {
  from?: 'bare' | 'handed-in'
}
/**
 * A board to try, a seat of a task on it, or the board of somebody's seat.
 *
 */
export interface NewTry {
  boardFile?: number
  task?: number
  seat?: number
  attempt?: number
  mode: TaskMode
  isWired?: boolean
}
export interface Try {
  attempt: number
  kind: TaskKind
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
  /**
   * Ends placed, questions answered or faults named.
   */
  placed: number
  /**
   * Ends to place, questions asked or faults to find.
   */
  ends: number
  /**
   * Hand-ins that the task allows; null where there is no task.
   */
  triesAllowed: number | null
  id: number
  title: string
  /**
   * Null for a board that was set without a task.
   */
  kind: TaskKind | null
  mode: TaskMode
  seat: number | null
  /**
   * Whether the task allows any help at the bench.
   */
  hasHelp: boolean
  /**
   * What the brief says besides: where the work is done, where the task stands on what practitioners dispute.
   */
  positions: string[]
  /**
   * Handed in as it stood when the time was up.
   */
  isTimeUp: boolean
  mayWireAgain: boolean
  /**
   * Tries that are judged, as they were told, the first one first.
   */
  tries: JudgedTry[]
  /**
   * An instructor tries a board: nothing of it is kept.
   */
  isTrial: boolean
  /**
   * Of a trial: the board that is tried.
   */
  boardFile: number | null
  /**
   * Whether the trainee sees a verdict once it is handed in.
   */
  isReleased: boolean
  /**
   * Whether it is an exam still to begin: the board is empty until then.
   */
  isToBegin: boolean
  triesLeft: number
  /**
   * What stands already when it begins.
   */
  start: Step[]
  practice: 'na' | 'gb'
  brief: string
  trainee: User
  isMine: boolean
  minutes: number | null
  startedAt: string | null
  dueAt: string | null
  handedInAt: string | null
  /**
   * For a page that is printed of it.
   */
  caution: string
  serverTime: string
  head: number
  board: BoardLook
  steps: KeptStep[]
  setAside: SetAsideStep[]
  state: SittingState
  /**
   * The board hangs on a wall, and a fault on it is looked for with a phone.
   */
  mayLookForFaults: boolean
  mayProve: boolean
  isSupplyOn: boolean
}
export interface User {
  id: number
  name: string
  role: Role
}
export interface BoardLook {
  enclosures: Enclosure[]
  cables: Cable[]
  tray: TrayItem[]
  marks: Mark[]
  words: BenchWords
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
export interface End {
  id: string
  cable: string
  colour: ConductorColour
  flag: string
  far: string
  key: string
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
  /**
   * Degrees clockwise; width, height and landings are as it hangs.
   */
  turned: number
  landings: Landing[]
}
export interface Landing {
  id: string
  x: number
  y: number
  shape: LandingShape
  finish: string
  print: string
  holes: number
  name: string
  /**
   * What findings call it where nothing is printed on it; empty for the rest.
   */
  word: string
}
export interface Cable {
  id: string
  from: string
  to: string
  print: string
  single: boolean
  colours: ConductorColour[]
}
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
  /**
   * What the keys of tape or sleeve do.
   */
  markKeys: string
  mark: string
  cap: string
  boxEarth: string
  pigtail: string
  loose: string
  conduit: string
}
export interface AskedQuestion {
  number: number
  text: string
  options: string[]
  /**
   * Where each option is on the drawing of the box; empty where it is on none.
   */
  marks: string[][]
  isOrdered: boolean
  /**
   * The box on the board that it asks a part for.
   */
  about: string | null
  box: BoardLook | null
  standing: Step[]
  /**
   * Places of the options that were chosen.
   */
  answer: number[]
}
export interface QuestionSheet {
  /**
   * Questions asked.
   */
  ends: number
  triesAllowed: number
  state: SittingState
  id: number
  title: string
  brief: string
  positions: string[]
  mode: TaskMode
  kind: TaskKind
  /**
   * Whether it is an exam still to begin: there are no questions until then.
   */
  isToBegin: boolean
  minutes: number | null
  dueAt: string | null
  serverTime: string
  handedInAt: string | null
  board: BoardLook | null
  standing: Step[]
  bin: {
    look: string
    width: number
    height: number
    print: string
    landings: {
      x: number
      y: number
      shape: LandingShape
      finish: string
      print: string
      holes: number
    }[]
  }[]
  questions: AskedQuestion[]
}
/**
 * The help that a coached task allows; null where it is not allowed.
 *
 */
export interface HelpData {
  hint: string | null
  labels:
    | {
        cable: string
        carries: string
      }[]
    | null
  table: {
    lamps: {
      [k: string]: string
    }
    trips: string
  } | null
  switches: string[]
  hasTester: boolean
}
export interface TesterReading {
  volt: number
  /**
   * Null: open.
   */
  ohm: number | null
  floats: boolean
}
export interface AttemptSummary {
  /**
   * Why it cannot be opened now.
   */
  closed: string | null
  /**
   * Of one's own work: the tries that are judged.
   */
  tries: JudgedTry[]
  /**
   * Of the try that counts; null where nothing is marked, or not told.
   */
  mark: {
    got: number
    total: number
    passes: boolean
  } | null
  /**
   * Handed in as it stood when the time was up.
   */
  isTimeUp: boolean
  id: number
  seat: number | null
  kind: TaskKind
  mode: TaskMode
  isReleased: boolean
  trainee?: User
  board: BoardName
  /**
   * How hard the board is, from 1; null in an exam.
   */
  level: number | null
  minutes: number | null
  startedAt: string | null
  dueAt: string | null
  handedInAt: string | null
  steps: number
  placed: number
  ends: number
  verdict: Verdict | null
  headline: string | null
  state: SittingState
}
/**
 * A board as a list of work names it; in an exam nothing tells which file it came from.
 *
 */
export interface BoardName {
  id?: number
  title: string
  practice: 'na' | 'gb'
  brief: string
  isMine?: boolean
}
export interface StepEntry {
  number: number
  at: string
  step: Step
}
export interface StepBatch {
  device: string
  base: number
  steps: StepEntry[]
}
export interface StepReceipt {
  head: number
  keptUpTo: number
  startedAt: string | null
  dueAt: string | null
  setAside: {
    number: number
    reason: string
  }[]
}
export interface Answer {
  question: number
  answer: number[]
  /**
   * When it was made, by the clock of the device.
   */
  at?: string | null
}
export interface Convert {
  /**
   * The practice to carry it to; the other one if it is left out.
   */
  to?: string
}
export interface BoardFile {
  id: number
  title: string
  practice: 'na' | 'gb'
  brief: string
  /**
   * Whether it is the instructor's own, to draw on.
   */
  isMine?: boolean
}
export interface FileProblem {
  pointer: string
  message: string
}
/**
 * Something that can be hung on the wall in one step.
 *
 */
export interface WallPart {
  key: string
  name: string
  /**
   * What such a place is called until it gets a name.
   */
  place: string
  kind: NonNullable<Board['enclosures'][number]['kind']>
  material: 'metal' | 'plastic'
  box: NonNullable<Board['enclosures'][number]['box']> | null
  models: string[]
}
export interface DrawingData {
  id: number
  version: number
  board: Board
  wallParts: WallPart[]
  kinds: {
    [k: string]: string
  }
  cableTypes: {
    id: string
    print: string
    single: boolean
  }[]
  /**
   * Of single conductors.
   */
  colours: {
    id: ConductorColour
    name: string
  }[]
  parts: {
    model: string
    name: string
    kind: string
  }[]
  /**
   * Model → its faces, the usual one first.
   */
  faces: {
    [k: string]: FaceLook[]
  }
  /**
   * Standard sizes.
   */
  boxes: {
    id: string
    text: string
  }[]
  editions: string[]
  schemes: {
    id: string
    name: string
  }[]
}
/**
 * One face of a model, as it leaves the maker.
 *
 */
export interface FaceLook {
  id: string
  name: string
  look: string
  width: number
  height: number
  print: string
  landings: {
    x: number
    y: number
    shape: LandingShape
    finish: string
    print: string
    holes: number
  }[]
}
export interface DrawnCable {
  id: string
  print: string
  type: string
  proposed: boolean
  length: string
  cores: {
    colour: ConductorColour
    flag: string
    role: string
  }[]
}
export interface DrawnBox {
  id: string
  text: string
  share: number | null
  fits: boolean | null
  /**
   * Whether a switch box has a neutral, in words.
   */
  neutral: string
  /**
   * The smallest box that would do, where it does not fit.
   */
  larger: string | null
}
export interface WayOut {
  kind: 'cables' | 'no-neutral' | 'edition' | 'any-scheme'
  text: string
  /**
   * What the button says.
   */
  take: string
  code: string | null
  cables: {
    [k: string]: string
  }
}
export interface DrawingReview {
  problems: FileProblem[]
  /**
   * What is allowed and most likely not meant, with the boxes and cables that it is about.
   */
  warnings: {
    about: string[]
    message: string
  }[]
  sentence: string | null
  /**
   * What would let it be wired, each to be taken by one tap.
   */
  waysOut: WayOut[]
  hasPlan: boolean
  schemes: {
    id: string
    name: string
    works: boolean
    why: string
    cables: DrawnCable[]
    boxes: DrawnBox[]
  }[]
  cables: DrawnCable[]
  boxes: DrawnBox[]
}
export interface AsFoundRow {
  point: string
  name: string
  colour: ConductorColour | null
  flag: string | null
  isEnd: boolean
  /**
   * A terminal or the earthing point of the box: only a pigtail or a jumper takes it anywhere.
   */
  isFixed: boolean
  lands: string
  mark: string
}
export interface AsFoundBox {
  id: string
  label: string
  rows: AsFoundRow[]
  places: {
    id: string
    name: string
    /**
     * Conductors; null where there is no limit.
     */
    takes: number | null
  }[]
}
export interface AsFoundSheet {
  title: string
  practice: 'na' | 'gb'
  boxes: AsFoundBox[]
  marks: {
    id: string
    name: string
  }[]
}
export interface AsFoundPlan {
  found: string
  verdict: Verdict
  then: string
  notes: string[]
  moves: string[]
}
export interface Pattern {
  key: string
  title: string
  practice: 'na' | 'gb'
  sketch: Sketch
}
/**
 * A board drawn small: what hangs where, in millimetres, and which boxes a run joins, by their places in the list.
 *
 */
export interface Sketch {
  boxes: {
    kind: string
    /**
     * @minItems 2
     * @maxItems 2
     */
    at: [number, number]
    /**
     * Kinds of devices, of switches their functions.
     */
    holds: string[]
  }[]
  runs: [number, number][]
}
/**
 * A board as the library shows it.
 *
 */
export interface LibraryBoard {
  id: number
  title: string
  practice: 'na' | 'gb'
  brief: string
  isMine: boolean
  /**
   * Way of wiring of the preferred plan, in words; empty where there is none, null where nobody has looked yet.
   */
  scheme: string | null
  changedAt: string
  archived: boolean
  /**
   * Whether something was set with it, or asks on it.
   */
  isInUse: boolean
  sharedWith: User[]
  sketch: Sketch
}
export interface BoardChange {
  title?: string
  archived?: boolean
}
export interface NeutralAnswer {
  sentence: string
}
export interface StartDrawing {
  practice?: 'na' | 'gb'
  copyOf?: number
  pattern?: string
}
/**
 * `board`: the text of a board file, which may yet have problems.
 *
 */
export interface KeepDrawing {
  base: number
  title: string
  practice: 'na' | 'gb'
  board: string
}
export interface Converted {
  boardFile: BoardFile
  notes: string[]
}
/**
 * What was written down, or the text of a wiring file to fill it from.
 *
 */
export interface KeepAsFound {
  lands?:
    | {
        [k: string]: string | null
      }
    | unknown[]
  marks?:
    | {
        [k: string]: string | null
      }
    | unknown[]
  wiring?: string
  /**
   * To fill it as a plan has it.
   */
  plan?: number
  /**
   * Of the board, where several hang of one drawing.
   */
  number?: number
}
export interface KeepStockLine {
  practice: 'na' | 'gb'
  part: string
  price?: string | number | null
  held?: string | number | null
}
/**
 * How a table of marks is taken away.
 *
 */
export interface KeepMarkTable {
  columns: string[]
  headings:
    | {
        [k: string]: string | null
      }
    | unknown[]
  key: 'number' | 'sign-in' | 'name'
  separator: 'comma' | 'semicolon' | 'tab'
  decimal: 'point' | 'comma'
}
export interface MarkTable {
  columns: string[]
  headings: {
    [k: string]: string | null
  }
  key: 'number' | 'sign-in' | 'name'
  separator: 'comma' | 'semicolon' | 'tab'
  decimal: 'point' | 'comma'
  known: {
    id: string
    name: string
  }[]
}
export interface Tonight {
  running: RunningLine[]
  waiting: TonightLine[]
  next: TonightLine[]
  firstRun: {
    class: boolean
    people: boolean
    board: boolean
    set: boolean
    /**
     * Somebody has signed in and begun.
     */
    slips: boolean
    checked: boolean
  }
}
/**
 * Somebody at work, and why they may need a look.
 *
 */
export interface RunningLine {
  attempt: number
  assignment: number
  trainee: string
  classroom: string
  title: string
  kind: TaskKind
  seat: number | null
  placed: number
  ends: number
  dueAt: string | null
  /**
   * When something was done last.
   */
  since: string
  stuck: string | null
}
export interface TonightLine {
  assignment: number
  title: string
  classroom: string
  mode: TaskMode
  seats: number
  handedIn: number
  setAt: string
}
/**
 * A board that was set, as a list of them shows it.
 *
 */
export interface AssignmentLine {
  id: number
  classroom: string
  board: BoardFile
  brief: string
  kind: TaskKind
  minutes: number | null
  /**
   * Title of the task that it was set with.
   */
  task: string | null
  mode: TaskMode
  releasedAt: string | null
  setAt: string
  handedIn: number
  seats: number
}
/**
 * One that is open: with its attempts, and a version that tells whether anything of it is new.
 *
 */
export interface Assignment {
  id: number
  classroom: string
  board: BoardFile
  brief: string
  kind: TaskKind
  minutes: number | null
  /**
   * Title of the task that it was set with.
   */
  task: string | null
  mode: TaskMode
  releasedAt: string | null
  setAt: string
  handedIn: number
  seats: number
  version: string
  attempts: AttemptSummary[]
}
export interface GradeLine {
  part: string
  what: string
  /**
   * Null while it waits for the instructor's eye.
   */
  got: number | null
  of: number
  text: string
  findings: string[]
  key: string
  byHand: {
    was: number | null
    why: string
  } | null
}
export interface GradeData {
  got: number
  total: number
  passMark: number
  passes: boolean
  isOpen: boolean
  critical: string
  lines: GradeLine[]
  byHand: {
    was: number | null
    why: string
  } | null
}
export interface GradedAttempt {
  /**
   * Student number, to instructors.
   */
  number: string | null
  attempt: number
  seat: number | null
  trainee: User
  handedInAt: string | null
  verdict: Verdict | null
  headline: string | null
  observed: {
    [k: string]: boolean
  }
  judged: JudgedData | null
  mark: GradeData | null
  isReleased: boolean
  note: string
  second: {
    differs: string[]
  } | null
}
/**
 * When and by what a piece of work was judged; `stood`: what was kept at the hand-in, where an upgrade judges otherwise.
 *
 */
export interface JudgedData {
  origin: 'hand-in' | 'upgrade' | 're-mark'
  rules: number
  engine: number
  at: string
  stood: {
    verdict: Verdict
    headline: string
  } | null
}
export interface ReGradeSide {
  verdict: Verdict
  headline: string
  got: number | null
  total: number | null
  passes: boolean | null
  rules: number
}
/**
 * What would change if one were judged again now; `now` is null where it cannot be judged.
 *
 */
export interface ReGradePreview {
  attempt: number
  changes: boolean
  was: ReGradeSide
  now: ReGradeSide | null
}
export interface Assign {
  classroom: number
  boardFile: number
  trainees: number[]
  minutes?: number | null
}
export interface Observe {
  observed:
    | {
        [k: string]: boolean
      }
    | unknown[]
  isSecond?: boolean
}
export interface ReGrade {
  take: boolean
}
export interface SeenCombination {
  switches: {
    [k: string]: 'up' | 'down'
  }
  lamps: {
    [k: string]: 'on' | 'dim' | 'off' | 'flickers'
  }
  trip?: 'breaker' | 'rcd' | null
}
export interface SeenLook {
  point: string
  with: string[]
  taped?: string[]
}
export interface SeenProbe {
  point: string
  live: boolean
}
export interface SeenPart {
  device: string
  good: boolean
}
export interface SeenBoard {
  states: SeenCombination[]
  looks: SeenLook[]
  probes: SeenProbe[]
  parts: SeenPart[]
}
export interface DiagnosisChoice {
  with: string[]
  taped: string[]
  name: string
  conductors: SeenConductor[]
}
export interface SeenConductor {
  colour: ConductorColour
  /**
   * The color of its tape or sleeve; empty where it has none.
   */
  mark: string
}
export interface NextLook {
  kind: 'look' | 'probe' | 'part' | 'flip'
  at: string
  positions: {
    [k: string]: 'up' | 'down'
  }
  text: string
  choices: DiagnosisChoice[]
}
export interface Suspect {
  kind: string
  at: string[]
  text: string
  repair: string[]
}
export interface NamedPlace {
  id: string
  label: string
}
export interface DiagnosisData {
  practice: 'na' | 'gb'
  switches: NamedPlace[]
  lamps: NamedPlace[]
  /**
   * What is seen to before anything is opened; empty where nothing is.
   */
  first: string
  walk: string[]
  fits: number
  mayBeRight: boolean
  suspects: Suspect[]
  next: NextLook | null
  contradictions: string[]
  nearest: string[]
  /**
   * Nothing is told of what may be wrong: whoever looks is marked for it.
   */
  isSilent: boolean
}
export interface ConfirmMistake {
  kind: string
  at: string[]
}
/**
 * A fault looked for on an attempt's board: what was told so far.
 *
 */
export interface AttemptDiagnosis {
  title: string
  trainee: string
  seen: SeenBoard | null
}
export interface DrillLine {
  id: number
  kind: DrillKind
  practice: string
  name: string
  points: number | null
  seconds: number | null
  used: number | null
  best: number | null
}
export interface DrillOption {
  id: string
  name: string
}
export interface DrillReading {
  id: string
  name: string
  shown: string
}
export interface DrillAsked {
  text: string
  colours: ConductorColour[]
  print: string
  options: DrillOption[]
  given: string | null
  right: string | null
}
export interface DrillData {
  id: number
  kind: DrillKind
  practice: string
  name: string
  points: number | null
  seconds: number | null
  used: number | null
  best: number | null
  task: string
  caution: string
  startedAt: string
  serverTime: string
  terminals: number
  face: number
  cables: string[]
  readings: DrillReading[]
  answers: DrillOption[]
  questions: DrillAsked[]
  sketch: Sketch | null
  verdict: string
  way: string
}
export interface BeginDrill {
  kind: DrillKind
  practice: string
}
export interface Measure {
  measure: string
}
export interface AnswerDrill {
  answers: string[]
}
export interface DrillCount {
  times: number
  most: number
  mean: number
}
export interface ClassDrills {
  id: number
  name: string
  kinds: {
    [k: string]: DrillCount
  }
}
export interface SetEvening {
  /**
   * It is meant, where the task waits to be begun in this class already.
   */
  twice?: boolean
}
export interface StationDraft {
  id: string
  label: string
  x: number
  y: number
  surface: 'screen' | 'board'
  nextTo: string[]
}
export interface PersonDraft {
  trainee: number
  extraPercent: number
  notBefore: number
}
export interface BreakDraft {
  from: number
  to: number
}
export interface SittingPlan {
  person: string
  station: string
  from: number
  to: number
  variant: number
  retest: boolean
}
export interface EveningDraft {
  minutes: number
  changeover: number
  variants: number
  stations: StationDraft[]
  people: PersonDraft[]
  retests: number[]
  breaks: BreakDraft[]
  fixed: SittingPlan[]
}
export interface KeepEvening {
  classroom: number
  task: number
  title: string
  startsAt: string | null
  base?: number
  minutes: number
  changeover: number
  variants: number
  stations: StationDraft[]
  people: PersonDraft[]
  retests: number[]
  breaks: BreakDraft[]
  fixed: SittingPlan[]
}
export interface EveningPlan {
  sittings: SittingPlan[]
  minutes: number
  atLeast: number
  conflicts: EveningConflict[]
}
export interface EveningConflict {
  rule: string
  message: string
  sittings: SittingPlan[]
}
export interface EveningData {
  isOver: boolean
  id: number
  classroom: number
  classroomName: string
  task: number
  assignment: number | null
  retestAssignment: number | null
  title: string
  startsAt: string | null
  version: number
  draft: EveningDraft
  plan: SittingPlan[]
}
export interface Plate {
  attempt: number
  trainee: number
  name: string
  state: SittingState
  dueAt: string | null
  left: number | null
  from: number
  to: number
  retest: boolean
  placed: number
  ends: number
  /**
   * Whether the seat is open on a screen now, or its trainee was marked as here.
   */
  isHere: boolean
  word: string | null
  moves: SittingMove[]
}
export interface WallStation {
  id: string
  label: string
  x: number
  y: number
  surface: string
  parts: number
  now: Plate | null
  next: NextSitting[]
}
export interface NextSitting {
  name: string
  from: number
  retest: boolean
}
export interface Wall {
  evening: number
  title: string
  classroom: string
  assignment: number | null
  retest: number | null
  isHeld: boolean
  isClosed: boolean
  startsAt: string | null
  stations: WallStation[]
  tag: string
  serverTime: string
}
export interface PartCheck {
  evening: number
  title: string
  stations: PartStation[]
}
export interface PartStation {
  id: string
  label: string
  parts: CheckedPart[]
}
export interface CheckedPart {
  id: string
  name: string
  should: string
  ok: boolean | null
  note: string
}
export interface KeepPart {
  station: string
  part: string
  ok: boolean | null
  note?: string | null
}
export interface HuntNamed {
  text: string
  /**
   * Null where it is not told: in an exam, before the mark is out.
   */
  isRight: boolean | null
}
/**
 * What somebody who looks for a fault knows so far.
 *
 */
export interface HuntNow {
  symptom: string
  faults: number
  opened: string[]
  named: HuntNamed[]
  seen: number
  states: number
  /**
   * How often a hand has changed something in a box.
   */
  hands: number
  /**
   * Whether something that was found so far is put right in a box.
   */
  needsHands: boolean
  canUndo: boolean
  canRedo: boolean
}
export interface NamedPart {
  id: string
  name: string
}
export interface NamedBox {
  id: string
  name: string
  items: NamedPart[]
}
export interface Namings {
  kinds: NamedPart[]
  boxes: NamedBox[]
}
export interface NewPart {
  id: string
  box: string
  name: string
  fits: NamedPart[]
}
export interface NewRun {
  id: string
  box: string
  name: string
}
export interface Repairs {
  parts: NewPart[]
  runs: NewRun[]
}
export interface HuntStep {
  name: string
  state: string
  why: string
}
export interface WeighedLine {
  text: string
  percent: number
  better: string
  left: number
}
export interface BestLine {
  text: string
  left: number
}
/**
 * How a fault was looked for, told afterwards: the path beside the best one.
 *
 */
export interface HuntReport {
  symptom: string
  faults: string[]
  named: HuntNamed[]
  /**
   * What was not right on the board when it was handed in; of a report kept before hands made repairs nothing is known.
   */
  left?: string[]
  steps: HuntStep[]
  hazards: string[]
  path: WeighedLine[]
  best: BestLine[]
}
/**
 * As whoever teaches them sees them.
 *
 */
export interface Trainee {
  id: number
  name: string
  /**
   * Student number of the college.
   */
  number: string | null
  role: Role
  /**
   * The name to sign in with.
   */
  username: string
  /**
   * Extra time, of the time that is set.
   */
  extraPercent: number
}
export interface Classroom {
  id: number
  name: string
  isMine: boolean
  archived: boolean
  endsOn: string | null
  sharedWith: User[]
  trainees: Trainee[]
}
export interface ClassroomName {
  name: string
}
export interface ClassroomChange {
  name?: string
  archived?: boolean
  endsOn?: string | null
}
/**
 * A list as it was pasted, or the bytes of a file.
 *
 */
export interface RosterText {
  text?: string | null
  base64?: string | null
}
export interface RosterRow {
  line: number
  name: string
  number: string | null
  extraPercent: number
  fault: string | null
}
export interface Roster {
  rows: RosterRow[]
}
export interface NewTrainees {
  trainees: {
    name: string
    number?: string | null
    extraPercent?: number
  }[]
}
/**
 * What a person needs to sign in the first time; told once.
 *
 */
export interface Slip {
  id: number
  name: string
  number: string | null
  username: string
  code: string
}
export interface Slips {
  slips: Slip[]
}
export interface TraineeChange {
  seen: {
    name: string
    extraPercent: number
  }
  name?: string
  number?: string | null
  extraPercent?: number
}
export interface Invitation {
  name: string
}
export interface PasswordChange {
  current: string
  password: string
}
export interface SecondFactor {
  isOn: boolean
}
/**
 * A secret to scan; it counts once a code of it is typed.
 *
 */
export interface NewSecondFactor {
  secret: string
  address: string
}
export interface OneTimeCode {
  code: string
}
export interface CurrentPassword {
  current: string
}
export interface StatusLine {
  what: string
  state: 'good' | 'watch' | 'bad'
  text: string
}
/**
 * How the installation is.
 *
 */
export interface Status {
  time: string
  lines: StatusLine[]
}
export interface Session {
  user: User | null
  /**
   * Made-up people with a password that everybody knows.
   */
  isDemo: boolean
  /**
   * False while the password of an invitation is used.
   */
  isPasswordOwn: boolean
  /**
   * None before someone signs in.
   */
  practices: PracticeLook[]
}
export interface PracticeLook {
  id: string
  name: string
  short: string
  imperial: boolean
  /**
   * Else it reckons the drop of voltage.
   */
  reckonsBoxFill: boolean
  /**
   * What boxes snap to at the wall.
   */
  gridMm: number
  earths: string
  leakageBreaker: string
  /**
   * Said wherever a hand goes to a real board.
   */
  cautions: {
    hands: string
    live: string
    neutral: string
  }
  orders: {
    boxByBox: string
    farthestFirst: string
  }
}
export interface SignIn {
  username: string
  password: string
  /**
   * Six digits, where a second factor is on.
   */
  code?: string
}
/**
 * What every answer is that says no.
 *
 */
export interface Refusal {
  message: string
  problems?: FileProblem[]
  errors?: {
    [k: string]: string[]
  }
  again?: boolean
  [k: string]: unknown
}
export interface PlanLine {
  /**
   * The first in the list that differs from it only in which color carries what; its own number for that one.
   */
  head: number
  schemeId: string | null
  scheme: string
  /**
   * What its cores carry that they do not in the first of its kind; for those, in the first plan of all.
   */
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
  /**
   * The number at which the list stops, if there may be more.
   */
  truncated: number | null
  neutrals: string[]
}
export interface Edition {
  id: string
  title: string
  own: boolean
}
export interface OrderStep {
  text: string
  box: string
  /**
   * Where it is and where it goes.
   */
  places: string[]
  steps: Step[]
}
export interface CableRoles {
  cable: string
  print: string
  cores: {
    colour: ConductorColour
    flag: string
    name: string
    role: string
    rank: number
  }[]
}
export interface PlanData {
  practice: 'na' | 'gb'
  board: BoardLook
  standing: Step[]
  cores: CableRoles[]
  orders: {
    boxByBox: OrderStep[]
    farthestFirst: OrderStep[]
  }
  verdict: VerdictData
}
export interface VerdictData {
  /**
   * Which of the tries it is of.
   */
  try?: number
  tries?: JudgedTry[]
  verdict: Verdict
  headline: string
  schemes: SchemeData[]
  edition: string
  editions: Edition[]
  changes: EditionChanges
  diagram: DiagramData
  layerNames: {
    line: string
    neutral: string
    earth: string
  }
  layers: {
    line: string[]
    neutral: string[]
    earth: string[]
  }
  figures: FigureBlock[]
  repair: RepairData
  nearest: NearestPlan
  /**
   * That sections are cited from memory, said once for all findings.
   */
  cited: string
  caution: string
  switches: {
    id: string
    label: string
    box: string
  }[]
  lamps: VerdictLamp[]
  trips: string
  findings: Finding[]
  judged?: JudgedData1
}
export interface SchemeData {
  id: string | null
  name: string
  note: string
  lamps: string
}
export interface EditionChanges {
  verdictThen: Verdict
  appear: string[]
  vanish: string[]
}
/**
 * Distances are in characters across and rows down.
 *
 */
export interface DiagramData {
  width: number
  rows: number
  symbols: DiagramSymbol[]
  wires: DiagramWire[]
}
export interface DiagramSymbol {
  id: string
  kind: 'line' | 'neutral' | 'earth' | 'switch' | 'lamp' | 'receptacle'
  x: number
  width: number
  row: number
  rows: number
  pins: DiagramPin[]
  /**
   * Pairs of places that are one in each position.
   */
  contacts: {
    up: [string, string][]
    down: [string, string][]
  }
  earthed: boolean | null
}
export interface DiagramPin {
  place: string
  x: number
  row: number
  name: string
}
export interface DiagramWire {
  role: string
  layer: Layer
  pieces: [number, number, number, number][]
  dots: [number, number][]
  stub: boolean
  places: string[]
}
export interface FigureBlock {
  title: string
  fits: boolean | null
  rows: [string, string][]
  note: string
}
export interface RepairData {
  /**
   * How many moves do what; not there in what was judged before it was told.
   */
  title?: string
  /**
   * What is left after them; empty where nothing is.
   */
  note?: string
  /**
   * Longer ones that end in a better verdict; not there in what was judged before they were told.
   */
  also?: RepairWay[]
  /**
   * Each with the board as it stands after it.
   */
  moves: {
    text: string
    box: string
    /**
     * Where it is and where it goes.
     */
    places: string[]
    standing: Step[]
  }[]
  /**
   * What the board does after the last move; not there in what was judged before it was told.
   */
  after?: {
    verdict: Verdict
    lamps: {
      id: string
      states: string
    }[]
    trips: string
  } | null
  /**
   * The usual mistakes that it takes back, in words.
   */
  undoes: string
  reason: string | null
}
export interface RepairWay {
  /**
   * How many moves do what.
   */
  title: string
  /**
   * What is left after them; empty where nothing is.
   */
  note: string
  /**
   * Each with the board as it stands after it.
   */
  moves: {
    text: string
    box: string
    /**
     * Where it is and where it goes.
     */
    places: string[]
    standing: Step[]
  }[]
  /**
   * What the board does after the last move; not there in what was judged before it was told.
   */
  after: {
    verdict: Verdict
    lamps: {
      id: string
      states: string
    }[]
    trips: string
  } | null
  /**
   * The usual mistakes that it takes back, in words.
   */
  undoes: string
}
/**
 * The plan that lies nearest to a wiring.
 *
 */
export interface NearestPlan {
  headline: string | null
  changes: RepairMove[]
  standing: Step[]
}
export interface RepairMove {
  text: string
  box: string
  /**
   * Where it is and where it goes.
   */
  places: string[]
}
export interface VerdictLamp {
  id: string
  label: string
  box: string
  states: string
  expected: string | null
}
export interface Finding {
  code: string
  severity: Severity
  at: string[]
  boxes: string[]
  message: string
  reference: string
  causedBy: number | null
}
/**
 * When and by what a piece of work was judged; `stood`: what was kept at the hand-in, where an upgrade judges otherwise.
 */
export interface JudgedData1 {
  origin: 'hand-in' | 'upgrade' | 're-mark'
  rules: number
  engine: number
  at: string
  stood: {
    verdict: Verdict
    headline: string
  } | null
}
/**
 * What is kept about a line of the materials list; empty where it is not.
 *
 */
export interface ShelfLine {
  part: string
  price: string
  held: string
  unit: string
}
export interface MaterialsData {
  sets: number
  practice: 'na' | 'gb'
  /**
   * What the allowances are given in: inches or millimetres.
   */
  unit: string
  allowances: {
    free: number
    sheath: number
    waste: number
    round: number
  }
  allowed: string
  materials: {
    kind: string
    what: string
    amount: string
    cost: string
    short: string
  }[]
  /**
   * In step with the materials.
   */
  shelf: ShelfLine[]
  total: string
  cuts: {
    cable: string
    type: string
    from: string
    to: string
    run: string
    cut: string
  }[]
  labels: {
    cable: string
    end: string
    other: string
    carries: string
  }[]
  schedule: {
    box: string
    cable: string
    conductor: string
    carries: string
    lands: string
    mark: string
  }[]
  markOut: {
    box: string
    left: string
    height: string
    stud: string
    depth: string
  }[]
  fold: {
    box: string
    layers: string[]
  }[]
  spares: {
    box: string
    ends: string
  }[]
  /**
   * Of each place beyond the board: what opening a box does to it, and what to check there afterwards.
   */
  onward: string[]
  roses: {
    rose: string
    blocks: {
      block: string
      holes: string
    }[]
    dark: string
  }[]
  lookAlikes: string[]
  readings: {
    what: string
    with: string
    reading: string
  }[]
}
/**
 * Every page of a plan as it is printed.
 *
 */
export interface PaperPages {
  title: string
  practice: 'na' | 'gb'
  /**
   * What the pages look like, as a style sheet.
   */
  style: string
  caution: string
  pages: {
    page: string
    name: string
    /**
     * Whether it tells answers.
     */
    tells: boolean
    html: string
  }[]
}
/**
 * One thing done at a board under test; places as the bench names them.
 *
 */
export interface ProofAct {
  kind: ActKind
  on?: string | null
  with?: InstrumentId | null
  one?: string | null
  other?: string | null
  step?: Step
}
export interface DoAct {
  /**
   * When it was made, by the clock of the device.
   */
  at?: string | null
  key: string
  act: ProofAct
}
export interface BeginProof {
  isOn: boolean
}
export interface SupplyPart {
  id: string
  name: string
  state: 'on' | 'off' | 'tripped'
  isLocked: boolean
  isTagged: boolean
}
export interface ProofSwitch {
  id: string
  box: string
  label: string
  position: 'up' | 'down'
}
export interface ProofLamp {
  id: string
  box: string
  label: string
  state: 'on' | 'dim' | 'off' | 'flickers'
  isOut: boolean
}
export interface HeldProbe {
  with: InstrumentId
  one: string
  other: string | null
}
/**
 * What an instrument shows.
 *
 */
export interface Reading {
  with: InstrumentId
  shown:
    | 'number'
    | 'over'
    | 'marks'
    | 'lit'
    | 'dark'
    | 'lamps'
    | 'live-warning'
    | 'fuse-blown'
    | 'no-volts'
    | 'tripped'
    | 'no-trip'
  figure: string
  unit: string
  lamps: boolean[]
  words: string
}
export interface Instrument {
  id: InstrumentId
  name: string
  about: string
  touches: number
  isPlug: boolean
}
export interface ProofBench {
  instruments: Instrument[]
  caution: string
  namings: Namings | null
  repairs: Repairs | null
}
/**
 * A board under test as eyes find it.
 *
 */
export interface ProofData {
  isBegun: boolean
  acts: number
  isLive: boolean
  parts: SupplyPart[]
  switches: ProofSwitch[]
  lamps: ProofLamp[]
  isFuseWhole: boolean
  isNulled: boolean
  link: string[] | null
  held: HeldProbe | null
  reading: Reading | null
  said: string
  isRefused: boolean
  trip: 'breaker' | 'rcd' | null
  need: 'none' | 'free' | 'isolation' | 'dead-tests'
  lines: string[]
  bench?: ProofBench
  ahead: FlipAhead[] | null
  hunt: HuntNow | null
}
export interface FlipAhead {
  switch: string
  lamps: {
    [k: string]: 'on' | 'dim' | 'off'
  }
  isLive: boolean
  trip: 'breaker' | 'rcd' | null
  reading: Reading | null
}
export interface SheetStep {
  id: string
  name: string
  state: 'done' | 'missing' | 'void'
  why: string
  caution: string
}
export interface SheetLine {
  id: string
  name: string
  isDead: boolean
  reading: string
  isGood: boolean | null
  left: string
  why: string
}
export interface TestSheet {
  title: string
  caution: string
  who: string
  isSilent: boolean
  steps: SheetStep[]
  hazards: string[]
  lines: SheetLine[]
}
export interface TrapBoard {
  lamps: {
    [k: string]: string
  }
  trips: string
  from: number
  flips: string[]
  tell: string[]
  sentence: string
}
export interface WalkReport {
  sentence: string
  luck: string
  mistakes: string[]
  shortest: string[]
  trap: TrapBoard | null
}
export interface WalkData {
  switches: string[]
  lamps: {
    [k: string]: string
  }
  state: number
  flips: string[]
  seen: number
  next: string | null
  isSignedOff: boolean
  report: WalkReport | null
  answered: boolean[]
}
export interface ClassQuestion {
  lamp: string
  state: number
  switch: string
  isOn: boolean
  sayOn: string[]
  sayOff: string[]
}
export interface NextQuestion {
  question: ClassQuestion | null
}
export interface ReadingsAhead {
  readings: {
    [k: string]: Reading
  }
}
export interface Move {
  move: SittingMove
  minutes?: number | null
  why?: string | null
}
export interface Moved {
  moved: number
  /**
   * Who was not started, and why.
   */
  waits: {
    attempt: number
    name: string
    why: string
  }[]
}
export interface Clock {
  state: SittingState
  dueAt: string | null
  serverTime: string
  tag: string
}
export interface Away {
  away: boolean
}
export interface LateStep {
  id: number
  step: {}
  words: string
  device: string
  number: number
  reason: string
  madeAt: string
  receivedAt: string
  accepted: boolean | null
  fits: boolean
}
/**
 * What a device made before the end and sent after it.
 *
 */
export interface LateAct {
  id: number
  kind: 'answer' | 'photograph' | 'act'
  words: string
  madeAt: string
  receivedAt: string
  accepted: boolean | null
}
export interface Settle {
  accepted: boolean
}
export interface RecordLine {
  at: string
  who: string
  trainee: string
  what: string
  from: string
  to: string
  why: string
}
export interface Override {
  line: string
  points: number | null
  why: string
}
export interface Note {
  note: string | null
}
export interface MarkGrid {
  classroom: number
  name: string
  tasks: GridTask[]
  people: GridPerson[]
}
export interface GridTask {
  assignment: number
  title: string
  mode: string
}
export interface GridPerson {
  number: string | null
  id: number
  name: string
  cells: GridCell[]
}
export interface GridCell {
  assignment: number
  attempt: number
  state: string
  got: number | null
  total: number | null
  passes: boolean | null
  isOpen: boolean
}
export interface AsBuilt {
  attempt: number
  trainee: string
  title: string
  seat: number | null
  practice: string
  state: SittingState
  dueAt: string | null
  serverTime: string
  isOnWall: boolean
  boxes: AsFoundBox[]
  marks: {
    id: string
    name: string
  }[]
  observations: ObservationItem[]
  observed: {
    [k: string]: boolean
  }
  note: string
}
export interface ObservationItem {
  what: string
  text: string
  of: number
}
export interface KeepAsBuilt {
  asPlanned?: boolean
  lands?: {} | unknown[]
  marks?: {} | unknown[]
}
export interface MarkingTaken {
  changed: boolean
}
export interface PhotographLine {
  id: number
  box: string
  at: string
}
/**
 * A photograph of a box: JPEG in base 64, made small.
 *
 */
export interface KeepPhotograph {
  /**
   * When it was made, by the clock of the device.
   */
  at?: string | null
  box: string
  jpeg: string
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
/**
 * A task tried before it is used.
 *
 */
export interface TaskTrial {
  problems: FileProblem[]
  /**
   * Rules that a stored task weighs and that are faults by now.
   */
  dropped: string[]
  /**
   * Why it could not be set.
   */
  refusals: string[]
  spread: {
    layouts: number
    allLayouts: number
    looks: number
    all: number
    /**
     * @minItems 2
     * @maxItems 2
     */
    joints: [number, number]
    /**
     * @minItems 2
     * @maxItems 2
     */
    conductors: [number, number]
    refusal: string
  } | null
  sketch: Sketch
  seats: {
    seat: number
    feed: string
    light: string
    order: string
    joints: number
    sketch: Sketch
  }[]
}
/**
 * Which mistakes a task would let pass, and which right wirings would lose marks; both null where nothing is wired.
 *
 */
export interface TaskAttack {
  /**
   * The board that the attacked wirings are of, as it can be drawn.
   */
  board: BoardLook | null
  attack: {
    mistakes: number
    oddities: number
    /**
     * Whether all were tried before time was up.
     */
    isFinished: boolean
    hasPairs: boolean
    passingCount: number
    losingCount: number
    passing: AttackedBoard[]
    losing: AttackedBoard[]
  } | null
}
/**
 * What a task may say, with the words for it.
 *
 */
export interface TaskWords {
  /**
   * Of the board.
   */
  title: string
  boxes: {
    id: string
    label: string
  }[]
  /**
   * Whether something is written on its as-found sheet.
   */
  hasAsFound: boolean
  /**
   * What can differ from seat to seat on real boards.
   */
  movable: string[]
  kinds: {
    [k: string]: string
  }
  faultKinds: {
    [k: string]: string
  }
  /**
   * What it counts as where a task says nothing: a remark or a note.
   */
  rules: {
    code: string
    text: string
    own: string
  }[]
  /**
   * Ready sets of rules, to be taken by one tap.
   */
  ruleSets: {
    id: string
    name: string
    note: string
    rules: {
      [k: string]: 'fault' | 'off'
    }
  }[]
  habits: {
    id: string
    name: string
    positions: {
      id: string
      text: string
    }[]
  }[]
}
/**
 * `marking`: the text of a marking file.
 *
 */
export interface KeepMarking {
  marking: string
}
/**
 * `task`: the text of a task file.
 *
 */
export interface KeepTask {
  boardFile: number
  marking: number
  task: string
  base?: number
}
export interface TryTask {
  boardFile: number
  marking: number
  task: string
  seats?: number
  row?: number
}
export interface SetTask {
  classroom: number
  trainees: number[]
  row?: number
  /**
   * It is meant, where the task waits to be begun in this class already.
   */
  twice?: boolean
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
  steps: PathStep[]
}
export interface PathStep {
  words: string
  box: string
  hops: number
}
export interface Debrief {
  mistakes: string[]
  order: {
    percent: number
    own: string[]
    recognised: string[]
  } | null
  questions: {
    question: string
    answer: string
  }[]
}
