import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Board, DrawingData } from '@/shared/api/types'
import { devicesIn } from './drawing'
import type { useWallMode } from './useWallMode'

/** The keys of the drawing board, which act wherever nothing is being typed. */
export function useWallKeys(
  board: Ref<Board | null>,
  data: Ref<DrawingData | null>,
  drawn: { undo: () => void; redo: () => void },
  hand: ReturnType<typeof useWallMode>,
) {
  function pointFrom(box: string) {
    const parts = board.value ? devicesIn(board.value, box) : []
    const first = parts.find(({ model }) => data.value?.kinds[model] === 'switch')
    if (first) hand.begin({ is: 'point', device: first.id })
  }

  function boxKeys(id: string): Record<string, () => void> {
    return {
      w: () => hand.begin({ is: 'walk', from: id }),
      p: () => pointFrom(id),
      f: () => hand.begin({ is: 'feed', supply: id }),
      d: () => hand.duplicate(id),
      delete: () => hand.remove(id),
    }
  }

  function actionFor(event: KeyboardEvent): (() => void) | undefined {
    const key = event.key.toLowerCase()
    if (event.ctrlKey || event.metaKey) {
      if (key !== 'z') return undefined
      return event.shiftKey ? drawn.redo : drawn.undo
    }
    if (key === 'escape') return () => hand.rest('Put down.')
    const now = hand.mode.value
    if (now.is === 'hang') {
      const what = data.value?.hangings[Number(key) - 1]
      return what && (() => hand.hang(what))
    }
    if (now.is === 'box') return boxKeys(now.id)[key]
    return now.is === 'cable' && key === 'delete' ? () => hand.cut(now.id) : undefined
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement) return
    const act = actionFor(event)
    if (!act) return
    act()
    event.preventDefault()
  })
}
