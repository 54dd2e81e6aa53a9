import { describe, expect, it } from 'vitest'
import { boilingPointC } from '../../physics/boiling'
import { celsius, CONTEXT, figures, outcome, speaksFor } from '../check.fixture'
import type { CheckContext } from '../context'
import type { LoadRunAnalysis } from './analysis'
import { loadRunCheck } from './check'
import type { LoadRun } from './record'

type Segment = LoadRun['segments'][number]

/** A stretch of road: ten minutes within the load, at this temperature from end to end. */
const stretch = (kind: Segment['kind'], maxC: number, more: Partial<Segment> = {}): Segment => ({
  kind,
  minutes: 10,
  meanC: maxC,
  maxC,
  airConditioning: 'off',
  heater: 'off',
  load: 'within',
  ...more,
})
const driven = (
  segments: Segment[],
  more: Partial<LoadRun> = {},
  context: Partial<CheckContext> = {},
) =>
  outcome(
    loadRunCheck,
    'load-run.run',
    {
      segments,
      coolsWithAirConditioningOff: 'not-known',
      coolsWithHeaterOn: 'not-known',
      ...more,
    },
    context,
  )
const analysed = (...args: Parameters<typeof driven>) => figures<LoadRunAnalysis>(driven(...args))
const signs = (...args: Parameters<typeof driven>) => driven(...args).signs.map((s) => s.sign)

describe('which stretches overheat', () => {
  it('those hotter than the rating by more than 15 °C, at their hottest', () => {
    expect(driven([stretch('climb', 103)]).states).toEqual(['steady'])
    expect(driven([stretch('climb', 103.5)]).states).toEqual(['hot-climb'])
    const twice = [stretch('climb', 108), stretch('climb', 90), stretch('town', 107)]
    expect(driven(twice).states).toEqual(['hot-climb', 'hot-town'])
    expect(analysed(twice).aboveRatingK).toEqual({ climb: 20, town: 19 })
  })

  it('by the thermostat’s rating, and by 88 °C where nobody knows it, which is said', () => {
    const profile = { ...CONTEXT.profile, thermostatRatingC: 100 }
    expect(driven([stretch('climb', 110)], {}, { profile }).states).toEqual(['steady'])
    const unknown = { ...CONTEXT.profile, thermostatRatingC: 'not-known' as const }
    const assumed = driven([stretch('climb', 110)], {}, { profile: unknown })
    expect(assumed.states).toEqual(['hot-climb'])
    expect(assumed.notes.map((n) => n.id)).toEqual(['note.ratingAssumed'])
    expect(driven([stretch('climb', 110)]).notes).toEqual([])
  })
})

describe('an engine that stays cool', () => {
  const cool = (kind: Segment['kind'], more: Partial<Segment> = {}) =>
    stretch(kind, 80, { meanC: 75, ...more })

  it('lies more than 12 °C below the rating on every stretch that moved for five minutes', () => {
    expect(driven([cool('cruise')]).states).toEqual(['stays-cool'])
    expect(driven([cool('cruise', { meanC: 76 })]).states).toEqual(['steady'])
    expect(driven([cool('cruise'), cool('climb', { meanC: 85 })]).states).toEqual(['steady'])
  })

  it('is read on any road: cool in town says as much as cruising, warm in town less', () => {
    const warms = (kind: Segment['kind'], meanC: number) => {
      const { signs } = driven([stretch(kind, 90, { meanC })])
      return signs.find(({ sign }) => sign === 'never-warms')
    }
    expect(warms('town', 72)!.validity).toBe(warms('cruise', 72)!.validity)
    expect(warms('town', 72)!.says.id).toBe('says.run.road')
    expect(warms('town', 88)!.validity).toBeLessThan(warms('cruise', 88)!.validity)
    expect(warms('idle', 72)).toBeUndefined()
  })

  it('standing, and short stretches, say nothing of it', () => {
    expect(driven([cool('cruise'), stretch('idle', 90)]).states).toEqual(['stays-cool'])
    expect(driven([cool('cruise'), stretch('town', 90, { minutes: 4 })]).states).toEqual([
      'stays-cool',
    ])
    expect(driven([cool('cruise', { minutes: 5 })]).states).toEqual(['stays-cool'])
    expect(driven([cool('idle')]).states).toEqual(['steady'])
    expect(driven([cool('cruise', { minutes: 4 })]).states).toEqual(['steady'])
  })

  it('is read from five minutes on the road and more, longer stretches counting for more', () => {
    expect(signs([cool('cruise', { minutes: 5 })])).toContain('never-warms')
    expect(signs([cool('cruise', { minutes: 4 })])).not.toContain('never-warms')
    expect(signs([cool('climb')])).toContain('never-warms')
    expect(signs([cool('idle')])).not.toContain('never-warms')
    const speaks = (cold: number, warm: number) =>
      speaksFor(
        driven([stretch('cruise', 70, { minutes: cold }), stretch('cruise', 88, { minutes: warm })])
          .signs,
        'never-warms',
      )
    expect(speaks(30, 5)).toBeGreaterThan(speaks(5, 30) + 0.5)
  })
})

describe('what else a run says', () => {
  const boilingC = boilingPointC({ ...CONTEXT.mix, heldKPaGauge: CONTEXT.heldKPaGauge })

  it('stops 5 °C below boiling, or at the shop’s limit where that is lower', () => {
    expect(analysed([stretch('climb', 90)], {}, { heldKPaGauge: 0 }).stopLimitC).toBeCloseTo(
      boilingPointC({ ...CONTEXT.mix, heldKPaGauge: 0 }) - 5,
    )
    expect(analysed([stretch('climb', 90)]).stopLimitC).toBe(CONTEXT.policy.stopLimitC)
  })

  it('a thin margin is one of less than 12 °C to boiling, and is judged only where it is thin or hot', () => {
    expect(signs([stretch('climb', 90)])).not.toContain('margin-thin')
    const thin = driven([stretch('climb', boilingC - 11.9)])
    expect(speaksFor(thin.signs, 'margin-thin')).toBeGreaterThan(0.2)
    const hotAndFar = driven([stretch('climb', Math.min(108, boilingC - 12))])
    expect(speaksFor(hotAndFar.signs, 'margin-thin')).toBeLessThan(0)
    expect(analysed([stretch('climb', 90), stretch('town', 100)]).leastMarginK).toBeCloseTo(
      boilingC - 100,
    )
  })

  it('a load beyond the rated is read where somebody said what it was', () => {
    const load = (...loads: Segment['load'][]) =>
      driven(loads.map((l) => stretch('climb', 95, { load: l })))
    expect(speaksFor(load('within', 'beyond').signs, 'load-beyond')).toBeGreaterThan(0.8)
    expect(speaksFor(load('within').signs, 'load-beyond')).toBeLessThan(-0.5)
    expect(load('not-known').signs.map((s) => s.sign)).not.toContain('load-beyond')
    expect(speaksFor(load('not-known', 'within').signs, 'load-beyond')).toBeLessThan(0)
    expect(load('within', 'beyond').facts).toEqual(['load-recorded', 'load-beyond-rating'])
    expect(load('within', 'not-known').facts).toEqual([])
  })

  it('air conditioning is blamed only on a run that overheated', () => {
    const off = (maxC: number, cools: LoadRun['coolsWithAirConditioningOff']) =>
      driven([stretch('climb', maxC)], { coolsWithAirConditioningOff: cools })
    expect(speaksFor(off(112, 'yes').signs, 'hot-with-ac')).toBeGreaterThan(0.2)
    expect(speaksFor(off(112, 'no').signs, 'hot-with-ac')).toBeLessThan(-0.2)
    for (const quiet of [off(112, 'not-known'), off(95, 'yes')])
      expect(quiet.signs.map((s) => s.sign)).not.toContain('hot-with-ac')
    expect(off(112, 'no').notes).toEqual([])
  })

  it('standing and town tell of air, cruising and climbing of flow', () => {
    expect(signs([stretch('idle', 95), stretch('climb', 95)])).toEqual(
      expect.arrayContaining(['hot-at-idle', 'hot-at-load']),
    )
    expect(signs([stretch('town', 95)])).not.toContain('hot-at-load')
    expect(signs([stretch('cruise', 95)])).not.toContain('hot-at-idle')
    const hotInTown = driven([stretch('idle', 90), stretch('town', 112), stretch('climb', 90)])
    expect(speaksFor(hotInTown.signs, 'hot-at-idle')).toBeGreaterThan(0.5)
    expect(speaksFor(hotInTown.signs, 'hot-at-load')).toBeLessThan(0)
  })
})

describe('what a road asked', () => {
  it('the same road hotter with air conditioning on speaks for it; alike, against; one way alone says nothing', () => {
    const both = (onC: number) => [
      stretch('climb', 98),
      stretch('climb', onC, { airConditioning: 'on' }),
    ]
    expect(analysed(both(112)).withAirConditioningK).toBe(14)
    expect(speaksFor(driven(both(112)).signs, 'hot-with-ac')).toBeGreaterThan(0.3)
    expect(speaksFor(driven(both(99)).signs, 'hot-with-ac')).toBeLessThan(-0.1)
    expect(signs([stretch('climb', 112, { airConditioning: 'on' })])).not.toContain('hot-with-ac')
  })
  it('a cool day and a heater that helped clear less, and convict no less', () => {
    const cold = { ambient: celsius(4) }
    const clears = (...args: Parameters<typeof driven>) =>
      speaksFor(driven(...args).signs, 'hot-at-load')
    expect(clears([stretch('climb', 92)])).toBeLessThan(clears([stretch('climb', 92)], cold))
    expect(clears([stretch('climb', 92)])).toBeLessThan(
      clears([stretch('climb', 92, { heater: 'on' })]),
    )
    expect(clears([stretch('climb', 115)], cold)).toBe(clears([stretch('climb', 115)]))
  })
  it('a heater that brings it down is a warm one', () => {
    const heater = (coolsWithHeaterOn: 'yes' | 'no') =>
      speaksFor(driven([stretch('climb', 112)], { coolsWithHeaterOn }).signs, 'heater-cold')
    expect(heater('yes')).toBeLessThan(-0.4)
    expect(heater('no')).toBeGreaterThan(0.2)
  })
})
