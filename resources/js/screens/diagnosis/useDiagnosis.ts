import { reasonOf } from '@/shared/api/orSay'
import { useLocalStorage } from '@vueuse/core'
import { computed, onScopeDispose, readonly, ref, shallowRef, watch } from 'vue'
import { NoAnswer } from '@/shared/api/client'
import type { DiagnosisData, NextLook, SeenBoard } from '@/shared/api/generated/http'

const AGAIN_MS = 2000
export type Answer = 'on' | 'off' | 'dim' | 'flickers' | 'tripped'
type Position = 'up' | 'down'
const NOTHING: SeenBoard = { states: [], looks: [], probes: [], parts: [] }

/** Which board it is: its name on the phone, who works out what fits, and what was told of it before. */
export interface FoundOn {
  key: string
  diagnose: (seen: SeenBoard) => Promise<DiagnosisData>
  toldBefore?: () => Promise<SeenBoard | null>
}

/** What somebody at a board has seen, kept on the phone, and what fits it by the server; sent again when the network comes back. */
export function useDiagnosis({ key, diagnose, toldBefore }: FoundOn) {
  const seen = useLocalStorage<SeenBoard>(`zwindle-find-${key}`, NOTHING)
  const order = useLocalStorage<(keyof SeenBoard)[]>(`zwindle-find-order-${key}`, [])
  const data = shallowRef<DiagnosisData | null>(null)
  const failure = ref('')
  const isOffline = ref(false)
  /** Asked and not answered yet, for want of a network perhaps. */
  const isAsking = ref(false)
  const positions = ref<Record<string, Position>>({})
  let newest = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  async function ask() {
    const own = ++newest
    clearTimeout(timer)
    isAsking.value = true
    try {
      const found = await diagnose(seen.value)
      if (own !== newest) return
      data.value = found
      failure.value = ''
      isOffline.value = false
    } catch (error) {
      if (own !== newest) return
      isOffline.value = error instanceof NoAnswer && !error.told
      failure.value = reasonOf(error)
      if (error instanceof NoAnswer) {
        timer = setTimeout(() => void ask(), AGAIN_MS)
        return
      }
    }
    isAsking.value = false
  }
  watch(
    data,
    (found) => {
      for (const { id } of found?.switches ?? []) positions.value[id] ??= 'up'
    },
    { immediate: true },
  )
  onScopeDispose(() => clearTimeout(timer))

  const keyOf = (at: Record<string, Position>) => (data.value?.switches ?? []).map(({ id }) => at[id] ?? 'up').join()
  const told = computed(
    () => new Set(seen.value.states.map((state) => keyOf(state.switches as Record<string, Position>))),
  )
  const isWhole = computed(() => data.value !== null && told.value.size >= 2 ** data.value.switches.length)

  function add<K extends keyof SeenBoard>(what: K, entry: SeenBoard[K][number]) {
    seen.value = { ...seen.value, [what]: [...seen.value[what], entry] }
    order.value = [...order.value, what]
    void ask()
  }
  function tell(lamps: Readonly<Record<string, Exclude<Answer, 'tripped'>>>, isTripped: boolean) {
    add('states', { switches: { ...positions.value }, lamps: { ...lamps }, trip: isTripped ? 'breaker' : null })
    step()
  }
  /** On to the next combination of the shortest walk; past what is told already. */
  function step() {
    for (const id of data.value?.walk ?? []) {
      if (!told.value.has(keyOf(positions.value))) return
      flip(id)
    }
  }
  function flip(id: string) {
    positions.value = { ...positions.value, [id]: positions.value[id] === 'down' ? 'up' : 'down' }
  }
  /** A second tap on the same question is the first one, not an answer to the question that comes after it. */
  function answer(next: NextLook, said: { with?: string[]; taped?: string[]; is?: boolean }) {
    if (isAsking.value) return
    if (next.kind === 'look') add('looks', { point: next.at, with: said.with ?? [], taped: said.taped ?? [] })
    else if (next.kind === 'probe') add('probes', { point: next.at, live: said.is ?? false })
    else if (next.kind === 'part') add('parts', { device: next.at, good: said.is ?? true })
  }
  function undo() {
    const last = order.value[order.value.length - 1]
    if (!last) return
    const list = seen.value[last]
    const gone = list[list.length - 1]
    if (last === 'states' && gone && 'switches' in gone)
      positions.value = { ...(gone.switches as Record<string, Position>) }
    seen.value = { ...seen.value, [last]: list.slice(0, -1) }
    order.value = order.value.slice(0, -1)
    void ask()
  }
  function clear() {
    seen.value = NOTHING
    order.value = []
    positions.value = Object.fromEntries((data.value?.switches ?? []).map(({ id }) => [id, 'up' as const]))
    void ask()
  }

  /** What another phone has told of it goes on here, unless this one knows more. */
  async function begin() {
    if (order.value.length === 0 && toldBefore) {
      const told = await toldBefore().catch(() => null)
      if (told && order.value.length === 0) {
        seen.value = told
        order.value = (['states', 'looks', 'probes', 'parts'] as const).flatMap((what) => told[what].map(() => what))
      }
    }
    await ask()
  }
  void begin()

  return {
    data: computed(() => data.value),
    failure: readonly(failure),
    isOffline: readonly(isOffline),
    isAsking: readonly(isAsking),
    positions,
    told,
    isWhole,
    canUndo: computed(() => order.value.length > 0),
    tell,
    flip,
    answer,
    undo,
    clear,
    ask,
  }
}
