import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COLD_BELOW_C, engineTemperatureAt, type EngineSwitch } from './engine-temperature'

const started = (minutes: number): EngineSwitch => ({ minutes, running: true })
const stopped = (minutes: number): EngineSwitch => ({ minutes, running: false })
const HOUR = 60

describe('where the engine stands', () => {
  it('an engine that nobody reported running is cold', () =>
    expect(engineTemperatureAt([], 500, HOUR)).toMatchObject({ phase: 'cold', coldInMinutes: 0 }))
  it('warms for twenty minutes, is hot, and is cold an hour after it was stopped', () => {
    const run = [started(0), stopped(60)]
    const phase = (minutes: number) => engineTemperatureAt(run, minutes, HOUR).phase
    expect([phase(5), phase(25), phase(65), phase(110), phase(121)]).toEqual([
      'warming',
      'hot',
      'cooling',
      'cooling',
      'cold',
    ])
  })
  it('three days later it is cold, and starting it costs no cool-down before', () =>
    expect(engineTemperatureAt([started(0), stopped(30)], 3 * 24 * 60, HOUR)).toMatchObject({
      phase: 'cold',
      coldInMinutes: 0,
    }))
  it('a start of two minutes is cold again long before an hour', () => {
    const { coldInMinutes } = engineTemperatureAt([started(0), stopped(5)], 5, HOUR)
    expect(coldInMinutes).toBeLessThan(30)
    expect(coldInMinutes).toBeGreaterThan(0)
  })
  it('a stop without a start ends a run of unknown length, taken as long', () =>
    expect(engineTemperatureAt([stopped(0)], 0, HOUR).coldInMinutes).toBeCloseTo(HOUR, 6))
  it('is cold at the very minute it was said to be', () =>
    expect(engineTemperatureAt([stopped(244)], 400, 156)).toMatchObject({
      phase: 'cold',
      coldInMinutes: 0,
    }))
  it('whatever the history: what is said to be cold in so long is cold then, and not before', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 400 }), fc.boolean()), { maxLength: 8 }),
        fc.integer({ min: 15, max: 180 }),
        (list, coolDown) => {
          const switches = list
            .map(([minutes, running]) => ({ minutes, running }))
            .sort((a, b) => a.minutes - b.minutes)
          switches.push({ minutes: 400, running: false })
          const { coldInMinutes, coolantC } = engineTemperatureAt(switches, 400, coolDown)
          if (coldInMinutes === 0) return coolantC < COLD_BELOW_C + 1e-6
          const at = (minutes: number) => engineTemperatureAt(switches, minutes, coolDown).phase
          return (
            at(400 + coldInMinutes + 0.01) === 'cold' &&
            at(400 + coldInMinutes - 0.01) === 'cooling'
          )
        },
      ),
    ))
})
