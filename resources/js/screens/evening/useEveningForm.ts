import { computed, watch, type Ref } from 'vue'
import { say } from '@/shared/words/say'
import type { Classroom, EveningData, KeepEvening, TaskData } from '@/shared/api/generated/http'
import { stationsInRows, type useEvening } from './useEvening'
import { typedIn } from '@/shared/ui/typed'

/** What an evening can be made of. */
export interface EveningChoices {
  classrooms: Classroom[]
  exams: TaskData[]
  evening: EveningData | null
}

/** What is typed and chosen about an evening, over its draft: the first class and exam to begin with. */
export function useEveningForm(work: ReturnType<typeof useEvening>, data: Ref<EveningChoices | null>) {
  const { draft, plan } = work

  watch(data, (fresh) => {
    if (!fresh || draft.value) return
    const { evening, classrooms, exams } = fresh
    if (evening) return work.open(evening)
    const [classroom, exam] = [classrooms[0], exams[0]]
    if (!classroom || !exam) return
    const stations = stationsInRows(Math.min(12, Math.max(1, Math.ceil(classroom.trainees.length / 2))))
    work.start({
      classroom: classroom.id,
      task: exam.id,
      title: exam.task.title,
      startsAt: null,
      minutes: exam.task.minutes ?? 15,
      changeover: 3,
      variants: 4,
      stations,
      people: classroom.trainees.map(({ id, extraPercent }) => ({ trainee: id, extraPercent, notBefore: 0 })),
      retests: [],
      breaks: [],
      fixed: [],
    })
  })

  const classroom = computed(() => data.value?.classrooms.find(({ id }) => id === draft.value?.classroom) ?? null)
  const names = computed(() =>
    Object.fromEntries(classroom.value?.trainees.map(({ id, name }) => [String(id), name]) ?? []),
  )
  const numberOf = (event: Event) => Math.max(0, Math.round(Number(typedIn(event))) || 0)
  const change = (what: Partial<KeepEvening>) => {
    if (draft.value) draft.value = { ...draft.value, ...what }
  }
  function chooseClass(id: number) {
    const next = data.value?.classrooms.find((one) => one.id === id)
    if (!next) return
    change({
      classroom: id,
      people: next.trainees.map((trainee) => ({
        trainee: trainee.id,
        extraPercent: trainee.extraPercent,
        notBefore: 0,
      })),
      retests: [],
      fixed: [],
    })
  }
  function countStations(count: number) {
    if (!draft.value) return
    const stations = stationsInRows(Math.min(60, count), draft.value.stations)
    const ids = new Set(stations.map(({ id }) => id))
    change({ stations, fixed: draft.value.fixed.filter(({ station }) => ids.has(station)) })
  }
  const pause = computed(() => draft.value?.breaks[0] ?? null)
  const localStart = computed(() => {
    const at = draft.value?.startsAt
    if (!at) return ''
    const date = new Date(at)
    return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
  })
  const proof = computed(() => {
    if (!plan.value) return ''
    const { minutes, atLeast } = plan.value
    return minutes === atLeast
      ? say('evening.the-shortest-possible')
      : say('evening.no-plan-can-finish-before', { atLeast })
  })

  return { classroom, names, numberOf, change, chooseClass, countStations, pause, localStart, proof }
}
