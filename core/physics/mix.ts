/** Arithmetic of draining, topping up and flushing; fractions by volume, litres. Mass balance of what stays and what is added. */
export interface MixPlan {
  /** concentrate to add after draining, litres */
  concentrateLitres: number
  /** water to add beside it, litres */
  waterLitres: number
  /** least that must be drained so that the fraction can be reached at all, litres */
  leastDrainLitres: number
  reachable: boolean
}

/**
 * Concentrate that takes `capacity` litres from fraction `from` to `to` after draining `drained`:
 * to = (from·(V − D) + k·c)/V, with 0 ≤ c ≤ D and k the glycol in the concentrate, 1 where it is pure; reaching
 * `to` needs D ≥ V·(to − from)/(k − from), and k above `to`. RangeError for fractions outside 0 to 1 or a drain above the capacity.
 * @example mixPlan(10, 0.3, 0.5, 4).concentrateLitres // 3.2
 */
export function mixPlan(
  capacityLitres: number,
  from: number,
  to: number,
  drainedLitres: number,
  concentrateFraction = 1,
): MixPlan {
  if (!(
    from >= 0 &&
    from < 1 &&
    to >= 0 &&
    to < 1 &&
    capacityLitres > 0 &&
    drainedLitres >= 0 &&
    drainedLitres <= capacityLitres
  ))
    throw new RangeError('fractions lie between 0 and 1, and no more is drained than there is')
  const concentrate =
    (to * capacityLitres - from * (capacityLitres - drainedLitres)) / concentrateFraction
  const leastDrainLitres =
    to >= from
      ? concentrateFraction > to
        ? (capacityLitres * (to - from)) / (concentrateFraction - from)
        : capacityLitres
      : (capacityLitres * (from - to)) / from
  const reachable = concentrate >= -1e-9 && concentrate <= drainedLitres + 1e-9
  const added = Math.min(drainedLitres, Math.max(0, concentrate))
  return {
    concentrateLitres: added,
    waterLitres: drainedLitres - added,
    leastDrainLitres,
    reachable,
  }
}

/**
 * Share of the old coolant left after n passes that each drain D of V and fill with water: (1 − D/V)^n.
 * @example residualAfterFlush(10, 5, 2) // 0.25
 */
export function residualAfterFlush(
  capacityLitres: number,
  drainedLitres: number,
  passes: number,
): number {
  return (1 - drainedLitres / capacityLitres) ** passes
}

/**
 * Fraction after refilling the drained part with premix: what stays in the block dilutes it. D/V = 0.5 with 50 % gives 25 % over water.
 * @example fractionAfterRefill(10, 5, 0, 0.5) // 0.25
 */
export function fractionAfterRefill(
  capacityLitres: number,
  drainedLitres: number,
  staying: number,
  premix: number,
): number {
  return (staying * (capacityLitres - drainedLitres) + premix * drainedLitres) / capacityLitres
}
