import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { Finding, VerdictData } from '@/shared/api/types'
import FindingList from './FindingList.vue'
import TruthTable from './TruthTable.vue'
import { usePins } from './usePins'

const finding = (code: string, more: Partial<Finding> = {}): Finding => ({
  code,
  severity: 'fault',
  at: ['S2#3'],
  boxes: ['B2'],
  message: `About ${code}.`,
  reference: 'common practice',
  causedBy: null,
  ...more,
})
const findings = [
  finding('four-way-pair-split', { at: ['S2#3', 'S2#2'] }),
  finding('partial-control', { causedBy: 0 }),
  finding('shell-live', { severity: 'danger', boxes: ['L1'], at: ['LA#1'] }),
]
const switches = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ id: `S${i + 1}`, label: `switch ${i + 1}`, box: `B${i + 1}` }))
const verdict = (more: Partial<VerdictData>): VerdictData => ({
  verdict: 'fail',
  headline: '',
  schemes: [{ id: null, name: 'no named scheme', note: '', lamps: 'the light' }],
  edition: 'NEC-2023',
  editions: [
    { id: 'NEC-2023', title: 'the newest', own: true },
    { id: 'NEC-2011', title: 'an older one', own: false },
  ],
  changes: { verdictThen: 'fail', appear: [], vanish: [] },
  diagram: { width: 40, rows: 1, symbols: [], wires: [] },
  layers: { line: ['W1.black@B1'], neutral: ['W1.white@B1', 'LA#1'], earth: [] },
  figures: [],
  caution: '',
  switches: switches(2),
  lamps: [{ id: 'LA', label: 'the light', box: 'L1', states: '0001', expected: '1001' }],
  trips: '----',
  findings,
  ...more,
})

describe('the truth table', () => {
  const rows = (data: VerdictData) =>
    mount(TruthTable, { props: { verdict: data, state: 0 } })
      .findAll('tr[data-state]')
      .map((row) => row.text().replace(/\s+/g, ' '))

  it('says in words what the lamp does and what it should do where that differs', () => {
    expect(rows(verdict({})).map((text) => text.replace(/Show row \d/, '').trim())).toEqual([
      'DARK ✕ should be lit',
      'DARK',
      'DARK',
      'LIT',
    ])
  })

  it('says what trips', () => {
    expect(rows(verdict({ trips: 'b--r', lamps: [] })).length).toBe(4)
    expect(rows(verdict({ trips: 'b--r' }))[0]).toContain('breaker trips')
    expect(rows(verdict({ trips: 'b--r' }))[3]).toContain('RCD trips')
  })

  it('tells the rows of a large board that it does not draw', () => {
    const data = verdict({
      switches: switches(8),
      trips: '-'.repeat(256),
      lamps: [{ id: 'LA', label: '', box: 'L1', states: '0'.repeat(256), expected: null }],
    })
    const table = mount(TruthTable, { props: { verdict: data, state: 0 } })
    expect(table.findAll('tr[data-state]')).toHaveLength(64)
    expect(table.text()).toContain('192 more combinations')
  })

  it('chooses a row', async () => {
    const table = mount(TruthTable, { props: { verdict: verdict({}), state: 0 } })
    await table.get('tr[data-state="2"]').trigger('click')
    expect(table.emitted('choose')).toEqual([[2]])
  })
})

describe('the findings', () => {
  it('are numbered by cause, consequences folded', () => {
    const { numbers, boxPins, placePins } = usePins(ref(verdict({})))
    expect([...numbers.value]).toEqual([
      [0, 1],
      [2, 2],
    ])
    expect([...boxPins.value]).toEqual([
      ['B2', [1]],
      ['L1', [2]],
    ])
    expect([...placePins.value.keys()]).toEqual(['S2#3', 'S2#2', 'LA#1'])
  })

  it('show danger by words and shape, and open the box', async () => {
    const list = mount(FindingList, {
      props: {
        findings,
        numbers: new Map([
          [0, 1],
          [2, 2],
        ]),
        labelOf: (box: string) => `box ${box}`,
      },
    })
    expect(list.findAll('ol > li')).toHaveLength(2)
    expect(list.get('[data-finding=shell-live]').text()).toContain('Danger')
    expect(list.find('[data-finding=shell-live] .hazard').exists()).toBe(true)
    expect(list.get('summary').text()).toBe('What follows from it (1)')
    await list.get('[data-finding=shell-live] button').trigger('click')
    expect(list.emitted('show')).toEqual([['L1']])
  })

  it('say so when there are none', () => {
    expect(mount(FindingList, { props: { findings: [], numbers: new Map(), labelOf: String } }).text()).toContain(
      'Nothing to put right.',
    )
  })
})
