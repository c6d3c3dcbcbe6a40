// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { DiagramData, Finding, VerdictData } from '@/shared/api/generated/http'
import WiringDiagram from '@/shared/board/WiringDiagram.vue'
import EditionBar from './EditionBar.vue'
import FigureList from '@/shared/board-pane/FigureList.vue'
import FindingList from './FindingList.vue'
import NearestPlanSteps from './NearestPlanSteps.vue'
import RepairSteps from './RepairSteps.vue'
import LayerToggles from '@/shared/board-pane/LayerToggles.vue'
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
  repair: { moves: [], undoes: '', reason: null },
  nearest: { headline: '', changes: [], standing: [] },
  layerNames: { line: 'Hot', neutral: 'Neutral', earth: 'Ground' },
  cited: 'Sections are quoted from memory. Check your copy.',
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
      'OFF ✕ should be on',
      'OFF',
      'OFF',
      'ON',
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
    // Danger first.
    expect([...numbers.value]).toEqual([
      [2, 1],
      [0, 2],
    ])
    expect([...boxPins.value]).toEqual([
      ['L1', [1]],
      ['B2', [2]],
    ])
    expect([...placePins.value.keys()]).toEqual(['LA#1', 'S2#3', 'S2#2'])
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
    expect(list.get('summary').text()).toBe('What this causes (1)')
    await list.get('[data-finding=shell-live] button').trigger('click')
    expect(list.emitted('show')).toEqual([['L1']])
  })

  it('are one line where several remarks are of one kind', () => {
    const remark = (box: string) => finding('earth-unsleeved', { severity: 'remark', boxes: [box], at: [`${box}#1`] })
    const several = [remark('B1'), finding('never-lights'), remark('B2'), remark('L1')]
    const { numbers, boxPins } = usePins(ref(verdict({ findings: several })))
    expect([...numbers.value]).toEqual([
      [1, 1],
      [0, 2],
      [2, 2],
      [3, 2],
    ])
    expect(boxPins.value.get('L1')).toEqual([2])
    const list = mount(FindingList, {
      props: { findings: several, numbers: numbers.value, labelOf: (box) => `box ${box}` },
    })
    expect(list.findAll('ol > li')).toHaveLength(2)
    expect(list.get('[data-finding=earth-unsleeved]').text()).toContain('Remark, 3 times')
    expect(list.get('[data-finding=earth-unsleeved] summary').text()).toBe('Also at box B2, box L1')
  })

  it('say so when there are none', () => {
    expect(mount(FindingList, { props: { findings: [], numbers: new Map(), labelOf: String } }).text()).toContain(
      'Nothing to put right.',
    )
  })
})

const diagram: DiagramData = {
  width: 30,
  rows: 2,
  symbols: [
    {
      id: 'line',
      kind: 'line',
      x: 0,
      width: 3,
      row: 0,
      rows: 1,
      pins: [{ place: 'PS#1', x: 3, row: 0, name: '' }],
      contacts: { up: [], down: [] },
      earthed: null,
    },
    {
      id: 'S1',
      kind: 'switch',
      x: 7,
      width: 11,
      row: 0,
      rows: 2,
      pins: [
        { place: 'S1#3', x: 7, row: 0, name: 'com' },
        { place: 'S1#1', x: 18, row: 0, name: 't1' },
        { place: 'S1#2', x: 18, row: 1, name: 't2' },
      ],
      contacts: { up: [['S1#3', 'S1#1']], down: [['S1#3', 'S1#2']] },
      earthed: false,
    },
    {
      id: 'LA',
      kind: 'lamp',
      x: 22,
      width: 8,
      row: 0,
      rows: 1,
      pins: [],
      contacts: { up: [], down: [] },
      earthed: null,
    },
  ],
  wires: [
    {
      role: 'line',
      layer: 'line',
      pieces: [[3, 0, 7, 0]],
      dots: [],
      stub: false,
      places: ['PS#1', 'W1.black@B1', 'S1#3'],
    },
    { role: 'neutral', layer: 'neutral', pieces: [[30, 0, 31, 0]], dots: [], stub: true, places: ['LA#1'] },
  ],
}
const drawn = (more: Record<string, unknown> = {}) =>
  mount(WiringDiagram, {
    props: {
      diagram,
      positions: new Map([['S1', 'up']]),
      lamps: new Map([['LA', 'on']]),
      traced: new Set(['PS#1', 'W1.black@B1', 'S1#3', 'S1#1']),
      hidden: new Set<'line' | 'neutral' | 'earth'>(),
      ...more,
    },
  })

describe('the diagram', () => {
  it('says positions and lamps in words and marks the way of the current', () => {
    const text = drawn().text()
    expect(text).toContain('S1 up')
    expect(text).toContain('LA on')
    expect(drawn().findAll('[data-traced]')).toHaveLength(1)
    expect(drawn({ traced: new Set(['PS#1']) }).findAll('[data-traced]')).toHaveLength(0)
  })

  it('draws the contact of the position closed and the other open', () => {
    const closed = (position: string) =>
      drawn({ positions: new Map([['S1', position]]) })
        .findAll('[data-symbol=S1] path[stroke-width="3.5"]')
        .map((path) => path.attributes('d'))
    expect(closed('up')).toHaveLength(1)
    expect(closed('up')).not.toEqual(closed('down'))
  })

  it('flips a switch by pointer and by key', async () => {
    const wrapper = drawn()
    await wrapper.get('[data-symbol=S1]').trigger('click')
    await wrapper.get('[data-symbol=S1]').trigger('keydown', { key: 'Enter' })
    expect(wrapper.emitted('flip')).toEqual([['S1'], ['S1']])
  })

  it('hides a layer, and shows an earth that is missing', () => {
    expect(drawn().get('[data-wire=neutral]').isVisible()).toBe(true)
    expect(
      drawn({ hidden: new Set(['neutral']) })
        .get('[data-wire=neutral]')
        .attributes('style'),
    ).toContain('none')
    expect(drawn().find('[data-earthed=false]').exists()).toBe(true)
    expect(
      drawn({ hidden: new Set(['earth']) })
        .find('[data-earthed]')
        .exists(),
    ).toBe(false)
  })
})

describe('layers, editions and figures', () => {
  it('says what a hidden layer hides', async () => {
    const wrapper = mount(LayerToggles, {
      props: {
        layers: verdict({}).layers,
        names: verdict({}).layerNames,
        hidden: new Set<'line' | 'neutral' | 'earth'>(['neutral']),
      },
    })
    expect(wrapper.get('[data-layer=neutral]').text()).toContain('hidden: 2 places')
    expect(wrapper.get('[data-layer=line]').text()).toContain('shown')
    await wrapper.get('[data-layer=earth]').trigger('click')
    expect(wrapper.emitted('toggle')).toEqual([['earth']])
  })

  it('says what changes by another edition', () => {
    const shown = (more: Partial<VerdictData>) =>
      mount(EditionBar, { props: { verdict: verdict(more), busy: false, modelValue: 'NEC-2011' } })
    expect(shown({}).find('[data-test=changes]').exists()).toBe(false)
    const changed = shown({
      edition: 'NEC-2011',
      changes: { verdictThen: 'pass', appear: ['No neutral there.'], vanish: ['Too full.'] },
    }).get('[data-test=changes]')
    expect(changed.text()).toContain('The board’s own edition gives a pass')
    expect(changed.text()).toContain('+ No neutral there.')
    expect(changed.text()).toContain('no longer: Too full.')
    expect(shown({ edition: 'NEC-2011' }).get('[data-test=changes]').text()).toContain('No change')
  })

  it('shows every allowance and whether it fits', () => {
    const wrapper = mount(FigureList, {
      props: {
        blocks: [{ title: 'Gate post: too small', fits: false, rows: [['conductors', '5 × 2.00']], note: 'A ring.' }],
      },
    })
    expect(wrapper.text()).toContain('✕Gate post')
    expect(wrapper.get('th').text()).toBe('conductors')
    expect(wrapper.text()).toContain('A ring.')
    expect(mount(FigureList, { props: { blocks: [] } }).text()).toContain('Nothing to calculate')
  })
})

describe('the repair', () => {
  const moves = ['first', 'second'].map((text) => ({
    text: `The ${text} move.`,
    box: 'B2',
    places: ['S2#3'],
    standing: [],
  }))
  const shown = (repair: Record<string, unknown> = {}, modelValue = -1) =>
    mount(RepairSteps, { props: { repair: { moves, undoes: '', reason: null, ...repair }, modelValue, way: 0 } })

  it('is stepped through move by move, to the board put right', async () => {
    const wrapper = shown({ undoes: 'a pair split' })
    expect(wrapper.text()).toContain('2 moves put it right')
    expect(wrapper.text()).toContain('The mistake: a pair split.')
    const [before, next] = wrapper.findAll('button')
    expect(before!.attributes('disabled')).toBeDefined()
    await next!.trigger('click')
    expect(wrapper.emitted('update:modelValue')).toEqual([[0]])
    await wrapper.setProps({ modelValue: 1 })
    expect(wrapper.get('[aria-current=step]').text()).toBe('The second move.')
    expect(wrapper.text()).toContain('The first move. ✓ done')
    expect(next!.text()).toBe('See the finished repair')
    await wrapper.setProps({ modelValue: 2 })
    expect(next!.attributes('disabled')).toBeDefined()
    expect(wrapper.find('[aria-current=step]').exists()).toBe(false)
  })

  it('is stepped back until no move is shown, so that the path shows again', async () => {
    const wrapper = shown({}, 0)
    await wrapper.findAll('button')[0]!.trigger('click')
    expect(wrapper.emitted('update:modelValue')).toEqual([[-1]])
  })

  it('says why there is none, and that none is needed', () => {
    expect(shown({ moves: [], reason: 'No repair by moves alone was found.' }).text()).toContain('No repair')
    expect(shown({ moves: [] }).text()).toBe('Nothing to put right.')
    expect(shown({ moves: moves.slice(1) }).text()).toContain('One move puts it right')
  })
})

describe('the nearest plan', () => {
  const change = { text: 'Bring the white over.', box: 'B2', places: [] }
  const shown = (nearest: Record<string, unknown>) =>
    mount(NearestPlanSteps, { props: { nearest: { headline: 'Right.', changes: [change], standing: [], ...nearest } } })

  it('tells its changes, each of which shows its box', async () => {
    const wrapper = shown({})
    expect(wrapper.get('h3').text()).toBe('One change to the nearest plan')
    await wrapper.get('li button').trigger('click')
    expect(wrapper.emitted('show')).toEqual([['B2']])
    expect(
      shown({ changes: [change, change] })
        .get('h3')
        .text(),
    ).toContain('2 changes')
  })

  it('says that Nothing to change, or that there is no plan', () => {
    expect(shown({ changes: [] }).text()).toContain('Nothing to change')
    expect(shown({ headline: null, changes: [] }).text()).toContain('no plan')
  })
})
