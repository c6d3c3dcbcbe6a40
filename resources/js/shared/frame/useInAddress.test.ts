// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useInAddress } from './useInAddress'
import { useOpenLeaf } from './useOpenLeaf'

async function atAddress(address: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['/verdict', '/other'].map((path) => ({ path, component: { render: () => null } })),
  })
  await router.push(address)
  let open!: { box: ReturnType<typeof useInAddress>; leaf: ReturnType<typeof useOpenLeaf> }
  mount(
    {
      setup() {
        open = { box: useInAddress('box', true), leaf: useOpenLeaf('leaf', ['board', 'diagram', 'figures']) }
        return () => null
      },
    },
    { global: { plugins: [router] } },
  )
  return { router, ...open }
}

describe('what is open, in the address', () => {
  it('is read from it, and an unknown leaf is the first', async () => {
    const { box, leaf } = await atAddress('/verdict?box=B2&leaf=diagram')
    expect([box.value, leaf.value]).toEqual(['B2', 1])
    expect((await atAddress('/verdict?leaf=nowhere')).leaf.value).toBe(0)
  })

  it('tells two things that one gesture opens, and what is empty or first not at all', async () => {
    const { router, box, leaf } = await atAddress('/verdict?leaf=diagram&attempt=4')
    box.value = 'B1'
    leaf.value = 0
    expect([box.value, leaf.value]).toEqual(['B1', 0])
    await vi.waitFor(() => expect(router.currentRoute.value.query).toEqual({ attempt: '4', box: 'B1' }))
    box.value = ''
    leaf.value = 2
    await vi.waitFor(() => expect(router.currentRoute.value.query).toEqual({ attempt: '4', leaf: 'figures' }))
  })

  it('tells what is opened while it is being told, and nothing on another page', async () => {
    const { router, box } = await atAddress('/verdict')
    box.value = 'B1'
    await vi.waitFor(() => expect(router.currentRoute.value.query).toEqual({ box: 'B1' }), { interval: 1 })
    box.value = 'B2'
    box.value = 'B3'
    await vi.waitFor(() => expect(router.currentRoute.value.query).toEqual({ box: 'B3' }))
    box.value = 'B4'
    await router.push('/other')
    await new Promise((told) => setTimeout(told, 60))
    expect(router.currentRoute.value.fullPath).toBe('/other')
    expect(box.value).toBe('')
  })
})
