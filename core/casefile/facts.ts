import type { CapAnalysis } from '../checks/cap/analysis'
import type { HoldAnalysis, HoldRecords } from '../checks/pressure-hold/analysis'
import type { InterviewAnswer } from '../checks/interview/record'
import type { PartLook } from '../checks/look-round/record'

export interface Shown {
  caps: { analysis: CapAnalysis }[]
  holds: { analysis: HoldAnalysis; records: HoldRecords }[]
  looks: PartLook[]
  answers: InterviewAnswer[]
}

/** Parts that must all be shown dry under pressure before outside leaks count as excluded. */
const OUTSIDE = ['radiator', 'upper-hose', 'lower-hose', 'pump', 'expansion-tank'] as const

/** Facts that guards ask for. They are what was shown, not how probable it is; they change no probability. */
export function factsOf({ caps, holds, looks, answers }: Shown): ReadonlySet<string> {
  const facts = new Set<string>()
  const cap = caps.at(-1)?.analysis
  if (cap) {
    facts.add('cap-tested')
    if (cap.states.includes('good')) facts.add('cap-good')
    if (cap.states.includes('opens-early') || cap.states.includes('will-not-hold')) facts.add('cap-bad')
    if (cap.states.includes('vacuum-stuck')) facts.add('cap-vacuum-stuck')
    if (cap.states.includes('wrong-for-place')) facts.add('cap-wrong')
  }
  for (const { analysis, records } of holds) {
    if (analysis.state === 'tight') facts.add('hold-tight')
    if (['seep', 'leak', 'gross'].includes(analysis.state)) {
      facts.add('hold-falls')
      if (records.end?.tray === 'dry') facts.add('tray-dry')
    }
    if (records.end?.cylinders === 'wet') facts.add('cylinder-wet')
  }
  const latest = new Map(looks.map((look) => [look.part, look]))
  for (const look of latest.values()) {
    if (look.seen === 'issuing') facts.add(`seen-issuing:${look.part}`)
    if (look.seen === 'dried-and-wet-again') facts.add(`dried-and-wet-again:${look.part}`)
    if (look.seen === 'dry') facts.add(`looked-dry:${look.part}`)
  }
  if (OUTSIDE.every((part) => latest.get(part)?.seen === 'dry' && latest.get(part)?.pressed)) facts.add('outside-dry')
  if (answers.some((a) => a.question === 'recent-drain' && a.answer === 'no')) facts.add('no-recent-drain')
  return facts
}
