import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { BoardLook } from '@/shared/api/generated/http'
import { bareBench, type Joint } from '@/shared/bench/bench'
import { drawConductors } from './boxConductors'
import { layOutBox } from './boxLayout'
import { layOutMap } from './mapLayout'

interface Case {
  board: string
  box: string
  joints: Joint[]
  caps: string[]
  frame: number[]
  slots: Record<string, number[]>
  connectors: number[][]
  conductors: Record<string, number[]>
}

const looks = JSON.parse(readFileSync('tests/Corpus/bench/looks.json', 'utf8')) as Record<string, BoardLook>
const cases = JSON.parse(readFileSync('tests/Corpus/layout/boxes.json', 'utf8')) as Case[]
const rounded = (value: number) => Math.round(value * 10) / 10
const numbersIn = (d: string) => d.match(/-?[\d.]+/g)!.map((text) => rounded(Number(text)))

/** A box as it is opened, in the numbers of the corpus. */
function opened({ board, box, joints, caps }: Pick<Case, 'board' | 'box' | 'joints' | 'caps'>) {
  const look = looks[board]!
  const seen = look.enclosures.find(({ id }) => id === box)!
  const words = { boxOf: (id: string) => id, conduit: 'conduit', connector: (by: string) => by.replace('-', ' ') }
  const layout = layOutBox(seen, look.cables, layOutMap(look).at, words, joints)
  const { left, right, top, bottom, width, height } = layout.frame
  return {
    frame: [left, right, top, bottom, width, height].map(rounded),
    slots: Object.fromEntries([...layout.slots].map(([id, { x, y }]) => [id, [rounded(x), rounded(y)]])),
    connectors: layout.connectors.map(({ x, y }) => [rounded(x), rounded(y)]),
    conductors: Object.fromEntries(
      drawConductors(seen, layout, { ...bareBench, joints, caps }, look.marks).map(({ id, path, tip }) => [
        id,
        numbersIn(path + tip),
      ]),
    ),
  }
}

describe('opened boxes, as the page maker draws them', () => {
  it.each(cases)('$board $box', ({ frame, slots, connectors, conductors, ...asked }) => {
    expect(opened(asked)).toEqual({ frame, slots, connectors, conductors })
  })
})
