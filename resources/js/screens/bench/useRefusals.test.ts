import { describe, expect, it, vi } from 'vitest'
import { api } from '@/shared/api/api'
import { useRefusals } from './useRefusals'

describe('refusals in a row', () => {
  it('are told at the fifth, and not again before one is made', () => {
    const told = vi.spyOn(api, 'tellRefused').mockResolvedValue(undefined)
    const refused = useRefusals(7)
    for (let i = 0; i < 4; i++) refused(true)
    refused(false)
    for (let i = 0; i < 8; i++) refused(true)
    expect(told.mock.calls).toEqual([[7]])
  })
})
