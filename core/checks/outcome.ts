import type { Complaint } from '../casefile/complaint'
import type { SystemProfile } from '../casefile/profile'
import { ofKind, type CaseRecord, type RecordData, type RecordKind } from '../casefile/records'
import type { Message } from '../message'
import type { CoolantBase } from '../physics/coolant'
import type { Policy } from './policy'
import type { SignReading } from './sign-reading'
import { intervalsOf, type Bounds } from './spread'

/** What every check may use besides its own records. */
export interface CheckContext {
  complaint: Complaint
  profile: SystemProfile
  policy: Policy
  atmosphereKPa: number
  mix: { base: CoolantBase; massFraction: number; elevationMetres: number }
  /** pressure the system is known to hold, kPa gauge: the lowest of the cap's opening, holding and rating */
  heldKPaGauge: number
  capacityLitres: number | undefined
}

/** What one record, or one run, of a check comes to. */
export interface CheckOutcome {
  check: string
  source: string
  observedAt: string
  /** named findings, from the check's own list */
  states: string[]
  /** every computed figure, units in the names */
  figures: object
  /** 90 % intervals of the figures, by their path; a figure that brings its own is not repeated */
  intervals: Record<string, Bounds>
  signs: SignReading[]
  /** facts that guards ask for */
  facts: string[]
  doesNotProve: Message[]
  cautions: Message[]
  /** what had to be assumed, and what is odd about the record */
  notes: Message[]
}

export type Judged = Partial<
  Pick<
    CheckOutcome,
    'states' | 'figures' | 'intervals' | 'signs' | 'facts' | 'doesNotProve' | 'cautions' | 'notes'
  >
>

export interface CheckModule {
  check: string
  kinds: readonly RecordKind[]
  assess: (records: readonly CaseRecord[], context: CheckContext) => CheckOutcome[]
}

const EMPTY = {
  states: [],
  figures: {},
  intervals: {},
  signs: [],
  facts: [],
  doesNotProve: [],
  cautions: [],
  notes: [],
}

/** A check whose every record stands for itself. */
export function perRecord<K extends RecordKind>(
  check: string,
  kind: K,
  judge: (data: RecordData<K>, context: CheckContext, source: string) => Judged,
): CheckModule {
  return {
    check,
    kinds: [kind],
    assess: (records, context) =>
      ofKind(records, kind).map((record) => {
        const figuresOf = (data: RecordData<K>) => judge(data, context, record.id).figures ?? {}
        const data = record.data as RecordData<K>
        const judged = judge(data, context, record.id)
        return {
          check,
          source: record.id,
          observedAt: record.observedAt,
          ...EMPTY,
          ...judged,
          intervals: { ...intervalsOf(data, figuresOf), ...judged.intervals },
        }
      }),
  }
}

/** A check made of a start and of what belongs to its run. */
export function perRun<K extends RecordKind>(
  check: string,
  start: K,
  kinds: readonly RecordKind[],
  judge: (
    data: RecordData<K>,
    own: readonly CaseRecord[],
    context: CheckContext,
    source: string,
  ) => Judged,
): CheckModule {
  return {
    check,
    kinds: [start, ...kinds],
    assess: (records, context) =>
      ofKind(records, start).map((record) => {
        const own = records.filter(
          (r) => kinds.includes(r.kind) && (r.data as { run?: string }).run === record.id,
        )
        return {
          check,
          source: record.id,
          observedAt: record.observedAt,
          ...EMPTY,
          ...judge(record.data as RecordData<K>, own, context, record.id),
        }
      }),
  }
}
