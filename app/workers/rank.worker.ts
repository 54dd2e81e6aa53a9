import type { CaseInput } from '#core'
import { type Answer, answerOf } from './answer'

export interface RankRequest {
  ticket: number
  input: CaseInput
}
export type RankAnswer = Answer & { ticket: number }

self.addEventListener('message', ({ data }: MessageEvent<RankRequest>) => {
  self.postMessage({ ticket: data.ticket, ...answerOf(data.input) } satisfies RankAnswer)
})
