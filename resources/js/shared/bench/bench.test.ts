import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { BoardLook, Step } from '@/shared/api/generated/http'
import { placesOf, StepDoesNotFit } from './bench'
import { add, emptyLog } from './stepLog'

interface Case {
  title: string
  board: string
  steps: Step[]
  refused: [number, string] | null
  joints: { by: string; ports: number | null; points: string[] }[]
  caps: string[]
  marks: Record<string, string>
}

const read = <T>(path: string) => JSON.parse(readFileSync(path, 'utf8')) as T
const cases = read<Case[]>('tests/Corpus/bench/cases.json')
const looks = read<Record<string, BoardLook>>('tests/Corpus/bench/looks.json')

/** The same cases are run by the server's bench in tests/Unit/Bench/BenchTest.php. */
describe('the bench does as the server does', () => {
  it.each(cases.map((item) => [item.title, item] as const))('%s', (_, item) => {
    const places = placesOf(looks[item.board]!)
    let log = emptyLog
    let refused: [number, string] | null = null
    for (const [i, step] of item.steps.entries()) {
      try {
        log = add(log, step, places)
      } catch (error) {
        if (!(error instanceof StepDoesNotFit)) throw error
        refused = [i, error.message]
      }
    }
    expect(refused).toEqual(item.refused)
    expect(log.now.joints.map(({ by, ports, points }) => ({ by, ports, points }))).toEqual(item.joints)
    expect(log.now.caps).toEqual(item.caps)
    expect({ ...log.now.marks }).toEqual(Array.isArray(item.marks) ? {} : item.marks)
  })
})
