import { say } from '@/shared/words/say'
import { inTurn } from './inTurn'
import type {
  AsBuilt,
  Clock,
  EveningData,
  EveningPlan,
  KeepEvening,
  KeepPart,
  KeepMarkTable,
  LateAct,
  LateStep,
  MarkGrid,
  MarkTable,
  MarkingTaken,
  Move,
  Moved,
  Override,
  PartCheck,
  RecordLine,
  Wall,
  NewTry,
  Try,
  AsFoundPlan,
  AsFoundSheet,
  Assignment,
  AssignmentLine,
  AttemptSummary,
  BenchData,
  Board,
  BoardChange,
  BoardFile,
  ClassDrills,
  Classroom,
  ClassroomChange,
  Converted,
  Debrief,
  DrawingData,
  DrillData,
  DrillKind,
  DrillLine,
  DrawingReview,
  FileProblem,
  AttemptDiagnosis,
  PhotographLine,
  DiagnosisData,
  HuntReport,
  GradedAttempt,
  HelpData,
  LibraryBoard,
  MarkingData,
  MarkingFile,
  MaterialsData,
  NeutralAnswer,
  NextQuestion,
  NewTrainees,
  PaperPages,
  PathData,
  Pattern,
  PlanData,
  PlanList,
  ProofAct,
  ProofData,
  QuestionSheet,
  ReadingsAhead,
  ReGradePreview,
  Roster,
  RosterText,
  NewSecondFactor,
  SecondFactor,
  SeenBoard,
  Session,
  Slip,
  Slips,
  StepEntry,
  Status,
  StepReceipt,
  TaskAttack,
  TaskData,
  TaskFile,
  TaskTrial,
  TaskWords,
  TesterReading,
  TestSheet,
  Tonight,
  Trainee,
  TraineeChange,
  User,
  VerdictData,
  WalkData,
} from './generated/http'

/** The server answered, and said no. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly problems: FileProblem[] = [],
    readonly json: Record<string, unknown> | null = null,
  ) {
    super(message)
  }
}

/** The server did not answer, or says itself that it cannot for now: what was sent is sent again. */
export class NoAnswer extends Error {
  /** @param told  what it says: its disk is full, say; empty where nothing came back */
  constructor(readonly told = '') {
    super(told || say('shared.the-server-is-not-answering'))
  }
}

function csrfToken(): string {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : ''
}

/** A session that ran out takes its token with it: fetch a new one and ask again. */
const TOKEN_RAN_OUT = 419

/** The planner is busy with what was asked before: ask again in a moment. */
const BUSY = 429
const MOST_TIMES = 12
const AGAIN_MS = 700
const isBusy = (error: unknown) =>
  error instanceof Refused &&
  error.status === BUSY &&
  typeof error.json?.message === 'string' &&
  error.json.again === true

async function request<T>(
  method: string,
  path: string,
  body?: unknown,
  timeoutMs = 15_000,
  signal?: AbortSignal,
): Promise<T> {
  for (let times = 1; ; times++) {
    try {
      return await requestSignedIn<T>(method, path, body, timeoutMs, signal)
    } catch (error) {
      if (!isBusy(error) || times === MOST_TIMES || signal?.aborted) throw error
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
    }
  }
}

/** A task is tried and attacked at once: one after the other. */
const search = inTurn()

async function requestSignedIn<T>(
  method: string,
  path: string,
  body: unknown,
  timeoutMs: number,
  signal?: AbortSignal,
): Promise<T> {
  try {
    return await requestOnce<T>(method, path, body, timeoutMs, signal)
  } catch (error) {
    if (!(error instanceof Refused) || error.status !== TOKEN_RAN_OUT) throw error
    await requestOnce('GET', 'session', undefined, timeoutMs)
    return await requestOnce<T>(method, path, body, timeoutMs, signal)
  }
}

async function requestOnce<T>(
  method: string,
  path: string,
  body: unknown,
  timeoutMs: number,
  signal?: AbortSignal,
): Promise<T> {
  let response: Response
  const limit = AbortSignal.timeout(timeoutMs)
  try {
    response = await fetch(`/api/${path}`, {
      method,
      credentials: 'same-origin',
      headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': csrfToken() },
      body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
      signal: signal && 'any' in AbortSignal ? AbortSignal.any([limit, signal]) : limit,
    })
  } catch {
    throw new NoAnswer()
  }
  if (response.status === 204) return undefined as T
  const json = (await response.json().catch(() => null)) as Record<string, unknown> | null
  if (response.ok && json !== null) return json as T
  if (response.status >= 502 && response.status <= 504) throw new NoAnswer(numbered(json))
  throw new Refused(response.status, messageOf(response.status, json), (json?.problems as FileProblem[]) ?? [], json)
}

/** What an error says of itself that has a number; anything else at 5xx is not meant for people. */
function numbered(json: Record<string, unknown> | null): string {
  return typeof json?.number === 'string' && typeof json.message === 'string' ? json.message : ''
}

function messageOf(status: number, json: Record<string, unknown> | null): string {
  if (status === 401 || status === 419) return say('shared.you-are-signed-out-sign')
  if (status === 404) return say('shared.there-is-nothing-here-for')
  if (status >= 500 && numbered(json)) return numbered(json)
  if (status >= 500 || typeof json?.message !== 'string') return say('shared.the-server-could-not-do')
  return json.message
}

/** The part of an address after the question mark, without what is empty. */
function queryOf(params: Record<string, string>): string {
  const query = new URLSearchParams(Object.entries(params).filter(([, value]) => value !== '')).toString()
  return query ? `?${query}` : ''
}

/** What is printed on; what is left out is as usual. */
export interface PaperSheet {
  size: string
  boards: number
  isDuplex: boolean
  /** Ready-cut labels, and nothing else. */
  labels: string
  firstLabel: number
}

const sheetQuery = ({ size = '', boards = 1, isDuplex = false, labels = '', firstLabel = 1 }: Partial<PaperSheet>) => ({
  size,
  boards: boards > 1 ? String(boards) : '',
  sides: isDuplex ? '2' : '',
  labels,
  first: labels && firstLabel > 1 ? String(firstLabel) : '',
})

/** A task with the board and the marking that it goes with. */
export interface TaskDraft {
  boardFile: number
  marking: number
  task: TaskFile
}

const sent = ({ boardFile, marking, task }: TaskDraft) => ({ boardFile, marking, task: JSON.stringify(task) })

export const api = {
  session: () => request<Session>('GET', 'session'),
  signIn: (username: string, password: string, code = '') =>
    request<Session>('POST', 'session', { username, password, ...(code ? { code } : {}) }),
  signOutElsewhere: () => request<void>('DELETE', 'sessions'),
  secondFactor: () => request<SecondFactor>('GET', 'second-factor'),
  newSecondFactor: () => request<NewSecondFactor>('POST', 'second-factor'),
  confirmSecondFactor: (code: string) => request<void>('PUT', 'second-factor', { code }),
  endSecondFactor: (current: string) => request<void>('DELETE', 'second-factor', { current }),
  signOut: () => request<void>('DELETE', 'session'),
  boardFiles: () => request<LibraryBoard[]>('GET', 'board-files'),
  status: () => request<Status>('GET', 'status'),
  boardFile: (id: number) => request<LibraryBoard>('GET', `board-files/${id}`),
  changeBoard: (id: number, change: BoardChange) => request<BoardFile>('PATCH', `board-files/${id}`, change),
  deleteBoard: (id: number) => request<void>('DELETE', `board-files/${id}`),
  bringBoardBack: (id: number) => request<BoardFile>('POST', `board-files/${id}/back`),
  shareBoard: (id: number, instructor: number, on: boolean) =>
    request<void>(on ? 'PUT' : 'DELETE', `board-files/${id}/instructors/${instructor}`),
  addBoardFile: (text: string) => request<BoardFile>('POST', 'board-files', text),
  patterns: () => request<Pattern[]>('GET', 'patterns'),
  startDrawing: (what: { practice: Board['practice'] } | { copyOf: number } | { pattern: string }) =>
    request<DrawingData>('POST', 'drawings', what),
  drawing: (id: number) => request<DrawingData>('GET', `drawings/${id}`),
  keepDrawing: (id: number, base: number, board: Board) =>
    request<DrawingData>('PUT', `drawings/${id}`, {
      base,
      title: board.title,
      practice: board.practice,
      board: JSON.stringify(board),
    }),
  reviewDrawing: (board: Board, signal?: AbortSignal) =>
    request<DrawingReview>('POST', 'drawing-looks', JSON.stringify(board), 15_000, signal),
  neutralIn: (board: Board, box: string) =>
    request<NeutralAnswer>('POST', `drawing-neutrals${queryOf({ box })}`, JSON.stringify(board)),
  plans: (boardFile: number, edition = '') =>
    request<PlanList>('GET', `board-files/${boardFile}/plans${queryOf({ edition })}`, undefined, 60_000),
  plan: (boardFile: number, plan: number, edition = '') =>
    request<PlanData>('GET', `board-files/${boardFile}/plans/${plan}${queryOf({ edition })}`),
  diagnose: (boardFile: number, seen: SeenBoard) =>
    search(() => request<DiagnosisData>('POST', `board-files/${boardFile}/diagnosis`, seen, 20_000)),
  photographs: (attempt: number) => request<PhotographLine[]>('GET', `attempts/${attempt}/photographs`),
  /** @param  at  when it was taken, by this device: what comes after the end waits for the instructor */
  keepPhotograph: (attempt: number, box: string, jpeg: string, at: string) =>
    request<PhotographLine[]>('POST', `attempts/${attempt}/photographs`, { box, jpeg, at }, 30_000),
  deletePhotograph: (attempt: number, id: number) =>
    request<PhotographLine[]>('DELETE', `attempts/${attempt}/photographs/${id}`),
  photograph: (attempt: number, id: number) => `/api/attempts/${attempt}/photographs/${id}`,
  attemptDiagnosis: (attempt: number) => request<AttemptDiagnosis>('GET', `attempts/${attempt}/diagnosis`),
  diagnoseAttempt: (attempt: number, seen: SeenBoard) =>
    search(() => request<DiagnosisData>('POST', `attempts/${attempt}/diagnosis`, seen, 20_000)),
  confirmOnAttempt: (attempt: number, kind: string, at: readonly string[]) =>
    request<void>('PUT', `attempts/${attempt}/diagnosis`, { kind, at }),
  faultCards: (boardFile: number, seats: number, seed: string) =>
    `/api/board-files/${boardFile}/fault-cards${queryOf({ seats: String(seats), seed })}`,
  confirmMistake: (boardFile: number, kind: string, at: readonly string[]) =>
    request<void>('POST', `board-files/${boardFile}/confirmed-mistakes`, { kind, at }),
  roomQuestion: (boardFile: number, plan: number, asked: string) =>
    request<NextQuestion>('GET', `board-files/${boardFile}/plans/${plan}/question${queryOf({ asked })}`),
  planPath: (boardFile: number, plan: number, lamp: string, state: number, edition = '', isBack = false) =>
    request<PathData>(
      'GET',
      `board-files/${boardFile}/plans/${plan}/path${queryOf({ lamp, state: String(state), edition, back: isBack ? '1' : '' })}`,
    ),
  materials: (boardFile: number, plan: number, asked: Record<string, string>) =>
    request<MaterialsData>('GET', `board-files/${boardFile}/plans/${plan}/materials${queryOf(asked)}`),
  asFound: (boardFile: number, number = 1) =>
    request<AsFoundSheet>('GET', `board-files/${boardFile}/as-found${queryOf({ number: String(number) })}`),
  keepAsFound: (
    boardFile: number,
    what: ({ lands: Record<string, string>; marks: Record<string, string> } | { wiring: string } | { plan: number }) & {
      number: number
    },
  ) => request<AsFoundSheet>('PUT', `board-files/${boardFile}/as-found`, what),
  asFoundPlan: (boardFile: number, number = 1) =>
    request<AsFoundPlan>(
      'GET',
      `board-files/${boardFile}/as-found/plan${queryOf({ number: String(number) })}`,
      undefined,
      60_000,
    ),
  keepStockLine: (practice: Board['practice'], part: string, price: string, held: string) =>
    request<void>('PUT', 'stock-lines', { practice, part, price: price || null, held: held || null }),
  /** Address of one of the lists as a table to download. */
  tableOf: (boardFile: number, plan: number, csv: string, asked: Record<string, string>) =>
    `/api/board-files/${boardFile}/plans/${plan}/materials${queryOf({ ...asked, csv })}`,
  /** Address of a plan as a file that the commands take, or as a drawing. */
  fileOf: (boardFile: number, plan: number, as: 'board' | 'wiring' | 'spice' | 'svg' | 'blank-svg', edition: string) =>
    `/api/board-files/${boardFile}/plans/${plan}/file${queryOf({ as, edition })}`,
  /** Address of printed pages as a PDF; all of them without a wish. */
  paperOf: (boardFile: number, plan: number, pages: readonly string[] = [], sheet: Partial<PaperSheet> = {}) =>
    `/api/board-files/${boardFile}/plans/${plan}/paper${queryOf({ pages: pages.join(), ...sheetQuery(sheet) })}`,
  /** Every page as it is printed. */
  paperPages: (boardFile: number, plan: number) =>
    request<PaperPages>('GET', `board-files/${boardFile}/plans/${plan}/pages`, undefined, 60_000),
  /** Address of one page a seat as a PDF: what is asked there, or how it is wired. */
  seatPaperOf: (assignment: number, pages: 'sheets' | 'keys', sheet: Partial<PaperSheet> = {}) =>
    `/api/assignments/${assignment}/paper${queryOf({ pages, ...sheetQuery(sheet) })}`,
  convert: (boardFile: number, to: string) => request<Converted>('POST', `board-files/${boardFile}/converted`, { to }),
  evenings: () => request<EveningData[]>('GET', 'evenings'),
  evening: (id: number) => request<EveningData>('GET', `evenings/${id}`),
  planEvening: (draft: KeepEvening, evening: number | null) =>
    evening === null
      ? request<EveningPlan>('POST', 'evening-plans', draft)
      : request<EveningPlan>('PUT', `evenings/${evening}/plan`, draft),
  addEvening: (draft: KeepEvening) => request<EveningData>('POST', 'evenings', draft, 60_000),
  keepEvening: (id: number, base: number, draft: KeepEvening) =>
    request<EveningData>('PUT', `evenings/${id}`, { ...draft, base }, 60_000),
  setEvening: (id: number, twice = false) => request<EveningData>('POST', `evenings/${id}/set`, { twice }, 60_000),
  /** Nothing where the wall is as the asker has it. */
  wall: (id: number, have: string) => request<Wall | undefined>('GET', `evenings/${id}/wall${queryOf({ have })}`),
  eveningPaperOf: (id: number, page: string) => `/api/evenings/${id}/paper${queryOf({ page })}`,
  parts: (id: number) => request<PartCheck>('GET', `evenings/${id}/parts`),
  keepPart: (id: number, what: KeepPart) => request<PartCheck>('PUT', `evenings/${id}/parts`, what),
  moveSitting: (attempt: number, move: Move) => request<AttemptSummary>('POST', `attempts/${attempt}/moves`, move),
  /** Opening tries every seat first. */
  moveAll: (assignment: number, move: Move) => request<Moved>('POST', `assignments/${assignment}/moves`, move, 60_000),
  takeSettingBack: (assignment: number) => request<void>('DELETE', `assignments/${assignment}`),
  record: (assignment: number) => request<RecordLine[]>('GET', `assignments/${assignment}/record`),
  clock: (attempt: number, have: string) =>
    request<Clock | undefined>('GET', `attempts/${attempt}/clock${queryOf({ have })}`),
  wentAway: (attempt: number, away: boolean) => request<void>('PUT', `attempts/${attempt}/clock`, { away }),
  lateSteps: (attempt: number) => request<LateStep[]>('GET', `attempts/${attempt}/late-steps`),
  settleStep: (attempt: number, step: number, accepted: boolean) =>
    request<LateStep[]>('PUT', `attempts/${attempt}/late-steps/${step}`, { accepted }),
  lateActs: (attempt: number) => request<LateAct[]>('GET', `attempts/${attempt}/late-acts`),
  lateActOf: (attempt: number, id: number) => `/api/attempts/${attempt}/late-acts/${id}`,
  settleAct: (attempt: number, id: number, accepted: boolean) =>
    request<LateAct[]>('PUT', `attempts/${attempt}/late-acts/${id}`, { accepted }),
  asBuilt: (attempt: number) => request<AsBuilt>('GET', `attempts/${attempt}/as-built`),
  keepAsBuilt: (
    attempt: number,
    what: { asPlanned: true } | { lands: Record<string, string>; marks: Record<string, string> },
  ) => request<AsBuilt>('PUT', `attempts/${attempt}/as-built`, what),
  overrideMark: (attempt: number, what: Override) => request<GradedAttempt>('PUT', `attempts/${attempt}/mark`, what),
  noteOn: (attempt: number, note: string) => request<GradedAttempt>('POST', `attempts/${attempt}/note`, { note }),
  releaseOne: (attempt: number, isOut: boolean) =>
    request<GradedAttempt>(isOut ? 'POST' : 'DELETE', `attempts/${attempt}/release`),
  takeMarking: (assignment: number) => request<MarkingTaken>('PUT', `assignments/${assignment}/marking`),
  takeReleaseBack: (assignment: number) => request<Assignment>('DELETE', `assignments/${assignment}/release`),
  markSheetOf: (assignment: number, as: 'pdf' | 'csv', attempt = '') =>
    `/api/assignments/${assignment}/mark-sheet${queryOf({ as, attempt })}`,
  markTable: () => request<MarkTable>('GET', 'mark-table'),
  keepMarkTable: (what: KeepMarkTable) => request<MarkTable>('PUT', 'mark-table', what),
  /** Address of the marks of a class over a term, as one table. */
  termTableOf: (classroom: number, from = '', to = '') =>
    `/api/classrooms/${classroom}/mark-table${queryOf({ from, to })}`,
  markGrid: (classroom: number) => request<MarkGrid>('GET', `mark-grid${queryOf({ classroom: String(classroom) })}`),
  markings: () => request<MarkingData[]>('GET', 'markings'),
  addMarking: (marking: MarkingFile) => request<MarkingData>('POST', 'markings', { marking: JSON.stringify(marking) }),
  keepMarking: (id: number, marking: MarkingFile) =>
    request<MarkingData>('PUT', `markings/${id}`, { marking: JSON.stringify(marking) }),
  tasks: () => request<TaskData[]>('GET', 'tasks'),
  task: (id: number) => request<TaskData>('GET', `tasks/${id}`),
  taskWords: (boardFile: number) => request<TaskWords>('GET', `board-files/${boardFile}/task-words`),
  addTask: (what: TaskDraft) => request<TaskData>('POST', 'tasks', sent(what)),
  keepTask: (id: number, base: number, what: TaskDraft) =>
    request<TaskData>('PUT', `tasks/${id}`, { ...sent(what), base }),
  tryTask: (what: TaskDraft, seats: number, row: number) =>
    search(() => request<TaskTrial>('POST', 'task-trials', { ...sent(what), seats, row }, 60_000)),
  attackTask: (what: TaskDraft) => search(() => request<TaskAttack>('POST', 'task-attacks', sent(what), 120_000)),
  setTask: (id: number, what: { classroom: number; trainees: number[]; row: number; twice?: boolean }) =>
    request<Assignment>('POST', `tasks/${id}/assignments`, what, 60_000),
  marks: (assignment: number) => request<GradedAttempt[]>('GET', `assignments/${assignment}/marks`, undefined, 60_000),
  release: (assignment: number) => request<Assignment>('POST', `assignments/${assignment}/release`),
  mark: (attempt: number) => request<GradedAttempt>('GET', `attempts/${attempt}/mark`),
  observe: (attempt: number, observed: Record<string, boolean>, isSecond = false) =>
    request<GradedAttempt>('PUT', `attempts/${attempt}/observations`, { observed, isSecond }),
  huntReport: (attempt: number) => request<HuntReport>('GET', `attempts/${attempt}/hunt`),
  debrief: (attempt: number, tried = '') =>
    request<Debrief>('GET', `attempts/${attempt}/debrief${queryOf({ try: tried })}`),
  questions: (attempt: number) => request<QuestionSheet>('GET', `attempts/${attempt}/questions`),
  /** An object where it came after the end, and waits for the instructor. */
  answer: (attempt: number, question: number, answer: readonly number[], at: string | null) =>
    request<object | undefined>('PUT', `attempts/${attempt}/answers`, { question, answer, at }),
  help: (attempt: number) => request<HelpData>('GET', `attempts/${attempt}/help`),
  test: (attempt: number, one: string, other: string, down: readonly string[]) =>
    request<TesterReading>('GET', `attempts/${attempt}/test${queryOf({ one, other, down: down.join() })}`),
  /** No further try at an exam. */
  finish: (attempt: number) => request<void>('POST', `attempts/${attempt}/finish`),
  retry: (attempt: number, from: 'bare' | 'handed-in') => request<void>('POST', `attempts/${attempt}/retry`, { from }),
  tryBoard: (what: NewTry) => request<Try>('POST', 'tries', what, 60_000),
  leaveTry: (attempt: number) => request<void>('DELETE', `tries/${attempt}`),
  /** Address of what was tried as a wiring file. */
  fileOfTry: (attempt: number) => `/api/tries/${attempt}/file`,
  tonight: () => request<Tonight>('GET', 'tonight'),
  classrooms: () => request<Classroom[]>('GET', 'classrooms'),
  addClass: (name: string) => request<Classroom>('POST', 'classrooms', { name }),
  changeClass: (id: number, change: ClassroomChange) => request<Classroom>('PATCH', `classrooms/${id}`, change),
  shareClass: (id: number, instructor: number, on: boolean) =>
    request<void>(on ? 'PUT' : 'DELETE', `classrooms/${id}/instructors/${instructor}`),
  readRoster: (id: number, what: RosterText) => request<Roster>('POST', `classrooms/${id}/roster`, what),
  addTrainees: (id: number, trainees: NewTrainees['trainees']) =>
    request<Slips>('POST', `classrooms/${id}/trainees`, { trainees }, 60_000),
  removeTrainee: (id: number, trainee: number) => request<void>('DELETE', `classrooms/${id}/trainees/${trainee}`),
  moveTrainee: (id: number, trainee: number, to: number) =>
    request<void>('PUT', `classrooms/${id}/trainees/${trainee}/to/${to}`),
  changeTrainee: (trainee: number, change: TraineeChange) => request<Trainee>('PATCH', `trainees/${trainee}`, change),
  newCode: (trainee: number) => request<Slip>('POST', `trainees/${trainee}/code`),
  instructors: () => request<User[]>('GET', 'instructors'),
  invite: (name: string) => request<Slip>('POST', 'instructors', { name }),
  changePassword: (current: string, password: string) => request<void>('PUT', 'password', { current, password }),
  tellRefused: (attempt: number) => request<void>('POST', `attempts/${attempt}/refused`),
  assignments: () => request<AssignmentLine[]>('GET', 'assignments'),
  /** Nothing where `have` is its newest version. */
  assignment: (id: number, have = '') =>
    request<Assignment | undefined>('GET', `assignments/${id}${queryOf({ have })}`),
  reGradePreview: (attempt: number) => request<ReGradePreview>('GET', `attempts/${attempt}/re-mark`, undefined, 30_000),
  reMark: (attempt: number, take: boolean) =>
    request<GradedAttempt>('POST', `attempts/${attempt}/re-mark`, { take }, 30_000),
  assign: (what: { classroom: number; boardFile: number; trainees: number[]; minutes: number | null }) =>
    request<Assignment>('POST', 'assignments', what),
  attempts: () => request<AttemptSummary[]>('GET', 'attempts'),
  bench: (attempt: number) => request<BenchData>('GET', `attempts/${attempt}`),
  keepSteps: (attempt: number, device: string, base: number, steps: StepEntry[]) =>
    request<StepReceipt>('POST', `attempts/${attempt}/steps`, { device, base, steps }, 8_000),
  begin: (attempt: number) => request<void>('POST', `attempts/${attempt}/begin`),
  handIn: (attempt: number) => request<void>('POST', `attempts/${attempt}/hand-in`),
  drills: () => request<DrillLine[]>('GET', 'drills'),
  beginDrill: (kind: DrillKind, practice: string) => request<DrillData>('POST', 'drills', { kind, practice }),
  drill: (id: number) => request<DrillData>('GET', `drills/${id}`),
  measureDrill: (id: number, measure: string) => request<DrillData>('POST', `drills/${id}/measurements`, { measure }),
  answerDrill: (id: number, answers: readonly string[]) =>
    request<DrillData>('POST', `drills/${id}/answer`, { answers }),
  classDrills: (classroom: number) => request<ClassDrills[]>('GET', `classrooms/${classroom}/drills`),
  proof: (attempt: number) => request<ProofData>('GET', `attempts/${attempt}/proof`),
  readAhead: (attempt: number, instrument: string, one: string) =>
    request<ReadingsAhead>('GET', `attempts/${attempt}/proof/ahead${queryOf({ with: instrument, one })}`),
  beginProof: (attempt: number, isOn: boolean) => request<ProofData>('POST', `attempts/${attempt}/proof`, { isOn }),
  doAct: (attempt: number, key: string, act: ProofAct, at: string) =>
    request<ProofData>('POST', `attempts/${attempt}/proof/acts`, { key, act, at }, 8_000),
  testSheet: (attempt: number) => request<TestSheet>('GET', `attempts/${attempt}/proof/sheet`),
  walk: (attempt: number) => search(() => request<WalkData>('GET', `attempts/${attempt}/proof/walk`)),
  testSheetPaper: (attempt: number) => `/api/attempts/${attempt}/proof/paper`,
  /** @param  tried  which of the tries; empty: the newest */
  verdict: (attempt: number, edition = '', tried = '') =>
    request<VerdictData>('GET', `attempts/${attempt}/verdict${queryOf({ edition, try: tried })}`),
  path: (attempt: number, lamp: string, state: number, isBack = false, tried = '') =>
    request<PathData>(
      'GET',
      `attempts/${attempt}/path${queryOf({ lamp, state: String(state), back: isBack ? '1' : '', try: tried })}`,
    ),
}
