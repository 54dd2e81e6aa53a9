import { ALL_CHECKS, BOOK, QUESTIONS } from '#core'
import { ledStories } from './led'

/** Prints the vehicles that are walked by the plan: their cases as begun, and what each check and question would record. */
const stories = ledStories().map(({ name, cause, begun, caseOf, shows, answer }) => ({
  name,
  cause: BOOK.faults.find(({ id }) => id === cause)!.name,
  case: caseOf(begun),
  shows: Object.fromEntries(
    ALL_CHECKS.flatMap(({ id }) => {
      const told = shows(id)
      return told ? [[id, caseOf(told).records]] : []
    }),
  ),
  answers: Object.fromEntries(
    QUESTIONS.map(({ id, asks }) => [asks, 'yes' in answer(id)[0]! ? 'Yes' : 'No']),
  ),
}))
process.stdout.write(JSON.stringify(stories))
