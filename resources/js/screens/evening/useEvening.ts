import { reasonOf } from '@/shared/api/orSay'
import { say, saySome } from '@/shared/words/say'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/shared/api/api'
import { useTwice } from '@/shared/ui/useTwice'
import type { EveningData, EveningPlan, KeepEvening, SittingPlan } from '@/shared/api/generated/http'

const PLAN_AFTER_MS = 350
/** Stations in rows that fill a room, each beside the one before it. */
export function stationsInRows(count: number, known: KeepEvening['stations'] = []): KeepEvening['stations'] {
  const perRow = count <= 6 ? count : Math.ceil(Math.sqrt(count * 1.8))
  const rows = Math.ceil(count / perRow)
  return Array.from({ length: count }, (_, i) => {
    const kept = count === known.length ? known[i] : undefined
    const column = i % perRow
    return {
      id: known[i]?.id ?? `T${i + 1}`,
      label: known[i]?.label ?? say('evening.station-what', { what: i + 1 }),
      surface: known[i]?.surface ?? 'screen',
      x: kept?.x ?? Math.round(9 + (column * 82) / Math.max(1, perRow - 1)),
      y: kept?.y ?? Math.round(rows === 1 ? 40 : 12 + (Math.floor(i / perRow) * 74) / (rows - 1)),
      nextTo: kept?.nextTo ?? (column > 0 ? [known[i - 1]?.id ?? `T${i}`] : []),
    }
  })
}

/** What the server keeps apart from the plan. */
function draftOf(evening: EveningData): KeepEvening {
  const { classroom, task, title, startsAt, draft } = evening
  return { classroom, task, title, startsAt, ...draft }
}

export const keyOf = ({ person, retest }: Pick<SittingPlan, 'person' | 'retest'>) =>
  `${person}${retest ? say('evening.retest') : ''}`

/** The draft of an evening: planned by the server after each change, with what the last move by hand cost. */
export function useEvening() {
  const draft = ref<KeepEvening | null>(null)
  const kept = shallowRef<EveningData | null>(null)
  const plan = shallowRef<EveningPlan | null>(null)
  const failure = ref('')
  const isPlanning = ref(false)
  const cost = ref('')
  const before = shallowRef<readonly string[]>([])
  let timer: ReturnType<typeof setTimeout> | undefined
  let asked = 0
  let told = ''

  function open(evening: EveningData) {
    kept.value = evening
    start(draftOf(evening))
  }

  function start(fresh: KeepEvening) {
    draft.value = fresh
    told = JSON.stringify(fresh)
    before.value = []
    cost.value = ''
    void planNow()
  }

  watch(
    draft,
    (next) => {
      const text = JSON.stringify(next)
      if (!next || text === told) return
      before.value = [...before.value.slice(-30), told]
      told = text
      // An answer that is under way is to an older draft.
      asked++
      clearTimeout(timer)
      timer = setTimeout(() => void planNow(), PLAN_AFTER_MS)
    },
    { deep: true },
  )

  async function planNow() {
    if (!draft.value) return
    const own = ++asked
    const isByHand = wasByHand
    wasByHand = false
    isPlanning.value = true
    try {
      const fresh = await api.planEvening(draft.value, kept.value?.id ?? null)
      if (own !== asked) return
      const extra = fresh.minutes - (plan.value?.minutes ?? fresh.minutes)
      cost.value = isByHand ? costInWords(extra, fresh) : ''
      plan.value = fresh
      failure.value = ''
    } catch (error) {
      if (own === asked) failure.value = reasonOf(error)
    } finally {
      if (own === asked) isPlanning.value = false
    }
  }

  let wasByHand = false

  /** A sitting put by hand: it stays where it is put, and the rest is planned round it. */
  function put(sitting: SittingPlan, to: { station: string; from: number }) {
    if (!draft.value) return
    const length = sitting.to - sitting.from
    const from = Math.max(0, to.from)
    const moved = { ...sitting, station: to.station, from, to: from + length }
    wasByHand = true
    const others = draft.value.fixed.filter((other) => keyOf(other) !== keyOf(sitting))
    draft.value = { ...draft.value, fixed: [...others, moved] }
  }

  function letGo(sitting: SittingPlan) {
    if (!draft.value) return
    wasByHand = true
    draft.value = { ...draft.value, fixed: draft.value.fixed.filter((other) => keyOf(other) !== keyOf(sitting)) }
  }

  function undo() {
    const last = before.value.at(-1)
    if (!last) return
    before.value = before.value.slice(0, -1)
    told = last
    draft.value = JSON.parse(last) as KeepEvening
    void planNow()
  }

  async function keep(): Promise<EveningData | null> {
    if (!draft.value) return null
    try {
      kept.value = kept.value
        ? await api.keepEvening(kept.value.id, kept.value.version, draft.value)
        : await api.addEvening(draft.value)
      failure.value = ''
      return kept.value
    } catch (error) {
      failure.value = reasonOf(error)
      return null
    }
  }

  const twice = useTwice()
  async function set(isTwice = false): Promise<EveningData | null> {
    const evening = await keep()
    if (!evening) return null
    try {
      const made = await twice.once((meant) => api.setEvening(evening.id, meant), isTwice)
      if (made) kept.value = made
      return made
    } catch (error) {
      failure.value = reasonOf(error)
      return null
    }
  }

  return {
    draft,
    kept,
    plan,
    failure,
    isPlanning,
    cost,
    twice,
    canUndo: computed(() => before.value.length > 0),
    open,
    start,
    put,
    letGo,
    undo,
    keep,
    set,
  }
}

/** What a move by hand did, in one line. */
export function costInWords(extra: number, plan: EveningPlan): string {
  const broken = plan.conflicts.length
  const time =
    extra > 0
      ? say('evening.the-evening-is-now-extra', { extra })
      : extra < 0
        ? say('evening.the-evening-is-now-what', { what: -extra })
        : say('evening.no-delay')
  return broken > 0 ? `${time} ${saySome('evening.one-rule-is-broken-count', broken)}` : time
}
