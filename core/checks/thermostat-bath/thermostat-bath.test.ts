import { describe, expect, it } from 'vitest'
import { celsius, CONTEXT, figures, outcome, speaksFor } from '../check.fixture'
import { thermostatBathCheck } from './check'
import { thermostatBath } from './record'
import type { BathAnalysis } from './analysis'

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
  it('shut when cold clears "stuck open", whatever it opens at', () => {
    const { signs } = bath({ startsToOpen: undefined })
    expect(speaksFor(signs, 'bath-early', 'open')).toBeLessThan(-1)
    expect(Math.abs(speaksFor(signs, 'bath-early', 'early'))).toBeLessThan(0.1)
  })
  it('open water gets no hotter than it boils', () => {
    const taken = (hottest: number, bathOf: string) =>
      thermostatBath.safeParse({
        present: 'yes',
        coldState: 'shut',
        hottest: celsius(hottest),
        bath: bathOf,
        probe: 'in-liquid',
      }).success
    expect([taken(100, 'water'), taken(104, 'water'), taken(104, 'glycol')]).toEqual([
      true,
      false,
      true,
    ])
  })
  it('an empty housing is an empty housing', () =>
    expect(bath({ present: 'missing' }).states).toEqual(['missing']))
  it('lift below 7 mm is low, where the bath was hot enough to say', () => {
    expect(bath({ liftMm: 4 }).states).toEqual(['low-lift'])
    expect(bath({ liftMm: 4, hottest: celsius(92) }).states).toEqual(['good'])
    expect(bath({ liftMm: 4, hottest: celsius(99) }).states).toEqual(['good'])
    expect(bath({ liftMm: 4, hottest: celsius(99) }).signs.map((s) => s.sign)).not.toContain(
      'bath-lift-low',
    )
  })
})
