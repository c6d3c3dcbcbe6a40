import { onScopeDispose, readonly, ref } from 'vue'

const STARTS_AT_PX = 9
const REACH_PX = 40

/** What lies under a pointer that lets go. */
export interface DropTarget {
  place?: string
  connector?: string
  tray?: string
}

/** Dragging an end: follows the pointer from a press on an end to the nearest landing when it is let go. */
export function useDrag(pickUp: (id: string) => void, drop: (target: DropTarget) => void) {
  const at = ref<{ x: number; y: number } | null>(null)
  let from: { id: string; x: number; y: number; pointer: number } | null = null
  let swallowClick = false

  function hold(id: string, event: PointerEvent) {
    if (event.button !== 0) return
    from = { id, x: event.clientX, y: event.clientY, pointer: event.pointerId }
  }

  function move(event: PointerEvent) {
    if (!from || event.pointerId !== from.pointer) return
    if (!at.value && Math.hypot(event.clientX - from.x, event.clientY - from.y) < STARTS_AT_PX) return
    if (!at.value) pickUp(from.id)
    at.value = { x: event.clientX, y: event.clientY }
  }

  function release(event: PointerEvent) {
    if (at.value) {
      swallowClick = true
      setTimeout(() => (swallowClick = false))
      drop(targetNear(event.clientX, event.clientY))
    }
    cancel()
  }

  function cancel() {
    from = null
    at.value = null
  }

  /** A drag ends with a click on some browsers: it is not a tap. */
  function click(event: MouseEvent) {
    if (!swallowClick) return
    event.stopPropagation()
    event.preventDefault()
  }

  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', release)
  window.addEventListener('pointercancel', cancel)
  window.addEventListener('click', click, true)
  onScopeDispose(() => {
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', release)
    window.removeEventListener('pointercancel', cancel)
    window.removeEventListener('click', click, true)
  })

  return { at: readonly(at), hold }
}

function targetNear(x: number, y: number): DropTarget {
  let best: HTMLElement | null = null
  let least = REACH_PX
  for (const element of document.querySelectorAll<HTMLElement>('[data-place], [data-connector], [data-tray]')) {
    const { left, right, top, bottom } = element.getBoundingClientRect()
    const distance =
      Math.hypot(Math.max(left - x, 0, x - right), Math.max(top - y, 0, y - bottom)) +
      Math.hypot((left + right) / 2 - x, (top + bottom) / 2 - y) / 1000
    if (distance < least) {
      best = element
      least = distance
    }
  }
  return { place: best?.dataset.place, connector: best?.dataset.connector, tray: best?.dataset.tray }
}
