import { LEAST_QUESTION_BITS, type patternOf, type RankedCase } from '#core'

/** Questions that still tell something, or that the pattern leaves open, most telling first. */
export const worthAsking = (
  questions: RankedCase['questions'],
  given: { has: (question: string) => boolean },
  pattern: ReturnType<typeof patternOf>,
): string[] =>
  questions
    .filter(
      ({ question, bits }) =>
        !given.has(question) &&
        (bits >= LEAST_QUESTION_BITS || pattern?.open.includes(question) === true),
    )
    .map(({ question }) => question)
