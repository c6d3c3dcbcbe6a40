import { expect, it, vi } from 'vitest'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { GradedAttempt, ReGradePreview } from '@/shared/api/generated/http'
import { useReMark } from './useReMark'

const side = { verdict: 'pass', headline: '', got: 90, total: 100, passes: true, rules: 1 } as const
const looked = (attempt: number, changes: boolean): ReGradePreview => ({ attempt, changes, was: side, now: side })

it('looks at one board after the other and keeps only what would change', async () => {
  vi.spyOn(api, 'reGradePreview').mockImplementation((attempt) => Promise.resolve(looked(attempt, attempt === 2)))
  const reMark = useReMark(() => {})
  await reMark.look([1, 2, 3])
  expect([reMark.looked.value, reMark.changed.value.map(({ attempt }) => attempt)]).toEqual([3, [2]])
})

it('lists a board that cannot be judged', async () => {
  vi.spyOn(api, 'reGradePreview').mockResolvedValue({ ...looked(1, false), now: null })
  const reMark = useReMark(() => {})
  await reMark.look([1])
  expect(reMark.changed.value).toHaveLength(1)
})

it('takes what is decided off the list and says what went wrong with the rest', async () => {
  vi.spyOn(api, 'reGradePreview').mockImplementation((attempt) => Promise.resolve(looked(attempt, true)))
  const fresh: number[] = []
  const reMark = useReMark(({ attempt }) => fresh.push(attempt))
  await reMark.look([1, 2])
  vi.spyOn(api, 'reMark')
    .mockResolvedValueOnce({ attempt: 1 } as GradedAttempt)
    .mockRejectedValueOnce(new Refused(403, 'Not yours.'))
  await reMark.decide([1, 2], true)
  expect([fresh, reMark.changed.value.map(({ attempt }) => attempt), reMark.failure.value]).toEqual([
    [1],
    [2],
    'Not yours.',
  ])
})
