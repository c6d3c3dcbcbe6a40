import { orSay } from '@/shared/api/orSay'
import { computed, ref, shallowReadonly, shallowRef } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { Board, Catalogue, DrawingData } from '@/shared/api/generated/http'
import { useOutbox } from '@/shared/outbox/useOutbox'

const KEEP_AFTER_MS = 700
const CONFLICT = 409

const heldUnder = (id: number) => `zwindle-drawing-${id}`

/** A drawing with its past and its future, kept by itself; what could not be kept yet is held in this browser. */
export function useDrawing(id: number) {
  const catalogue = shallowRef<Catalogue | null>(null)
  const board = shallowRef<Board | null>(null)
  const past = shallowRef<readonly Board[]>([])
  const future = shallowRef<readonly Board[]>([])
  const failure = ref('')
  /** Somebody else's newer version, where there is one. */
  const theirs = shallowRef<DrawingData | null>(null)
  let version = 0
  let isChanged = false
  const isConflict = (error: unknown) => error instanceof Refused && error.status === CONFLICT
  const outbox = useOutbox({
    waiting: () => (isChanged && !theirs.value ? 1 : 0),
    send: keep,
    pauseMs: KEEP_AFTER_MS,
    isFinal: isConflict,
  })

  async function load() {
    await orSay(failure, async () => {
      const found = await api.drawing(id)
      catalogue.value = await api.catalogue(found.board.practice, found.catalogue)
      version = found.version
      board.value = found.board
      failure.value = ''
      const held = localStorage.getItem(heldUnder(id))
      if (held) restore(held)
    })
  }

  /** What was drawn while the server was away goes on from where it was. */
  function restore(held: string) {
    const { base, drawn } = JSON.parse(held) as { base: number; drawn: Board }
    version = base
    change(() => drawn)
  }

  function show(next: Board) {
    board.value = next
    isChanged = true
    localStorage.setItem(heldUnder(id), JSON.stringify({ base: version, drawn: next }))
    if (!theirs.value) outbox.changed()
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
    const drawn = board.value as Board
    try {
      version = (await api.keepDrawing(id, version, drawn)).version
    } catch (error) {
      if (error instanceof Refused && isConflict(error)) theirs.value = error.json?.theirs as DrawingData
      throw error
    }
    if (board.value !== drawn) return
    isChanged = false
    localStorage.removeItem(heldUnder(id))
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

  return {
    catalogue: shallowReadonly(catalogue),
    board: shallowReadonly(board),
    saving: outbox.state,
    toSend: outbox.toSend,
    failure: computed(() => failure.value || outbox.failure.value),
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
