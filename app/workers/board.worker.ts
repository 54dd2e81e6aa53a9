import { type CaseInput, leadOf } from '#core'

export interface BoardAnswer {
  id: string
  stamp: string
  lead: { name: string; probability: number } | undefined
}

self.addEventListener(
  'message',
  (event: MessageEvent<{ id: string; stamp: string; input: CaseInput }>) => {
    const { id, stamp, input } = event.data
    const lead = leadOf(input)
    self.postMessage({ id, stamp, lead } satisfies BoardAnswer)
  },
)
