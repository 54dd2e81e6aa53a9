import { analyseWarmUp, type CaseInput, DEFAULT_POLICY, gatherSeries } from '#core'

const RUN = '0195bbbb-0000-7000-8000-000000000009'

/** One hour at 10 Hz on six channels. */
function oneHourLog() {
  const run = RUN
  const seconds = Array.from({ length: 36_000 }, (_, i) => i / 10)
  const engine = seconds.map((s) => Math.min(90 + 3 * Math.sin(s / 90), 15 + s * 0.075))
  const trace = (
    channel:
      | 'scan-coolant'
      | 'radiator-side-hose'
      | 'infrared-engine'
      | 'engine-side-hose'
      | 'dash'
      | 'pressure',
    values: number[],
  ) => ({ run, channel, seconds, values })
  return [
    trace('scan-coolant', engine),
    trace(
      'infrared-engine',
      engine.map((v) => v - 2),
    ),
    trace(
      'engine-side-hose',
      engine.map((v) => v - 4),
    ),
    trace(
      'dash',
      engine.map((v) => Math.min(90, v)),
    ),
    trace(
      'radiator-side-hose',
      seconds.map((s, i) =>
        s < 970 ? 15 + s * 0.004 : Math.min(engine[i]! - 7, 19 + (s - 970) * 0.6),
      ),
    ),
    trace(
      'pressure',
      engine.map((v) => Math.max(0, v - 55) * 1.8),
    ),
  ]
}

/** Analyses the log as a warm-up of the vehicle of this case. */
export function analysisOfLog(input: CaseInput): () => void {
  const log = oneHourLog()
  const context = {
    complaint: input.case.complaint,
    profile: input.vehicle.profile,
    policy: DEFAULT_POLICY,
    atmosphereKPa: 86,
    mix: { base: 'ethylene-glycol' as const, massFraction: 0.52, elevationMetres: 1300 },
    heldKPaGauge: 100,
    capacityLitres: 9,
    found: {},
    epochOf: () => 0,
    isIsolated: () => false,
  }
  return () => void analyseWarmUp(gatherSeries([], log), [], context)
}
