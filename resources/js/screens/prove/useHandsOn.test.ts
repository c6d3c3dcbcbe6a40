// @vitest-environment happy-dom
import { readFileSync } from 'node:fs'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, effectScope, nextTick, ref, shallowRef } from 'vue'
import type { BoardLook, HuntNow, ProofData } from '@/shared/api/generated/http'
import { bareBench, type BenchState } from '@/shared/bench/bench'
import { useHandsOn } from './useHandsOn'
import type { useProof } from './useProof'

const look = (JSON.parse(readFileSync('tests/Corpus/bench/looks.json', 'utf8')) as Record<string, BoardLook>)[
  'propagation-house'
]!

const hunt = { hands: 0, canUndo: false, canRedo: false } as HuntNow
const data = shallowRef<ProofData | null>(null)
const waiting = ref(0)
const notice = ref('')
const act = vi.fn()
const reload = vi.fn()
const standing = shallowRef<BenchState | null>(bareBench)
const box = ref('B1')
let hands: ReturnType<typeof useHandsOn>
let scope = effectScope()

const shows = (more: Partial<ProofData>, found: Partial<HuntNow> = {}) =>
  (data.value = { isLive: false, isRefused: false, ...more, hunt: { ...hunt, ...found } } as ProofData)

beforeEach(() => {
  shows({})
  waiting.value = 0
  notice.value = ''
  box.value = 'B1'
  act.mockClear()
  reload.mockClear()
  const proof = { data, waiting, notice, act } as unknown as ReturnType<typeof useProof>
  scope = effectScope()
  scope.run(() => {
    hands = useHandsOn(
      proof,
      computed(() => look),
      computed(() => ({ ...look.enclosures.find(({ id }) => id === box.value)!, fetched: standing.value })),
      standing,
      reload,
    )
  })
  hands.isOn.value = true
})

afterEach(() => scope.stop())

/** The first end of the open box, onto the first screw. */
function land() {
  const box = look.enclosures.find(({ id }) => id === 'B1')!
  hands.hand.tap(box.ends[0]!.id)
  hands.hand.landOn(box.devices[0]!.landings[0]!.id)
}

describe('hands in an open box of a board under test', () => {
  it('show a step at once and send it as an act', () => {
    land()
    expect(hands.bench.value.joints).toHaveLength(1)
    expect(act).toHaveBeenCalledWith('work', { step: expect.objectContaining({ do: 'land' }) })
    expect(hands.isBusy.value).toBe(false)
  })

  it('do not go into a live board, and say why', () => {
    shows({ isLive: true })
    land()
    hands.tighten()
    expect(act).not.toHaveBeenCalled()
    expect(hands.bench.value.joints).toHaveLength(0)
    expect(hands.hand.said.value).toContain('live')
  })

  it('take back only what the server has to take back, and wait for its board', () => {
    hands.hand.undo()
    expect(act).not.toHaveBeenCalled()
    expect(hands.hand.said.value).toContain('nothing to undo')
    shows({}, { canUndo: true })
    hands.hand.undo()
    expect(act).toHaveBeenCalledWith('work', { step: { do: 'undo' } })
  })

  it('tighten what is in hand', () => {
    hands.tighten()
    expect(act).not.toHaveBeenCalled()
    const [end] = look.enclosures.find(({ id }) => id === 'B1')!.ends
    hands.hand.tap(end!.id)
    hands.tighten()
    expect(act).toHaveBeenCalledWith('tighten', { one: end!.id })
  })

  it('do nothing while an instrument is in hand', () => {
    hands.isOn.value = false
    land()
    expect(act).not.toHaveBeenCalled()
  })

  it('fetch the board again once the server has changed or refused something, and not before all is sent', async () => {
    waiting.value = 1
    shows({}, { hands: 1 })
    await nextTick()
    expect(reload).not.toHaveBeenCalled()
    waiting.value = 0
    await nextTick()
    expect(reload).toHaveBeenCalledTimes(1)
    shows({}, { hands: 1 })
    await nextTick()
    expect(reload).toHaveBeenCalledTimes(1)
    shows({ isRefused: true }, { hands: 1 })
    await nextTick()
    expect(reload).toHaveBeenCalledTimes(2)
    standing.value = { ...bareBench, caps: ['x'] }
    await nextTick()
    expect(hands.bench.value.caps).toEqual(['x'])
  })

  it('keep what is in hand while the board is fetched, and put it down at another box', async () => {
    hands.hand.tap(look.enclosures.find(({ id }) => id === 'B1')!.ends[0]!.id)
    waiting.value = 1
    standing.value = { ...bareBench, caps: ['y'] }
    await nextTick()
    expect(hands.isBusy.value).toBe(true)
    // What was fetched before the last step was sent is behind it.
    expect(hands.bench.value.caps).not.toEqual(['y'])
    box.value = 'B2'
    await nextTick()
    expect(hands.isBusy.value).toBe(false)
  })
})
