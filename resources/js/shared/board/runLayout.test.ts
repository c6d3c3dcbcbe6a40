import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { routesOf, type Spot } from './runLayout'

interface Case {
  title: string
  places: Record<string, Spot>
  runs: [string, string, string][]
  routes: object[]
}

/** The server draws runs on paper by the same rules and the same cases. */
const cases = JSON.parse(readFileSync('tests/Corpus/layout/runs.json', 'utf8')) as Case[]

it.each(cases)('$title', ({ places, runs, routes }) => {
  const found = routesOf(
    runs.map(([id, from, to]) => ({ id, from, to })),
    new Map(Object.entries(places)),
  )
  expect(found.map(({ id, points, middle, isUpright }) => ({ id, points, middle, isUpright }))).toEqual(routes)
})
