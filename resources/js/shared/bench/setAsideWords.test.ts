import { describe, expect, it } from 'vitest'
import { setAsideWords } from './setAsideWords'

describe('the words for a step that was set aside', () => {
  it.each([
    ['after-hand-in', 'the board was handed in'],
    ['late', 'time was up'],
    ['left-behind', 'the board was worked on from another device'],
    ['exam-open', 'an exam was open'],
    ['marks-are-out', 'the marks were released'],
  ])('says %s in words', (reason, words) => {
    expect(setAsideWords(reason)).toBe(words)
  })

  it('says what did not fit', () => {
    expect(setAsideWords('does-not-fit:connector-full')).toContain('connector is full')
  })
})
