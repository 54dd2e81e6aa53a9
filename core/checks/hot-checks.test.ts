import { describe, expect, it } from 'vitest'
import { actuatorsCheck } from './actuators/check'
import { celsius, CONTEXT, figures, outcome, kPa, speaksFor } from './check.fixture'
import { chemicalGasTestCheck } from './chemical-gas-test/check'
import { clutchHotCheck } from './clutch-hot/check'
import { fanInActionCheck } from './fan-in-action/check'
import { gasAnalyserCheck } from './gas-analyser/check'
import { heaterCheck } from './heater/check'
import { levelCreepCheck } from './level-creep/check'
import { levelFollowUpCheck } from './level-follow-up/check'
import { loadRunCheck } from './load-run/check'
import type { LoadRunAnalysis } from './load-run/analysis'
import { pumpDeliveryCheck } from './pump-delivery/check'
import type { DeliveryAnalysis } from './pump-delivery/analysis'
import { pumpOffCheck } from './pump-off/check'
import { radiatorFlowCheck } from './radiator-flow/check'
import { radiatorSurveyCheck } from './radiator-survey/check'
import { coldCells } from './radiator-survey/analysis'
import { refillCheck } from './refill/check'
import { runningPressureCheck } from './running-pressure/check'
import { sensorAgreementCheck } from './sensor-agreement/check'
import { isUnitSlip } from './sensor-agreement/analysis'
import { teardownCheck } from './teardown/check'
import type { TeardownAnalysis } from './teardown/analysis'
import { thermostatBathCheck } from './thermostat-bath/check'
import type { BathAnalysis } from './thermostat-bath/analysis'

describe('pump delivery', () => {
  const test = (more: object) =>
    outcome(pumpDeliveryCheck, 'pump-delivery.test', {
      returnStream: 'not-seen',
      lowerHose: 'not-seen',
      ...more,
    } as never)
  it('120 kPa specified at 1600 rpm, 79.5 read at 1100 with 70 static: 20 kPa at that speed and not 168', () => {
    const o = test({
      port: kPa(79.5),
      static: kPa(70),
      engineRpm: 1100,
      specified: { pressure: kPa(120), rpm: 1600, includesStatic: false },
    })
    const a = figures<DeliveryAnalysis>(o)
    expect(a.naiveKPa!).toBeCloseTo(168.2, 1)
    expect(a.atSpecifiedSpeedKPa!).toBeCloseTo(20.1, 1)
    expect(a.share!).toBeCloseTo(0.17, 2)
    expect(o.states).toEqual(['weak'])
    expect(o.facts).not.toContain('pump-delivers')
  })
  it('pressure without the static pressure proves nothing', () => {
    const o = test({
      port: kPa(80),
      engineRpm: 1100,
      specified: { pressure: kPa(120), rpm: 1600, includesStatic: false },
    })
    expect([o.states, o.signs]).toEqual([['not-judged'], []])
    expect(o.notes[0]!.id).toBe('delivery.missing.static')
  })
  it('a specification that includes the static pressure holds at its own speed only', () => {
    const spec = { pressure: kPa(120), rpm: 1600, includesStatic: true }
    expect(
      test({ port: kPa(120), static: kPa(60), engineRpm: 1100, specified: spec }).notes.map(
        (n) => n.id,
      ),
    ).toContain('delivery.missing.specified-speed-only')
    expect(
      test({ port: kPa(120), static: kPa(60), engineRpm: 1600, specified: spec }).states,
    ).toEqual(['delivers'])
  })
  it('delivery is not flow', () =>
    expect(test({ returnStream: 'strong' }).doesNotProve[0]!.id).toBe('delivery.pass.notFlow'))
})

describe('combustion gas', () => {
  const gas = (more: object, complaint: 'coolant-loss' | 'overheats' = 'coolant-loss') =>
    outcome(
      chemicalGasTestCheck,
      'chemical-gas-test.test',
      {
        engine: celsius(92),
        thermostatOpen: 'shown',
        levelLowered: 'yes',
        drawnMinutes: 4,
        colour: 'same',
        fluid: 'fresh',
        load: 'idle',
        spoilt: 'no',
        funnelFittedCold: 'yes',
        ...more,
      } as never,
      { complaint },
    )
  it('a colour change is strong; no change is weak, and next to nothing when conditions were not met', () => {
    const positive = speaksFor(gas({ colour: 'changed' }).signs, 'gas-in-coolant')
    const valid = speaksFor(gas({}).signs, 'gas-in-coolant')
    const invalid = speaksFor(
      gas({ engine: celsius(50), thermostatOpen: 'not-known', fluid: 'old', drawnMinutes: 1 })
        .signs,
      'gas-in-coolant',
    )
    expect(positive).toBeGreaterThan(0.9)
    expect(positive).toBeGreaterThan(2 * -valid)
    expect(valid).toBeLessThan(-0.2)
    expect(invalid).toBeGreaterThan(-0.1)
    expect(gas({ engine: celsius(50) }).states).toEqual(['negative-invalid'])
  })
  it('a test at idle is not valid for a complaint that needs load', () => {
    expect(gas({}, 'coolant-loss').states).toEqual(['negative-valid'])
    expect(gas({}, 'overheats').states).toEqual(['negative-invalid'])
    expect(gas({ load: 'after-load-run' }, 'overheats').states).toEqual(['negative-valid'])
  })
  it('a change of colour in a bay full of exhaust counts for less, and repeats share their doubt', () => {
    expect(
      speaksFor(gas({ colour: 'changed', spoilt: 'exhaust-in-bay' }).signs, 'gas-in-coolant'),
    ).toBeLessThan(speaksFor(gas({ colour: 'changed' }).signs, 'gas-in-coolant'))
    expect(gas({}).signs[0]!.conditions).toBe(gas({ drawnMinutes: 6 }).signs[0]!.conditions)
    expect(gas({ load: 'after-load-run' }).signs[0]!.conditions).not.toBe(
      gas({}).signs[0]!.conditions,
    )
  })
  it('never opens a hot cap: the caution stands first when the funnel was not fitted cold', () =>
    expect(gas({ funnelFittedCold: 'no' }).cautions[0]!.id).toBe('caution.funnelNotCold'))
  it('the analyser: hundreds of ppm above background are gas, a few tens are hot glycol', () => {
    const analyser = (hcPpm: number) =>
      outcome(gasAnalyserCheck, 'gas-analyser.test', {
        hcPpm,
        backgroundHcPpm: 20,
        engine: celsius(90),
        thermostatOpen: 'shown',
        load: 'idle',
      } as never)
    expect([analyser(900).states, analyser(35).states]).toEqual([['positive'], ['negative-valid']])
    expect(speaksFor(analyser(900).signs, 'gas-in-coolant')).toBeGreaterThan(0.8)
    expect(speaksFor(analyser(35).signs, 'gas-in-coolant')).toBeLessThan(-0.3)
  })
})

describe('fan and clutch', () => {
  const watch = (more: object) =>
    outcome(fanInActionCheck, 'fan-in-action.watch', {
      airConditioning: 'off',
      ran: 'no',
      coolsWhenOn: 'not-known',
      speeds: 'not-known',
      shouldStartAt: celsius(97),
      ...more,
    } as never)
  it('a fan that does not run says nothing until the place that switches it is hot', () => {
    expect(watch({ switchingPlace: celsius(60) }).states).toEqual(['not-called-for'])
    expect(
      Math.abs(
        speaksFor(watch({ switchingPlace: celsius(60) }).signs, 'fan-late', 'never', 'on-time'),
      ),
    ).toBeLessThan(0.05)
    expect(
      speaksFor(watch({ switchingPlace: celsius(106) }).signs, 'fan-late', 'never', 'on-time'),
    ).toBeGreaterThan(0.9)
  })
  it('running with air conditioning proves the motor and nothing about temperature control', () => {
    const o = watch({ airConditioning: 'on', ran: 'yes', switchingPlace: celsius(90) })
    expect(o.states).toEqual(['proves-motor-only'])
    expect(o.signs.some((s) => s.sign === 'fan-late')).toBe(false)
    expect(speaksFor(o.signs, 'fan-ac-dead')).toBeLessThan(-0.5)
  })
  it('hot drag and turns after switch-off carry the clutch; a policy sets the limit of turns', () => {
    const clutch = (more: object, turns = 1.5) =>
      outcome(
        clutchHotCheck,
        'clutch-hot.test',
        {
          dragHot: 'not-tried',
          roarHot: 'not-heard',
          airBehindRadiator: celsius(85),
          ...more,
        } as never,
        {
          profile: { fan: 'viscous-clutch' },
          policy: { ...CONTEXT.policy, clutchTurnsAfterSwitchOff: turns },
        },
      )
    expect(clutch({ dragHot: 'none' }).states).toEqual(['slips'])
    expect(clutch({ dragHot: 'firm' }).states).toEqual(['grips'])
    expect(clutch({ dragHot: 'seized' }).states).toEqual(['locked'])
    expect(clutch({ turnsAfterSwitchOff: 1.8 }).states).toEqual(['slips'])
    expect(clutch({ turnsAfterSwitchOff: 1.8 }, 2).states).toEqual(['not-judged'])
    expect(clutch({ dragHot: 'none', airBehindRadiator: celsius(40) }).states).toEqual([
      'not-judged',
    ])
  })
})

describe('heater', () => {
  const heater = (inlet: number, outlet: number, more: object = {}) =>
    outcome(heaterCheck, 'heater.test', {
      inlet: celsius(inlet),
      outlet: celsius(outlet),
      engine: celsius(88),
      level: 'full',
      setting: 'full-hot',
      air: 'strong',
      direction: 'right',
      ...more,
    } as never)
  it('both hoses hot and a cold vent is the air side', () => {
    expect(heater(85, 75, { ventLeft: celsius(22), ventRight: celsius(21) }).states).toEqual([
      'air-side',
    ])
    expect(heater(85, 75, { ventLeft: celsius(22) }).facts).toContain('heater-hoses-measured')
  })
  it('inlet hot and outlet more than 25 K cooler is core or valve; both cool on a hot engine is no flow', () => {
    expect(heater(85, 48).states).toEqual(['core-or-valve'])
    expect(heater(45, 35).states).toEqual(['no-flow'])
    expect(heater(45, 35, { engine: celsius(55) }).states).toEqual(['engine-cool'])
  })
  it('cool hoses on an engine not shown hot say half as much, and with another setting little', () => {
    const say = (more: object) => speaksFor(heater(45, 38, more).signs, 'heater-inlet-cool')
    expect(say({ engine: undefined })).toBeLessThan(say({}))
    expect(say({ setting: 'other' })).toBeLessThan(0.5 * say({}))
    expect(say({ engine: celsius(50) })).toBeLessThan(0.05)
  })
})

describe('radiator', () => {
  const grid = (cold: boolean) =>
    Array.from({ length: 6 }, (_, r) =>
      Array.from({ length: 8 }, (_, c) => 90 - 3 * r - (cold && c > 1 && c < 5 && r > 2 ? 20 : 0)),
    )
  it('finds the cold cells of a face that cools smoothly, and none on a sound one', () => {
    expect(coldCells(grid(false)).flat().filter(Boolean).length).toBe(0)
    expect(coldCells(grid(true)).flat().filter(Boolean).length).toBe(9)
  })
  it('patches count with the thermostat open and the fan off, and less without', () => {
    const survey = (more: object) =>
      outcome(radiatorSurveyCheck, 'radiator-survey.grid', {
        inlet: celsius(90),
        outlet: celsius(75),
        gridC: grid(true),
        thermostatOpen: 'shown',
        pumpDelivers: 'shown',
        fan: 'off',
        ...more,
      } as never)
    expect(survey({}).states).toEqual(['patches'])
    expect(
      speaksFor(survey({ thermostatOpen: 'not-shown' }).signs, 'radiator-patches'),
    ).toBeLessThan(0.4 * speaksFor(survey({}).signs, 'radiator-patches'))
    expect(survey({ thermostatOpen: 'not-shown' }).notes[0]!.id).toBe('survey.thermostatNotShown')
  })
  it('a cold radiator on a hot engine is told from one that was not hot yet', () => {
    const cold = (engine: number) =>
      speaksFor(
        outcome(radiatorSurveyCheck, 'radiator-survey.grid', {
          inlet: celsius(45),
          outlet: celsius(40),
          thermostatOpen: 'shown',
          pumpDelivers: 'not-known',
          fan: 'off',
          engine: celsius(engine),
        } as never).signs,
        'radiator-cold',
      )
    expect(cold(105)).toBeGreaterThan(0.8)
    expect(cold(78)).toBeLessThan(0.1)
  })
  it('backing up is strong, passing is weak, and one tank hides the other', () => {
    const flow = (
      passes: 'backs-up' | 'as-fast-as-in',
      lookedFromBothTanks: 'both-clear' | 'one-only' | 'not-looked',
    ) => outcome(radiatorFlowCheck, 'radiator-flow.test', { passes, lookedFromBothTanks })
    expect(speaksFor(flow('backs-up', 'not-looked').signs, 'flow-restricted')).toBeGreaterThan(
      2 * -speaksFor(flow('as-fast-as-in', 'not-looked').signs, 'flow-restricted'),
    )
    expect(flow('as-fast-as-in', 'one-only').notes[0]!.id).toBe('flow.lookFromBoth')
    expect(flow('backs-up', 'one-only').facts).toEqual([])
  })
})

describe('thermostat in a bath', () => {
  const bath = (more: object, context: object = {}) =>
    outcome(
      thermostatBathCheck,
      'thermostat-bath.test',
      {
        present: 'yes',
        stamped: celsius(88),
        coldState: 'shut',
        startsToOpen: celsius(88),
        heatingKPerMinute: 1,
        hottest: celsius(102),
        bath: 'glycol',
        probe: 'in-liquid',
        ...more,
      } as never,
      context,
    )
  it('opens within 3 K of its rating: good; 12 K late: late; never above its rating: shut', () => {
    expect(bath({}).states).toEqual(['good'])
    expect(bath({ startsToOpen: celsius(101) }).states).toEqual(['opens-late'])
    expect(bath({ startsToOpen: celsius(78) }).states).toEqual(['opens-early'])
    expect(bath({ startsToOpen: 'never' }).states).toEqual(['stuck-shut'])
    expect(bath({ startsToOpen: 'never', hottest: celsius(86) }).states).toEqual(['not-judged'])
  })
  it('open water does not reach full opening of a rating above 88 °C, at 1500 m above 83 °C', () => {
    const at = (rating: number, elevationMetres: number) =>
      figures<BathAnalysis>(
        bath(
          { stamped: celsius(rating), bath: 'water' },
          { mix: { ...CONTEXT.mix, elevationMetres } },
        ),
      ).fullOpeningReachable
    expect([at(87, 0), at(89, 0), at(82, 1500), at(84, 1500)]).toEqual([true, false, true, false])
  })
  it('heated too fast it reads late: corrected, and with a wider band', () => {
    const fast = figures<BathAnalysis>(bath({ startsToOpen: celsius(95), heatingKPerMinute: 6 }))
    expect(fast.opensAtC).toBeLessThan(91)
    expect(fast.errorK).toBeGreaterThan(2)
    expect(fast.states).toEqual(['good'])
  })
  it('another rating than specified is found though it works', () =>
    expect(bath({ specified: celsius(80) }).states).toContain('wrong-rating'))
  it('an empty housing is an empty housing', () =>
    expect(bath({ present: 'missing' }).states).toEqual(['missing']))
  it('lift below 7 mm is low, where the bath was hot enough to say', () => {
    expect(bath({ liftMm: 4 }).states).toEqual(['low-lift'])
    expect(bath({ liftMm: 4, hottest: celsius(92) }).states).toEqual(['good'])
  })
})

describe('temperatures', () => {
  it('two sources that agree after one is converted are probably one temperature in two units', () => {
    expect(isUnitSlip(90, 194)).toBe(true)
    expect(isUnitSlip(90, 92)).toBe(false)
    const slip = outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
      scan: celsius(90),
      second: celsius(194),
      secondKind: 'infrared',
      engineHot: 'yes',
      level: 'full',
    } as never)
    expect([slip.states, slip.signs, slip.notes[0]!.id]).toEqual([
      ['unit-slip'],
      [],
      'note.unitSlip',
    ])
  })
  it('infrared on bare metal hardly accuses the sensor; a probe at the same place does', () => {
    const compare = (more: object) =>
      speaksFor(
        outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
          scan: celsius(98),
          second: celsius(72),
          engineHot: 'yes',
          level: 'full',
          ...more,
        } as never).signs,
        'scan-disagrees',
      )
    expect(compare({ secondKind: 'infrared', surface: 'bare-metal' })).toBeLessThan(0.4)
    expect(compare({ secondKind: 'contact-probe' })).toBeGreaterThan(0.8)
  })
  it('a cool steady reading with a low level may be a sensor out of the liquid', () => {
    const o = outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
      scan: celsius(60),
      second: celsius(95),
      secondKind: 'contact-probe',
      engineHot: 'yes',
      level: 'low',
    } as never)
    expect(o.notes[0]!.id).toBe('note.sensorMayBeDry')
  })
  it('a needle in the middle is right over 35 degrees; in the red at 89 °C it is wrong', () => {
    const dash = (dash: 'middle' | 'red', at: number) =>
      outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
        scan: celsius(at),
        second: celsius(at - 1),
        secondKind: 'contact-probe',
        dash,
        engineHot: 'yes',
        level: 'full',
      } as never)
    for (const at of [78, 90, 108])
      expect(speaksFor(dash('middle', at).signs, 'dash-disagrees')).toBeLessThan(0)
    expect(speaksFor(dash('red', 89).signs, 'dash-disagrees')).toBeGreaterThan(1)
  })
})

describe('level, pressure, road', () => {
  const creep = (rate: number, more: object = {}) =>
    outcome(levelCreepCheck, 'level-creep.watch', {
      points: [0, 3, 6, 9, 12, 15].map((m) => ({ minutes: m, mm: rate * m })),
      bubbles: 'not-seen',
      overflowed: 'not-seen',
      startedAt: 'at-mark',
      refilledAndNotBled: 'no',
      ...more,
    } as never)
  it('a level that keeps rising is told from one that rises and holds', () => {
    expect(creep(2).states).toEqual(['keeps-rising'])
    const holds = outcome(levelCreepCheck, 'level-creep.watch', {
      points: [0, 2, 4, 6, 8, 10, 12, 14].map((m) => ({ minutes: m, mm: Math.min(12, 3 * m) })),
      bubbles: 'none',
      overflowed: 'no',
      startedAt: 'at-mark',
      refilledAndNotBled: 'no',
    } as never)
    expect(holds.states).toEqual(['rises-and-holds'])
  })
  it('bubbles after a refill that was not bled count for little', () => {
    const bubbles = (refilledAndNotBled: 'yes' | 'no') =>
      speaksFor(creep(0, { bubbles: 'continuous', refilledAndNotBled }).signs, 'bubbling')
    expect(bubbles('yes')).toBeLessThan(0.4 * bubbles('no'))
  })
  it('pressure at 60 °C was put in by gas; pressure at 95 °C is normal, and none at all is said only when hot', () => {
    const run = (list: [number, number][]) =>
      outcome(runningPressureCheck, 'running-pressure.run', {
        points: list.map(([coolantC, pressureKPaGauge], i) => ({
          seconds: i * 120,
          coolantC,
          pressureKPaGauge,
        })),
        adapterReliefAtOrBelowCap: 'yes',
        level: 'at-mark',
      })
    expect(
      run([
        [15, 0],
        [40, 30],
        [62, 70],
        [80, 95],
      ]).states,
    ).toEqual(['rises-before-warm'])
    expect(
      run([
        [15, 0],
        [60, 8],
        [80, 35],
        [95, 85],
      ]).states,
    ).toEqual(['normal'])
    expect(
      run([
        [15, 0],
        [60, 1],
        [95, 3],
      ]).states,
    ).toEqual(['never-rises'])
    expect(
      run([
        [15, 0],
        [60, 1],
        [70, 2],
      ]).states,
    ).toEqual(['not-hot-enough'])
    expect(
      outcome(runningPressureCheck, 'running-pressure.run', {
        points: [
          { seconds: 0, coolantC: 15, pressureKPaGauge: 0 },
          { seconds: 60, coolantC: 30, pressureKPaGauge: 2 },
        ],
        adapterReliefAtOrBelowCap: 'no',
        level: 'at-mark',
      }).cautions[0]!.id,
    ).toBe('caution.reliefNotShown')
  })
  it('a load run says which segments overheat and the least boiling margin at the pressure really held', () => {
    const segment = (kind: string, maxC: number, load = 'within') => ({
      kind,
      minutes: 10,
      meanC: maxC - 4,
      maxC,
      airConditioning: 'off',
      heater: 'off',
      load,
    })
    const drive = (heldKPaGauge: number) =>
      outcome(
        loadRunCheck,
        'load-run.run',
        {
          segments: [segment('idle', 92), segment('climb', 112)],
          coolsWithAirConditioningOff: 'yes',
          coolsWithHeaterOn: 'not-tried',
        } as never,
        { heldKPaGauge },
      )
    expect(drive(100).states).toEqual(['hot-climb'])
    expect(
      figures<LoadRunAnalysis>(drive(100)).leastMarginK -
        figures<LoadRunAnalysis>(drive(0)).leastMarginK,
    ).toBeGreaterThan(18)
    expect(figures<LoadRunAnalysis>(drive(0)).stopLimitC).toBeCloseTo(102.4, 0)
    expect(drive(100).notes.map((n) => n.id)).toContain('loadRun.acOffIsNotSolved')
  })
  it('a week at the mark says far more than a day', () => {
    const after = (daysAfter: number) =>
      speaksFor(
        outcome(levelFollowUpCheck, 'level-follow-up.look', { daysAfter, level: 'at-mark' }).signs,
        'level-falls-after',
      )
    expect(after(7)).toBeLessThan(2 * after(1))
    expect(after(0)).toBeGreaterThan(-0.05)
  })
})

describe('devices, pump off, teardown, refill', () => {
  it('a device without supply is not proven bad by itself, and what was not asked for is not missing', () => {
    const device = (more: object) =>
      outcome(actuatorsCheck, 'actuators.test', {
        device: 'coolant-pump',
        commandedPercent: 80,
        actualPercent: 'none',
        calibrated: 'not-applicable',
        highVoltageLoopIdentified: 'yes',
        ...more,
      } as never)
    expect(device({}).states).toEqual(['stuck'])
    expect(device({ supplyVolts: 0.3 }).states).toEqual(['not-supplied'])
    expect(device({ actualPercent: 78 }).states).toEqual(['follows'])
    expect(device({ actualPercent: 78 }).facts).toContain('drive-turning')
    expect(device({ highVoltageLoopIdentified: 'no' }).cautions[0]!.id).toBe(
      'caution.highVoltageLoop',
    )
    expect(
      Math.abs(speaksFor(device({ commandedPercent: 0, actualPercent: 0 }).signs, 'pump-command')),
    ).toBeLessThan(0.5 * Math.abs(speaksFor(device({ actualPercent: 78 }).signs, 'pump-command')))
  })
  it('a worn impeller is doubtful where a loose one is clear', () => {
    const pump = (impeller: 'worn' | 'loose-on-shaft') =>
      speaksFor(
        outcome(pumpOffCheck, 'pump-off.look', { impeller, seal: 'sound', shaftPlay: 'none' })
          .signs,
        'impeller-bad',
      )
    expect(pump('loose-on-shaft')).toBeGreaterThan(1.4 * pump('worn'))
  })
  it('flatness is the worst gap against the limit that was entered; without a limit nothing is judged', () => {
    const measure = (more: object) =>
      outcome(teardownCheck, 'teardown.measure', {
        what: 'head-face',
        gaps: [
          [0, 0, 0.02],
          [200, 0, 0.03],
          [0, 400, 0.02],
          [200, 400, 0.12],
          [100, 200, 0.05],
        ].map(([xMm, yMm, gapMm]) => ({ xMm, yMm, gapMm })),
        overheated: 'yes',
        crack: 'not-tested',
        gasketTrace: 'not-looked',
        pitting: 'not-looked',
        ...more,
      } as never)
    expect(measure({ flatnessLimitMm: 0.05 }).states).toContain('warped')
    expect(measure({ flatnessLimitMm: 0.2 }).states).toContain('flat')
    expect(measure({}).notes[0]!.id).toBe('teardown.limitNeeded')
    const a = figures<TeardownAnalysis>(
      measure({
        linerProtrusionMm: [0.05, 0.05, -0.02],
        protrusionLimitsMm: { low: 0.02, high: 0.1 },
        boltLengthsMm: [100, 102],
        boltLimitMm: 101,
      }),
    )
    expect([a.linersOutOfLimits, a.boltsTooLong, a.boltsMayBeReused]).toEqual([[3], [2], false])
    expect(a.protrusionSpreadMm).toBeCloseTo(0.07, 9)
  })
  it('a refill that shows the air out meets the bled guard; flushing with water first thins the mix', () => {
    const fill = (more: object) =>
      outcome(refillCheck, 'refill.fill', {
        method: 'gravity-with-bleeders',
        airOut: 'shown',
        complaintAfter: 'gone',
        ...more,
      } as never)
    expect(fill({}).facts).toEqual(['bled', 'level-full-air-out', 'complaint-gone'])
    const thin = fill({
      amount: { typed: '5', value: 5, unit: 'L', si: 5 },
      premixFraction: 0.5,
      flushPasses: 3,
    })
    expect(thin.notes[0]!.id).toBe('refill.thin')
    expect(thin.figures).toMatchObject({ fractionAfterFlush: 0.25, residualShare: 0.125 })
  })
})
