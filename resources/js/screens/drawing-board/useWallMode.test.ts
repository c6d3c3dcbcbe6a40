// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, shallowRef } from 'vue'
import type { Board, Catalogue, WallPart } from '@/shared/api/generated/http'
import { useWallKeys } from './useWallKeys'
import { useWallMode } from './useWallMode'

const kinds = { 'sw-3': 'switch', lamp: 'lamp', feed: 'supply' }
const drawn: Board = {
  format: 'zwindle-board',
  version: 1,
  title: 'Barn',
  practice: 'na',
  code: 'NEC-2023',
  enclosures: [
    { id: 'F', kind: 'supply', label: 'Feed', at: [100, 500] },
    { id: 'B1', kind: 'switch-box', label: 'Door', material: 'metal', at: [508, 508] },
    { id: 'B2', kind: 'switch-box', label: 'Gate', material: 'metal', at: [1016, 508] },
    { id: 'H1', kind: 'light-box', label: 'Ridge', material: 'metal', at: [1016, 203.2] },
  ],
  devices: [
    { id: 'PS', in: 'F', model: 'feed' },
    { id: 'S1', in: 'B1', model: 'sw-3' },
    { id: 'S2', in: 'B2', model: 'sw-3' },
    { id: 'L1', in: 'H1', model: 'lamp' },
  ],
  cables: [{ id: 'W1', type: 'na-14-2', from: 'F', to: 'B1' }],
  controls: [],
}
const hanging = {
  key: 'x',
  name: 'a switch',
  place: 'Place',
  kind: 'switch-box',
  material: 'metal',
  box: null,
  models: ['sw-3'],
}

function atTheWall(board: Board = drawn) {
  const now = shallowRef<Board | null>(board)
  const data = shallowRef({
    kinds,
    wallParts: [hanging as WallPart],
    parts: [{ model: 'sw-3' }],
  } as unknown as Catalogue)
  const undo = vi.fn()
  const redo = vi.fn()
  let hand!: ReturnType<typeof useWallMode>
  const wrapper = mount(
    defineComponent({
      setup() {
        hand = useWallMode(now, data, (by) => (now.value = by(now.value!)))
        useWallKeys(now, data, { undo, redo }, hand)
        return () => h('input')
      },
    }),
    { attachTo: document.body },
  )
  const press = (key: string, more: KeyboardEventInit = {}) =>
    window.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, ...more }))
  return { now, hand, undo, redo, press, wrapper, runs: () => now.value!.cables.map(({ from, to }) => `${from}-${to}`) }
}

beforeEach(() => localStorage.clear())

describe('the hand at the wall', () => {
  it('walks from box to box until it is put down', () => {
    const { hand, press, runs } = atTheWall()
    hand.tapBox('B1')
    press('w')
    expect(hand.said.value).toBe('Where does this cable go?')
    expect([...hand.offered.value]).toEqual(['F', 'B2', 'H1'])
    hand.tapBox('B2')
    hand.tapBox('H1')
    expect(runs()).toEqual(['F-B1', 'B1-B2', 'B2-H1'])
    // Back the way one came lays no second cable.
    hand.tapBox('B2')
    hand.tapBox('F')
    expect(runs()).toEqual(['F-B1', 'B1-B2', 'B2-H1', 'B2-F'])
    press('Escape')
    expect(hand.mode.value.is).toBe('rest')
    hand.begin({ is: 'walk', from: 'B1' })
    hand.tapBox('B1')
    expect(hand.said.value).toBe('Stopped.')
  })

  it('points from a switch to a light, says so, and points them apart again', () => {
    const { now, hand, press } = atTheWall()
    const pointAt = (box: string) => {
      hand.tapBox('B1')
      press('p')
      hand.tapBox(box)
    }
    pointAt('B2')
    expect(hand.said.value).toBe('Gate has no light.')
    hand.tapBox('H1')
    expect(now.value!.controls).toEqual([{ lamps: ['L1'], switches: ['S1'] }])
    expect(hand.said.value).toBe('S1 now controls Ridge.')
    pointAt('H1')
    expect(now.value!.controls).toEqual([])
    expect(hand.said.value).toBe('S1 no longer controls Ridge.')
  })

  it('brings feed and light into another box, by key and by letting go on it', () => {
    const { hand, press, runs, now } = atTheWall()
    hand.tapBox('F')
    press('f')
    hand.tapBox('B2')
    expect(runs()).toEqual(['F-B2'])
    hand.drop('F', [0, 0], 'B1')
    expect(runs()).toEqual(['F-B1'])
    hand.tapBox('H1')
    press('m')
    hand.tapBox('B2')
    expect(now.value!.devices.find(({ id }) => id === 'L1')?.in).toBe('B2')
    hand.tapBox('B1')
    press('m')
    expect(hand.mode.value).toEqual({ is: 'box', id: 'B1' })
  })

  it('moves a box that is let go on the wall, and by steps of the grid', () => {
    const { now, hand, press } = atTheWall()
    const at = (id: string) => now.value!.enclosures.find((box) => box.id === id)?.at
    hand.drop('B1', [304.8, 406.4], null)
    expect(at('B1')).toEqual([304.8, 406.4])
    hand.tapBox('B1')
    press('ArrowRight')
    press('ArrowUp')
    expect(at('B1')).toEqual([355.6, 355.6])
    press('l')
    hand.tapBox('B2')
    expect(at('B1')?.[1]).toBe(508)
    expect(hand.said.value).toBe('Door now lines up with Gate.')
  })

  it('asks on a tap of the wall what hangs there, and takes a number for an answer', () => {
    const { now, hand, press } = atTheWall()
    hand.tapWall([700, 700])
    press('9')
    expect(now.value!.enclosures).toHaveLength(4)
    press('1')
    expect(now.value!.enclosures.at(-1)).toMatchObject({ id: 'B3', label: 'Place 1', at: [700, 700] })
    expect(hand.mode.value).toEqual({ is: 'box', id: 'B3' })
    press('h')
    press('1')
    expect(now.value!.devices.filter((device) => device.in === 'B3')).toHaveLength(2)
    hand.begin({ is: 'walk', from: 'B3' })
    hand.tapWall([10, 10])
    expect(hand.mode.value.is).toBe('rest')
  })

  it('copies a box onto another board of its practice, and not onto one of the other', () => {
    const { hand, press } = atTheWall()
    hand.tapBox('B1')
    press('c', { ctrlKey: true })
    const there = atTheWall({ ...drawn, title: 'Another' })
    there.press('v', { ctrlKey: true })
    expect(there.now.value!.enclosures.at(-1)).toMatchObject({ label: 'Door 2', at: [808, 508] })
    const abroad = atTheWall({ ...drawn, practice: 'gb', code: 'BS7671-2018' })
    abroad.hand.paste()
    expect(abroad.now.value!.enclosures).toHaveLength(4)
    expect(abroad.hand.said.value).toBe('The copied box is from the other practice and can’t go on this board.')
  })

  it('pastes nothing that cannot be read', () => {
    const { now, hand } = atTheWall()
    for (const garbage of ['{{{', '[]', '{"box":1}', '"x"']) {
      localStorage.setItem('zwindle-copied-box', garbage)
      hand.paste()
    }
    expect(now.value!.enclosures).toHaveLength(4)
  })

  it('takes off, cuts, runs beside, and undoes', () => {
    const { hand, press, runs, now, undo, redo } = atTheWall()
    hand.tapCable('W1')
    press('d')
    expect(runs()).toEqual(['F-B1', 'F-B1'])
    press('Delete')
    expect(runs()).toEqual(['F-B1'])
    hand.tapBox('B1')
    press('d')
    expect(now.value!.enclosures).toHaveLength(5)
    hand.tapBox('B1')
    press('Delete')
    expect(runs()).toEqual([])
    expect(hand.said.value).toBe('Removed. Undo brings it back.')
    press('z', { ctrlKey: true })
    press('z', { metaKey: true, shiftKey: true })
    expect([undo.mock.calls.length, redo.mock.calls.length]).toEqual([1, 1])
  })

  it('leaves the keys alone while something is typed', () => {
    const { hand, wrapper } = atTheWall()
    hand.tapBox('B1')
    wrapper.get('input').element.dispatchEvent(new KeyboardEvent('keydown', { key: 'w', bubbles: true }))
    expect(hand.mode.value.is).toBe('box')
  })
})
