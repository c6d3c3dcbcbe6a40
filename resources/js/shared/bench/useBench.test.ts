// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, type EffectScope } from 'vue'
import { NoAnswer, Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { StepEntry } from '@/shared/api/generated/http'
import type { BenchData, BoardLook, KeptStep } from '@/shared/api/generated/http'
import { heldSteps } from './heldSteps'
import { useBench } from './useBench'

const looks = JSON.parse(readFileSync('tests/Corpus/bench/looks.json', 'utf8')) as Record<string, BoardLook>
const land = (end: string, on: string) => ({ do: 'land' as const, points: [end], on })

/** A stand-in for the server: keeps steps as the real one does. */
let kept: KeptStep[]
let attempt = 100
let scope: EffectScope
let bench: ReturnType<typeof useBench>

function serve() {
  vi.spyOn(api, 'bench').mockImplementation(
    async () =>
      ({
        head: kept.length,
        steps: [...kept],
        setAside: [],
        handedInAt: null,
        isMine: true,
        serverTime: new Date().toISOString(),
        board: looks['propagation-house']!,
      }) as unknown as BenchData,
  )
  return vi.spyOn(api, 'keepSteps').mockImplementation(async (_, device, __, steps: StepEntry[]) => {
    for (const { number, step } of steps) {
      if (!kept.some((old) => old.device === device && old.number === number))
        kept.push({ sequence: kept.length + 1, device, number, step })
    }
    return { head: kept.length, keptUpTo: steps.at(-1)!.number, startedAt: null, dueAt: null, setAside: [] }
  })
}

async function open() {
  scope?.stop()
  scope = effectScope()
  bench = scope.run(() => useBench(attempt))!
  await bench.load()
}

beforeEach(() => {
  kept = []
  attempt++
  serve()
})

afterEach(() => {
  scope.stop()
  vi.restoreAllMocks()
})

describe('the bench and its server', () => {
  it('waits with the hand-in for steps that are on their way, and for those made meanwhile', async () => {
    await open()
    const answers: (() => void)[] = []
    const atOnce = vi.mocked(api.keepSteps).getMockImplementation()!
    vi.mocked(api.keepSteps).mockImplementation(async (...asked) => {
      await new Promise<void>((resolve) => answers.push(resolve))
      return atOnce(...asked)
    })
    const closed = vi.spyOn(api, 'handIn').mockResolvedValue(undefined)
    expect(bench.make(land('W1.black@B1', 'S1#3'))).toBeNull()
    expect(bench.make(land('W2.black@B1', 'S1#1'))).toBeNull()
    const handedIn = bench.handIn()
    await vi.waitFor(() => expect(answers).toHaveLength(1))
    answers[0]!()
    await vi.waitFor(() => expect(answers).toHaveLength(2))
    expect(closed).not.toHaveBeenCalled()
    answers[1]!()
    expect(await handedIn).toBe(true)
    expect(kept).toHaveLength(2)
    expect(bench.notice.value).toBe('')
  })

  it('applies a step at once and sends it', async () => {
    await open()
    expect(bench.make(land('W1.black@B1', 'S1#3'))).toBeNull()
    expect(bench.bench.value.joints).toHaveLength(1)
    expect(bench.waitingCount.value).toBe(1)
    await vi.waitFor(() => expect(bench.saving.value).toBe('saved'))
    expect(kept).toHaveLength(1)
    expect(bench.stepCount.value).toBe(1)
    expect(await heldSteps.of(attempt)).toEqual([])
  })

  it('keeps the order of steps made faster than they are sent', async () => {
    await open()
    bench.make(land('W1.black@B1', 'S1#3'))
    bench.make(land('W2.red@B1', 'S1#2'))
    bench.make({ do: 'undo' })
    await vi.waitFor(() => expect(kept).toHaveLength(3))
    expect(kept.map(({ step }) => step.do)).toEqual(['land', 'land', 'undo'])
    expect(bench.bench.value.joints).toHaveLength(1)
  })

  it('makes nothing of a step that won’t fit', async () => {
    await open()
    expect(bench.make({ do: 'undo' })).toBe('nothing-to-undo')
    expect(bench.waitingCount.value).toBe(0)
  })

  it('goes on while the server is away, holds the steps and sends them later', async () => {
    await open()
    const keep = vi.spyOn(api, 'keepSteps').mockRejectedValue(new NoAnswer())
    bench.make(land('W1.black@B1', 'S1#3'))
    bench.make(land('W2.red@B1', 'S1#2'))
    await vi.waitFor(() => expect(bench.saving.value).toBe('offline'))
    expect(bench.bench.value.joints).toHaveLength(2)
    expect(await bench.handIn()).toBe(false)
    expect(bench.notice.value).toContain('2 of your steps have')
    expect((await heldSteps.of(attempt)).map(({ number }) => number)).toEqual([1, 2])
    keep.mockRestore()
    serve()
    await vi.waitFor(() => expect(bench.saving.value).toBe('saved'), { timeout: 4000 })
    expect(kept).toHaveLength(2)
  })

  it('sends after reopening what an earlier opening could not send', async () => {
    await open()
    vi.spyOn(api, 'keepSteps').mockRejectedValue(new NoAnswer())
    bench.make(land('W1.black@B1', 'S1#3'))
    await vi.waitFor(() => expect(bench.saving.value).toBe('offline'))
    scope.stop()
    vi.restoreAllMocks()
    serve()
    await open()
    expect(kept).toHaveLength(1)
    expect(bench.bench.value.joints).toHaveLength(1)
    expect(await heldSteps.of(attempt)).toEqual([])
  })

  it("shows the server's board when its steps were set aside", async () => {
    await open()
    kept.push({ sequence: 1, device: 'another', number: 1, step: land('W2.black@B1', 'S1#1') })
    vi.spyOn(api, 'keepSteps').mockResolvedValue({
      head: 1,
      keptUpTo: 1,
      startedAt: null,
      dueAt: null,
      setAside: [{ number: 1, reason: 'left-behind' }],
    })
    bench.make(land('W1.black@B1', 'S1#3'))
    await vi.waitFor(() => expect(bench.notice.value).toContain('One step was not counted'))
    expect(bench.bench.value.joints.map(({ points }) => points)).toEqual([['S1#1', 'W2.black@B1']])
    expect(bench.waitingCount.value).toBe(0)
  })

  it('says that the sign-in ran out and keeps the steps', async () => {
    await open()
    vi.spyOn(api, 'keepSteps').mockRejectedValue(new Refused(401, 'signed out'))
    bench.make(land('W1.black@B1', 'S1#3'))
    await vi.waitFor(() => expect(bench.saving.value).toBe('signed-out'))
    expect(await heldSteps.of(attempt)).toHaveLength(1)
  })

  it('tells in words when the board does not come', async () => {
    vi.spyOn(api, 'bench').mockRejectedValue(new Refused(404, 'There is nothing here for you at this address.'))
    await open()
    expect(bench.failure.value).toBe('There is nothing here for you at this address.')
  })
})
