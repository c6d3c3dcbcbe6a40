import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { api } from '@/shared/api/api'
import type { Assignment } from '@/shared/api/generated/http'
import { useOpenAssignment } from './useOpenAssignment'

const set = (id: number, version: string) => ({ id, version }) as Assignment

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

it('asks with the version that it has, and keeps it where nothing is new', async () => {
  const ask = vi
    .spyOn(api, 'assignment')
    .mockResolvedValueOnce(set(1, 'a'))
    .mockResolvedValueOnce(undefined)
    .mockResolvedValueOnce(set(1, 'b'))
  const scope = effectScope()
  const { assignment } = scope.run(() => useOpenAssignment(ref(1)))!
  await vi.advanceTimersByTimeAsync(0)
  expect(ask).toHaveBeenLastCalledWith(1, '')
  await vi.advanceTimersByTimeAsync(4000)
  expect(ask).toHaveBeenLastCalledWith(1, 'a')
  expect(assignment.value?.version).toBe('a')
  await vi.advanceTimersByTimeAsync(4000)
  expect(assignment.value?.version).toBe('b')
  scope.stop()
  await vi.advanceTimersByTimeAsync(20_000)
  expect(ask).toHaveBeenCalledTimes(3)
})

it('does not show a late answer about one that is no longer open', async () => {
  let late: (one: Assignment) => void = () => {}
  vi.spyOn(api, 'assignment').mockImplementation((id) =>
    id === 1 ? new Promise<Assignment>((resolve) => (late = resolve)) : Promise.resolve(set(2, 'z')),
  )
  const chosen = ref<number | null>(1)
  const { assignment } = effectScope().run(() => useOpenAssignment(chosen))!
  await vi.advanceTimersByTimeAsync(0)
  chosen.value = 2
  await vi.advanceTimersByTimeAsync(0)
  late(set(1, 'a'))
  await vi.advanceTimersByTimeAsync(0)
  expect(assignment.value?.id).toBe(2)
})
