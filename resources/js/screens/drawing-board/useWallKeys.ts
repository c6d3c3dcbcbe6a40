import { say } from '@/shared/words/say'
import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Board, Catalogue } from '@/shared/api/generated/http'
import { devicesIn } from './drawing'
import type { useWallMode } from './useWallMode'

/** The keys of the drawing board, which act wherever nothing is being typed. */
export function useWallKeys(
  board: Ref<Board | null>,
  catalogue: Ref<Catalogue | null>,
  drawn: { undo: () => void; redo: () => void },
  hand: ReturnType<typeof useWallMode>,
) {
  function pointFrom(box: string) {
    const parts = board.value ? devicesIn(board.value, box) : []
    const first = parts.find(({ model }) => catalogue.value?.kinds[model] === 'switch')
    if (first) hand.begin({ is: 'point', device: first.id })
  }

  function boxKeys(id: string): Record<string, () => void> {
    return {
      w: () => hand.begin({ is: 'walk', from: id }),
      p: () => pointFrom(id),
      f: () => hand.begin({ is: 'feed', supply: id }),
      h: () => hand.begin({ is: 'fit', box: id }),
      m: () => hand.hasLight(id) && hand.begin({ is: 'light', from: id }),
      l: () => hand.begin({ is: 'line-up', id }),
      arrowleft: () => hand.nudge(id, -1, 0),
      arrowright: () => hand.nudge(id, 1, 0),
      arrowup: () => hand.nudge(id, 0, -1),
      arrowdown: () => hand.nudge(id, 0, 1),
      d: () => hand.duplicate(id),
      delete: () => hand.remove(id),
    }
  }

  function withControl(key: string, isShifted: boolean): (() => void) | undefined {
    const now = hand.mode.value
    if (key === 'z') return isShifted ? drawn.redo : drawn.undo
    if (key === 'v') return hand.paste
    return key === 'c' && now.is === 'box' ? () => hand.copy(now.id) : undefined
  }

  function actionFor(event: KeyboardEvent): (() => void) | undefined {
    const key = event.key.toLowerCase()
    if (event.ctrlKey || event.metaKey) return withControl(key, event.shiftKey)
    if (key === 'escape') return () => hand.rest(say('drawing-board.stopped'))
    const now = hand.mode.value
    if (now.is === 'hang') {
      const what = catalogue.value?.wallParts[Number(key) - 1]
      return what && (() => hand.hang(what))
    }
    if (now.is === 'fit') {
      const part = catalogue.value?.parts[Number(key) - 1]
      return part && (() => hand.fit(part.model))
    }
    if (now.is === 'walk' && key === 'o') return () => hand.goOn()
    if (now.is === 'rest' && key === 'b') return () => hand.begin({ is: 'board' })
    if (now.is === 'box') return boxKeys(now.id)[key]
    if (now.is !== 'cable') return undefined
    return { delete: () => hand.cut(now.id), d: () => hand.runBeside(now.id) }[key]
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement) return
    const act = actionFor(event)
    if (!act) return
    act()
    event.preventDefault()
  })
}
