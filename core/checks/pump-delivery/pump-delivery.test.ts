import { describe, expect, it } from 'vitest'
import { celsius, figures, outcome, kPa } from '../check.fixture'
import { pumpDeliveryCheck } from './check'
import type { DeliveryAnalysis } from './analysis'

describe('pump delivery', () => {
  const test = (more: object) =>
    outcome(pumpDeliveryCheck, 'pump-delivery.test', {
      returnStream: 'not-known',
      lowerHose: 'not-known',
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
  it('is compared as it stands at that speed: 95 kPa on a gauge that reads 20 low, against 115, delivers', () => {
    const port = (shown: number) => ({
      ...(kPa(shown) as object),
      instrumentOffsetInCoreUnit: -20,
    })
    const spec = { pressure: kPa(115), rpm: 1600, includesStatic: true, coolant: celsius(90) }
    const at = (shown: number, more: object = {}) =>
      test({ port: port(shown), engineRpm: 1600, coolant: celsius(88), specified: spec, ...more })
    expect(at(95).states).toEqual(['delivers'])
    expect(at(95).notes).toEqual([])
    expect(figures<DeliveryAnalysis>(at(95)).share).toBeCloseTo(1, 9)
    expect(at(70).states).toEqual(['weak'])
    expect(at(55, { static: kPa(74) }).states).toEqual(['none'])
    expect(at(95, { engineRpm: 1650 }).notes.map((n) => n.id)).toEqual([
      'delivery.missing.specified-speed-only',
    ])
  })
  it('asks at which temperature such a figure holds, and says where it was another', () => {
    const spec = { pressure: kPa(115), rpm: 1600, includesStatic: true }
    const at = (coolant?: number) =>
      test({
        port: kPa(115),
        engineRpm: 1600,
        coolant: celsius(90),
        specified: coolant === undefined ? spec : { ...spec, coolant: celsius(coolant) },
      })
    expect(at().notes.map((n) => n.id)).toEqual(['delivery.missing.specified-temperature'])
    expect(at(80).notes).toEqual([])
    expect(at(60).notes.map((n) => n.id)).toEqual(['delivery.otherTemperature'])
    expect(at(60).signs[0]!.validity).toBeLessThan(at(80).signs[0]!.validity)
  })
  it('delivery is not flow', () =>
    expect(test({ returnStream: 'strong' }).doesNotProve[0]!.id).toBe('delivery.pass.notFlow'))
})

describe('a pump measured cool', () => {
  it('is said, and counts for less than one measured hot', () => {
    const at = (coolantC: number) =>
      outcome(pumpDeliveryCheck, 'pump-delivery.test', {
        returnStream: 'not-known',
        lowerHose: 'not-known',
        port: kPa(79.5),
        static: kPa(70),
        engineRpm: 1100,
        specified: { pressure: kPa(120), rpm: 1600, includesStatic: false },
        coolant: celsius(coolantC),
      } as never)
    expect(at(40).notes.map(({ id }) => id)).toEqual(['delivery.cool'])
    expect(at(90).notes).toEqual([])
    expect(at(40).signs[0]!.validity).toBeLessThan(at(90).signs[0]!.validity)
  })
})
