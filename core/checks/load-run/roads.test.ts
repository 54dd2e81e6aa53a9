import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { QUESTIONS } from '../interview/questions'
import { loadRunCheck } from './check'
import { compareRuns, whereItWasHottest } from './compare'
import type { LoadRun } from './record'
import { notDriven, ROAD_QUESTIONS, roadsTold } from './roads'

type Segment = LoadRun['segments'][number]
const stretch = (kind: Segment['kind'], maxC: number, more: Partial<Segment> = {}): Segment => ({
  kind,
  minutes: 10,
  meanC: maxC - 4,
  maxC,
  airConditioning: 'off',
  heater: 'off',
  load: 'within',
  ...more,
})
const run = (segments: Segment[], outsideC?: number): LoadRun => ({
  segments,
  coolsWithAirConditioningOff: 'not-known',
  coolsWithHeaterOn: 'not-known',
  ...(outsideC === undefined
    ? {}
    : {
        ambient: {
          typed: `${outsideC}`,
          value: outsideC,
          unit: '°C',
          coreValue: outsideC,
        } as never,
      }),
})

describe('the roads that the keeper tells of', () => {
  it('are asked by questions that there are', () => {
    expect(QUESTIONS.map(({ id }) => id)).toEqual(expect.arrayContaining([...ROAD_QUESTIONS]))
    expect(roadsTold(['hot-at-load', 'wet-under'])).toEqual(['load'])
  })
  it('are driven, or a run without heat does not clear them', () => {
    const all = ['hot-at-idle', 'hot-at-load', 'hot-with-ac']
    const town = run([stretch('town', 92)])
    expect(notDriven(town, all)).toEqual(['load', 'air-conditioning'])
    expect(notDriven(run([stretch('climb', 92, { airConditioning: 'on' })]), all)).toEqual([
      'standing',
    ])
    const clears = (saidYes: string[]) =>
      outcome(loadRunCheck, 'load-run.run', town, { found: { saidYes } }).doesNotProve.map(
        ({ id, parameters }) => [id, parameters?.road],
      )
    expect(clears(all)).toContainEqual(['loadRun.pass.notDriven', 'load'])
    expect(clears(['hot-at-idle']).flat()).not.toContain('loadRun.pass.notDriven')
  })
})

describe('two runs, road by road', () => {
  const before = run([stretch('town', 94), stretch('climb', 118), stretch('climb', 112)], 31)

  it('have the hottest of each kind, and what only one of them has', () => {
    const roads = compareRuns(before, run([stretch('climb', 97), stretch('idle', 92)]))
    expect(roads).toEqual([
      { road: 'idle', nowC: 92 },
      { road: 'town', beforeC: 94 },
      { road: 'climb', beforeC: 118, nowC: 97 },
    ])
    expect(whereItWasHottest(roads)).toEqual({ road: 'climb', beforeC: 118, nowC: 97 })
  })
  it('say what a cooler day hides: degree by degree where the thermostat is wide open', () => {
    const now = (outsideC?: number) =>
      compareRuns(before, run([stretch('climb', 97)], outsideC)).find(
        ({ road }) => road === 'climb',
      )!
    expect(now(12).nowOnThatDayC).toBeCloseTo(97 + 19, 9)
    expect(now(29)).not.toHaveProperty('nowOnThatDayC')
    expect(now(35)).not.toHaveProperty('nowOnThatDayC')
    expect(now()).not.toHaveProperty('nowOnThatDayC')
  })
})
