import { z } from 'zod'
import { celsius, kPa } from '../tell/quantities'
import { recordRow, row, type Rows } from '../tell/rows'
import { disturbance } from './disturbance'
import { holdRow } from './hold'
import { warmUpRow } from './warm-up'

const MORE = z.looseObject({})

/** what stands before the rows of a bad gas test: engine too cold, fluid old, drawn too short */
const GAS = { valid: z.boolean().default(true) }
const gasRow = row(z.looseObject(GAS), (t, { valid, ...more }) => {
  t.record('chemical-gas-test.test', {
    engine: celsius(valid ? 92 : 60),
    thermostatOpen: valid ? 'shown' : 'not-known',
    levelLowered: valid ? 'yes' : 'no',
    drawnMinutes: valid ? 4 : 1,
    fluid: valid ? 'fresh' : 'old',
    load: 'idle',
    spoilt: 'no',
    funnelFittedCold: 'yes',
    ...more,
  })
})

const CRANK = z.strictObject({ plugged: z.array(z.number()), riseKPa: z.number() })
const crankRow = row(CRANK, (t, { plugged, riseKPa }) => {
  t.record('cranking-rise.run', {
    plugged,
    seconds: 5,
    crankingRpm: 220,
    before: kPa(0),
    after: kPa(riseKPa),
    staysAfter: 'yes',
    resolutionKPa: 0.1,
    turnedByHandFirst: true,
  })
})

const SURVEY = z.looseObject({
  inletC: z.number(),
  outletC: z.number(),
  /** a grid was read, with or without cold patches; absent: no grid */
  cold: z.enum(['none', 'patches']).optional(),
})
/** Six rows of eight temperatures from inlet to outlet; a patch is 22 °C colder than what is about it. */
function gridC({ inletC, outletC, cold }: z.infer<typeof SURVEY>): number[][] {
  const inPatch = (r: number, c: number) => cold === 'patches' && c >= 2 && c <= 4 && r >= 2
  const at = (r: number, c: number) =>
    Math.round(
      inletC - ((inletC - outletC) * r) / 6 - (inPatch(r, c) ? 22 : 0) + disturbance(r * 7 + c),
    )
  return Array.from({ length: 6 }, (_, r) => Array.from({ length: 8 }, (_, c) => at(r, c)))
}
const surveyRow = row(SURVEY, (t, told) => {
  const { inletC, outletC, cold, ...more } = told
  t.record('radiator-survey.grid', {
    inlet: celsius(inletC),
    outlet: celsius(outletC),
    ...(cold ? { gridC: gridC(told) } : {}),
    thermostatOpen: 'shown',
    pumpDelivers: 'shown',
    fan: 'off',
    engine: celsius(95),
    ...more,
  })
})

/** kind of road, mean and highest °C, and whether the load was beyond the rated */
const SEGMENT = z.tuple([z.string(), z.number(), z.number()]).rest(z.enum(['beyond', 'within']))
const driveRow = row(z.array(SEGMENT), (t, segments) => {
  t.record('load-run.run', {
    ambient: celsius(24),
    segments: segments.map(([kind, meanC, maxC, load = 'within']) => ({
      kind,
      minutes: 10,
      meanC,
      maxC,
      airConditioning: 'off',
      heater: 'off',
      load,
    })),
    coolsWithAirConditioningOff: 'not-known',
    coolsWithHeaterOn: 'not-known',
  })
})

/** By itself, or with air conditioning on; where it ran by itself, it started at what is read there. */
const fanWatchRow = row(MORE, (t, told) => {
  const byItself = told.ran === 'yes' && told.airConditioning !== 'on'
  t.record('fan-in-action.watch', {
    airConditioning: 'off',
    shouldStartAt: celsius(97),
    coolsWhenOn: 'not-known',
    speeds: 'not-known',
    ...(byItself ? { startedAt: told.switchingPlace } : {}),
    ...told,
  })
})

const capDefaults = { vacuumValve: 'free', seals: 'good', fitsPlace: 'right' }

/** Rows of the stories beyond the common ones. */
export const STORY_ROWS: Rows = {
  cap: recordRow('cap.test', capDefaults),
  goodCap: recordRow('cap.test', {
    place: 'tank',
    marking: kPa(100),
    opening: kPa(103),
    after60Seconds: kPa(98),
    ...capDefaults,
  }),
  hold: holdRow,
  trace: row(z.record(z.string(), z.string()), (t, seen) => {
    t.record('leak-trace.trace', {
      drips: [{ x: 0.4, y: 0.5, perMinute: 6 }],
      airFlow: false,
      places: Object.entries(seen).map(([place, how]) => ({ place, seen: how })),
    })
  }),
  run: warmUpRow,
  gas: gasRow,
  crank: crankRow,
  heater: recordRow('heater.test', {
    engine: celsius(88),
    engineRpm: 2000,
    level: 'full',
    setting: 'full-hot',
    air: 'strong',
    direction: 'right',
  }),
  survey: surveyRow,
  drive: driveRow,
  fanWatch: fanWatchRow,
  circuit: recordRow('fan-circuit.walk', { batteryVolts: 12.6 }),
  device: recordRow('actuators.test', {
    calibrated: 'not-applicable',
    highVoltageLoopIdentified: 'not-applicable',
  }),
}
