import {
  believe,
  BOOK,
  BOOK_HASH,
  pivotAnswer,
  rankBelief,
  readCaseFile,
  signName,
  stabilityOf,
} from '#core'
import { sentence } from '../../words/catalogue'
import { formatChance } from '../../words/format'
import { type Read, lines, told } from '../reading'

export function rankCommand(read: Read, file: string | undefined, json: boolean): string {
  const input = readCaseFile(read(file))
  const { assessment, belief } = believe(input)
  const ranking = rankBelief(belief, assessment.facts)
  const stability = stabilityOf(belief)
  if (json) {
    const { suspects, nothingWrong, notInTheBook, sets, moved, unexplained } = ranking
    return lines({
      suspects,
      nothingWrong,
      notInTheBook,
      sets,
      moved,
      unexplained,
      stability,
      book: { version: BOOK.version, hash: BOOK_HASH },
    })
  }
  const listed = ranking.suspects.slice(0, 10).map((s) => {
    const open = s.guards
      .filter((g) => !g.met)
      .map((g) => `\n      ${told('notYet', { text: g.text })}`)
    return `${(s.probability * 100).toFixed(1).padStart(6)} %  ${s.name} (${formatChance(s.probability)}, ${s.role})${open.join('')}`
  })
  const pivot = pivotAnswer(belief, input)
  return [
    ...listed,
    told('nothingWrong', {
      chance: formatChance(ranking.nothingWrong),
      version: BOOK.version,
      hash: BOOK_HASH,
    }),
    told('stability', {
      percent: Math.round(stability.keeps * 100),
      trials: stability.shifts,
    }),
    ...(ranking.unexplained.length > 0
      ? [
          told('unexplained', {
            signs: ranking.unexplained.map(({ sign }) => signName(sign)).join('; '),
          }),
        ]
      : []),
    ...(pivot
      ? [
          told('pivot', {
            sign: pivot.sign,
            state: pivot.state,
            check: pivot.check,
            lead: pivot.newLead,
          }),
        ]
      : []),
    ...(assessment.assumptions.length > 0
      ? [told('assumedHeading'), ...assessment.assumptions.map((a) => `  ${sentence(a)}`)]
      : []),
    '',
  ].join('\n')
}
