import { describe, expect, it } from 'vitest'
import { BOOK } from '#core'
import type { Answer } from '../workers/answer'
import { suspectsNow } from './suspects-now'

const suspect = (fault: string, probability: number) => ({
  fault,
  name: `the ${fault}`,
  probability,
  role: 'root' as const,
  guards: [{ id: 'g', met: true, text: 'seen' }],
})
const answer = (...suspects: ReturnType<typeof suspect>[]) =>
  ({ ranked: { ranking: { suspects } } }) as unknown as Answer

describe('the suspects now', () => {
  const [one, two] = BOOK.faults
  it('are those of the answer, as likely as the newest probabilities say, most likely first', () => {
    const known = answer(suspect(one!.id, 0.7), suspect(two!.id, 0.2))
    const now = suspectsNow(known, { [one!.id]: 0.1, [two!.id]: 0.8 })
    expect(now.map(({ fault, probability }) => [fault, probability])).toEqual([
      [two!.id, 0.8],
      [one!.id, 0.1],
    ])
    expect(now[0]!.guards[0]!.met).toBe(true)
    expect(known.ranked.ranking.suspects[0]!.probability).toBe(0.7)
  })
  it('are told by name from the probabilities alone before the first answer', () => {
    const now = suspectsNow(undefined, { [one!.id]: 0.3, [two!.id]: 0.6 })
    expect(now.map(({ name }) => name)).toEqual([two!.name, one!.name])
    expect(now[0]!.guards).toEqual([])
  })
  it('are nobody before anything is known', () => {
    expect(suspectsNow(undefined, undefined)).toEqual([])
  })
})
