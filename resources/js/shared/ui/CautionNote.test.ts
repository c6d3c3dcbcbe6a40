// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { PracticeLook } from '@/shared/api/generated/http'
import { learnPractices } from '@/shared/practices'
import CautionNote from './CautionNote.vue'

it('says the words of the practice, those that are asked for, and what the screen adds', () => {
  const cautions = { hands: 'Lock off.', live: 'Half the circuit is live.', neutral: 'A neutral bites.' }
  learnPractices([{ id: 'gb', cautions } as PracticeLook])
  expect(mount(CautionNote, { props: { practice: 'gb' } }).text()).toBe('Lock off.')
  const more = mount(CautionNote, {
    props: { practice: 'gb', of: ['live', 'neutral'] },
    slots: { default: 'Write it down.' },
  })
  expect(more.text()).toBe('Half the circuit is live. A neutral bites. Write it down.')
})
