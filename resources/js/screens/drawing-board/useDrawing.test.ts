// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type EffectScope, effectScope } from 'vue'
import { NoAnswer, Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { Board, Catalogue, DrawingData } from '@/shared/api/generated/http'
import { useDrawing } from './useDrawing'

const titled = (title: string) => ({ title, practice: 'na' }) as unknown as Board
const stored = (version: number, title: string) =>
  ({ id: 7, version, board: titled(title), catalogue: 'today' }) as unknown as DrawingData

let scope: EffectScope
async function opened() {
  scope = effectScope()
  const drawn = scope.run(() => useDrawing(7))!
  await flushPromises()
  return drawn
}
const rename = (title: string) => (was: Board) => ({ ...was, title })

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  vi.spyOn(api, 'drawing').mockResolvedValue(stored(1, 'First'))
  vi.spyOn(api, 'catalogue').mockResolvedValue({ wallParts: [], kinds: {} } as unknown as Catalogue)
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
  vi.restoreAllMocks()
})

describe('a drawing', () => {
  it('is kept by itself once the hand rests, the newest state only', async () => {
    const keep = vi.spyOn(api, 'keepDrawing').mockImplementation(async (_, base) => ({ version: base + 1 }))
    const drawn = await opened()
    drawn.change(rename('Second'))
    drawn.change(rename('Third'))
    expect(drawn.saving.value).toBe('saving')
    await vi.advanceTimersByTimeAsync(800)
    expect(keep.mock.calls.map(([, base, board]) => [base, board.title])).toEqual([[1, 'Third']])
    expect(drawn.saving.value).toBe('saved')
    expect(localStorage.length).toBe(0)
  })

  it('is undone and done again, and keeps both', async () => {
    const keep = vi.spyOn(api, 'keepDrawing').mockImplementation(async (_, base) => ({ version: base + 1 }))
    const drawn = await opened()
    drawn.change(rename('Second'))
    drawn.undo()
    expect(drawn.board.value?.title).toBe('First')
    expect(drawn.canRedo.value).toBe(true)
    drawn.redo()
    drawn.undo()
    await vi.advanceTimersByTimeAsync(800)
    expect(keep.mock.lastCall?.[2].title).toBe('First')
    drawn.undo()
    expect(drawn.board.value?.title).toBe('First')
  })

  it('is held in the browser while the server is away, and goes on from there when it is opened again', async () => {
    const keep = vi.spyOn(api, 'keepDrawing').mockRejectedValue(new NoAnswer())
    const drawn = await opened()
    drawn.change(rename('Second'))
    await vi.advanceTimersByTimeAsync(800)
    expect(drawn.saving.value).toBe('offline')
    scope.stop()
    keep.mockImplementation(async (_, base) => ({ version: base + 1 }))
    const again = await opened()
    expect(again.board.value?.title).toBe('Second')
    await vi.advanceTimersByTimeAsync(800)
    expect(again.saving.value).toBe('saved')
  })

  it("tells of somebody else's newer version, and can go on with it, one's own a step back", async () => {
    const refusal = new Refused(409, 'Somebody has saved this board.', [], { theirs: stored(5, 'Theirs') })
    const keep = vi.spyOn(api, 'keepDrawing').mockRejectedValueOnce(refusal)
    const drawn = await opened()
    drawn.change(rename('Mine'))
    await vi.advanceTimersByTimeAsync(800)
    expect(drawn.theirs.value?.version).toBe(5)
    expect(drawn.board.value?.title).toBe('Mine')
    keep.mockImplementation(async (_, base) => ({ version: base + 1 }))
    drawn.takeTheirs()
    expect(drawn.board.value?.title).toBe('Theirs')
    await vi.advanceTimersByTimeAsync(800)
    expect(keep.mock.lastCall?.[1]).toBe(5)
    drawn.undo()
    expect(drawn.board.value?.title).toBe('Mine')
  })

  it('can be kept as a copy instead', async () => {
    vi.spyOn(api, 'startDrawing').mockResolvedValue(stored(1, 'First'))
    const keep = vi.spyOn(api, 'keepDrawing').mockImplementation(async (_, base) => ({ version: base + 1 }))
    const drawn = await opened()
    drawn.change(rename('Mine'))
    expect(await drawn.keepAsCopy()).toBe(7)
    expect(keep.mock.lastCall?.[2].title).toBe('Mine')
  })

  it('says when it cannot be opened', async () => {
    vi.spyOn(api, 'drawing').mockRejectedValue(new Error('There is nothing here.'))
    const drawn = await opened()
    expect(drawn.failure.value).toBe('There is nothing here.')
    drawn.change(rename('Nothing'))
    expect(drawn.board.value).toBeNull()
  })
})
