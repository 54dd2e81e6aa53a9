import {
  type Believed,
  believe,
  type CaseInput,
  chancesOf,
  rankBelieved,
  type RankedCase,
  standing,
} from '#core'

/** Probability of each fault by its id. */
export type Chances = Readonly<Record<string, number>>

/** What the screens need of a ranked case. */
export interface Answer {
  ranked: RankedCase
  /** probability of each fault before the newest record, and which record that was */
  before: { record: string; probability: Chances } | undefined
}

/** Ranks a case, and ranks it again without its newest record. */
export function answerOf(input: CaseInput, believed: Believed = believe(input)): Answer {
  const ranked = rankBelieved(believed, input)
  // By its number, which holds the time of writing: a correction speaks of an earlier moment and is still the newest.
  const newest = standing(input.records)
    .toSorted((a, b) => (a.id < b.id ? -1 : 1))
    .at(-1)
  if (!newest || newest.kind.endsWith('.start')) return { ranked, before: undefined }
  const records = input.records.filter((r) => r.id !== newest.id)
  return {
    ranked,
    before: { record: newest.id, probability: chancesOf(believe({ ...input, records }, believed)) },
  }
}
