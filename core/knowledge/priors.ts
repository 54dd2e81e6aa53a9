import type { Complaint, ReportedComplaint } from '../vehicle/complaint'
import { PRIORS } from './levels'
import type { Fault } from './types'

/** Of the vehicles that come with a complaint of the cooling system, the share that comes with each. Judgement. */
const COMES_WITH: Readonly<Record<ReportedComplaint, number>> = {
  'coolant-loss': 0.4,
  overheats: 0.4,
  'no-heat': 0.2,
}

/**
 * What a vehicle without complaint may carry is what it would come in with later, less often: of vehicles on which
 * nobody noticed anything about every second has nothing at all (`nothingAtAll` of the book), and those that have
 * something have one fault, now and then two.
 */
const UNNOTICED = 0.45

/** How likely the book says a fault is, behind a complaint or on a vehicle that is only inspected, 0 to 1. */
export function writtenPrior(fault: Pick<Fault, 'prior'>, complaint: Complaint): number {
  if (complaint !== 'inspection') return PRIORS[fault.prior[complaint]]
  return (
    UNNOTICED *
    Object.entries(COMES_WITH).reduce(
      (sum, [reported, share]) => sum + share * PRIORS[fault.prior[reported as ReportedComplaint]],
      0,
    )
  )
}
