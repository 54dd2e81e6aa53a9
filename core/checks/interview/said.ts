import type { Entry } from '../context'
import { QUESTIONS } from './questions'
import type { InterviewAnswer } from './record'

/**
 * The newest loss, litres a week, that what the keeper told or wrote down comes to.
 * @example lossTold([{ figures: { litresPerWeek: 2 } }, { figures: {} }]) // 2
 */
export const lossTold = (outcomes: readonly { figures: object }[]): number | undefined =>
  outcomes
    .flatMap(({ figures }) => (figures as { litresPerWeek?: number }).litresPerWeek ?? [])
    .at(-1)

/**
 * Ids of the questions that were answered with yes.
 * @example saidYes([{ question: 'hot-at-idle', answer: 'yes' }])[0] // 'hot-at-idle'
 */
export const saidYes = (answers: readonly InterviewAnswer[]): string[] =>
  answers.filter(({ answer }) => answer === 'yes').map(({ question }) => question)

/**
 * The same of all that stands of a case.
 * @example keeperSaidYes([entry('interview.answer')])[0] // 'gasket-done-before'
 */
export const keeperSaidYes = (entries: readonly Entry[]): string[] =>
  saidYes(
    entries
      .filter(({ kind }) => kind === 'interview.answer')
      .map(({ data }) => data as InterviewAnswer),
  )

/** What the keeper said to one question. */
export interface Said {
  id: string
  asks: string
  answer: 'yes' | 'no' | 'not-known'
}

/**
 * What the keeper said in their own words.
 * @example keeperInOwnWords([entry('interview.words')])[0].endsWith('stood.') // 'true'
 */
export const keeperInOwnWords = (entries: readonly Entry[]): string[] =>
  entries.flatMap(({ kind, data }) =>
    kind === 'interview.words' ? [(data as { text: string }).text] : [],
  )

/**
 * Every answer of the keeper that stands, with its question.
 * @example keeperSaid([entry('interview.answer')])[0].asks.endsWith('?') // 'true'
 */
export function keeperSaid(entries: readonly Entry[]): Said[] {
  const answers = entries.filter(({ kind }) => kind === 'interview.answer')
  return answers.map(({ id, data }) => {
    const { question, answer } = data as InterviewAnswer
    return { id, asks: QUESTIONS.find((one) => one.id === question)?.asks ?? question, answer }
  })
}
