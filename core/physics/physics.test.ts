import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atmosphericPressureKPa } from './atmosphere'
import { boilingMarginLostK, boilingPointC } from './boiling'
import { complianceFromStrokes, testerCompliance, thermalDriftKPaPerK } from './compliance'
import {
  fractionAfterToppingUpWithWater,
  freezingPointC,
  massFractionFromVolume,
  waterActivity,
} from './coolant'
import { saturationPressureKPaAbsolute, saturationTemperatureC } from './saturation-pressure'

const PSI = 6.894757
const sea = { elevationMetres: 0 }

describe('water and air', () => {
  it('water at 100 °C has 101.42 kPa, at 121 °C 205.05 kPa absolute', () => {
    expect(saturationPressureKPaAbsolute(100)).toBeCloseTo(101.42, 2)
    expect(Math.abs(saturationPressureKPaAbsolute(121) - 205.05)).toBeLessThan(0.1)
  })
  it('temperature and pressure of saturation are inverse', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 200, noNaN: true }), (c) => {
        expect(saturationTemperatureC(saturationPressureKPaAbsolute(c))).toBeCloseTo(c, 6)
      }),
    )
  })
  it.each([
    [500, 95.46],
    [1000, 89.87],
    [1500, 84.56],
    [2000, 79.5],
    [3000, 70.11],
  ])('the atmosphere at %d m is %d kPa', (metres, kPa) => {
    expect(atmosphericPressureKPa(metres)).toBeCloseTo(kPa, 1)
  })
  it('outside its range physics refuses and gives no number', () => {
    expect(() => saturationPressureKPaAbsolute(-5)).toThrow(RangeError)
    expect(() => atmosphericPressureKPa(NaN)).toThrow(RangeError)
  })
})

describe('boiling point of the coolant', () => {
  it.each([
    [0, 107.4],
    [7, 119.2],
    [13, 127.1],
    [15, 129.4],
    [18, 132.6],
  ])('50 %% by mass of ethylene glycol at sea level under %d psi boils at %d °C', (psi, boil) => {
    const conditions = {
      ...sea,
      base: 'ethylene-glycol' as const,
      massFraction: 0.5,
      heldKPaGauge: psi * PSI,
    }
    expect(Math.abs(boilingPointC(conditions) - boil)).toBeLessThan(0.5)
  })
  it('a 15 psi cap at sea level holds water to 121 °C', () => {
    expect(
      Math.abs(
        boilingPointC({ ...sea, base: 'water', massFraction: 0, heldKPaGauge: 15 * PSI }) - 121,
      ),
    ).toBeLessThan(0.5)
  })
  it('water at 1500 m under 100 kPa boils at 117.7 °C and at 3000 m without pressure at 90.0 °C', () => {
    const water = { base: 'water' as const, massFraction: 0 }
    expect(
      Math.abs(boilingPointC({ ...water, elevationMetres: 1500, heldKPaGauge: 100 }) - 117.7),
    ).toBeLessThan(0.5)
    expect(
      Math.abs(boilingPointC({ ...water, elevationMetres: 3000, heldKPaGauge: 0 }) - 90),
    ).toBeLessThan(0.5)
  })
  it('a cap of 13 instead of 15 psi costs 2.3 K, one that holds nothing about 21 K', () => {
    const mix = { ...sea, base: 'ethylene-glycol' as const, massFraction: 0.5 }
    expect(
      Math.abs(boilingMarginLostK({ ...mix, heldKPaGauge: 13 * PSI }, 15 * PSI) - 2.3),
    ).toBeLessThan(0.2)
    const lost = (psi: number) =>
      boilingMarginLostK({ ...sea, base: 'water', massFraction: 0, heldKPaGauge: 0 }, psi * PSI)
    expect(Math.abs(lost(7) - 11)).toBeLessThan(1)
    expect(Math.abs(lost(15) - 21)).toBeLessThan(1)
    expect(Math.abs(lost(18) - 24)).toBeLessThan(1)
  })
  it('rises with pressure and with glycol, and falls with elevation', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.55, noNaN: true }),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 150, noNaN: true }),
        (massFraction, elevationMetres, heldKPaGauge) => {
          const here = {
            base: 'ethylene-glycol' as const,
            massFraction,
            elevationMetres,
            heldKPaGauge,
          }
          const boil = boilingPointC(here)
          expect(boilingPointC({ ...here, heldKPaGauge: heldKPaGauge + 5 })).toBeGreaterThan(boil)
          expect(
            boilingPointC({ ...here, massFraction: massFraction + 0.05 }),
          ).toBeGreaterThanOrEqual(boil)
          expect(boilingPointC({ ...here, elevationMetres: elevationMetres + 200 })).toBeLessThan(
            boil,
          )
        },
      ),
    )
  })
  it('half by volume of ethylene glycol is 52.4 % by mass by the table and freezes near −37 °C', () => {
    const mass = massFractionFromVolume('ethylene-glycol', 0.5)
    expect(mass).toBeGreaterThan(0.52)
    expect(mass).toBeLessThan(0.528)
    expect(freezingPointC('ethylene-glycol', mass)).toBeCloseTo(-37.3, 0)
    expect(waterActivity('water', 0)).toBe(1)
  })
})

describe('gas cushion', () => {
  it('a litre of gas at 100 kPa gauge: strokes give back the cushion they filled', () => {
    const atmosphere = 101.325
    const cushionML = 1000
    const strokes = (cushionML * 100) / atmosphere / 40
    expect(complianceFromStrokes(strokes, 40, 100, atmosphere).value).toBeCloseTo(
      cushionML / (atmosphere + 100),
      6,
    )
  })
  it('the tester alone is some twenty times stiffer than a vehicle', () => {
    expect(testerCompliance(undefined, 100, 101.325).value).toBeLessThan(5.2 / 15)
  })
  it('cooling by 3 to 6 K can take 7 kPa off a system that does not leak', () => {
    const drift = thermalDriftKPaPerK(8, 5.2, 200, 20)
    expect(drift.low * 3).toBeLessThan(7)
    expect(drift.value * 6).toBeGreaterThan(5)
    expect(drift.high * 6).toBeGreaterThan(7)
  })
  it('six losses of 1 L topped up with water in 14 L take 50 % to 32 %', () => {
    expect(fractionAfterToppingUpWithWater(0.5, 1, 14, 6)).toBeCloseTo(0.32, 2)
  })
})
