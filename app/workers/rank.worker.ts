import { type CaseInput, chancesOf, rankCase, type RankedCase, standing } from '#core'

export interface RankRequest {
  ticket: number
  input: CaseInput
}
export interface RankAnswer {
  ticket: number
  ranked: RankedCase
  /** probability of each fault before the newest record, and which record that was */
  before: { record: string; probability: Record<string, number> } | undefined
}

self.addEventListener('message', (event: MessageEvent<RankRequest>) => {
  const { ticket, input } = event.data
  const ranked = rankCase(input)
  // By its number, which holds the time of writing: a correction speaks of an earlier moment and is still the newest.
  const newest = standing(input.records)
    .toSorted((a, b) => (a.id < b.id ? -1 : 1))
    .at(-1)
  let before: RankAnswer['before']
  if (newest && !newest.kind.endsWith('.start')) {
    before = {
      record: newest.id,
      probability: chancesOf({
        ...input,
        records: input.records.filter((r) => r.id !== newest.id),
      }),
    }
  }
  self.postMessage({ ticket, ranked, before } satisfies RankAnswer)
})
