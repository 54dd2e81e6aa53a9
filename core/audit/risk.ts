/** How sharply failures gather about the life of a component: Weibull shape, wear-out. Judgement. */
const SHAPE = 3.5

/** Share that has failed at an age, of what lasts so long: 1 − ½^((age/life)^3.5), a half at its life. */
const failedBy = (age: number, life: number) => 1 - 0.5 ** ((Math.max(0, age) / life) ** SHAPE)

/**
 * Chance that what is so old now fails before it is so much older, 0 to 1. All three in years.
 * @example failsWithin(0, 10, 10) // 0.5
 */
export function failsWithin(age: number, further: number, life: number): number {
  const still = 1 - failedBy(age, life)
  return still > 0 ? 1 - (1 - failedBy(age + further, life)) / still : 1
}

/** Steps in which the renewals of a vehicle's years are followed, a year. */
const STEPS_A_YEAR = 4

/**
 * Chance that it fails within the next year in a vehicle of so many years, where nobody knows what was renewed: whatever
 * failed before was renewed then, so that its own age is that of a renewal process (renewal equation
 * m(t) = F(t) + ∫ m(t − s) dF(s), in steps of a quarter of a year). In a young vehicle it is still the first one; in one
 * that is much older than the component lasts, about one in so many years fails. Years.
 * @example failsInYear(0, 10) < failsInYear(30, 10) // true
 */
export function failsInYear(years: number, life: number): number {
  const steps = Math.round(years * STEPS_A_YEAR)
  const fails = Array.from(
    { length: steps + STEPS_A_YEAR },
    (_, i) => failedBy((i + 1) / STEPS_A_YEAR, life) - failedBy(i / STEPS_A_YEAR, life),
  )
  const renewals: number[] = []
  for (let t = 0; t < fails.length; t++) {
    let sum = fails[t]!
    for (let s = 0; s < t; s++) sum += fails[s]! * renewals[t - 1 - s]!
    renewals.push(sum)
  }
  return Math.min(
    1,
    renewals.slice(steps).reduce((sum, one) => sum + one, 0),
  )
}
