import { type CaseInput, leadOf } from '#core'

export interface BoardRequest {
  id: string
  stamp: string
  input: CaseInput
}
export interface Lead {
  name: string
  probability: number
}
export interface BoardAnswer {
  id: string
  stamp: string
  lead: Lead | undefined
}

self.addEventListener('message', ({ data }: MessageEvent<BoardRequest>) => {
  const { id, stamp, input } = data
  self.postMessage({ id, stamp, lead: leadOf(input) } satisfies BoardAnswer)
})
