import { orSay, reasonOf } from '@/shared/api/orSay'
import { computed, onScopeDispose, reactive, readonly, ref, shallowReadonly, shallowRef, watch } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import { isWired } from '@/shared/api/taskKinds'
import { useTwice } from '@/shared/ui/useTwice'
import { useAttack } from './useAttack'
import { useTaskDraft } from './useTaskDraft'
import type {
  Classroom,
  FileProblem,
  MarkingData,
  TaskData,
  TaskFile,
  TaskTrial,
  TaskWords,
} from '@/shared/api/generated/http'

const SETTLED_MS = 500
const ROW = 6

/** One task being made by a person: tried after every change, saved when asked, set to a class. */
export function useTask(boardFile: number, taskId: number | null, person: number) {
  const words = shallowRef<TaskWords | null>(null)
  const markings = shallowRef<readonly MarkingData[]>([])
  const classrooms = shallowRef<readonly Classroom[]>([])
  const kept = shallowRef<readonly TaskData[]>([])
  const trial = shallowRef<TaskTrial | null>(null)
  const typed = useTaskDraft(person, boardFile, taskId)
  const failure = ref('')
  const refusal = ref('')
  const problems = ref<readonly FileProblem[]>([])
  const isTrying = ref(false)
  const busy = ref(false)
  const id = ref(taskId)
  const version = ref(1)
  const marking = ref(0)
  const classroom = ref(0)
  const task = reactive<TaskFile>({
    format: 'zwindle-task',
    version: 1,
    title: '',
    kind: 'wire',
    mode: 'exam',
    brief: '',
    minutes: 15,
    rules: {},
    help: [],
    tries: 1,
    order: null,
    positions: {},
    varying: [],
    surface: 'screen',
    seed: '',
    done: [],
    questions: 4,
    faults: 1,
    faultKinds: [],
    counts: 'best',
  })
  const isAnswered = computed(() => !isWired(task.kind))
  const trainees = computed(() => classrooms.value.find((one) => one.id === classroom.value)?.trainees ?? [])
  const markingVersion = computed(() => markings.value.find(({ id }) => id === marking.value)?.version ?? 0)
  const attack = useAttack(
    () => draft(),
    // What the mark of a wiring does not hang on (title, brief, seed, time) brings no new attack.
    () =>
      words.value && !isAnswered.value
        ? JSON.stringify([boardFile, task.kind, task.rules, marking.value, markingVersion.value])
        : null,
  )
  const asTyped = () => ({ version: version.value, ...draft() })
  function take(typed: { marking: number; task: TaskFile }) {
    if (markings.value.some(({ id }) => id === typed.marking)) marking.value = typed.marking
    Object.assign(task, typed.task)
  }
  const draft = () => ({ boardFile, marking: marking.value, task: JSON.parse(JSON.stringify(task)) as TaskFile })

  async function load() {
    await orSay(failure, async () => {
      const [foundWords, foundMarkings, foundClasses, foundTasks] = await Promise.all([
        api.taskWords(boardFile),
        api.markings(),
        api.classrooms(),
        api.tasks(),
      ])
      kept.value = foundTasks.filter(({ board }) => board.id === boardFile)
      markings.value = foundMarkings
      classrooms.value = foundClasses
      classroom.value = foundClasses[0]?.id ?? 0
      marking.value = foundMarkings[0]?.id ?? 0
      task.title = foundWords.title
      if (taskId !== null) {
        const found = await api.task(taskId)
        version.value = found.version
        marking.value = found.marking
        Object.assign(task, found.task)
      }
      take(typed.open(asTyped()))
      words.value = foundWords
      failure.value = ''
    })
  }

  let settled: ReturnType<typeof setTimeout> | undefined
  let newest = 0
  async function tryIt() {
    const own = ++newest
    isTrying.value = true
    try {
      const found = await api.tryTask(draft(), Math.max(1, trainees.value.length), ROW)
      if (own === newest) trial.value = found
      if (own === newest) refusal.value = ''
    } catch (error) {
      if (own === newest) refusal.value = reasonOf(error)
    } finally {
      if (own === newest) isTrying.value = false
    }
  }
  watch([() => ({ ...task }), marking, classroom, words], () => {
    if (!words.value) return
    typed.hold(asTyped())
    clearTimeout(settled)
    settled = setTimeout(() => void tryIt(), SETTLED_MS)
  })
  // Points for answers and points for work are two markings: the kind takes the one that suits it.
  watch(isAnswered, (now) => {
    const suits = markings.value.find((one) => (one.marking.points.answers ?? 0) > 0 === now)
    if (suits) marking.value = suits.id
  })
  onScopeDispose(() => clearTimeout(settled))

  async function guarded<T>(work: () => Promise<T>): Promise<T | null> {
    busy.value = true
    refusal.value = ''
    problems.value = []
    try {
      return await work()
    } catch (error) {
      refusal.value = reasonOf(error)
      problems.value = error instanceof Refused ? error.problems : []
      return null
    } finally {
      busy.value = false
    }
  }

  const save = () =>
    guarded(async () => {
      const kept = id.value === null ? await api.addTask(draft()) : await api.keepTask(id.value, version.value, draft())
      id.value = kept.id
      version.value = kept.version
      typed.saved()
      return kept.id
    })

  const twice = useTwice()
  async function set(isTwice = false): Promise<number | null> {
    const kept = await save()
    if (kept === null) return null
    const assignment = await guarded(() =>
      twice.once(
        (meant) =>
          api.setTask(kept, {
            classroom: classroom.value,
            trainees: trainees.value.map((trainee) => trainee.id),
            row: ROW,
            ...(meant ? { twice: true } : {}),
          }),
        isTwice,
      ),
    )
    return assignment?.id ?? null
  }

  const keepMarking = (changed: MarkingData['marking'], isCopy: boolean) =>
    guarded(async () => {
      const kept = isCopy ? await api.addMarking(changed) : await api.keepMarking(marking.value, changed)
      markings.value = await api.markings()
      marking.value = kept.id
      await tryIt()
      return kept.id
    })

  void load()

  return {
    words: shallowReadonly(words),
    markings: shallowReadonly(markings),
    classrooms: shallowReadonly(classrooms),
    kept: shallowReadonly(kept),
    trial: shallowReadonly(trial),
    failure: readonly(failure),
    refusal: readonly(refusal),
    problems: readonly(problems),
    isTrying: readonly(isTrying),
    attack,
    twice,
    busy: readonly(busy),
    id: readonly(id),
    isGivenBack: typed.isGivenBack,
    giveUp: () => take(typed.giveUp()),
    isAnswered,
    trainees,
    marking,
    classroom,
    task,
    load,
    save,
    set,
    keepMarking,
  }
}
