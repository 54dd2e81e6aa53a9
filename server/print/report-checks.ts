import type { Content } from 'pdfmake/interfaces'
import {
  type CaseFile,
  type CheckOutcome,
  keeperInOwnWords,
  keeperSaid,
  type Message,
  ofKind,
  outcomesOf,
  pressureHoldCheck,
  runLines,
  standing,
  warmUpRunCheck,
} from '#core'
import { sentence } from '../../words/catalogue'
import { nameOfAny } from '../../words/check-names'
import { measuredLines } from '../../words/figures'
import type { UnitPreferences } from '../../words/format'
import { stateWords } from '../../words/states'
import { CHART, holdPicture, runPicture } from './charts'
import { heading, momentOf, QUIET, quiet, say } from './paper'

const saysAnything = ({ states, notes, figures }: CheckOutcome) =>
  states.length > 0 || notes.length > 0 || Object.keys(figures).length > 0

/** Every check that came to anything: its finding, its figures with their intervals, its chart, what it does not clear. */
export function checksDone(
  file: CaseFile,
  outcomes: readonly CheckOutcome[],
  units: UnitPreferences,
): Content[] {
  const charts = chartsOf(file, outcomes, units)
  const told = (list: readonly Message[]) => list.map((message) => sentence(message, units))
  const telling = outcomes.filter(saysAnything)
  return [
    ...(telling.length > 0 ? [heading(say('report.paper.whatWasDone'))] : []),
    ...telling.map((outcome): Content => {
      const { check, states, observedAt, source } = outcome
      const svg = charts.get(source)
      const figures = measuredLines(outcome, units)
      const cleared = told(outcome.doesNotProve).join('; ')
      return {
        stack: [
          {
            text: [
              { text: `${nameOfAny(check)}: `, bold: true },
              stateWords(check, states, say('report.paper.recorded')),
              { text: `  ${momentOf(observedAt)}`, color: QUIET, fontSize: 9 },
            ],
          },
          ...(figures.length > 0 ? [quiet(figures.join(' · '))] : []),
          ...(svg ? [{ svg, width: CHART.width, margin: [0, 4, 0, 4] } satisfies Content] : []),
          ...told(outcome.notes).map((text) => ({ text, fontSize: 9.5 })),
          ...(cleared
            ? [quiet(`${say('report.outcome-section.notClearedByThis')} ${cleared}.`)]
            : []),
        ],
        unbreakable: true,
        margin: [0, 0, 0, 8],
      }
    }),
  ]
}

/** What the keeper said in their own words, and every answer that they gave. */
export function keeperAnswers({ records }: CaseFile): Content[] {
  const stand = standing(records)
  const answers = keeperSaid(stand).map(({ asks, answer }): Content => ({
    text: [`${asks} `, { text: say('report.paper.answer', { answer }), bold: true }],
  }))
  const told = [
    ...keeperInOwnWords(stand).map((text): Content => ({ text: `“${text}”` })),
    ...answers,
  ]
  return told.length > 0 ? [heading(say('report.paper.theKeeperSays')), ...told] : []
}

/** What was written beside the checks of this case, in words, with who and when; what tells of a model is the shop's. */
export function notesWritten({ records, people }: CaseFile): Content[] {
  const written = ofKind(standing(records), 'note').filter(({ data }) => !data.ofModel)
  const notes = written.map(({ data, by, observedAt }): Content => ({
    text: [
      { text: data.check ? `${nameOfAny(data.check)}: ` : '', bold: true },
      data.text,
      {
        text: `  ${people.find(({ id }) => id === by)?.name ?? by}, ${momentOf(observedAt)}`,
        color: QUIET,
        fontSize: 9,
      },
    ],
  }))
  return notes.length > 0 ? [heading(say('report.notes')), ...notes] : []
}

/** The charts of holds and of runs, by the record that began them. */
function chartsOf(
  file: CaseFile,
  outcomes: readonly CheckOutcome[],
  units: UnitPreferences,
): Map<string, string> {
  const charts = new Map<string, string>()
  for (const { source, figures } of outcomesOf(outcomes, pressureHoldCheck))
    if (figures.points.length > 1) charts.set(source, holdPicture(figures, units))
  const records = standing(file.records)
  for (const { source } of outcomesOf(outcomes, warmUpRunCheck)) {
    const lines = runLines(records, source).map(({ channel, points }) => ({
      name: say(`${warmUpRunCheck.id}.channel.${channel}`),
      points,
    }))
    if (lines.length > 0) charts.set(source, runPicture(lines, units))
  }
  return charts
}
