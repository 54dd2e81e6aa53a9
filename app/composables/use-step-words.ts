import type { NextStep } from '#core'
import type { Settled } from './use-case-work'

/** What a case says about its work: what is next, what is found, or neither. */
export interface Work {
  closed: boolean
  next: NextStep | undefined
  /** the check of what is next stands open beside the words */
  isHere: boolean
  settled: Settled | undefined
  /** the first step that waits for an engine that runs */
  later: NextStep | undefined
}

/** How the page names a step and where the work stands; box and foot say the same. */
export function useStepWords() {
  const { checkName, inSentence, say } = useWords()
  const named = ({ check, question }: NextStep) =>
    question ? say('case.next-box.askTheKeeper') : inSentence(checkName(check))
  const headline = ({ closed, next, isHere, settled, later }: Work) => {
    if (closed) return say('case.next-box.closed')
    if (next)
      return say(isHere ? 'case.next-box.here' : 'case.next-box.next', { title: named(next) })
    if (settled)
      return say(settled.notShown ? 'case.next-box.nearlySettled' : 'case.next-box.settled', {
        name: settled.names.join(' + '),
      })
    return say(later ? 'case.next-box.coldWorkIsDone' : 'case.next-box.nothingMore')
  }
  return { named, headline }
}
