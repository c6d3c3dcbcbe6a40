import { say } from '@/shared/words/say'
import { computed, readonly, type Ref, ref, shallowReadonly, shallowRef } from 'vue'
import type { Board, Catalogue, WallPart } from '@/shared/api/generated/http'
import * as drawing from './drawing'
import type { Spot } from '@/shared/board/layout/rects'
import { practiceOf } from '@/shared/practices'
import { snap } from './wallLayout'

export type Mode =
  | { is: 'rest' }
  | { is: 'hang'; at: Spot }
  | { is: 'board' }
  | { is: 'box'; id: string }
  | { is: 'fit'; box: string }
  | { is: 'line-up'; id: string }
  | { is: 'cable'; id: string }
  | { is: 'walk'; from: string; came?: string }
  | { is: 'point'; device: string }
  | { is: 'feed'; supply: string }
  | { is: 'light'; from: string }

const BESIDE_MM = 300
/** What a place beyond the board is called until it has a name. */
const BEYOND = say('drawing-board.next-room')
/** So near to its edge the wall ends. */
const EDGE_MM = 80
const COPIED_UNDER = 'zwindle-copied-box'

const QUESTIONS: Partial<Record<Mode['is'], string>> = {
  walk: say('drawing-board.where-does-this-cable-go'),
  point: say('drawing-board.which-light-does-this-switch'),
  feed: say('drawing-board.which-box-does-the-feed'),
  light: say('drawing-board.which-box-does-the-light'),
  'line-up': say('drawing-board.which-box-should-it-line'),
}

function isOffTheWall([x, y]: Spot, wall: Board['wall']): boolean {
  return wall !== undefined && (Math.min(x, y) < EDGE_MM || x > wall.widthMm - EDGE_MM || y > wall.heightMm - EDGE_MM)
}

/** The box that was copied last, on this board or on another; null if there is none that can be read. */
function held(): drawing.CopiedBox | null {
  try {
    const copied = JSON.parse(localStorage.getItem(COPIED_UNDER) ?? 'null') as drawing.CopiedBox | null
    return copied?.box && Array.isArray(copied.devices) ? copied : null
  } catch {
    return null
  }
}

/** What the hand is about at the wall: one question at a time, each answered by a tap or a key. */
export function useWallMode(
  board: Ref<Board | null>,
  catalogue: Ref<Catalogue | null>,
  change: (by: (now: Board) => Board) => void,
) {
  const mode = shallowRef<Mode>({ is: 'rest' })
  const said = ref('')
  const kinds = computed(() => catalogue.value?.kinds ?? {})
  const nameOf = (id: string) => board.value?.enclosures.find((box) => box.id === id)?.label ?? id
  const isBeyond = (id: string) => board.value?.enclosures.find((box) => box.id === id)?.kind === 'onward'
  const lampsIn = (box: string) =>
    board.value ? drawing.devicesIn(board.value, box).filter(({ model }) => kinds.value[model] === 'lamp') : []

  const offered = computed(() => {
    // Beyond the board nothing is fed, hung or lined up.
    const ids = board.value?.enclosures.filter(({ kind }) => kind !== 'onward').map(({ id }) => id) ?? []
    const now = mode.value
    if (now.is === 'walk' || now.is === 'light') return new Set(ids.filter((id) => id !== now.from))
    if (now.is === 'line-up') return new Set(ids.filter((id) => id !== now.id))
    if (now.is === 'feed') return new Set(ids.filter((id) => id !== now.supply))
    if (now.is === 'point') return new Set(ids.filter((id) => lampsIn(id).length > 0))
    return new Set<string>()
  })
  const selected = computed(() => {
    const now = mode.value
    if (now.is === 'box' || now.is === 'cable' || now.is === 'line-up') return now.id
    if (now.is === 'fit') return now.box
    if (now.is === 'walk' || now.is === 'light') return now.from
    if (now.is === 'feed') return now.supply
    return now.is === 'point' ? (board.value?.devices.find(({ id }) => id === now.device)?.in ?? null) : null
  })

  function rest(words = '') {
    mode.value = { is: 'rest' }
    said.value = words
  }

  function tapWall(at: Spot) {
    const now = mode.value
    if (now.is === 'walk' && isOffTheWall(at, board.value?.wall)) return goOn(at)
    if (now.is in QUESTIONS) return rest(say('drawing-board.stopped'))
    mode.value = { is: 'hang', at }
    said.value = ''
  }

  function tapBox(id: string) {
    const now = mode.value
    if (now.is === 'walk') {
      if (now.from === id) return rest(say('drawing-board.stopped'))
      if (isBeyond(id)) {
        said.value = say('drawing-board.name-is-beyond-this-board', { name: nameOf(id) })
        return
      }
      if (now.came === id) return walkBack(id)
      change((was) => drawing.walk(was, now.from, id))
      mode.value = { is: 'walk', from: id, came: now.from }
      said.value = say('drawing-board.cable-from-name-to-nameb', { name: nameOf(now.from), nameb: nameOf(id) })
    } else if (now.is === 'feed') {
      feedInto(now.supply, id)
    } else if (now.is === 'light') {
      lightInto(now.from, id)
    } else if (now.is === 'line-up') {
      change((was) => drawing.lineUp(was, now.id, id))
      mode.value = { is: 'box', id: now.id }
      said.value =
        now.id === id ? '' : say('drawing-board.name-now-lines-up-with', { name: nameOf(now.id), nameb: nameOf(id) })
    } else if (now.is === 'point') {
      const lamps = lampsIn(id)
      if (lamps.length === 0) said.value = say('drawing-board.name-has-no-light', { name: nameOf(id) })
      for (const lamp of lamps) change((was) => drawing.point(was, now.device, lamp.id))
      const works = board.value ? drawing.lampsOf(board.value, now.device) : []
      const isTied = lamps.some((lamp) => works.includes(lamp.id))
      if (lamps.length > 0)
        rest(
          isTied
            ? say('drawing-board.switch-now-controls-light', { switch: now.device, light: nameOf(id) })
            : say('drawing-board.switch-no-longer-controls-light', { switch: now.device, light: nameOf(id) }),
        )
    } else {
      mode.value = { is: 'box', id }
      said.value = ''
    }
  }

  /** The cable in hand goes on to a place beyond the board; without a spot, beside the box that it leaves. */
  function goOn(at?: Spot) {
    const now = mode.value
    if (now.is !== 'walk' || !board.value) return
    const [x, y] = board.value.enclosures.find(({ id }) => id === now.from)?.at ?? [0, 0]
    const before = new Set(board.value.enclosures.map(({ id }) => id))
    change((was) => drawing.goOn(was, now.from, at ?? [x + BESIDE_MM, y + BESIDE_MM], BEYOND))
    const fresh = board.value.enclosures.find(({ id }) => !before.has(id))
    mode.value = fresh ? { is: 'box', id: fresh.id } : { is: 'rest' }
    said.value = fresh ? say('drawing-board.the-cable-goes-on-to', { id: fresh.label ?? fresh.id }) : ''
  }

  /** Back to the box that one came from, to walk on from there; another cable beside the first is the cable's own affair. */
  function walkBack(id: string) {
    mode.value = { is: 'walk', from: id }
    said.value = say('drawing-board.back-at-name-carry-on', { name: nameOf(id) })
  }

  function feedInto(supply: string, box: string) {
    if (supply !== box) change((was) => drawing.feedInto(was, supply, box))
    rest(say('drawing-board.the-feed-now-comes-into', { name: nameOf(box) }))
  }

  function lightInto(from: string, box: string) {
    change((was) => drawing.moveLights(was, from, box, kinds.value))
    rest(say('drawing-board.the-light-is-now-at', { name: nameOf(box) }))
  }

  /** A box is let go where it was brought: the feed or a light on another box goes into that, anything else moves. */
  function drop(id: string, at: Spot, onto: string | null) {
    const kind = board.value?.enclosures.find((box) => box.id === id)?.kind
    if (onto && isBeyond(onto)) change((was) => drawing.move(was, id, at))
    else if (onto && kind === 'supply') feedInto(id, onto)
    else if (onto && lampsIn(id).length > 0) lightInto(id, onto)
    else change((was) => drawing.move(was, id, at))
  }

  function hang(what: WallPart) {
    const now = mode.value
    if (now.is !== 'hang') return
    const before = new Set(board.value?.enclosures.map(({ id }) => id))
    const freshIn = (now: Board | null) => now?.enclosures.find(({ id }) => !before.has(id))
    change((was) => {
      const hung = drawing.hang(was, what, now.at, kinds.value)
      return drawing.tieToOnlyLight(hung, freshIn(hung)?.id ?? '', kinds.value)
    })
    const fresh = freshIn(board.value)
    mode.value = fresh ? { is: 'box', id: fresh.id } : { is: 'rest' }
    said.value = fresh ? say('drawing-board.id-is-up', { id: fresh.label ?? fresh.id }) : ''
  }

  function fit(model: string) {
    const now = mode.value
    if (now.is !== 'fit') return
    change((was) => drawing.fit(was, now.box, model, kinds.value[model] ?? ''))
    mode.value = { is: 'box', id: now.box }
  }

  function copy(id: string) {
    const box = board.value && drawing.copied(board.value, id)
    if (!box) return
    localStorage.setItem(COPIED_UNDER, JSON.stringify(box))
    said.value = say('drawing-board.name-is-copied-press-ctrl', { name: nameOf(id) })
  }

  function paste() {
    const copied = held()
    if (!copied || !board.value) return
    const now = mode.value
    const [x, y] = copied.box.at ?? [0, 0]
    const at: Spot = now.is === 'hang' ? now.at : [x + BESIDE_MM, y]
    hangCopy(copied, at, say('drawing-board.the-copied-box-is-from'))
  }

  function duplicate(id: string) {
    const copied = board.value && drawing.copied(board.value, id)
    if (!copied) return
    const [x, y] = copied.box.at ?? [0, 0]
    hangCopy(copied, [x + BESIDE_MM, y], '')
  }

  function hangCopy(copied: drawing.CopiedBox, at: Spot, refusal: string) {
    const before = board.value
    change((was) => drawing.paste(was, copied, at))
    rest(board.value === before ? refusal : say('drawing-board.another-one-is-up'))
  }

  /** Moves the chosen box by steps of the grid. */
  function nudge(id: string, dx: number, dy: number) {
    const box = board.value?.enclosures.find((candidate) => candidate.id === id)
    if (!box?.at || !board.value) return
    const grid = practiceOf(board.value.practice).gridMm
    const at = snap([box.at[0] + dx * grid, box.at[1] + dy * grid], grid)
    change((was) => drawing.move(was, id, at))
  }

  function remove(id: string) {
    change((was) => drawing.remove(was, id))
    rest(say('drawing-board.removed-undo-brings-it-back'))
  }

  function cut(id: string) {
    change((was) => drawing.cut(was, id))
    rest(say('drawing-board.removed-undo-brings-it-back'))
  }

  function runBeside(id: string) {
    change((was) => drawing.runBeside(was, id))
    const fresh = board.value?.cables.at(-1)
    if (fresh) mode.value = { is: 'cable', id: fresh.id }
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
      said.value = QUESTIONS[next.is] ?? ''
    },
    goOn,
    hang,
    drop,
    hasLight: (box: string) => lampsIn(box).length > 0,
    fit,
    copy,
    paste,
    nudge,
    duplicate,
    remove,
    runBeside,
    cut,
  }
}
