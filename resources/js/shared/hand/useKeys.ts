import { onScopeDispose } from 'vue'
import type { Enclosure, TrayItem } from '@/shared/api/generated/http'
import type { Hand } from './useHand'

const SECOND_DIGIT_MS = 500

/** Typing: letters are ends, numbers are landings and connectors, capitals are the tray. */
export function useKeys(options: {
  hand: Hand
  box: () => Enclosure
  tray: () => readonly TrayItem[]
  lettersOn: () => boolean
  goTo: (arrow: string) => void
  toggleHelp: () => void
}) {
  let digits = ''
  let timer: ReturnType<typeof setTimeout> | undefined

  function type(event: KeyboardEvent) {
    const target = event.target as HTMLElement
    if (target.closest('input, select, textarea, [role="dialog"]')) return
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
      event.preventDefault()
      return event.shiftKey ? options.hand.redo() : options.hand.undo()
    }
    if (event.altKey && /^Key[A-Z]$/.test(event.code) && options.lettersOn()) {
      event.preventDefault()
      return alike(event.code.slice(3).toLowerCase())
    }
    if (event.ctrlKey || event.metaKey || event.altKey) return
    if (event.key === '?') return options.toggleHelp()
    if (event.key === 'Escape') return options.hand.putDown()
    if (event.key.startsWith('Arrow')) {
      event.preventDefault()
      return options.goTo(event.key)
    }
    if (!options.lettersOn()) return
    if (event.key === 'Backspace' || event.key === 'Delete') {
      event.preventDefault()
      return options.hand.takeOff()
    }
    if (/^\d$/.test(event.key)) return digit(event.key)
    if (/^[a-z]$/.test(event.key)) return letter(event.key)
    if (/^[A-Z]$/.test(event.key)) return capital(event.key)
  }

  function letter(key: string) {
    const end = options.box().ends.find((candidate) => candidate.key === key)
    if (end) options.hand.toggle(end.id)
  }

  function alike(key: string) {
    const end = options.box().ends.find((candidate) => candidate.key === key)
    if (end) options.hand.takeAlike(end.id)
  }

  function digit(key: string) {
    digits += key
    clearTimeout(timer)
    const most = Math.max(0, ...options.hand.numbers.value.values())
    if (Number(digits) * 10 <= most && digits.length === 1) timer = setTimeout(land, SECOND_DIGIT_MS)
    else land()
  }

  function land() {
    const wanted = Number(digits)
    digits = ''
    options.hand.tapNumber(wanted)
  }

  function capital(key: string) {
    if (key === 'C') return options.hand.cap()
    if (key === 'P') return options.hand.takePigtail()
    const marks = { H: 'line', N: 'neutral', G: 'earth' } as const
    if (key in marks) return options.hand.mark(marks[key as keyof typeof marks])
    const item = trayKeys(options.tray()).find(([name]) => name === key)?.[1]
    if (item) options.hand.gather(item)
  }

  window.addEventListener('keydown', type)
  onScopeDispose(() => {
    clearTimeout(timer)
    window.removeEventListener('keydown', type)
  })
}

/** Each connector of the tray with its capital: A, B, D, E, F … in the order of the tray. */
export function trayKeys(tray: readonly TrayItem[]): [string, TrayItem][] {
  const keys = [...'ABDEFIJK']
  return tray.map((item, i) => [keys[i] ?? '', item])
}
