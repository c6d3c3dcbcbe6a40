// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { api } from '@/shared/api/api'
import type { MaterialsData } from '@/shared/api/generated/http'
import ShelfField from './ShelfField.vue'
import { usePrepare } from './usePrepare'

const shelf = [
  { part: 'device a', price: '', held: '', unit: 'each' },
  { part: 'device b', price: '2.00', held: '', unit: 'each' },
]
const lists = (more: Partial<MaterialsData> = {}) => ({ practice: 'na', shelf, ...more }) as MaterialsData

describe('the lists of a plan', () => {
  beforeEach(() => vi.spyOn(api, 'keepStockLine').mockResolvedValue(undefined))
  afterEach(() => vi.restoreAllMocks())
  const prepared = () => effectScope().run(() => usePrepare(7, 0))!

  it('are those asked for last, whichever answer comes first', async () => {
    const answers: ((found: MaterialsData) => void)[] = []
    vi.spyOn(api, 'materials').mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
    const prepare = prepared()
    prepare.asked.sets = '12'
    await flushPromises()
    answers[1]!(lists({ sets: 12 }))
    answers[0]!(lists({ sets: 1 }))
    await flushPromises()
    expect(prepare.data.value?.sets).toBe(12)
  })

  it('keep two figures typed in a row, each with the other as it was kept', async () => {
    vi.spyOn(api, 'materials')
      .mockResolvedValueOnce(lists())
      .mockResolvedValueOnce(lists({ shelf: [{ ...shelf[0]!, price: '3' }, shelf[1]!] }))
      .mockResolvedValue(lists())
    const prepare = prepared()
    await flushPromises()
    void prepare.keep('device a', { price: '3' })
    void prepare.keep('device a', { held: '8' })
    await prepare.keep('device z', { held: '1' })
    expect(vi.mocked(api.keepStockLine).mock.calls).toEqual([
      ['na', 'device a', '3', ''],
      ['na', 'device a', '3', '8'],
    ])
  })

  it('say why they could not be loaded', async () => {
    vi.spyOn(api, 'materials').mockRejectedValue(new Error('The server does not answer.'))
    const prepare = prepared()
    await flushPromises()
    expect(prepare.failure.value).toBe('The server does not answer.')
  })
})

it('does not overwrite what is being typed', async () => {
  const wrapper = mount(ShelfField, { props: { label: 'price', value: '', step: '0.01' }, attachTo: document.body })
  const input = wrapper.get('input')
  input.element.focus()
  await input.setValue('1.2')
  await wrapper.setProps({ value: '9' })
  expect(input.element.value).toBe('1.2')
  input.element.blur()
  await wrapper.setProps({ value: '1.20' })
  expect(input.element.value).toBe('1.20')
  wrapper.unmount()
})
