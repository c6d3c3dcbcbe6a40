import { orSay } from '@/shared/api/orSay'
import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { InstrumentId, ProofAct, ProofBench, ProofData, Reading } from '@/shared/api/generated/http'
import { deviceName } from '@/shared/bench/device'
import { useOutbox } from '@/shared/outbox/useOutbox'

const SIGNED_OUT = [401, 419, 429]
const READ_AHEAD: readonly InstrumentId[] = ['two-pole', 'ohm', 'insulation', 'loop']

/** A board under test: every act goes to the server, in turn, once; what it answers is shown. */
export function useProof(attempt: number) {
  const data = shallowRef<ProofData | null>(null)
  const bench = shallowRef<ProofBench | null>(null)
  const failure = ref('')
  const notice = ref('')
  const queue: { key: string; act: ProofAct; at: string }[] = []
  const device = deviceName()
  let count = 0

  const outbox = useOutbox({ waiting: () => queue.length, send })

  async function send() {
    const first = queue[0]!
    try {
      data.value = await api.doAct(attempt, first.key, first.act, first.at)
      notice.value = ''
    } catch (error) {
      // A no for good: what was meant to follow it does not follow.
      if (!(error instanceof Refused) || SIGNED_OUT.includes(error.status) || error.status >= 500) throw error
      notice.value = error.message
      queue.length = 1
    }
    queue.shift()
  }

  async function load() {
    await orSay(failure, async () => {
      const found = await api.proof(attempt)
      data.value = found
      bench.value = found.bench ?? null
      failure.value = ''
    })
  }

  function act(kind: ProofAct['kind'], more: Omit<ProofAct, 'kind'> = {}) {
    foresee(kind, more)
    queue.push({ key: `${device}-${++count}`, act: { kind, ...more }, at: new Date().toISOString() })
    outbox.changed()
  }

  /** What the server has told ahead is shown at once; its answer to the act follows and stands. */
  function foresee(kind: ProofAct['kind'], more: Omit<ProofAct, 'kind'>) {
    const now = data.value
    if (!now?.ahead || queue.length > 0) return
    if (kind === 'flip') {
      const told = now.ahead.find((one) => one.switch === more.on)
      if (!told || told.trip) return
      data.value = {
        ...now,
        isLive: told.isLive,
        reading: told.reading,
        switches: now.switches.map((item) =>
          item.id === more.on ? { ...item, position: item.position === 'up' ? 'down' : 'up' } : item,
        ),
        lamps: now.lamps.map((lamp) => ({ ...lamp, state: told.lamps[lamp.id] ?? lamp.state })),
      }
    } else if (kind === 'touch' && more.with && more.one && readings.of === `${more.with} ${more.one}`) {
      const reading = readings.at[more.other ?? '']
      if (!reading || reading.shown === 'tripped' || reading.shown === 'fuse-blown') return
      data.value = {
        ...now,
        held: { with: more.with, one: more.one, other: more.other ?? null },
        reading,
        said: reading.words,
      }
    }
  }

  let readings: { of: string; at: Record<string, Reading> } = { of: '', at: {} }
  /** The first probe is on: what the second one would show is fetched, where nothing is graded. */
  async function readAhead(instrument: InstrumentId, one: string) {
    readings = { of: '', at: {} }
    if (!data.value?.ahead || !READ_AHEAD.includes(instrument)) return
    await outbox.flush()
    try {
      readings = { of: `${instrument} ${one}`, at: (await api.readAhead(attempt, instrument, one)).readings }
    } catch {
      // Without it the reading comes with the answer to the touch.
    }
  }

  async function begin(isOn: boolean) {
    await outbox.flush()
    await orSay(notice, async () => {
      data.value = await api.beginProof(attempt, isOn)
      notice.value = ''
    })
  }

  void load()

  return {
    data: shallowReadonly(data),
    bench: shallowReadonly(bench),
    failure: readonly(failure),
    notice,
    saving: outbox.state,
    told: outbox.told,
    waiting: outbox.toSend,
    lamps: computed(() => new Map(data.value?.lamps.map(({ box, state }) => [box, state]))),
    paddles: computed(() => new Map(data.value?.switches.map(({ box, position }) => [box, position]))),
    load,
    act,
    readAhead,
    begin,
  }
}

/** Two probes go down one after the other: the first, then the second, then the first again. */
export function useProbes(
  { act, readAhead }: Pick<ReturnType<typeof useProof>, 'act' | 'readAhead'>,
  touchesOf: () => number,
) {
  const first = ref<string | null>(null)
  const instrument = ref<InstrumentId>('two-pole')

  function choose(id: InstrumentId) {
    instrument.value = id
    first.value = null
  }

  function touch(place: string) {
    if (touchesOf() === 1) return act('touch', { with: instrument.value, one: place })
    if (first.value === null) {
      first.value = place
      act('lift')
      return void readAhead(instrument.value, place)
    }
    act('touch', { with: instrument.value, one: first.value, other: place })
    first.value = null
  }

  return { first, instrument, choose, touch }
}
