import { describe, expect, it } from 'vitest'
import { celsius, CONTEXT, figures, kPa, outcome, records, speaksFor } from './check.fixture'
import { beltAndPumpCheck } from './belt-and-pump/check'
import { cleanAndDryCheck } from './clean-and-dry/check'
import { coldSoakCheck } from './cold-soak/check'
import { coolerTestCheck } from './cooler-test/check'
import { crankingRiseCheck } from './cranking-rise/check'
import { analyseCranking, type CrankingAnalysis } from './cranking-rise/analysis'
import { cylinderLeakageCheck } from './cylinder-leakage/check'
import { endoscopeCheck } from './endoscope/check'
import { fanByHandCheck } from './fan-by-hand/check'
import { fanCircuitCheck } from './fan-circuit/check'
import type { FanCircuitAnalysis } from './fan-circuit/analysis'
import { leakTraceCheck } from './leak-trace/check'
import type { TraceAnalysis } from './leak-trace/analysis'
import { lookRoundCheck } from './look-round/check'
import { mixCheck } from './mix/check'
import type { MixAnalysis } from './mix/analysis'
import { vacuumDecayCheck } from './vacuum-decay/check'

const run = (plugged: number[], rise: number, more: object = {}) => ({
  source: `r${plugged.join()}`,
  plugged,
  seconds: 5,
  crankingRpm: 220,
  before: kPa(0),
  after: kPa(rise),
  staysAfter: 'yes' as const,
  resolutionKPa: 0.1,
  turnedByHandFirst: true,
  ...more,
})

describe('cranking pressure rise', () => {
  it('two cylinders are found when it is two, with intervals that hold them', () => {
    const a = analyseCranking(
      [
        run([1, 2, 3, 4], 10),
        run([1, 3, 4], 5),
        run([1, 2, 4], 5),
        run([2, 3, 4], 10),
        run([1, 2, 3], 10),
      ],
      4,
    )
    expect(a.state).toBe('rise')
    expect(a.resolved).toBe(true)
    const [one, two, three, four] = a.shares
    for (const s of [two!, three!]) {
      expect(s.share).toBeGreaterThan(0.35)
      expect(s.kPaPerSecond.low).toBeLessThanOrEqual(1)
      expect(s.kPaPerSecond.high).toBeGreaterThanOrEqual(1)
      expect(s.kPaPerSecond.low).toBeGreaterThan(0.3)
    }
    for (const s of [one!, four!]) expect(s.share).toBeLessThan(0.12)
  })
  it('one run of all tells that there is a path and not where; the next run is one that tells more', () => {
    const a = analyseCranking([run([1, 2, 3, 4], 8)], 4)
    expect(a.resolved).toBe(false)
    expect(a.nextRun!.length).toBeLessThanOrEqual(2)
    const b = analyseCranking([run([1, 2, 3, 4], 8), run(a.nextRun!, 8)], 4)
    expect(b.shares.find((s) => a.nextRun!.includes(s.cylinder))!.share).toBeGreaterThan(0.4)
  })
  it('cranking is faster with plugs out: at known speeds the same share comes out', () => {
    const a = analyseCranking(
      [run([1, 2], 4, { crankingRpm: 200 }), run([1], 6, { crankingRpm: 300 })],
      2,
    )
    expect(a.rates[1]!.kPaPerSecond).toBeCloseTo(a.rates[0]!.kPaPerSecond, 6)
    expect(a.shares[0]!.share).toBeGreaterThan(0.8)
  })
  it('runs that do not add up are said to be so: a breach between two cylinders', () => {
    const a = analyseCranking([run([1, 2], 10), run([1], 0), run([2], 0), run([1, 2], 10)], 2)
    expect(a.fits).toBe(false)
  })
  it('a rise that falls back when cranking stops is no gas, and no rise is no rise', () => {
    expect(analyseCranking([run([1, 2, 3, 4], 8, { staysAfter: 'no' })], 4).state).toBe('no-run')
    expect(analyseCranking([run([1, 2, 3, 4], 0.1)], 4).state).toBe('no-rise')
  })
  it('warns of a full cylinder unless it was turned by hand, and does not tell gasket from crack', () => {
    const o = crankingRiseCheck.assess(
      records(['cranking-rise.run', run([1, 2, 3, 4], 8, { turnedByHandFirst: false })]),
      CONTEXT,
    )[0]!
    expect(o.cautions[0]!.id).toBe('caution.cylinderMayBeFull')
    expect(o.doesNotProve.map((m) => m.id)).toContain('cranking.gasketOrCrack')
    expect(speaksFor(o.signs, 'cranking-rise')).toBeGreaterThan(0.8)
    expect((o.figures as CrankingAnalysis).shares.length).toBe(4)
  })
  it('a cylinder that the engine does not have is left out and said', () => {
    const o = crankingRiseCheck.assess(records(['cranking-rise.run', run([5], 8)]), CONTEXT)[0]!
    expect(o.notes[0]!.id).toBe('note.noSuchCylinder')
    expect(o.signs).toEqual([])
  })
})

describe('fan circuit', () => {
  const walk = (data: object) => outcome(fanCircuitCheck, 'fan-circuit.walk', data as never)
  it('no command says little about the switch unless its place was shown hot', () => {
    const cold = walk({ command: 'absent', switchingPlace: celsius(45), switchesAt: celsius(95) })
    const hot = walk({ command: 'absent', switchingPlace: celsius(104), switchesAt: celsius(95) })
    expect(Math.abs(speaksFor(cold.signs, 'fan-command-missing'))).toBeLessThan(0.05)
    expect(speaksFor(hot.signs, 'fan-command-missing')).toBeGreaterThan(1)
    expect(cold.notes[0]!.id).toBe('fanCircuit.placeNotHot')
    expect(hot.facts).toContain('switching-place-hot')
    expect(hot.states).toContain('control')
  })
  it('a plain motor is dead only when fed directly; one with its own electronics when all is at its plug', () => {
    expect(walk({ directFeed: 'dead' }).facts).toContain('fan-fed-dead')
    expect(
      walk({ supplyVolts: 12.3, groundDropVolts: 0.1, command: 'present', ownElectronics: true })
        .facts,
    ).toContain('fan-fed-dead')
    expect(
      walk({ supplyVolts: 12.3, groundDropVolts: 0.1, command: 'present' }).facts,
    ).not.toContain('fan-fed-dead')
  })
  it('finds where the chain breaks, and proposes a measurement while it has not', () => {
    expect(walk({ batteryVolts: 12.6, supplyVolts: 0.2 }).states).toEqual(['feed'])
    expect(walk({ groundDropVolts: 4 }).states).toEqual(['ground'])
    expect(figures<FanCircuitAnalysis>(walk({})).next).toBe('switchingPlace')
  })
  it('on a vehicle with a viscous clutch it says that the circuit does not belong to it', () => {
    const o = outcome(fanCircuitCheck, 'fan-circuit.walk', { directFeed: 'dead' } as never, {
      profile: { fan: 'viscous-clutch' },
    })
    expect(o.notes[0]!.id).toBe('note.circuitOnViscousFan')
  })
})

describe('leak trace', () => {
  const trace = (places: [string, string][], more: object = {}) =>
    outcome(leakTraceCheck, 'leak-trace.trace', {
      drips: [{ x: 0.5, y: 0.5, perMinute: 20 }],
      airFlow: false,
      places: places.map(([place, seen]) => ({ place, seen })),
      ...more,
    } as never)
  it('the source is found only when seen issuing or wet again after drying', () => {
    expect(trace([['weep-hole', 'wet']]).states).toEqual(['not-found'])
    expect(trace([['weep-hole', 'issuing']]).facts).toContain('traced:weep-hole')
  })
  it('nothing leaks upward: places below the highest wet point are no candidates', () => {
    const { candidates, mLPerMinute } = figures<TraceAnalysis>(
      trace([
        ['thermostat-flange', 'wet'],
        ['weep-hole', 'wet'],
      ]),
    )
    const share = (id: string) => candidates.find((c) => c.place === id)!.share
    expect(share('thermostat-flange')).toBeGreaterThan(20 * share('weep-hole'))
    expect(candidates.reduce((s, c) => s + c.share, 0)).toBeCloseTo(1, 9)
    expect(mLPerMinute).toBeCloseTo(1, 9)
  })
  it('air flow widens what is possible, and a wet place speaks far less than one seen issuing', () => {
    const lower = (airFlow: boolean) =>
      figures<TraceAnalysis>(trace([['thermostat-flange', 'wet']], { airFlow })).candidates.find(
        (c) => c.place === 'weep-hole',
      )!.share
    expect(lower(true)).toBeGreaterThan(lower(false))
    expect(speaksFor(trace([['weep-hole', 'issuing']]).signs, 'traced:weep-hole')).toBeGreaterThan(
      1 + speaksFor(trace([['weep-hole', 'wet']]).signs, 'traced:weep-hole'),
    )
  })
})

describe('cold sensors and mix', () => {
  it('3 K of disagreement counts only after a long soak', () => {
    const soak = (hoursStood: number, coolant: number) =>
      outcome(coldSoakCheck, 'cold-soak.test', {
        hoursStood,
        coolant: celsius(coolant),
        ambient: celsius(10),
        wiring: 'not-tried',
      } as never)
    expect(soak(12, 11).states).toEqual(['agrees'])
    expect(soak(12, 18).states).toEqual(['biased'])
    expect(soak(2, 24).states).toEqual(['not-soaked'])
    expect(speaksFor(soak(12, 20).signs, 'sensor-off-cold')).toBeGreaterThan(
      4 * speaksFor(soak(2, 20).signs, 'sensor-off-cold'),
    )
    expect(
      outcome(coldSoakCheck, 'cold-soak.test', {
        hoursStood: 12,
        coolant: celsius(8),
        wiring: 'jumps',
      } as never).states,
    ).toEqual(['nothing-to-compare'])
  })
  it('a freeze point of −37 °C is half-and-half, and a thin mix says what to drain', () => {
    const half = outcome(mixCheck, 'mix.test', {
      instrument: 'refractometer',
      freezePoint: celsius(-37),
    } as never)
    expect(figures<MixAnalysis>(half).volumeFraction).toBeCloseTo(0.5, 1)
    expect(half.states).toEqual(['right'])
    const thin = outcome(mixCheck, 'mix.test', {
      instrument: 'refractometer',
      volumeFraction: 0.25,
    } as never)
    const { plan } = figures<MixAnalysis>(thin)
    expect(plan!.drainedLitres).toBeGreaterThan(3.3)
    expect((0.25 * (10 - plan!.drainedLitres) + plan!.concentrateLitres) / 10).toBeCloseTo(0.5, 1)
    expect(speaksFor(thin.signs, 'mix-off')).toBeGreaterThan(0.5)
    expect(
      outcome(mixCheck, 'mix.test', { instrument: 'strip', volumeFraction: 0.5 } as never, {
        capacityLitres: undefined,
      }).notes[0]!.id,
    ).toBe('mix.capacityUnknown')
  })
})

describe('fan by hand, drive, body', () => {
  it('a clutch free when cold says little: many sound ones are', () => {
    const o = outcome(
      fanByHandCheck,
      'fan-by-hand.test',
      { drag: 'free', rocking: 'none', streaks: 'not-looked', blades: 'good' },
      { profile: { fan: 'viscous-clutch' } },
    )
    expect(o.states).toEqual([])
    expect(
      outcome(
        fanByHandCheck,
        'fan-by-hand.test',
        { drag: 'free', rocking: 'none', streaks: 'no', blades: 'good' },
        { policy: { ...CONTEXT.policy, clutchColdNormal: 'some-drag' } },
      ).states,
    ).toEqual(['clutch-free'])
    const streaked = outcome(
      fanByHandCheck,
      'fan-by-hand.test',
      { drag: 'free', rocking: 'none', streaks: 'yes', blades: 'good' },
      { profile: { fan: 'viscous-clutch' } },
    )
    expect([streaked.states, streaked.notes.map((n) => n.id)]).toEqual([
      ['streaks'],
      ['fanByHand.cold.free'],
    ])
  })
  it('play in which the pulley rocks too is the pump’s bearing; the clutch alone is not', () => {
    const play = (rocking: 'pulley-too' | 'clutch-only') =>
      outcome(fanByHandCheck, 'fan-by-hand.test', {
        drag: 'some',
        rocking,
        streaks: 'no',
        blades: 'good',
      })
    expect(play('pulley-too').states).toContain('pump-bearing')
    expect(play('clutch-only').states).toContain('clutch-bearing')
    expect(speaksFor(play('pulley-too').signs, 'pulley-play')).toBeGreaterThan(1)
  })
  it('a clutch test on an electric fan is noticed', () => {
    expect(
      outcome(fanByHandCheck, 'fan-by-hand.test', {
        drag: 'free',
        rocking: 'none',
        streaks: 'no',
        blades: 'good',
      }).notes[0]!.id,
    ).toBe('note.clutchOnElectricFan')
  })
  it('a turning pump proves the drive, never the impeller', () => {
    const o = outcome(beltAndPumpCheck, 'belt-and-pump.look', {
      pumpTurns: 'yes',
      slip: 'none',
      wobble: 'none',
      routing: 'right',
    })
    expect(o.states).toEqual(['drive-good'])
    expect(o.facts).toContain('drive-turning')
    expect(o.doesNotProve[0]!.id).toBe('drive.pass.impeller')
    expect(
      outcome(beltAndPumpCheck, 'belt-and-pump.look', {
        pumpTurns: 'no',
        slip: 'much',
        wobble: 'wobbles',
        routing: 'wrong',
      }).states,
    ).toEqual(['still', 'slipping', 'bearing', 'misrouted'])
  })
  it('fins clean from one side do not prove the air side; both sides do', () => {
    const one = outcome(lookRoundCheck, 'look-round.air-side', { fins: 'good' })
    expect(one.notes[0]!.id).toBe('airSide.oneSideOnly')
    expect(one.facts).not.toContain('air-side-clean')
    expect(
      outcome(lookRoundCheck, 'look-round.air-side', { fins: 'good', stack: 'good' }).facts,
    ).toContain('air-side-clean')
    expect(
      outcome(lookRoundCheck, 'look-round.air-side', { stack: 'bad', fins: 'good' }).states,
    ).toEqual(['stack'])
  })
  it('wiped joints are told, and say nothing by themselves', () => {
    const o = outcome(cleanAndDryCheck, 'clean-and-dry.done', { parts: ['pump', 'radiator'] })
    expect([o.facts, o.signs]).toEqual([['wiped:pump', 'wiped:radiator'], []])
  })
})

describe('cylinders and coolers', () => {
  it('a wet cylinder convinces; one dry cylinder of four clears little, and without pressure less', () => {
    const look = (seen: 'wet' | 'dry', pressed = true) =>
      speaksFor(
        outcome(endoscopeCheck, 'endoscope.look', { cylinder: 2, seen, pressed }).signs,
        'cylinder-wet',
      )
    expect(look('wet')).toBeGreaterThan(1)
    expect(look('dry')).toBeLessThan(0)
    expect(look('dry')).toBeGreaterThan(-0.2)
    expect(look('dry', false)).toBeGreaterThan(look('dry'))
    expect(
      outcome(endoscopeCheck, 'endoscope.look', { cylinder: 9, seen: 'wet', pressed: true }).signs,
    ).toEqual([])
  })
  it('bubbles in the neck, not the per cent, say that a cylinder leaks to the coolant', () => {
    const test = (leakPercent: number, bubblesInNeck: 'yes' | 'no') =>
      outcome(cylinderLeakageCheck, 'cylinder-leakage.test', {
        cylinder: 1,
        leakPercent,
        bubblesInNeck,
      })
    expect(test(6, 'yes').states).toEqual(['leaks-to-coolant'])
    expect(test(45, 'no').states).toEqual(['leaks-elsewhere'])
    expect(test(45, 'no').facts).toEqual([])
    expect(speaksFor(test(6, 'yes').signs, 'leakage-bubbles')).toBeGreaterThan(1)
  })
  it('a cooler that leaks alone is proven, a tight oil cooler is excluded', () => {
    expect(
      outcome(coolerTestCheck, 'cooler-test.test', { which: 'egr-cooler', result: 'leaks' }).facts,
    ).toEqual(['egr-cooler-fails'])
    expect(
      outcome(coolerTestCheck, 'cooler-test.test', { which: 'oil-cooler', result: 'tight' }).facts,
    ).toEqual(['oil-cooler-excluded'])
  })
  it('a vacuum that holds speaks against leaks, weakly; pressure leaks stay open', () => {
    const vacuum = (end: number) =>
      outcome(vacuumDecayCheck, 'vacuum-decay.test', {
        drawn: kPa(-80),
        end: kPa(end),
        minutes: 10,
      } as never)
    expect(vacuum(-79.5).states).toEqual(['holds'])
    expect(vacuum(-50).states).toEqual(['falls'])
    expect(speaksFor(vacuum(-50).signs, 'vacuum-falls')).toBeGreaterThan(0.5)
    expect(vacuum(-79.5).doesNotProve[0]!.id).toBe('vacuum.pass.pressureLeaks')
  })
})
