import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type BoxShape, type Lanes, type Run, waysOf } from './ways'

interface Case {
  title: string
  lanes: Lanes
  boxes: BoxShape[]
  runs: Run[]
  ways: [string, number[][]][]
}

const cases = JSON.parse(readFileSync('tests/Corpus/layout/ways.json', 'utf8')) as Case[]

describe('runs over the board face, as the page maker draws them', () => {
  it.each(cases)('$title', ({ lanes, boxes, runs, ways }) => {
    expect(waysOf(runs, boxes, lanes).map(({ id, points }) => [id, points])).toEqual(ways)
  })
})
