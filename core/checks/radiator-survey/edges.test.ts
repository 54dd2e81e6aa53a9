import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { celsius, figures, outcome } from '../check.fixture'
import { analyseSurvey, coldCells, type SurveyAnalysis } from './analysis'
import { radiatorSurveyCheck } from './check'
import type { RadiatorSurvey } from './record'
import { COLD_SHARE_ERROR } from './signs'

/** A face of so many rows and columns that cools from 92 °C, with some cells colder than that. */
const face = (rows: number, columns: number, cold: (r: number, c: number) => number = () => 0) =>
  Array.from({ length: rows }, (_, r) =>
    Array.from({ length: columns }, (_, c) => 92 - 2 * r - 0.5 * c - cold(r, c)),
  )
const coldCount = (grid: number[][]) => coldCells(grid).flat().filter(Boolean).length

const SOUND: RadiatorSurvey = {
  inlet: celsius(92),
  outlet: celsius(80),
  thermostatOpen: 'shown',
  pumpDelivers: 'shown',
  fan: 'off',
}
const analysed = (more: Partial<RadiatorSurvey> = {}) => analyseSurvey({ ...SOUND, ...more })
const judged = (more: Partial<RadiatorSurvey> = {}) =>
  outcome(radiatorSurveyCheck, 'radiator-survey.grid', { ...SOUND, ...more })

describe('cold cells of a face', () => {
  it('are all found where a third of the face is cold and drags the first plane down', () => {
    const grid = face(6, 9, (r, c) => (c >= 6 && r >= 0 ? 25 : 0))
    expect(coldCells(grid)).toEqual(grid.map((row) => row.map((_, c) => c >= 6)))
  })

  it('are none on a face that cools smoothly in any direction, whatever the readings waver by', () => {
    const waver = fc.double({ min: -2, max: 2, noNaN: true })
    fc.assert(
      fc.property(
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.array(waver, { minLength: 48, maxLength: 48 }),
        (down, across, noise) => {
          const grid = Array.from({ length: 6 }, (_, r) =>
            Array.from({ length: 8 }, (_, c) => 80 + down * r + across * c + noise[r * 8 + c]!),
          )
          expect(coldCount(grid)).toBe(0)
        },
      ),
    )
  })

  it('are the same on a day that is colder by any amount', () => {
    const grid = face(6, 8, (r, c) => (r > 2 && c > 1 && c < 5 ? 20 : 0))
    fc.assert(
      fc.property(fc.double({ min: -60, max: 60, noNaN: true }), (by) => {
        expect(coldCells(grid.map((row) => row.map((t) => t + by)))).toEqual(coldCells(grid))
      }),
    )
  })

  it('lie more than 9 °C below what the rest of the face says', () => {
    const one = (by: number) => face(5, 5, (r, c) => (r === 2 && c === 2 ? by : 0))
    expect(coldCount(one(8.9))).toBe(0)
    expect(coldCount(one(9.5))).toBe(1)
  })

  it('are judged against the mean where there are too few cells for a plane', () => {
    expect(coldCells([[90, 90, 60]])).toEqual([[false, false, true]])
    expect(coldCells([[90, 84, 87]])).toEqual([[false, false, false]])
  })

  it('are judged without a fit where most of the face would have to be left out', () => {
    const mostly = face(4, 5, (r, c) => (r + c > 1 ? 40 : 0))
    expect(coldCount(mostly)).toBeLessThan(20)
    expect(coldCells(mostly)[0]![0]).toBe(false)
  })
})

describe('what a survey comes to', () => {
  it.each<[string, Partial<RadiatorSurvey>, SurveyAnalysis['state']]>([
    ['30 °C below the engine', { engine: celsius(122) }, 'free'],
    ['more than 30 °C below the engine', { engine: celsius(122.5) }, 'cold-all-over'],
    ['two cold cells of 25', { gridC: face(5, 5, (r, c) => (r === 4 && c < 2 ? 30 : 0)) }, 'free'],
    [
      'three cold cells of 25',
      { gridC: face(5, 5, (r, c) => (r === 4 && c < 3 ? 30 : 0)) },
      'patches',
    ],
    ['a drop of 25 °C', { outlet: celsius(67) }, 'free'],
    ['a drop of more than 25 °C', { outlet: celsius(66.5) }, 'little-flow'],
    ['a drop of 3 °C', { outlet: celsius(89) }, 'free'],
    ['a drop of less than 3 °C', { outlet: celsius(89.5) }, 'air-side'],
  ])('%s', (_, more, state) => {
    expect(analysed(more).state).toBe(state)
    expect(judged(more).states).toEqual([state])
  })

  it('a radiator that is cold all over says so before its patches and its drop', () => {
    const gridC = face(5, 5, (_, c) => (c > 2 ? 30 : 0))
    expect(analysed({ gridC, engine: celsius(130), outlet: celsius(50) }).state).toBe(
      'cold-all-over',
    )
    expect(analysed({ gridC, outlet: celsius(50) }).state).toBe('patches')
  })

  it('a grid of fewer than four cells says nothing of patches', () => {
    expect(analysed({ gridC: [[90, 90, 40]] }).coldShare).toBeUndefined()
    expect(analysed({ gridC: [[90, 90, 90, 40]] }).coldShare).toBeGreaterThan(0)
  })

  it('counts for less while the thermostat is not shown open, and with the fan on', () => {
    const validity = (more: Partial<RadiatorSurvey>) => analysed(more).validity
    expect(validity({})).toBeCloseTo(0.93)
    expect(validity({ thermostatOpen: 'not-known' })).toBeCloseTo(0.6)
    expect(validity({ thermostatOpen: 'not-shown' })).toBeCloseTo(0.3)
    expect(validity({ fan: 'on' })).toBeCloseTo(0.93 * 0.85)
  })

  it('shows the thermostat open and the pump delivering only where that was seen', () => {
    const gridC = face(5, 5, (_, c) => (c > 2 ? 30 : 0))
    expect(judged({ gridC }).facts).toEqual([
      'radiator-patches',
      'thermostat-opened',
      'pump-delivers',
    ])
    expect(judged({ gridC, thermostatOpen: 'not-known', pumpDelivers: 'not-known' }).facts).toEqual(
      [],
    )
  })

  it('names what it cannot be judged by', () => {
    const notes = (more: Partial<RadiatorSurvey>) => judged(more).notes.map((n) => n.id)
    expect(notes({})).toEqual([])
    expect(notes({ thermostatOpen: 'not-known', fan: 'on' })).toEqual([
      'survey.thermostatNotShown',
      'survey.fanOn',
    ])
  })

  it('gives the share of cold cells with its interval, and none where no grid was read', () => {
    const gridC = face(5, 5, (_, c) => (c > 2 ? 30 : 0))
    const { coldShare } = figures<SurveyAnalysis>(judged({ gridC }))
    const { coldShare: interval } = judged({ gridC }).intervals!
    expect(coldShare).toBeCloseTo(0.4)
    expect(interval!.high - interval!.low).toBeCloseTo(2 * 1.645 * COLD_SHARE_ERROR, 3)
    expect(judged().intervals?.coldShare).toBeUndefined()
  })

  it('reads each sign from a source of its own, and nothing of flow from a radiator that is cold all over', () => {
    const gridC = face(5, 5)
    const read = (more: Partial<RadiatorSurvey>) => judged(more).signs.map((s) => s.sign)
    expect(read({ gridC, engine: celsius(95) })).toEqual([
      'radiator-cold',
      'radiator-drop-large',
      'radiator-hot-through',
      'radiator-patches',
    ])
    expect(read({ gridC, engine: celsius(130) })).toEqual(['radiator-cold'])
    expect(read({})).toEqual(['radiator-drop-large', 'radiator-hot-through'])
    const sources = judged({ gridC, engine: celsius(95) }).signs.map((s) => s.source)
    expect(new Set(sources).size).toBe(4)
  })
})
