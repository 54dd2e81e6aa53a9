import type { CaseRecord } from '../record/envelope'
import type { RecordData, RecordKind } from '../record/kinds'
import { toCore, type QuantityKind } from '../quantity/units'
import type { CheckContext, CheckOutcome, Entry } from './context'
import { DEFAULT_POLICY } from '../vehicle/policy'
import type { SignReading } from '../inference/sign-reading'

/** Sea-level workshop, half-and-half ethylene glycol, a cap of 100 kPa. */
export const CONTEXT: CheckContext = {
  complaint: 'overheats',
  profile: { thermostatSide: 'outlet', thermostatRatingC: 88, fan: 'electric-relay', cylinders: 4 },
  policy: DEFAULT_POLICY,
  atmosphereKPa: 101.325,
  mix: { base: 'ethylene-glycol', massFraction: 0.5, elevationMetres: 0 },
  heldKPaGauge: 100,
  capacityLitres: 10,
  found: { pressurised: { hoursPerWeek: { low: 5, value: 10, high: 20 }, assumed: true } },
  epochOf: () => 0,
  isIsolated: () => false,
}

export const quantity = (kind: QuantityKind, value: number, unit: string) => ({
  typed: `${value}`,
  value,
  unit,
  coreValue: toCore(kind, value, unit),
})
export const celsius = (value: number) => quantity('temperature', value, '°C') as never
export const kPa = (value: number) => quantity('pressure', value, 'kPa') as never

const id = (n: number) => `0196aaaa-0000-7000-8000-${n.toString(16).padStart(12, '0')}`

/** Records of one check, a second apart; the first is a run's start where `run` is asked for. */
export function records(...list: [RecordKind, object][]): CaseRecord[] {
  return list.map(
    ([kind, data], i) =>
      ({
        id: id(i + 1),
        by: id(999),
        observedAt: `2026-09-01T08:00:${String(i).padStart(2, '0')}Z`,
        kind,
        data: i > 0 && 'run' in data ? { ...data, run: id(1) } : data,
      }) as unknown as CaseRecord,
  )
}

/** The outcome of one record. */
export function outcome<K extends RecordKind, F extends object>(
  check: { assess: (entries: readonly Entry[], context: CheckContext) => CheckOutcome<F>[] },
  kind: K,
  data: RecordData<K>,
  context: Partial<CheckContext> = {},
): CheckOutcome<F> {
  return check.assess(records([kind, data as object]), { ...CONTEXT, ...context })[0]!
}

export const figures = <T>(o: CheckOutcome) => o.figures as T

/** log10 of how much a reading, its doubt included, speaks for the most abnormal of two states; positive: for it. */
export function speaksFor(
  signs: readonly SignReading[],
  sign: string,
  state = 'yes',
  against = 'no',
): number {
  return signs
    .filter((s) => s.sign === sign)
    .reduce((sum, { likelihood, validity }) => {
      const values = Object.values(likelihood)
      const mean = values.reduce((a, b) => a + b, 0) / values.length
      const at = (s: string) => validity * (likelihood[s] ?? 0) + (1 - validity) * mean
      return sum + Math.log10(at(state) / at(against))
    }, 0)
}
