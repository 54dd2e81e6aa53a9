import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { heaterCheck } from './check'

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

describe('a heater measured at idle', () => {
  const at = (engineRpm?: number) =>
    outcome(heaterCheck, 'heater.test', {
      inlet: celsius(85),
      outlet: celsius(45),
      level: 'full',
      setting: 'full-hot',
      air: 'strong',
      direction: 'right',
      ...(engineRpm === undefined ? {} : { engineRpm }),
    } as never)
  it('says less than at fast idle, and says so', () => {
    const validity = (engineRpm?: number) =>
      at(engineRpm).signs.find(({ sign }) => sign === 'heater-drop')!.validity
    expect(validity(800)).toBeLessThan(validity())
    expect(validity()).toBeLessThan(validity(2000))
    const notes = (engineRpm: number) => at(engineRpm).notes.map(({ id }) => id)
    expect(notes(800)).toContain('heater.atIdle')
    expect(notes(2000)).not.toContain('heater.atIdle')
  })
})
