import type { QuoteAnswered, QuoteDrawn, QuoteLine } from './record'

/** An entry with its id, as it stands. */
export interface Standing<T> {
  id: string
  data: T
}

/** Where the newest quote of a case stands. */
export interface QuoteState<Q extends Standing<QuoteDrawn>, A extends Standing<QuoteAnswered>> {
  quote: Q
  /** the newest answer to this very version */
  answer?: A
  /** answers to earlier versions, which say nothing of this one */
  outdated: A[]
  /** what the keeper accepted of this version */
  accepted: QuoteLine[]
}

/**
 * The newest quote and what was said to it. An answer speaks of the version it was given to and of no other, and of as many
 * lines as that has. `quotes` and `answers` are what stands, oldest first. Undefined where there is no quote.
 * @example quoteState([], []) // undefined
 */
export function quoteState<Q extends Standing<QuoteDrawn>, A extends Standing<QuoteAnswered>>(
  quotes: readonly Q[],
  answers: readonly A[],
): QuoteState<Q, A> | undefined {
  const quote = quotes.at(-1)
  if (!quote) return undefined
  const { lines } = quote.data
  const isOfThis = ({ data }: A) => data.quote === quote.id && data.accepted.length === lines.length
  const answer = answers.findLast(isOfThis)
  return {
    quote,
    ...(answer ? { answer } : {}),
    outdated: answers.filter((one) => !isOfThis(one)),
    accepted: answer ? lines.filter((_, i) => answer.data.accepted[i]) : [],
  }
}
