// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it } from 'vitest'
import type { EveningPlan, KeepEvening, SittingPlan } from '@/shared/api/generated/http'
import TimeChart from './TimeChart.vue'

const sitting = (person: number, from: number) =>
  ({ person: String(person), retest: false, station: 'one', from, to: from + 10, variant: 1 }) as unknown as SittingPlan
const planOf = (...sittings: SittingPlan[]) => ({ sittings, minutes: 60, conflicts: [] }) as unknown as EveningPlan
const draft = { stations: [{ id: 'one', label: 'Bench' }], breaks: [], fixed: [] } as unknown as KeepEvening

let chart: ReturnType<typeof mount> | null = null
afterEach(() => chart?.unmount())

describe('the chart of an evening', () => {
  it('keeps the focus on a sitting that a new plan puts into another place', async () => {
    const [first, second, third] = [sitting(1, 0), sitting(2, 10), sitting(3, 20)]
    chart = mount(TimeChart, {
      attachTo: document.body,
      props: { draft, plan: planOf(first, second, third), names: { 1: 'Imara', 2: 'Quill', 3: 'Gorm' } },
    })
    for (const [focused, plan] of [
      ['3', planOf(third, first, second)],
      ['1', planOf(second, third, first)],
    ] as const) {
      chart.get<HTMLElement>(`[data-sitting="${focused}"]`).element.focus()
      await chart.setProps({ plan })
      expect((document.activeElement as HTMLElement).dataset.sitting).toBe(focused)
    }
    // Whoever is elsewhere stays there.
    ;(document.activeElement as HTMLElement).blur()
    await chart.setProps({ plan: planOf(first, third, second) })
    expect(document.activeElement).toBe(document.body)
  })
})
