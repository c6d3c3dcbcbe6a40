import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useInAddress } from './useInAddress'
import { useOpenLeaf } from './useOpenLeaf'

async function atAddress(address: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/verdict', component: { render: () => null } }],
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
    await flushPromises()
    expect(router.currentRoute.value.query).toEqual({ attempt: '4', box: 'B1' })
    box.value = ''
    leaf.value = 2
    await flushPromises()
    expect(router.currentRoute.value.query).toEqual({ attempt: '4', leaf: 'figures' })
  })
})
