import type { Message } from '../quantity/message'
import type { Estimate } from '../quantity/interval'
import type { CoolantBase } from '../physics/coolant'
import type { SignReading } from '../inference/sign-reading'
import type { Interval } from '../quantity/interval'
import type { Complaint } from '../vehicle/complaint'
import type { Part } from '../vehicle/parts'
import type { Policy } from '../vehicle/policy'
import type { SystemProfile } from '../vehicle/profile'

/** A record as a check sees it: what was written down and when, and nothing of the envelope around it. */
export interface Entry<Kind extends string = string, Data = unknown> {
  id: string
  kind: Kind
  observedAt: string
  data: Data
}

/**
 * The data of the entries of one kind, in the order given.
 * @example dataOf([{ kind: 'a', data: 1 }, { kind: 'b', data: 2 }], 'b')[0] // 2
 */
export function dataOf<E extends Entry, K extends E['kind']>(
  entries: readonly E[],
  kind: K,
): Extract<E, { kind: K }>['data'][] {
  return entries.filter((e): e is Extract<E, { kind: K }> => e.kind === kind).map((e) => e.data)
}

/** The most that the cap, or the whole system, was seen to hold: until the cap, or anything at all, is repaired. */
export interface HeldAtMost {
  of: 'cap' | 'system'
  kPaGauge: number
  observedAt: string
}

/** What checks find out that other checks reckon with. Absent: nobody found it out. */
export interface Found {
  /** pressures that something was seen to hold and no more */
  holds?: readonly HeldAtMost[] | undefined
  /** flow of the tester's own leak at test pressure, mL/min */
  testerFlowMLPerMinute?: Estimate | undefined
  /** what the keeper reports, litres a week */
  reportedLossLitresPerWeek?: number | undefined
  /** ids of the questions that the keeper answered with yes */
  saidYes?: readonly string[] | undefined
  /** hours a week that the system is under pressure; `assumed` where nobody said how much it is driven */
  pressurised?: { hoursPerWeek: Estimate; assumed: boolean } | undefined
  /** parts that coolant was seen to issue from, and when */
  issuing?: readonly { part: Part; observedAt: string }[] | undefined
}

/** What every check may use besides its own records. */
export interface CheckContext {
  complaint: Complaint
  profile: SystemProfile
  policy: Policy
  atmosphereKPa: number
  mix: { base: CoolantBase; massFraction: number; elevationMetres: number }
  /** pressure the system is known to hold, kPa gauge: the lowest of the cap's opening, holding and rating */
  heldKPaGauge: number
  /** where that pressure is from: nobody found it out and a cautious figure stands for it, it is rated, or it was seen */
  heldBy?: 'assumed' | 'rating' | HeldAtMost['of']
  capacityLitres: number | undefined
  found: Found
  /** number of the stretch between two works on the vehicle in which a moment lies */
  epochOf: (observedAt: string) => number
  /** whether a part stood clamped off or plugged at a moment */
  isIsolated: (part: Part, observedAt: string) => boolean
}

/** What a check shows of a loss beside what is reported, litres a week. */
export interface LossShown {
  shown: Estimate
  reported: number
}

/** What a check's analysis says of one record or run. */
export interface Judged<Figures extends object = object> {
  /** named findings, from the check's own list */
  states?: readonly string[]
  /** every computed figure, units in the names */
  figures?: Figures
  /** 90 % intervals of the figures, by their path; a figure that brings its own is not repeated */
  intervals?: Readonly<Record<string, Interval>>
  signs?: readonly SignReading[]
  /** facts that guards ask for */
  facts?: readonly string[]
  /** besides what this check never proves */
  doesNotProve?: readonly Message[]
  /** before those that this check always calls for */
  cautions?: readonly Message[]
  /** what had to be assumed, and what is odd about the record */
  notes?: readonly Message[]
  /** assumptions that the whole case rests on */
  assumptions?: readonly Message[]
  /** false: a check of the cold work whose result does not suffer from a warm engine */
  heatMatters?: false
  /** of the loss that the keeper reports, what it shows by itself */
  loss?: LossShown
}

/** What one record, or one run, of a check comes to. */
export interface CheckOutcome<Figures extends object = object> {
  check: string
  /** id of the record, or of the run */
  source: string
  observedAt: string
  states: readonly string[]
  figures: Figures
  intervals: Readonly<Record<string, Interval>>
  signs: readonly SignReading[]
  facts: readonly string[]
  doesNotProve: readonly Message[]
  cautions: readonly Message[]
  notes: readonly Message[]
  assumptions: readonly Message[]
  heatMatters: boolean
  loss?: LossShown
}
