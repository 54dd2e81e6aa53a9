import { normalEquations, solve } from '../../statistics/least-squares'
import { type BoltRule, DEFAULT_POLICY } from '../../vehicle/policy'
import { boltsGoBack } from './bolts'
import type { TeardownMeasure } from './record'

export interface TeardownAnalysis {
  worstGapMm?: number
  /** highest less lowest about the best plane through the gaps, mm; a tilted straight edge is taken out */
  flatnessMm?: number
  warped?: boolean
  protrusionSpreadMm?: number
  linersOutOfLimits?: number[]
  boltsTooLong?: number[]
  boltsMayBeReused: boolean
}

/** The lowest and the highest liner, where they lie further apart than the maker allows. */
const isApart = (own: number, all: readonly number[], spread: number | undefined): boolean => {
  const [low, high] = [Math.min(...all), Math.max(...all)]
  return spread !== undefined && high - low > spread && (own === low || own === high)
}

/**
 * Worst gap, flatness about a least-squares plane, liners and bolts, each against the figure that was entered; whether
 * bolts go back in, by the shop's rule.
 * @example analyseTeardown(example('teardown.measure')).boltsMayBeReused // 'true'
 */
export function analyseTeardown(
  record: TeardownMeasure,
  bolts: BoltRule = DEFAULT_POLICY.stretchBolts,
): TeardownAnalysis {
  const out: TeardownAnalysis = { boltsMayBeReused: boltsGoBack(bolts, record.overheated) }
  if (record.gaps.length > 0) {
    out.worstGapMm = Math.max(...record.gaps.map((g) => g.gapMm))
    out.flatnessMm = out.worstGapMm
    if (record.gaps.length >= 4) {
      const { a, b } = normalEquations(
        record.gaps.map((g) => [1, g.xMm / 100, g.yMm / 100]),
        record.gaps.map((g) => g.gapMm),
      )
      const plane = solve(a, b)
      if (plane) {
        const rest = record.gaps.map(
          (g) => g.gapMm - plane[0]! - (plane[1]! * g.xMm) / 100 - (plane[2]! * g.yMm) / 100,
        )
        out.flatnessMm = Math.max(...rest) - Math.min(...rest)
      }
    }
    if (record.flatnessLimitMm !== undefined) out.warped = out.worstGapMm > record.flatnessLimitMm
  }
  const liners = record.linerProtrusionMm
  if (liners && liners.length > 0) {
    out.protrusionSpreadMm = Math.max(...liners) - Math.min(...liners)
    const limits = record.protrusionLimitsMm
    if (limits)
      out.linersOutOfLimits = liners.flatMap((p, i) =>
        p < limits.low || p > limits.high || isApart(p, liners, limits.spread) ? [i + 1] : [],
      )
  }
  if (record.boltLengthsMm && record.boltLimitMm !== undefined) {
    out.boltsTooLong = record.boltLengthsMm.flatMap((l, i) =>
      l > record.boltLimitMm! ? [i + 1] : [],
    )
    if (out.boltsTooLong.length > 0) out.boltsMayBeReused = false
  }
  return out
}
