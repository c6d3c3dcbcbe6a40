// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { RepairData, RepairWay } from '@/shared/api/generated/http'
import RepairSteps from './RepairSteps.vue'

const wayOf = (title: string): RepairWay => ({
  title,
  note: '',
  moves: [{ text: `${title}: do it.`, box: 'B1', places: [], standing: [] }],
  after: null,
  undoes: '',
})
const repair = { ...wayOf('One move'), reason: null, also: [wayOf('Two moves')] } as unknown as RepairData

it('shows the ways to put it right, and goes from one to the other by arrow keys and by a tap', async () => {
  const steps = mount(RepairSteps, { props: { repair, modelValue: -1, way: 0 }, attachTo: document.body })
  const ways = steps.findAll('[data-test="repair-way"]')
  expect(ways.map((way) => way.attributes('aria-checked'))).toEqual(['true', 'false'])
  await ways[0]!.trigger('keydown', { key: 'ArrowDown' })
  expect(steps.emitted('update:way')).toEqual([[1]])
  expect(steps.text()).toContain('● Two moves')
  await ways[0]!.trigger('click')
  expect(steps.emitted('update:way')).toEqual([[1], [0]])
  expect(steps.text()).toContain('● One move')
})
