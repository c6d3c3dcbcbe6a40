import { computed, ref } from 'vue'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import { orSay } from '@/shared/api/orSay'
import type { GradedAttempt } from '@/shared/api/generated/http'
import { useLoaded } from '@/shared/ui/useLoaded'
import { useSending } from '@/shared/ui/useSending'
import { say } from '@/shared/words/say'
import { useReMark } from './useReMark'

/** The marks of what was set: who is looked at, what an instructor says of a mark, and when it is shown. */
export function useMarks(assignment: number) {
  const { data, failure, load } = useLoaded(async () => {
    const [marks, assignments] = await Promise.all([api.marks(assignment), api.assignments()])
    return { marks, assignment: assignments.find(({ id }) => id === assignment) ?? null }
  })
  const handedIn = computed(() => data.value?.marks.filter((one) => one.handedInAt).map((one) => one.attempt) ?? [])
  const undecided = computed(() => data.value?.marks.filter((one) => one.judged?.stood).map((one) => one.attempt) ?? [])
  const atUpgrade = computed(() => data.value?.marks.find((one) => one.judged?.origin === 'upgrade')?.judged ?? null)
  const reMark = useReMark(replace)

  const chosen = ref<number | null>(null)
  const attempt = computed(
    () =>
      data.value?.marks.find((one) => one.attempt === chosen.value) ??
      data.value?.marks.find(({ mark }) => mark) ??
      null,
  )
  const { busy, refusal, send } = useSending()
  const asking = ref(false)
  const open = computed(() => data.value?.marks.filter(({ mark }) => mark?.isOpen).length ?? 0)
  const missing = computed(() => data.value?.marks.filter(({ mark }) => !mark).length ?? 0)

  const stateOf = ({ mark, handedInAt, headline }: GradedAttempt) => {
    if (!mark) return handedInAt ? (headline ?? '') : say('marks.not-handed-in')
    if (mark.isOpen) return say('marks.got-of-total-so-far', { got: mark.got, total: mark.total })
    return say('marks.got-of-total-passes', { got: mark.got, total: mark.total, passes: mark.passes ? '✓' : '✕' })
  }

  function replace(fresh: GradedAttempt) {
    if (!data.value) return
    data.value = { ...data.value, marks: data.value.marks.map((one) => (one.attempt === fresh.attempt ? fresh : one)) }
  }

  async function observe(observed: Record<string, boolean>) {
    const seat = attempt.value?.attempt
    if (seat === undefined || !data.value) return
    refusal.value = ''
    await orSay(refusal, async () => {
      replace(await api.observe(seat, observed))
    })
  }

  /** What is done with the seat that is looked at. */
  const run = async (work: (seat: number, isReleased: boolean) => Promise<GradedAttempt>) => {
    const seat = attempt.value
    refusal.value = ''
    await orSay(refusal, async () => {
      if (seat) replace(await work(seat.attempt, seat.isReleased))
    })
  }
  const lineAsked = ref<string | null>(null)
  async function takeBack() {
    refusal.value = ''
    await orSay(refusal, async () => {
      await api.takeReleaseBack(assignment)
      await load()
    })
  }
  async function takeMarking() {
    refusal.value = ''
    await orSay(refusal, async () => {
      const { changed } = await api.takeMarking(assignment)
      if (changed) await reMark.look(handedIn.value)
      else refusal.value = say('marks.this-is-marked-by-the')
    })
  }
  const sheetOf = (seat: GradedAttempt) => ({
    name: say('marks.mark-sheet-of-name', { name: seat.trainee.name }),
    run: () => window.open(downloads.markSheetOf(assignment, 'pdf', String(seat.attempt))),
  })
  const paper = computed(() => [
    { name: say('marks.use-the-corrected-marking-and'), run: takeMarking },
    { name: say('marks.mark-sheet-of-the-class'), run: () => window.open(downloads.markSheetOf(assignment, 'pdf')) },
    { name: say('marks.marks-as-a-table-csv'), run: () => window.open(downloads.markSheetOf(assignment, 'csv')) },
    { name: say('marks.columns-of-the-table'), to: '/mark-table' },
    ...(attempt.value ? [sheetOf(attempt.value)] : []),
  ])

  async function release() {
    await send(async () => {
      await api.release(assignment)
      await load()
      asking.value = false
    })
  }

  return {
    data,
    failure,
    load,
    handedIn,
    undecided,
    atUpgrade,
    reMark,
    chosen,
    attempt,
    busy,
    refusal,
    asking,
    open,
    missing,
    stateOf,
    observe,
    run,
    lineAsked,
    takeBack,
    paper,
    release,
  }
}
