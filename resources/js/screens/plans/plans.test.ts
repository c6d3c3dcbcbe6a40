// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { api } from '@/shared/api/api'
import type { PlanData, PlanList } from '@/shared/api/generated/http'
import ConversionNotes from './ConversionNotes.vue'
import CoreRoles from './CoreRoles.vue'
import PlanChoice from './PlanChoice.vue'
import { usePlans } from './usePlans'

const line = {
  head: 0,
  schemeId: 'dead-end',
  scheme: 'dead-end run',
  differs: [],
  verdict: 'pass' as const,
  headline: 'Right.',
}
const list = (more: Partial<PlanList> = {}): PlanList => ({
  board: { id: 3, title: 'Seed store', practice: 'na', brief: '' },
  edition: 'NEC-2014',
  editions: [
    { id: 'NEC-2014', title: 'an edition', own: true },
    { id: 'NEC-2011', title: 'one before', own: false },
  ],
  plans: [
    line,
    {
      ...line,
      head: 1,
      schemeId: 'common-link',
      scheme: 'commons tied together',
      differs: ['W3: white traveler'],
      verdict: 'remarks',
    },
  ],
  impossible: null,
  truncated: null,
  neutrals: ['Yard door: no neutral.'],
  ...more,
})
const plan = (scheme: string) => ({ practice: 'na', verdict: { headline: scheme } }) as unknown as PlanData

afterEach(() => vi.restoreAllMocks())

describe('the list of plans', () => {
  const shown = (more: Partial<PlanList> = {}) =>
    mount(PlanChoice, {
      props: {
        list: list(more),
        switches: 2,
        busy: false,
        converting: false,
        refusal: '',
        chosen: 0,
        edition: 'NEC-2014',
      },
    })

  it('names each plan with its scheme and what it earns, and where an electronic switch could go', () => {
    const text = shown().text()
    expect(text).toContain('dead-end run')
    expect(text).toContain('✓, preferred')
    expect(text).toContain('✓ with a remark')
    expect(text).toContain('W3: white traveler')
    expect(text).toContain('Yard door: no neutral.')
    expect(text).toContain('NEC-2014 (the board’s)')
    expect(shown({ truncated: 60 }).text()).toContain('Only the first 60')
  })

  it('has one entry for plans that differ only in colors, with a choice of them', async () => {
    const other = { ...line, differs: ['W3: red neutral'] }
    const wrapper = shown({
      plans: [line, other, { ...line, head: 2, schemeId: 'light-fed', scheme: 'fed at the light' }],
    })
    expect(wrapper.findAll('[data-plan]').map((entry) => entry.attributes('data-plan'))).toEqual(['0', '2'])
    expect(wrapper.findAll('[data-sketch]').map((sketch) => sketch.attributes('data-sketch'))).toEqual([
      'dead-end',
      'light-fed',
    ])
    expect(wrapper.findAll('[data-test=colours] option').map((option) => option.text())).toEqual([
      'In the usual order',
      'W3: red neutral',
    ])
    await wrapper.get('[data-test=colours] select').setValue('1')
    expect(wrapper.emitted('update:chosen')).toEqual([[1]])
  })

  it('asks for another plan, another edition, and the other practice', async () => {
    const wrapper = shown()
    await wrapper.get('[data-plan="1"]').trigger('click')
    await wrapper.get('[data-test=edition]').setValue('NEC-2011')
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('update:chosen')).toEqual([[1]])
    expect(wrapper.emitted('update:edition')).toEqual([['NEC-2011']])
    expect(wrapper.emitted('convert')).toHaveLength(1)
    expect(wrapper.get('button').text()).toBe('Convert it to Britain')
  })
})

describe('what each core carries', () => {
  it('is told by colour code and in words', () => {
    const cores = [{ colour: 'white' as const, flag: 'WHT', name: 'white', role: 'neutral', rank: 2 }]
    const wrapper = mount(CoreRoles, { props: { cables: [{ cable: 'W1', print: '14/2', cores }] } })
    expect(wrapper.get('caption').text()).toContain('W1')
    expect(wrapper.get('tr').text()).toMatch(/WHT\s*white\s*neutral/)
  })
})

it('tells what is different in the other practice until it is put away', async () => {
  const wrapper = mount(ConversionNotes, {
    props: { from: 'Britain', sentences: ['S1: one-way becomes single-pole.'] },
  })
  expect(wrapper.text()).toContain('one-way becomes single-pole')
  await wrapper.get('button').trigger('click')
  expect(wrapper.emitted('dismiss')).toHaveLength(1)
})

describe('the plans that are shown', () => {
  it('are those asked for last, whichever answer comes first', async () => {
    const answers: ((found: PlanData) => void)[] = []
    vi.spyOn(api, 'plans').mockResolvedValue(list())
    vi.spyOn(api, 'plan').mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
    const scope = effectScope()
    const plans = scope.run(() => usePlans(() => 3))!
    await flushPromises()
    plans.chosen.value = 1
    await flushPromises()
    answers[1]!(plan('second'))
    answers[0]!(plan('first'))
    await flushPromises()
    expect(plans.plan.value?.verdict.headline).toBe('second')
    scope.stop()
  })

  it('begin with the scheme that was looked at', async () => {
    vi.spyOn(api, 'plans').mockResolvedValue(list())
    const asked = vi.spyOn(api, 'plan').mockResolvedValue(plan('any'))
    const scope = effectScope()
    scope.run(() => usePlans(() => 3, 'common-link'))
    await flushPromises()
    expect(asked).toHaveBeenLastCalledWith(3, 1, 'NEC-2014')
    scope.stop()
  })

  it('are fetched again for another board and another edition, and none is asked for where there is none', async () => {
    const fetched = vi
      .spyOn(api, 'plans')
      .mockImplementation(async (_, edition) => list({ edition: edition || 'NEC-2014', plans: [] }))
    const opened = vi.spyOn(api, 'plan')
    const file = ref(3)
    const scope = effectScope()
    const plans = scope.run(() => usePlans(() => file.value))!
    await flushPromises()
    plans.edition.value = 'NEC-2011'
    await flushPromises()
    file.value = 4
    await flushPromises()
    expect(fetched.mock.calls).toEqual([
      [3, ''],
      [3, 'NEC-2011'],
      [4, ''],
    ])
    expect(opened).not.toHaveBeenCalled()
    expect(plans.plan.value).toBeNull()
    scope.stop()
  })

  it('say what went wrong', async () => {
    vi.spyOn(api, 'plans').mockRejectedValue(new Error('The server does not answer.'))
    const scope = effectScope()
    const plans = scope.run(() => usePlans(() => 3))!
    await flushPromises()
    expect(plans.failure.value).toBe('The server does not answer.')
    scope.stop()
  })
})
