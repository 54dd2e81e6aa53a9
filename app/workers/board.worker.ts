import type { CaseInput } from '../../core/casefile/assess'
import { rankCase } from '../../core/casefile/rank-case'

export interface BoardAnswer {
  id: string
  stamp: string
  lead: { name: string; probability: number } | undefined
}

self.addEventListener('message', (event: MessageEvent<{ id: string; stamp: string; input: CaseInput }>) => {
  const { id, stamp, input } = event.data
  const { ranking } = rankCase(input)
  const top = ranking.suspects[0]
  const repaired = ranking.nothingWrong > (top?.probability ?? 0)
  const lead = repaired ? { name: 'Nothing wrong', probability: ranking.nothingWrong } : top
  self.postMessage({ id, stamp, lead: lead && { name: lead.name, probability: lead.probability } } satisfies BoardAnswer)
})
