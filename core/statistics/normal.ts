/**
 * Complementary error function, relative error below 1.2e-7 everywhere (Chebyshev fit, Numerical Recipes §6.2).
 */
function erfc(x: number): number {
  const z = Math.abs(x)
  const t = 1 / (1 + 0.5 * z)
  const value =
    t *
    Math.exp(
      -z * z -
        1.26551223 +
        t *
          (1.00002368 +
            t *
              (0.37409196 +
                t *
                  (0.09678418 +
                    t *
                      (-0.18628806 +
                        t *
                          (0.27886807 +
                            t *
                              (-1.13520398 +
                                t * (1.48851587 + t * (-0.82215223 + t * 0.17087277)))))))),
    )
  return x >= 0 ? value : 2 - value
}

/**
 * Standard normal distribution function.
 * @example normalCdf(1.645) // 0.95
 */
export function normalCdf(z: number): number {
  return 0.5 * erfc(-z / Math.SQRT2)
}

/**
 * Probability that a normal variable lies between two bounds; stable in the tails.
 * @example normalBetween(-1, 1, 0, 1) // 0.683
 */
export function normalBetween(low: number, high: number, mean: number, sd: number): number {
  const a = (low - mean) / sd
  const b = (high - mean) / sd
  return a > 0 ? normalCdf(-a) - normalCdf(-b) : normalCdf(b) - normalCdf(a)
}

/**
 * Density of a log-normal distribution with the given median and log standard deviation, at x > 0.
 * @example logNormalDensity(1, 1, 1) // 0.399
 */
export function logNormalDensity(x: number, median: number, logSd: number): number {
  const z = Math.log(x / median) / logSd
  return Math.exp(-0.5 * z * z) / (x * logSd * Math.sqrt(2 * Math.PI))
}
