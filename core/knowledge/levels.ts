/**
 * The named ladder of conditional probabilities. The book's tables use the names only, each with a sentence of
 * reason beside it; the figures stand here and nowhere else.
 */
export const LEVELS = {
  /** of a sign that is the fault itself: nothing else makes it */
  never: 0.0001,
  practicallyNever: 0.003,
  almostNever: 0.01,
  rarely: 0.04,
  seldom: 0.12,
  sometimes: 0.3,
  even: 0.5,
  often: 0.7,
  mostly: 0.85,
  nearlyAlways: 0.95,
  almostAlways: 0.99,
} as const
export type Level = keyof typeof LEVELS

/** How common a fault is among vehicles that come with one complaint. */
export const PRIORS = {
  everyFourth: 0.25,
  veryCommon: 0.1,
  common: 0.07,
  fairlyCommon: 0.045,
  uncommon: 0.025,
  rare: 0.012,
  veryRare: 0.005,
  exceptional: 0.002,
} as const
export type Prior = keyof typeof PRIORS
