// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type EffectScope, effectScope } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { Assignment, Classroom, MarkingData, TaskData, TaskTrial, TaskWords } from '@/shared/api/generated/http'
import { useTask } from './useTask'

const SETTLED_MS = 500
const PERSON = 4
const words = {
  title: 'Barn',
  boxes: [],
  hasAsFound: false,
  movable: [],
  kinds: {},
  faultKinds: {},
  rules: [],
  ruleSets: [],
  habits: [],
} as TaskWords
const marking = (id: number, points: Record<string, number>, version = 1) =>
  ({ id, title: `marking ${id}`, version, isMine: false, marking: { points } }) as unknown as MarkingData
const trial = (joints: number) => ({ problems: [], spread: null, seats: [], joints }) as unknown as TaskTrial
const kept = (id: number, version: number) => ({ id, version, marking: 1, board: { id: 5 } }) as unknown as TaskData

let scope: EffectScope
async function opened(task: number | null = null) {
  scope = effectScope()
  const made = scope.run(() => useTask(5, task, PERSON))!
  await flushPromises()
  return made
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.spyOn(api, 'taskWords').mockResolvedValue(words)
  vi.spyOn(api, 'markings').mockResolvedValue([marking(1, { behaviour: 100 }), marking(2, { answers: 100 })])
  vi.spyOn(api, 'classrooms').mockResolvedValue([
    { id: 3, name: 'Evening', trainees: [{ id: 11 }, { id: 12 }] },
  ] as unknown as Classroom[])
  vi.spyOn(api, 'tasks').mockResolvedValue([])
  vi.spyOn(api, 'tryTask').mockResolvedValue(trial(0))
  vi.spyOn(api, 'attackTask').mockResolvedValue({ board: null, attack: null })
})
afterEach(() => {
  scope.stop()
  localStorage.clear()
  vi.useRealTimers()
  vi.restoreAllMocks()
})

/** What the rehearsal of the server sends: made by this screen, so that the two cannot drift. */
it('sends what tests/Corpus/task-screen.json says, kind by kind', async () => {
  const sent: Record<string, unknown> = {}
  vi.spyOn(api, 'addTask').mockImplementation(async (what) => {
    sent[what.task.kind] = what.task
    return kept(9, 1)
  })
  vi.spyOn(api, 'keepTask').mockImplementation(async (_id, _base, what) => {
    sent[what.task.kind] = what.task
    return kept(9, 1)
  })
  const made = await opened()
  for (const kind of ['wire', 'finish', 'fault', 'predict', 'trace', 'names', 'parts'] as const) {
    made.task.kind = kind
    await flushPromises()
    await made.save()
  }
  await expect(JSON.stringify(sent, null, 2) + '\n').toMatchFileSnapshot('../../../../tests/Corpus/task-screen.json')
})

describe('a task that is made', () => {
  it('takes the title of its board, the first class and the first marking', async () => {
    const made = await opened()
    expect([made.task.title, made.classroom.value, made.marking.value]).toEqual(['Barn', 3, 1])
    expect(made.trainees.value).toHaveLength(2)
  })

  it('says what is wrong instead of a form where the board does not come', async () => {
    vi.mocked(api.taskWords).mockRejectedValue(new Error('No such board.'))
    const made = await opened()
    expect(made.words.value).toBeNull()
    expect(made.failure.value).toBe('No such board.')
  })

  it('is tried when the hand rests, and shows the newest trial whichever comes first', async () => {
    const answers: ((found: TaskTrial) => void)[] = []
    vi.mocked(api.tryTask).mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
    const made = await opened()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    made.task.minutes = 20
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    answers[1]!(trial(2))
    answers[0]!(trial(1))
    await flushPromises()
    expect(made.trial.value).toMatchObject({ joints: 2 })
    expect(api.tryTask).toHaveBeenLastCalledWith(expect.objectContaining({ boardFile: 5, marking: 1 }), 2, 6)
  })

  it('takes the marking that suits its kind, and attacks only what is wired', async () => {
    const made = await opened()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    expect(api.attackTask).toHaveBeenCalledTimes(1)
    made.task.kind = 'predict'
    await flushPromises()
    expect(made.marking.value).toBe(2)
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    expect(api.attackTask).toHaveBeenCalledTimes(1)
    made.task.kind = 'wire'
    await flushPromises()
    expect(made.marking.value).toBe(1)
  })

  it('is attacked anew for another rule, not for another title or seed', async () => {
    const made = await opened()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    made.task.title = 'Another'
    made.task.seed = 'november'
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    expect(api.attackTask).toHaveBeenCalledTimes(1)
    made.task.rules = { 'line-unmarked': 'fault' }
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    expect(api.attackTask).toHaveBeenCalledTimes(2)
  })

  it('is kept first as new and then as the next version of the same', async () => {
    vi.spyOn(api, 'addTask').mockResolvedValue(kept(9, 1))
    vi.spyOn(api, 'keepTask').mockResolvedValue(kept(9, 2))
    const made = await opened()
    await made.save()
    await made.save()
    expect(api.addTask).toHaveBeenCalledTimes(1)
    expect(api.keepTask).toHaveBeenCalledWith(9, 1, expect.objectContaining({ boardFile: 5 }))
    expect(made.id.value).toBe(9)
  })

  it('is set to the class once it is kept, and not at all where it is refused', async () => {
    vi.spyOn(api, 'addTask').mockRejectedValueOnce(
      new Refused(422, 'The task is refused.', [{ pointer: '/kind', message: 'There is no such kind.' }]),
    )
    const set = vi.spyOn(api, 'setTask').mockResolvedValue({ id: 21 } as Assignment)
    const made = await opened()
    expect(await made.set()).toBeNull()
    expect(set).not.toHaveBeenCalled()
    expect(made.refusal.value).toBe('The task is refused.')
    expect(made.problems.value.map(({ message }) => message)).toEqual(['There is no such kind.'])

    vi.mocked(api.addTask).mockResolvedValue(kept(9, 1))
    expect(await made.set()).toBe(21)
    expect(set).toHaveBeenCalledWith(9, { classroom: 3, trainees: [11, 12], row: 6 })
    expect(made.refusal.value).toBe('')
  })

  it('opens what was kept, with its version and its marking', async () => {
    vi.spyOn(api, 'task').mockResolvedValue({
      ...kept(9, 4),
      marking: 2,
      task: { kind: 'trace', title: 'The path' },
    } as unknown as TaskData)
    vi.mocked(api.tasks).mockResolvedValue([kept(9, 4), { ...kept(8, 1), board: { id: 6 } } as unknown as TaskData])
    const made = await opened(9)
    expect([made.task.title, made.task.kind, made.marking.value]).toEqual(['The path', 'trace', 2])
    // Of the tasks of other boards none.
    expect(made.kept.value.map(({ id }) => id)).toEqual([9])
  })

  it('takes a marking that was made from another, and tries the task with it', async () => {
    vi.spyOn(api, 'addMarking').mockResolvedValue(marking(7, { behaviour: 100 }))
    const made = await opened()
    await vi.advanceTimersByTimeAsync(SETTLED_MS)
    vi.mocked(api.markings).mockResolvedValue([marking(1, { behaviour: 100 }), marking(7, { behaviour: 100 })])
    await made.keepMarking({ points: { behaviour: 100 } } as unknown as MarkingData['marking'], true)
    expect(made.marking.value).toBe(7)
    expect(api.tryTask).toHaveBeenLastCalledWith(expect.objectContaining({ marking: 7 }), 2, 6)
  })

  it('gives back what was typed after a reload, until it is saved or given up', async () => {
    const typed = await opened()
    typed.task.brief = 'Wire the barn.'
    await flushPromises()
    scope.stop()
    const again = await opened()
    expect([again.task.brief, again.isGivenBack.value]).toEqual(['Wire the barn.', true])
    again.giveUp()
    await flushPromises()
    expect([again.task.brief, again.isGivenBack.value]).toEqual(['', false])
    scope.stop()
    expect((await opened()).isGivenBack.value).toBe(false)
  })

  it('gives back nothing that was saved, and nothing typed into an older version', async () => {
    vi.spyOn(api, 'addTask').mockResolvedValue(kept(9, 1))
    const made = await opened()
    made.task.brief = 'Wire the barn.'
    await made.save()
    scope.stop()
    expect((await opened()).isGivenBack.value).toBe(false)
    scope.stop()

    const found = vi.spyOn(api, 'task').mockResolvedValue({ ...kept(9, 1), task: {} } as unknown as TaskData)
    const old = await opened(9)
    old.task.brief = 'Another.'
    await flushPromises()
    scope.stop()
    found.mockResolvedValue({ ...kept(9, 2), task: {} } as unknown as TaskData)
    expect((await opened(9)).isGivenBack.value).toBe(false)
  })
})
