// @vitest-environment happy-dom
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { api } from '@/shared/api/api'
import BeginExam from './BeginExam.vue'

const shown = (minutes: number | null) =>
  mount(BeginExam, {
    props: {
      attempt: 4,
      exam: {
        title: 'Evening exam',
        brief: 'Wire it.',
        positions: ['Work box by box.'],
        minutes,
        kind: 'predict',
        ends: 5,
        triesAllowed: 2,
      },
    },
    global: { stubs: { RouterLink: RouterLinkStub, TopBar: true } },
  })

afterEach(() => vi.restoreAllMocks())

it('says before the clock runs what will be asked and for how long', () => {
  const cover = shown(15).get('[data-test=cover]').text()
  for (const fact of ['What does the light do?', '5 questions', '15 minutes', 'Tries2']) expect(cover).toContain(fact)
  expect(shown(null).text()).toContain('no limit')
  expect(shown(15).text()).toContain('Work box by box.')
})

it('begins once, however often it is pressed while it does', async () => {
  let done = () => {}
  const begin = vi
    .spyOn(api, 'begin')
    .mockReturnValue(new Promise<undefined>((resolve) => (done = () => resolve(undefined))))
  const exam = shown(15)
  await exam.get('button').trigger('click')
  await exam.get('button').trigger('click')
  expect(begin).toHaveBeenCalledTimes(1)
  expect(exam.emitted('begun')).toBeUndefined()
  done()
  await flushPromises()
  expect(exam.emitted('begun')).toHaveLength(1)
})

it('says why it could not begin, and can be tried again', async () => {
  vi.spyOn(api, 'begin').mockRejectedValue(new Error('You have an exam open.'))
  const exam = shown(15)
  await exam.get('button').trigger('click')
  await flushPromises()
  expect(exam.get('[role=alert]').text()).toBe('You have an exam open.')
  expect(exam.get('button').attributes('disabled')).toBeUndefined()
  expect(exam.emitted('begun')).toBeUndefined()
})
