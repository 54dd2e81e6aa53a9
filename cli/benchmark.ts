import {
  analyseWarmUp,
  Belief,
  benchmarkReadings,
  type CaseInput,
  DEFAULT_POLICY,
  gatherSeries,
  makePlan,
  modelFor,
  plainPosterior,
  rankBelief,
} from '#core'

interface Spread {
  median: number
  p95: number
}

export interface BenchmarkResult {
  fullRankingMs: Spread
  oneMoreReadingMs: Spread
  planMs: Spread
  logAnalysisMs: Spread
  baselineRatio: number
  memoryMB: number
}

const spread = (times: number[]): Spread => {
  const sorted = [...times].sort((a, b) => a - b)
  const at = (share: number) =>
    Number(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!.toFixed(3))
  return { median: at(0.5), p95: at(0.95) }
}

function timed(runs: number, work: (i: number) => void): number[] {
  return Array.from({ length: runs }, (_, i) => {
    const start = performance.now()
    work(i)
    return performance.now() - start
  })
}

const WARM_RUNS = 12
const id = (n: number) => `0195bbbb-0000-7000-8000-${n.toString(16).padStart(12, '0')}`

/** The vehicle of the benchmark: a usual one, with its system known. The sets of its faults number about 57,000. */
function benchmarkInput(): CaseInput {
  return {
    case: {
      id: id(1),
      complaint: 'overheats',
      title: 'Benchmark',
      openedAt: '2026-09-01T07:00:00.000Z',
      openedBy: id(2),
      vehicle: id(3),
    },
    vehicle: {
      id: id(3),
      name: 'Benchmark',
      profile: {
        thermostatSide: 'outlet',
        thermostatRatingC: 88,
        fan: 'electric-relay',
        vessel: 'pressurised-tank',
        pumpDrive: 'accessory-belt',
        coolant: 'ethylene-glycol',
        capacityLitres: 9,
        cylinders: 4,
        oilCooler: false,
        transmissionCooler: false,
        egrCooler: false,
        turboCooled: false,
        heavyDiesel: false,
        heatModule: false,
        heaterValve: false,
        auxHeaterPump: false,
        mapThermostat: false,
        switchablePump: false,
        electroViscous: false,
        grilleShutter: false,
      },
    },
    site: { elevationMetres: 1300 },
    records: [],
    events: [],
  }
}

/** One hour at 10 Hz on six channels. */
function benchmarkLog() {
  const run = id(9)
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

/**
 * Every figure the benchmark promises, of `runs` runs over so many readings; throws when the engine and the plain
 * enumeration, whose time grows with the readings, differ by more than 1e-9.
 */
export function benchmark({ runs = 40, readings: count = 60 } = {}): BenchmarkResult {
  const input = benchmarkInput()
  const model = modelFor(input)
  const readings = benchmarkReadings(model, count)
  const facts = new Set<string>()
  const rankOnce = () => void rankBelief(new Belief(model, readings), facts)
  for (let i = 0; i < Math.min(WARM_RUNS, runs * 2); i++) rankOnce()
  const full = timed(runs, rankOnce)
  const belief = new Belief(model, readings)
  const more = benchmarkReadings(model, 47).map((r, i) => ({
    ...r,
    source: `more-${i}`,
    conditions: `more ${i}`,
  }))
  for (let i = 0; i < Math.min(WARM_RUNS, runs * 2); i++) belief.withOneMore(more[i % more.length]!)
  const one = timed(runs * 3, (i) => belief.withOneMore(more[i % more.length]!))
  for (let i = 0; i < Math.min(3, runs); i++) makePlan(belief, input)
  const plan = timed(Math.ceil(runs / 2), () => makePlan(belief, input))
  const log = benchmarkLog()
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
  const analyse = () => analyseWarmUp(gatherSeries([], log), [], context)
  analyse()
  const logs = timed(Math.min(12, runs), analyse)
  const baselineStart = performance.now()
  const plain = plainPosterior(model, readings)
  const baseline = performance.now() - baselineStart
  const worst = Math.max(...plain.map((p, f) => Math.abs(p - belief.faults[f]!)))
  if (!(worst < 1e-9)) throw new Error(`engine and plain enumeration differ by ${worst}`)
  const engine = spread(timed(15, () => void new Belief(model, readings))).median
  return {
    fullRankingMs: spread(full),
    oneMoreReadingMs: spread(one),
    planMs: spread(plan),
    logAnalysisMs: spread(logs),
    baselineRatio: Number((baseline / engine).toFixed(1)),
    memoryMB: Math.round(process.memoryUsage().rss / 1048576),
  }
}
