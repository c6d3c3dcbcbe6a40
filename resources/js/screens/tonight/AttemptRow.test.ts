// @vitest-environment happy-dom
import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { AttemptSummary } from '@/shared/api/generated/http'
import AttemptRow from './AttemptRow.vue'

const summary = (change: Partial<AttemptSummary>) =>
  ({
    id: 9,
    seat: 4,
    kind: 'wire',
    trainee: { name: 'Imara' },
    placed: 3,
    ends: 12,
    steps: 1,
    startedAt: null,
    dueAt: null,
    handedInAt: null,
    verdict: null,
    headline: null,
    ...change,
  }) as AttemptSummary

const row = (change: Partial<AttemptSummary>, seated = true) =>
  mount(AttemptRow, {
    props: { attempt: summary(change), seated },
    global: { stubs: { RouterLink: RouterLinkStub } },
  })

describe('a trainee in the list of a class', () => {
  it.each([
    [{}, 'Not started'],
    [{ startedAt: '2026-11-26T18:00:00Z' }, 'Wiring: 1 step'],
    [{ startedAt: '2026-11-26T18:00:00Z', steps: 7 }, 'Wiring: 7 steps'],
    [{ startedAt: '2026-11-26T18:00:00Z', kind: 'names' as const }, 'Answering'],
    [{ startedAt: '2020-01-01T18:00:00Z', dueAt: '2020-01-01T18:15:00Z' }, 'Time is up, not handed in'],
    [
      { startedAt: '2026-11-26T18:00:00Z', handedInAt: '2026-11-26T18:10:00Z', headline: 'Never lights.' },
      'Never lights.',
    ],
  ])('says how it stands: %o', (change, said) => {
    expect(row(change).text()).toContain(said)
  })

  it('has the seat where seats are given', () => {
    expect(row({}).find('td').text()).toBe('4')
    expect(row({ seat: null }, false).find('td').text()).toBe('3/12')
  })

  it.each([
    ['nothing before it is begun', {}, []],
    ['the board as it stands', { startedAt: '2026-11-26T18:00:00Z' }, ['Board now']],
    ['nothing of answers under way', { startedAt: '2026-11-26T18:00:00Z', kind: 'predict' as const }, []],
    [
      'the verdict',
      { startedAt: '2026-11-26T18:00:00Z', handedInAt: '2026-11-26T18:09:00Z', kind: 'predict' as const },
      ['Verdict'],
    ],
  ])('opens %s', (_, change, links) => {
    expect(
      row(change)
        .findAllComponents(RouterLinkStub)
        .map((link) => link.text()),
    ).toEqual(links)
  })

  it('says in a sign, not in a color, whether it passed', () => {
    const done = { startedAt: 'x', handedInAt: '2026-11-26T18:10:00Z' }
    expect(row({ ...done, verdict: 'pass' }).text()).toContain('✓')
    expect(row({ ...done, verdict: 'fail' }).text()).toContain('✕')
  })
})
