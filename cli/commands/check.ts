import {
  believe,
  capCheck,
  type Message,
  outcomesOf,
  pressureHoldCheck,
  readCaseFile,
  testerSelfCheckCheck,
} from '#core'
import { sentence } from '../../words/catalogue'
import { type Read, lines, told } from '../reading'

export function checkCommand(read: Read, file: string | undefined, json: boolean): string {
  const { assessment } = believe(readCaseFile(read(file)))
  const { outcomes: all, assumptions } = assessment
  const holds = outcomesOf(all, pressureHoldCheck)
  const caps = outcomesOf(all, capCheck)
  const selfChecks = outcomesOf(all, testerSelfCheckCheck)
  const apart = new Set<object>([...holds, ...caps, ...selfChecks])
  const outcomes = all.filter((o) => !apart.has(o) && (o.states.length > 0 || o.notes.length > 0))
  const say = (list: readonly Message[]) => list.map((m) => sentence(m))
  const notProven = (list: readonly Message[]) =>
    told('doesNotProve', { text: say(list).join('; ') })
  if (json)
    return lines({
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
      checks: outcomes.map(
        ({ check, source, states, figures, intervals, doesNotProve, cautions, notes, signs }) => ({
          check,
          source,
          states,
          figures,
          intervals,
          doesNotProve: say(doesNotProve),
          cautions: say(cautions),
          notes: say(notes),
          signs: signs.map((s) => ({
            sign: s.sign,
            likelihood: s.likelihood,
            validity: s.validity,
            says: sentence(s.says),
          })),
        }),
      ),
      assumptions: say(assumptions),
    })
  return [
    ...holds.map(({ figures: { state, fallKPaPerMinute: fall, doesNotProve } }) => {
      const figures = fall
        ? told('falls', {
            value: fall.value.toFixed(2),
            low: fall.low.toFixed(2),
            high: fall.high.toFixed(2),
          })
        : ''
      return `${pressureHoldCheck.id}: ${state}${figures}\n    ${notProven(doesNotProve)}`
    }),
    ...caps.map((c) => `${capCheck.id}: ${c.states.join(', ') || told('recorded')}`),
    ...selfChecks.map((c) => `${testerSelfCheckCheck.id}: ${c.figures.state}`),
    ...outcomes.map((o) =>
      [
        `${o.check}: ${o.states.join(', ')}`,
        ...say(o.notes).map((n) => `    ${told('note', { text: n })}`),
        ...(o.doesNotProve.length > 0 ? [`    ${notProven(o.doesNotProve)}`] : []),
      ].join('\n'),
    ),
    ...say(assumptions).map((a) => told('assumed', { what: a })),
    '',
  ].join('\n')
}
