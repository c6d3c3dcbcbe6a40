import { describe, expect, it } from 'vitest'
import { inTurn } from './inTurn'

describe('asking in turn', () => {
  it('begins the second when the first has its answer', async () => {
    const ask = inTurn()
    const seen: string[] = []
    let answer = () => {}
    const first = ask(() => new Promise<void>((resolve) => (answer = resolve)).then(() => seen.push('first answered')))
    const second = ask(async () => seen.push('second asked'))
    await Promise.resolve()
    expect(seen).toEqual([])
    answer()
    await Promise.all([first, second])
    expect(seen).toEqual(['first answered', 'second asked'])
  })

  it('goes on after one that was refused, and tells only its own asker', async () => {
    const ask = inTurn()
    const refused = ask(() => Promise.reject(new Error('refused')))
    const next = ask(async () => 'answer')
    await expect(refused).rejects.toThrow('refused')
    await expect(next).resolves.toBe('answer')
  })
})
