import {
  believe,
  capCheck,
  type CheckOutcome,
  type Message,
  outcomesOf,
  pressureHoldCheck,
  readCaseFile,
  testerSelfCheckCheck,
} from '#core'
import { sentence } from '../../words/catalogue'
import { nameOfAny } from '../../words/check-names'
import type { UnitPreferences } from '../../words/format'
import { stateWords } from '../../words/states'
import { figureLines, unitsTyped } from '../../words/figures'
import { type Read, lines, told } from '../reading'

export function checkCommand(read: Read, file: string | undefined, json: boolean): string {
  const input = readCaseFile(read(file))
  const { assessment } = believe(input)
  const { outcomes, assumptions } = assessment
  if (json) return lines(asJson(outcomes, assumptions))
  const units = unitsTyped(input)
  return [
    ...outcomes.filter(saysAnything).map((outcome) => asText(outcome, units)),
    ...assumptions.map((a) => told('assumed', { what: sentence(a, units) })),
    '',
  ].join('\n')
}

/** An answer of the interview, for one, comes to nothing by itself. */
const saysAnything = ({ states, notes, figures }: CheckOutcome) =>
  states.length > 0 || notes.length > 0 || Object.keys(figures).length > 0

/** What the panel of a check says of one record or run. */
function asText(outcome: CheckOutcome, units: UnitPreferences): string {
  const { check, states, notes, cautions, doesNotProve } = outcome
  const say = (list: readonly Message[]) => list.map((m) => sentence(m, units))
  const isFallingHold =
    check === pressureHoldCheck.id && !states.includes('tight') && !states.includes('slow')
  return [
    `${nameOfAny(check)}: ${stateWords(check, states)}`,
    ...figureLines(outcome, units),
    ...say(cautions).map((text) => told('caution', { text })),
    ...say(notes).map((text) => told('note', { text })),
    ...(doesNotProve.length > 0 && !isFallingHold
      ? [told('doesNotProve', { text: say(doesNotProve).join('; ') })]
      : []),
  ].join('\n    ')
}

/** The same for machines: holds, caps and self-checks apart, as the case format has them. */
function asJson(all: readonly CheckOutcome[], assumptions: readonly Message[]) {
  const holds = outcomesOf(all, pressureHoldCheck)
  const caps = outcomesOf(all, capCheck)
  const selfChecks = outcomesOf(all, testerSelfCheckCheck)
  const apart = new Set<object>([...holds, ...caps, ...selfChecks])
  const outcomes = all.filter((o) => !apart.has(o) && (o.states.length > 0 || o.notes.length > 0))
  const say = (list: readonly Message[]) => list.map((m) => sentence(m))
  return {
    holds: holds.map(({ source, figures: analysis }) => ({
      source,
      ...analysis,
      notes: say(analysis.notes),
      doesNotProve: say(analysis.doesNotProve),
      cautions: say(analysis.cautions),
    })),
    caps: caps.map(({ source, figures: analysis, intervals }) => ({
      source,
      ...analysis,
      intervals,
      doesNotProve: say(analysis.doesNotProve),
    })),
    selfChecks: selfChecks.map(({ source, figures }) => ({ source, ...figures })),
    checks: outcomes.map((o) => ({
      check: o.check,
      source: o.source,
      states: o.states,
      figures: o.figures,
      intervals: o.intervals,
      doesNotProve: say(o.doesNotProve),
      cautions: say(o.cautions),
      notes: say(o.notes),
      signs: o.signs.map(({ sign, likelihood, validity, says }) => ({
        sign,
        likelihood,
        validity,
        says: sentence(says),
      })),
    })),
    assumptions: say(assumptions),
  }
}
