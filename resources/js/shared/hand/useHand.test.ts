import { readFileSync } from 'node:fs'
import { beforeEach, describe, expect, it } from 'vitest'
import { computed, ref, shallowRef } from 'vue'
import type { BoardLook, Step } from '@/shared/api/generated/http'
import { placesOf, StepDoesNotFit } from '@/shared/bench/bench'
import { add, emptyLog } from '@/shared/bench/stepLog'
import { type Hand, useHand } from './useHand'

const looks = JSON.parse(readFileSync('tests/Corpus/bench/looks.json', 'utf8')) as Record<string, BoardLook>
const nut = { by: 'wire-nut', ports: null, label: 'wire nut' } as const
const lever2 = { by: 'lever', ports: 2, label: 'lever 2' } as const

let hand: Hand
let made: Step[]
let openBox: (id: string) => void

function setUp(slug = 'propagation-house', box = 'B1') {
  const board = looks[slug]!
  const places = placesOf(board)
  const log = shallowRef(emptyLog)
  const boxId = ref(box)
  made = []
  openBox = (id) => (boxId.value = id)
  hand = useHand(
    computed(() => board),
    computed(() => board.enclosures.find(({ id }) => id === boxId.value)!),
    computed(() => log.value.now),
    computed(() => places),
    (step) => {
      try {
        log.value = add(log.value, step, places)
        made.push(step)
        return null
      } catch (error) {
        if (error instanceof StepDoesNotFit) return error.message
        throw error
      }
    },
  )
}

beforeEach(() => setUp())

describe('the hand', () => {
  it('lands an end by tapping it and then a screw', () => {
    hand.tap('W1.black@B1')
    expect(hand.carried.value).toEqual(['W1.black@B1'])
    hand.tap('S1#3')
    expect(made).toEqual([{ do: 'land', points: ['W1.black@B1'], on: 'S1#3' }])
    expect(hand.carried.value).toEqual([])
    expect(hand.said.value).toBe('the black in W1 (to Supply cord) on dark screw 3 of S1.')
  })

  it('puts an end down by tapping it again', () => {
    hand.tap('W1.black@B1')
    hand.tap('W1.black@B1')
    expect(hand.carried.value).toEqual([])
    expect(made).toEqual([])
  })

  it('gathers several ends and pigtails into one connector', () => {
    for (const id of ['S1#4', 'B1.earth', 'W1.bare@B1', 'W2.bare@B1']) hand.tap(id)
    hand.gather(nut)
    expect(made).toEqual([
      { do: 'gather', points: ['S1#4', 'B1.earth', 'W1.bare@B1', 'W2.bare@B1'], by: 'wire-nut', ports: null },
    ])
  })

  it('takes up what lies under a screw by tapping the screw with an empty hand', () => {
    hand.tap('W1.black@B1')
    hand.tap('S1#3')
    hand.tap('S1#3')
    expect(hand.carried.value).toEqual(['W1.black@B1'])
    hand.takeOff()
    expect(made.at(-1)).toEqual({ do: 'take', points: ['W1.black@B1'] })
  })

  it('takes up a whole connector, and adds to it with something in hand', () => {
    for (const id of ['W1.white@B1', 'W2.white@B1']) hand.tap(id)
    hand.gather(nut)
    hand.tapConnector('W1.white@B1')
    expect(hand.carried.value).toEqual(['W1.white@B1', 'W2.white@B1'])
    hand.putDown()
    hand.tap('W1.bare@B1')
    hand.tapConnector('W1.white@B1')
    expect(made.at(-1)).toEqual({ do: 'land', points: ['W1.bare@B1'], on: 'W1.white@B1' })
  })

  it('takes a pigtail from a connector to a screw, and from a screw to a connector', () => {
    for (const id of ['W1.bare@B1', 'W2.bare@B1']) hand.tap(id)
    hand.gather(nut)
    hand.tapConnector('W1.bare@B1')
    hand.takePigtail()
    expect([hand.isPigtailInHand.value, hand.said.value]).toEqual([
      true,
      'Holding a pigtail from this connector. Tap the screw it goes to.',
    ])
    expect([...hand.targets.value.keys()]).toEqual(['S1#1', 'S1#2', 'S1#3', 'S1#4', 'B1.earth'])
    hand.tap('S1#4')
    expect(made.at(-1)).toEqual({ do: 'land', points: ['S1#4'], on: 'W1.bare@B1' })
    expect(hand.isPigtailInHand.value).toBe(false)

    hand.tap('B1.earth')
    expect(hand.said.value).toContain('a pigtail from')
    hand.tapConnector('W1.bare@B1')
    expect(made.at(-1)).toEqual({ do: 'land', points: ['B1.earth'], on: 'W1.bare@B1' })
    expect(hand.said.value).toContain('It now has 4.')
  })

  it('takes every loose end of a color at once, with a ground the ground screws too', () => {
    hand.takeAlike('W1.white@B1')
    expect(hand.carried.value).toEqual(['W1.white@B1', 'W2.white@B1'])
    hand.gather(nut)
    hand.takeAlike('W2.bare@B1')
    expect([...hand.carried.value].sort()).toEqual(['B1.earth', 'S1#4', 'W1.bare@B1', 'W2.bare@B1'])
    // What is joined already stays where it is.
    hand.putDown()
    hand.takeAlike('W1.white@B1')
    expect(hand.carried.value).toEqual(['W1.white@B1'])
  })

  it('has no pigtail of a still loose end, and puts one down', () => {
    hand.tap('W1.black@B1')
    hand.takePigtail()
    expect(hand.said.value).toBe('Choose a connector or a screw first, then a pigtail.')
    for (const id of ['W2.black@B1']) hand.tap(id)
    hand.gather(nut)
    hand.tapConnector('W1.black@B1')
    hand.takePigtail()
    hand.putDown()
    hand.tap('S1#3')
    expect(made).toHaveLength(1)
  })

  it('numbers the landings first, then the leads, then the connectors', () => {
    setUp('boat-store', 'R1')
    expect([...hand.numbers.value]).toEqual([
      ['CR1#1', 1],
      ['CR1#2', 2],
      ['CR1#3', 3],
      ['CR1#4', 4],
      ['LA#1', 5],
      ['LA#2', 6],
    ])
    for (const id of ['W1.blue@R1', 'W2.blue@R1']) hand.tap(id)
    hand.gather({ by: 'strip', ports: null, label: 'strip' })
    expect(hand.numbers.value.get('LA#1')).toBe(5)
    expect(hand.numbers.value.get('W1.blue@R1')).toBe(7)
  })

  it('shows numbers only where what is in hand may go', () => {
    expect(hand.targets.value.size).toBe(0)
    hand.tap('W1.white@B1')
    hand.tap('W2.white@B1')
    hand.gather(lever2)
    hand.tap('W1.bare@B1')
    expect([...hand.targets.value.keys()]).toEqual(['S1#1', 'S1#2', 'S1#3', 'S1#4', 'B1.earth'])
    hand.putDown()
    hand.tap('S1#4')
    expect(hand.targets.value.size).toBe(0)
  })

  it('goes where a typed number says', () => {
    hand.tap('W2.red@B1')
    hand.tapNumber(2)
    expect(made).toEqual([{ do: 'land', points: ['W2.red@B1'], on: 'S1#2' }])
    hand.tapNumber(9)
    expect(hand.said.value).toBe('There is no place 9 in this box.')
  })

  it('marks, and takes the mark off by marking again', () => {
    hand.tap('W2.white@B1')
    hand.mark('line')
    hand.tap('W2.white@B1')
    hand.mark('line')
    expect(made).toEqual([
      { do: 'mark', points: ['W2.white@B1'], as: 'line' },
      { do: 'mark', points: ['W2.white@B1'], as: null },
    ])
  })

  it.each([
    ['an empty hand caps nothing', () => hand.cap(), 'Pick up a wire first, then cap it.'],
    ['an empty hand marks nothing', () => hand.mark('line'), 'Pick up a wire first, then mark it.'],
    [
      'one end alone gathers nothing',
      () => (hand.tap('W1.black@B1'), hand.gather(nut)),
      'Pick up two or more wires, then the wire nut.',
    ],
    [
      'what is loose comes off nothing',
      () => (hand.tap('W1.black@B1'), hand.takeOff()),
      'What you’re holding is not connected or capped.',
    ],
    ['a bare bench undoes nothing', () => hand.undo(), 'There is nothing to undo.'],
  ])('says why: %s', (_, act, said) => {
    act()
    expect(hand.said.value).toBe(said)
    expect(made).toEqual([])
  })

  it('keeps what is in hand when the step won’t fit', () => {
    for (const id of ['W1.white@B1', 'W2.white@B1', 'W1.bare@B1']) hand.tap(id)
    hand.gather(lever2)
    expect(hand.said.value).toBe('That connector is full. Use a larger one.')
    expect(hand.carried.value).toHaveLength(3)
  })

  it("lets go of another box's ends when a box is opened", () => {
    hand.tap('W2.red@B1')
    openBox('B2')
    hand.tap('W2.red@B2')
    expect(hand.carried.value).toEqual(['W2.red@B2'])
  })
})
