import { message, type Message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseCap, type CapAnalysis } from './analysis'
import type { BleedDown } from './bleed-down'
import { capTest } from './record'
import { capSigns } from './signs'

/** What the last test of a cap shows. */
function shownBy({ states, sealed }: CapAnalysis): string[] {
  const facts = sealed ? [] : ['cap-tested']
  if (states.includes('good')) facts.push('cap-good')
  if (states.includes('opens-early') || states.includes('will-not-hold')) facts.push('cap-bad')
  if (states.includes('vacuum-stuck')) facts.push('cap-vacuum-stuck')
  if (states.includes('wrong-for-place')) facts.push('cap-wrong')
  if (states.includes('found-loose')) facts.push('cap-left-loose')
  return facts
}

/** A cap that was read for too short a time, or had not come to rest, may hold less than it shows. */
function notesOn(bleedDown: BleedDown | undefined): Message[] {
  if (!bleedDown) return []
  const { afterAMinuteKPaGauge, fallsAtEndKPaPerMinute, lastKPaGauge } = bleedDown
  const notes = afterAMinuteKPaGauge === undefined ? [message('note.capReadLonger')] : []
  if (fallsAtEndKPaPerMinute > 0)
    notes.push(
      message('note.capStillFalls', {
        fall: { kind: 'pressureRate', coreValue: fallsAtEndKPaPerMinute },
        last: { kind: 'pressure', coreValue: lastKPaGauge },
      }),
    )
  return notes
}

/** A cap that only closes takes nothing back of one that opens. */
const lastWithValve = <O extends { figures: CapAnalysis }>(outcomes: readonly O[]): O | undefined =>
  outcomes.findLast(({ figures }) => !figures.sealed)

export const capCheck = defineCheck({
  id: 'cap',
  records: { 'cap.test': capTest },
  phase: 'cold',
  minutes: 5,
  sides: ['leak'],
  opens: { 'press-first': 2, 'bleed-first': 4 },
  marks: 'begun',
  begins: 4,
  usualFor: ['coolant-loss', 'overheats', 'inspection'],
  signs: these(
    'cap-opens-early',
    'cap-opens-late',
    'cap-will-not-hold',
    'cap-vacuum-stuck',
    'cap-wrong',
    'cap-seal-damaged',
    'cap-left-loose',
  ),
  shows: ['cap-bad', 'cap-good', 'cap-left-loose', 'cap-vacuum-stuck', 'cap-wrong'],
  judge: {
    'cap.test': (test, { mix, profile }, { source }) => {
      const figures = analyseCap(test, mix, profile)
      return {
        figures,
        states: figures.states,
        doesNotProve: figures.doesNotProve,
        notes: [
          ...(figures.isMisread ? [message('note.capHoldsMoreThanItOpens')] : []),
          ...notesOn(figures.bleedDown),
          ...(figures.sealed
            ? [
                message(
                  figures.states.includes('wrong-for-place')
                    ? 'note.capLetsNothingGo'
                    : 'note.capSealed',
                ),
              ]
            : []),
        ],
        signs: capSigns(source, test, figures),
        heatMatters: false,
      }
    },
  },
  finds: (_, outcomes) => {
    const last = lastWithValve(outcomes)
    const kPaGauge = last?.figures.effectiveKPaGauge
    return last && kPaGauge !== undefined
      ? { holds: [{ of: 'cap', kPaGauge, observedAt: last.observedAt }] }
      : {}
  },
  sees: ({ outcomes }) =>
    lastWithValve(outcomes)?.figures.states.includes('good') ? [{ part: 'cap', as: 'good' }] : [],
  facts: ({ outcomes }) => [
    ...new Set(
      [lastWithValve(outcomes), outcomes.at(-1)].flatMap((o) => (o ? shownBy(o.figures) : [])),
    ),
  ],
})
