import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { BoardLook } from '@/shared/api/generated/http'
import { bareBench, type Joint } from './bench'
import { connectorHandle, placeNumbers } from './placeNumbers'

const looks = JSON.parse(readFileSync('tests/Corpus/bench/looks.json', 'utf8')) as Record<string, BoardLook>
const boxes = Object.values(looks).flatMap(({ enclosures }) => enclosures)
const withLeads = boxes.find(({ devices, ends }) => {
  const leads = devices.flatMap(({ landings }) => landings).filter(({ shape }) => shape === 'lead')
  return leads.length >= 2 && ends.length >= 2
})!
const leads = withLeads.devices.flatMap(({ landings }) => landings).filter(({ shape }) => shape === 'lead')
const nut = (...points: string[]): Joint => ({ box: withLeads.id, by: 'wire-nut', ports: null, points })

describe('the numbers of a box', () => {
  it.each(boxes.map((box) => [box.label, box] as const))('of %s are given once each', (_, box) => {
    const numbers = [...placeNumbers(box, bareBench).values()]
    expect(numbers).toEqual(numbers.map((_, i) => i + 1))
  })

  it('stay when a connector is made, also on a lead that goes into it', () => {
    const before = placeNumbers(withLeads, bareBench)
    const joint = nut(leads[0]!.id, withLeads.ends[0]!.id)
    const after = placeNumbers(withLeads, { ...bareBench, joints: [joint] })
    for (const [id, number] of before) expect(after.get(id)).toBe(number)
    expect(after.get(connectorHandle(joint, withLeads))).toBe(before.size + 1)
  })

  it('are the lead itself where a connector holds leads alone', () => {
    const joint = nut(leads[0]!.id, leads[1]!.id)
    const bench = { ...bareBench, joints: [joint] }
    expect(connectorHandle(joint, withLeads)).toBe(leads[0]!.id)
    expect(placeNumbers(withLeads, bench).size).toBe(placeNumbers(withLeads, bareBench).size)
  })
})
