import { describe, expect, it } from 'vitest'
import { CONTEXT, celsius, outcome, speaksFor } from '../check.fixture'
import type { CheckContext } from '../context'
import { interviewCheck } from './check'
import type { HotDriveAnalysis } from './hot-drive'
import type { HotDrive } from './record'

const NOTHING_TOLD: HotDrive = {
  needle: 'not-known',
  boiled: 'not-known',
  heaterHelps: 'not-known',
  airConditioningOffHelps: 'not-known',
  gearbox: 'not-known',
  plastic: 'not-known',
  engineAfter: 'not-known',
}
const drive = (told: Partial<HotDrive>, context: Partial<CheckContext> = {}) =>
  outcome(interviewCheck, 'interview.hot-drive', { ...NOTHING_TOLD, ...told }, context)
const figures = (told: Partial<HotDrive>, context: Partial<CheckContext> = {}) =>
  drive(told, context).figures as unknown as HotDriveAnalysis
const signs = (told: Partial<HotDrive>) => drive(told).signs.map(({ sign }) => sign)

describe('what is told of a hot drive', () => {
  it('nothing told moves nothing', () => {
    expect(drive({}).signs).toEqual([])
    expect(drive({}).notes).toEqual([])
    expect(drive({}).states).toEqual(['told'])
  })
  it('boiling is judged where it boiled: a pass lowers the point, pressure held raises it', () => {
    const sea = figures({})
    expect(sea.boilsAtC).toBeGreaterThan(sea.boilsOpenAtC + 15)
    const pass = figures({ elevationMetres: 2600 })
    expect(pass.boilsOpenAtC).toBeLessThan(sea.boilsOpenAtC - 6)
    const below = celsius(pass.boilsAtC - 12)
    expect(drive({ boiled: 'yes', hottest: below, elevationMetres: 2600 }).states).toEqual([
      'boiled-early',
    ])
    const at = celsius(pass.boilsAtC - 2)
    expect(drive({ boiled: 'yes', hottest: at, elevationMetres: 2600 }).states).toEqual([
      'boiled-at-its-point',
    ])
    // The same figure, far below what this cap holds at the sea, is early there.
    expect(drive({ boiled: 'yes', hottest: at }).states).toEqual(['boiled-early'])
  })
  it('boiling early speaks for pressure that is not held, boiling at its point against it', () => {
    const boilsAt = figures({}).boilsAtC
    const early = drive({ boiled: 'yes', hottest: celsius(boilsAt - 15) })
    const late = drive({ boiled: 'yes', hottest: celsius(boilsAt) })
    expect(speaksFor(early.signs, 'boils-early')).toBeGreaterThan(0.5)
    expect(speaksFor(late.signs, 'boils-early')).toBeLessThan(-0.3)
    for (const { signs: own } of [early, late])
      expect(speaksFor(own, 'gauge-only')).toBeLessThan(-0.7)
  })
  it('without a figure boiling says only that the heat was real', () => {
    expect(signs({ boiled: 'yes' })).toEqual(['gauge-only'])
  })
  it('what warps a head is heat that lasts: five minutes in the red, or beyond 120 °C', () => {
    for (const short of [{ minutes: 2 }, {}]) {
      const { states, signs: own } = drive({ needle: 'in-the-red', ...short })
      expect(states).toEqual(['hot'])
      expect(own.map(({ sign }) => sign)).not.toContain('overheated-before')
    }
    for (const severe of [
      { needle: 'in-the-red', minutes: 8 },
      { hottest: celsius(124) },
    ] as const) {
      expect(signs(severe)).toContain('overheated-before')
      expect(drive(severe).states).toEqual(['very-hot'])
      expect(drive(severe).notes.map(({ id }) => id)).toContain('note.drive.severe')
    }
  })
  it('hot on a cool day is no matter of great heat; the air conditioning itself goes before that', () => {
    const cool = { needle: 'above-usual', outside: celsius(8) } as const
    expect(speaksFor(drive(cool).signs, 'hot-with-ac')).toBeLessThan(-0.4)
    expect(signs({ needle: 'above-usual', outside: celsius(31) })).not.toContain('hot-with-ac')
    const helped = drive({ ...cool, airConditioningOffHelps: 'yes' })
    expect(speaksFor(helped.signs, 'hot-with-ac')).toBeGreaterThan(0.1)
  })
  it('a heater that brings it down gets hot coolant', () => {
    expect(speaksFor(drive({ heaterHelps: 'yes' }).signs, 'heater-cold')).toBeLessThan(-0.4)
    expect(speaksFor(drive({ heaterHelps: 'no' }).signs, 'heater-cold')).toBeGreaterThan(0.1)
  })
  it('what came after is asked for: gearbox, plastic, the engine itself', () => {
    const ids = (told: Partial<HotDrive>) => drive(told).notes.map(({ id }) => id)
    expect(ids({ gearbox: 'slips-or-smells' })).toEqual(['note.drive.gearbox'])
    expect(ids({ plastic: 'soft-or-brittle' })).toEqual(['note.drive.plastic'])
    expect(signs({ engineAfter: 'white-exhaust' })).toEqual(['white-exhaust'])
    expect(signs({ engineAfter: 'rough' })).toEqual(['cold-misfire'])
  })
  it('the cap that is known to hold less makes the same boiling later than its point', () => {
    const told = { boiled: 'yes', hottest: celsius(112) } as const
    expect(drive(told).states).toEqual(['boiled-early'])
    expect(drive(told, { heldKPaGauge: CONTEXT.heldKPaGauge / 5 }).states).toEqual([
      'boiled-at-its-point',
    ])
  })
})
