import { computed, onScopeDispose, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { api, Refused } from '@/shared/api/client'
import type { Board, DrawingData } from '@/shared/api/generated/http'

const KEEP_AFTER_MS = 700
const TRY_AGAIN_MS = 4000
const CONFLICT = 409

const heldUnder = (id: number) => `zwindle-drawing-${id}`

/** A drawing with its past and its future, kept by itself; what could not be kept yet is held in this browser. */
export function useDrawing(id: number) {
  const data = shallowRef<DrawingData | null>(null)
  const board = shallowRef<Board | null>(null)
  const past = shallowRef<readonly Board[]>([])
  const future = shallowRef<readonly Board[]>([])
  const kept = ref<'kept' | 'keeping' | 'held'>('kept')
  const failure = ref('')
  /** Somebody else's newer version, where there is one. */
  const theirs = shallowRef<DrawingData | null>(null)
  let version = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  async function load() {
    try {
      const found = await api.drawing(id)
      data.value = found
      version = found.version
      board.value = found.board
      failure.value = ''
      const held = localStorage.getItem(heldUnder(id))
      if (held) restore(held)
    } catch (error) {
      failure.value = (error as Error).message
    }
  }

  /** What was drawn while the server was away goes on from where it was. */
  function restore(held: string) {
    const { base, drawn } = JSON.parse(held) as { base: number; drawn: Board }
    version = base
    change(() => drawn)
  }

  function show(next: Board) {
    board.value = next
    kept.value = 'keeping'
    localStorage.setItem(heldUnder(id), JSON.stringify({ base: version, drawn: next }))
    clearTimeout(timer)
    if (!theirs.value) timer = setTimeout(() => void keep(), KEEP_AFTER_MS)
  }

  function change(by: (now: Board) => Board) {
    if (!board.value) return
    const next = by(board.value)
    if (next === board.value) return
    past.value = [...past.value, board.value]
    future.value = []
    show(next)
  }

  function undo() {
    const before = past.value.at(-1)
    if (!before || !board.value) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, board.value]
    show(before)
  }

  function redo() {
    const after = future.value.at(-1)
    if (!after || !board.value) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, board.value]
    show(after)
  }

  async function keep() {
    const drawn = board.value
    if (!drawn) return
    try {
      version = (await api.keepDrawing(id, version, drawn)).version
      failure.value = ''
      if (board.value === drawn) {
        kept.value = 'kept'
        localStorage.removeItem(heldUnder(id))
      } else {
        await keep()
      }
    } catch (error) {
      kept.value = 'held'
      failure.value = (error as Error).message
      if (error instanceof Refused && error.status === CONFLICT) {
        theirs.value = error.json?.theirs as DrawingData
      } else {
        timer = setTimeout(() => void keep(), TRY_AGAIN_MS)
      }
    }
  }

  /** Goes on with the other's version; one's own is one step back. */
  function takeTheirs() {
    if (!theirs.value) return
    version = theirs.value.version
    const taken = theirs.value.board
    theirs.value = null
    change(() => taken)
  }

  /** Stores one's own as a new board of the library. */
  async function keepAsCopy(): Promise<number> {
    const copy = await api.startDrawing({ copyOf: id })
    await api.keepDrawing(copy.id, copy.version, board.value as Board)
    localStorage.removeItem(heldUnder(id))
    return copy.id
  }

  void load()
  onScopeDispose(() => clearTimeout(timer))

  return {
    data: shallowReadonly(data),
    board: shallowReadonly(board),
    kept: readonly(kept),
    failure: readonly(failure),
    theirs: shallowReadonly(theirs),
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    load,
    change,
    undo,
    redo,
    takeTheirs,
    keepAsCopy,
  }
}
