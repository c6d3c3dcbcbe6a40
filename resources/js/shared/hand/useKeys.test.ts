// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, type EffectScope, ref } from 'vue'
import type { Enclosure, TrayItem } from '@/shared/api/generated/http'
import type { Hand } from './useHand'
import { trayKeys, useKeys } from './useKeys'

const tray: TrayItem[] = [
  { by: 'wire-nut', ports: null, label: 'wire nut' },
  { by: 'lever', ports: 2, label: 'lever 2' },
  { by: 'lever', ports: 3, label: 'lever 3' },
]
const box = {
  ends: [
    { id: 'W1.black@B1', key: 'a' },
    { id: 'W1.white@B1', key: 'b' },
  ],
} as Enclosure

let scope: EffectScope
let lettersOn: boolean
const hand = {
  numbers: ref(new Map<string, number>()),
  toggle: vi.fn(),
  tapNumber: vi.fn(),
  gather: vi.fn(),
  cap: vi.fn(),
  mark: vi.fn(),
  takeOff: vi.fn(),
  putDown: vi.fn(),
  undo: vi.fn(),
  redo: vi.fn(),
}
const goTo = vi.fn()
const toggleHelp = vi.fn()

function press(key: string, more: KeyboardEventInit = {}, target: EventTarget = document.body) {
  target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }))
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.clearAllMocks()
  lettersOn = true
  hand.numbers.value = new Map([
    ['S1#1', 1],
    ['S1#2', 2],
  ])
  scope = effectScope()
  scope.run(() =>
    useKeys({
      hand: hand as unknown as Hand,
      box: () => box,
      tray: () => tray,
      lettersOn: () => lettersOn,
      goTo,
      toggleHelp,
    }),
  )
})

afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})

describe('typing at the bench', () => {
  it('takes ends by their letters and lands by number', () => {
    press('b')
    press('2')
    expect(hand.toggle).toHaveBeenCalledWith('W1.white@B1')
    expect(hand.tapNumber).toHaveBeenCalledWith(2)
  })

  it('waits for a second digit only where there is a place of two digits', () => {
    hand.numbers.value = new Map([['X', 12]])
    press('1')
    expect(hand.tapNumber).not.toHaveBeenCalled()
    press('2')
    expect(hand.tapNumber).toHaveBeenCalledWith(12)
    press('1')
    vi.advanceTimersByTime(600)
    expect(hand.tapNumber).toHaveBeenLastCalledWith(1)
    press('2')
    expect(hand.tapNumber).toHaveBeenLastCalledWith(2)
  })

  it('reaches the tray by capitals', () => {
    press('A')
    press('D')
    press('C')
    press('H')
    expect(hand.gather.mock.calls.map(([item]) => (item as TrayItem).label)).toEqual(['wire nut', 'lever 3'])
    expect(hand.cap).toHaveBeenCalledOnce()
    expect(hand.mark).toHaveBeenCalledWith('line')
    expect(trayKeys(tray).map(([key]) => key)).toEqual(['A', 'B', 'D'])
  })

  it('undoes, redoes, puts down, takes off, goes and helps', () => {
    press('z', { ctrlKey: true })
    press('Z', { ctrlKey: true, shiftKey: true })
    press('Escape')
    press('Backspace')
    press('ArrowRight')
    press('?')
    expect([hand.undo, hand.redo, hand.putDown, hand.takeOff, toggleHelp].map((spy) => spy.mock.calls.length)).toEqual([
      1, 1, 1, 1, 1,
    ])
    expect(goTo).toHaveBeenCalledWith('ArrowRight')
  })

  it('leaves letters alone when they are switched off or typed into a field', () => {
    const field = document.createElement('select')
    document.body.append(field)
    press('a', {}, field)
    lettersOn = false
    press('a')
    press('1')
    expect(hand.toggle).not.toHaveBeenCalled()
    expect(hand.tapNumber).not.toHaveBeenCalled()
    press('Escape')
    expect(hand.putDown).toHaveBeenCalledOnce()
    field.remove()
  })

  it('hears nothing after the bench is left', () => {
    scope.stop()
    press('a')
    expect(hand.toggle).not.toHaveBeenCalled()
  })
})
