import type { CapAnalysis } from '../checks/cap/analysis'
import type { HoldAnalysis, HoldRecords } from '../checks/pressure-hold/analysis'
import { holdSign } from '../checks/pressure-hold/signs'
import type { InterviewAnswer } from '../checks/interview/record'
import type { LevelAndCondition } from '../checks/level-and-condition/record'
import type { PartLook } from '../checks/look-round/record'

export interface Shown {
  caps: { analysis: CapAnalysis }[]
  holds: { analysis: HoldAnalysis; records: HoldRecords }[]
  looks: PartLook[]
  levels: LevelAndCondition[]
  answers: InterviewAnswer[]
  /** facts that the other checks showed by themselves, one entry for each time */
  shown: string[]
}

/** Parts that must all be shown dry under pressure before outside leaks count as excluded. */
const OUTSIDE = ['radiator', 'upper-hose', 'lower-hose', 'pump', 'expansion-tank'] as const

/** Facts that only several findings together show. */
const TOGETHER: readonly { fact: string; of: readonly string[] }[] = [
  { fact: 'clutch-hot-and-cold', of: ['clutch-hot-slips', 'clutch-cold-free'] },
  { fact: 'clutch-hot-and-cold', of: ['clutch-hot-locked', 'clutch-cold-seized'] },
  { fact: 'dash-compared-at-two', of: ['dash-compared-cold', 'dash-compared-hot'] },
  { fact: 'core-isolated-passes', of: ['hold-without-heater-tight', 'hold-falls'] },
  { fact: 'level-full-air-out', of: ['level-full', 'no-recent-drain'] },
  { fact: 'level-full-air-out', of: ['level-full', 'bled'] },
  {
    fact: 'cooling-proven',
    of: ['thermostat-opened', 'pump-delivers', 'air-side-clean', 'fan-works'],
  },
]

/** Facts that guards ask for. They are what was shown, not how probable it is; they change no probability. */
export function factsOf({
  caps,
  holds,
  looks,
  levels,
  answers,
  shown,
}: Shown): ReadonlySet<string> {
  const facts = new Set<string>(shown)
  const cap = caps.at(-1)?.analysis
  if (cap) {
    facts.add('cap-tested')
    if (cap.states.includes('good')) facts.add('cap-good')
    if (cap.states.includes('opens-early') || cap.states.includes('will-not-hold'))
      facts.add('cap-bad')
    if (cap.states.includes('vacuum-stuck')) facts.add('cap-vacuum-stuck')
    if (cap.states.includes('wrong-for-place')) facts.add('cap-wrong')
  }
  for (const { analysis, records } of holds) {
    const sign = holdSign(records)
    if (analysis.state === 'tight') facts.add(sign === 'hold-cold' ? 'hold-tight' : `${sign}-tight`)
    if (
      ['seep', 'leak', 'gross'].includes(analysis.state) &&
      sign !== 'hold-without-heater' &&
      sign !== 'hold-without-coolers'
    ) {
      facts.add('hold-falls')
      if (records.end?.tray === 'dry') facts.add('tray-dry')
    }
    if (records.end?.cylinders === 'wet') facts.add('cylinder-wet')
    if (records.start.level === 'near-full') facts.add('level-full')
  }
  const latest = new Map(looks.map((look) => [look.part, look]))
  for (const look of latest.values()) {
    if (look.seen === 'issuing') facts.add(`seen-issuing:${look.part}`).add('loss-traced')
    if (look.seen === 'dried-and-wet-again')
      facts.add(`dried-and-wet-again:${look.part}`).add('loss-traced')
    if (look.seen === 'dry') facts.add(`looked-dry:${look.part}`)
  }
  if (OUTSIDE.every((part) => latest.get(part)?.seen === 'dry' && latest.get(part)?.pressed))
    facts.add('outside-dry')
  for (const level of levels) {
    if (level.level === 'right') facts.add('level-full')
    if (level.look || level.mixed) facts.add('coolant-tested')
    if (level.liquidBelow === 'water') facts.add('liquid-identified')
    if (level.sealant === 'yes') facts.add('sealant-seen')
  }
  if (answers.some((a) => a.question === 'recent-drain' && a.answer === 'no'))
    facts.add('no-recent-drain')
  if (answers.some((a) => a.question === 'sealant-added' && a.answer === 'yes'))
    facts.add('sealant-seen')
  if (shown.filter((f) => f === 'run-opened-late').length >= 2) facts.add('thermostat-run-repeated')
  for (const { fact, of } of TOGETHER) if (of.every((f) => facts.has(f))) facts.add(fact)
  return facts
}
