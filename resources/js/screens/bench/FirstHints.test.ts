// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import FirstHints from './FirstHints.vue'

function atTheBench() {
  document.body.innerHTML = '<i role="checkbox" data-place="a"></i><i data-number="1"></i><i data-hint="boxes"></i>'
  for (const element of document.body.children)
    element.getBoundingClientRect = () =>
      ({ left: 10, right: 60, top: 20, bottom: 40, width: 50, height: 20 }) as DOMRect
  return mount(FirstHints, { props: { hasInHand: false, steps: 0, box: 'B1' } })
}
const said = (wrapper: ReturnType<typeof atTheBench>) => wrapper.find('[data-test=first-hint]')

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
})

describe('the hints of a first board', () => {
  it('come one after the other at the thing itself, and are gone for good', async () => {
    const wrapper = atTheBench()
    const next = async (props: Record<string, unknown>) => {
      await wrapper.setProps(props)
      await vi.advanceTimersByTimeAsync(400)
      await nextTick()
    }
    await next({})
    expect(said(wrapper).text()).toContain('pick it up')
    expect(said(wrapper).attributes('style')).toContain('left: 68px')
    await next({ hasInHand: true })
    expect(said(wrapper).text()).toContain('tap a numbered screw')
    await next({ hasInHand: false, steps: 1 })
    expect(said(wrapper).text()).toContain('Tap another box')
    await next({ box: 'B2' })
    expect(said(wrapper).exists()).toBe(false)
    wrapper.unmount()
    const later = atTheBench()
    await vi.advanceTimersByTimeAsync(400)
    expect(said(later).exists()).toBe(false)
  })

  it('lie on nothing that can be tapped, where there is room', async () => {
    const rectOf: Record<string, number[]> = {
      a: [400, 300, 48, 42],
      right: [470, 300, 48, 42],
      above: [380, 240, 48, 42],
    }
    document.body.innerHTML = Object.keys(rectOf)
      .map((place) => `<i ${place === 'a' ? 'role="checkbox"' : ''} data-place="${place}"></i>`)
      .join('')
    for (const element of document.body.children) {
      const [left, top, width, height] = rectOf[element.getAttribute('data-place')!]! as [
        number,
        number,
        number,
        number,
      ]
      element.getBoundingClientRect = () =>
        ({ left, top, width, height, right: left + width, bottom: top + height }) as DOMRect
    }
    const wrapper = mount(FirstHints, { props: { hasInHand: false, steps: 0, box: 'B1' } })
    await vi.advanceTimersByTimeAsync(400)
    await nextTick()
    // Neither to the right nor above: under it.
    expect(said(wrapper).attributes('style')).toContain('top: 350px')
    wrapper.unmount()
  })
})
