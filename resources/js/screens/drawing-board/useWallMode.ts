import { computed, readonly, type Ref, ref, shallowReadonly, shallowRef } from 'vue'
import type { Board, DrawingData, Hanging } from '@/shared/api/types'
import * as drawing from './drawing'
import type { Spot } from './drawing'

export type Mode =
  | { is: 'rest' }
  | { is: 'hang'; at: Spot }
  | { is: 'box'; id: string }
  | { is: 'cable'; id: string }
  | { is: 'walk'; from: string }
  | { is: 'point'; device: string }
  | { is: 'feed'; supply: string }

const BESIDE_MM = 300

/** What the hand is about at the wall: one question at a time, each answered by a tap or a key. */
export function useWallMode(
  board: Ref<Board | null>,
  data: Ref<DrawingData | null>,
  change: (by: (now: Board) => Board) => void,
) {
  const mode = shallowRef<Mode>({ is: 'rest' })
  const said = ref('')
  const kinds = computed(() => data.value?.kinds ?? {})
  const nameOf = (id: string) => board.value?.enclosures.find((box) => box.id === id)?.label ?? id
  const lampsIn = (box: string) =>
    board.value ? drawing.devicesIn(board.value, box).filter(({ model }) => kinds.value[model] === 'lamp') : []

  const offered = computed(() => {
    const ids = board.value?.enclosures.map(({ id }) => id) ?? []
    const now = mode.value
    if (now.is === 'walk') return new Set(ids.filter((id) => id !== now.from))
    if (now.is === 'feed') return new Set(ids.filter((id) => id !== now.supply))
    if (now.is === 'point') return new Set(ids.filter((id) => lampsIn(id).length > 0))
    return new Set<string>()
  })
  const selected = computed(() => {
    const now = mode.value
    if (now.is === 'box' || now.is === 'cable') return now.id
    if (now.is === 'walk') return now.from
    if (now.is === 'feed') return now.supply
    return now.is === 'point' ? (board.value?.devices.find(({ id }) => id === now.device)?.in ?? null) : null
  })

  function rest(words = '') {
    mode.value = { is: 'rest' }
    said.value = words
  }

  function tapWall(at: Spot) {
    const now = mode.value
    if (now.is === 'walk' || now.is === 'feed' || now.is === 'point') return rest('Put down.')
    mode.value = { is: 'hang', at }
    said.value = ''
  }

  function tapBox(id: string) {
    const now = mode.value
    if (now.is === 'walk') {
      if (now.from === id) return rest('Put down.')
      change((was) => drawing.walk(was, now.from, id))
      mode.value = { is: 'walk', from: id }
      said.value = `Cable from ${nameOf(now.from)} to ${nameOf(id)}. Walk on, or stop with Escape.`
    } else if (now.is === 'feed') {
      if (now.supply !== id) change((was) => drawing.feedInto(was, now.supply, id))
      rest(`The feed comes into ${nameOf(id)}.`)
    } else if (now.is === 'point') {
      const lamps = lampsIn(id)
      if (lamps.length === 0) said.value = `No light hangs at ${nameOf(id)}.`
      for (const lamp of lamps) change((was) => drawing.point(was, now.device, lamp.id))
      const works = board.value ? drawing.lampsOf(board.value, now.device) : []
      const isTied = lamps.some((lamp) => works.includes(lamp.id))
      if (lamps.length > 0) rest(`${now.device} ${isTied ? 'works' : 'no longer works'} the light at ${nameOf(id)}.`)
    } else {
      mode.value = { is: 'box', id }
      said.value = ''
    }
  }

  function hang(what: Hanging) {
    const now = mode.value
    if (now.is !== 'hang') return
    const before = new Set(board.value?.enclosures.map(({ id }) => id))
    change((was) => drawing.hang(was, what, now.at, kinds.value))
    const fresh = board.value?.enclosures.find(({ id }) => !before.has(id))
    mode.value = fresh ? { is: 'box', id: fresh.id } : { is: 'rest' }
    said.value = fresh ? `${fresh.label ?? fresh.id} hangs.` : ''
  }

  function duplicate(id: string) {
    const box = board.value?.enclosures.find((candidate) => candidate.id === id)
    const [x, y] = box?.at ?? [0, 0]
    change((was) => drawing.duplicate(was, id, [x + BESIDE_MM, y]))
    rest('Another like it hangs beside it.')
  }

  function remove(id: string) {
    change((was) => drawing.remove(was, id))
    rest('Taken off the wall. Undo brings it back.')
  }

  function cut(id: string) {
    change((was) => drawing.cut(was, id))
    rest('Taken out. Undo brings it back.')
  }

  return {
    mode: shallowReadonly(mode),
    said: readonly(said),
    offered,
    selected,
    rest,
    tapWall,
    tapBox,
    tapCable: (id: string) => (mode.value = { is: 'cable', id }),
    begin: (next: Mode) => {
      mode.value = next
      said.value =
        {
          walk: 'Where does it run to?',
          point: 'Which light does it work?',
          feed: 'Which box does the feed come into?',
        }[next.is as string] ?? ''
    },
    hang,
    duplicate,
    remove,
    cut,
  }
}
