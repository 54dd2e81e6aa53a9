import { type CaseInput, type Glance, glanceAt, leadOf } from '#core'

export interface BoardRequest {
  id: string
  stamp: string
  input: CaseInput
  /** the moment it is now */
  at: string
}
export interface BoardAnswer {
  id: string
  stamp: string
  glance: Glance
  /** what is next in it comes later */
  isLeadOnly: boolean
}

const post = (answer: BoardAnswer) => self.postMessage(answer)

/** Cases whose lead is told and whose next step is not. */
const waiting: BoardRequest[] = []

function tellNext() {
  const request = waiting.shift()
  if (!request) return
  const { id, stamp, input, at } = request
  post({ id, stamp, glance: glanceAt(input, at), isLeadOnly: false })
  setTimeout(tellNext)
}

/** Every lead comes first, so that the board stands; then, one after another, what is next in each. */
self.addEventListener('message', ({ data }: MessageEvent<BoardRequest>) => {
  const { id, stamp, input } = data
  post({ id, stamp, glance: leadOf(input), isLeadOnly: true })
  waiting.push(data)
  if (waiting.length === 1) setTimeout(tellNext)
})
