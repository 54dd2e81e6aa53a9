import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { celsius, figures, outcome } from '../check.fixture'
import { analyseSurvey, coldCells, type SurveyAnalysis } from './analysis'
import { radiatorSurveyCheck } from './check'
import { type RadiatorSurvey, radiatorSurvey } from './record'
import { COLD_SHARE_ERROR } from './signs'

/** A face of so many rows and columns that cools from 92 °C, with some cells colder than that. */
const face = (rows: number, columns: number, cold: (r: number, c: number) => number = () => 0) =>
  Array.from({ length: rows }, (_, r) =>
    Array.from({ length: columns }, (_, c) => 92 - 2 * r - 0.5 * c - cold(r, c)),
  )
/** What such a face reads at its inlet and its outlet, and its cold cells by them. */
const ends = (grid: number[][]): [number, number] => {
  const all = grid.flat().toSorted((x, y) => y - x)
  return [all[0]!, all.at(-1)!]
}
const coldOf = (grid: number[][]) => coldCells(grid, 92, 80)
const coldCount = (grid: number[][]) => coldOf(grid).flat().filter(Boolean).length

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
  it.each([
    ['a third of the face, its right edge', 6, 9, (_: number, c: number) => (c >= 6 ? 25 : 0)],
    ['the bottom two rows of five, cold by 40', 5, 6, (r: number) => (r >= 3 ? 40 : 0)],
    ['the lower sixty per cent, cold by 15', 5, 6, (r: number) => (r >= 2 ? 15 : 0)],
    ['four rows of five, cold by 30', 5, 6, (r: number) => (r >= 1 ? 30 : 0)],
  ] as const)('are all found: %s', (_, rows, columns, cold) => {
    const grid = face(rows, columns, cold)
    expect(coldOf(grid)).toEqual(grid.map((row, r) => row.map((__, c) => cold(r, c) > 0)))
  })

  it('are none in one row that cools smoothly from inlet to outlet, and one where it does not', () => {
    expect(coldCount([[92, 89, 86, 83, 80]])).toBe(0)
    expect(coldCount([[92, 89, 60, 83, 80]])).toBe(1)
  })

  it('are none on a face that cools smoothly in any direction, whatever the readings waver by', () => {
    const waver = fc.double({ min: -2, max: 2, noNaN: true })
    fc.assert(
      fc.property(
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.array(waver, { minLength: 48, maxLength: 48 }),
        (down, across, noise) => {
          const sound = Array.from({ length: 6 }, (_, r) =>
            Array.from({ length: 8 }, (_, c) => 80 + down * r + across * c),
          )
          const read = sound.map((row, r) => row.map((t, c) => t + noise[r * 8 + c]!))
          expect(
            coldCells(read, ...ends(sound))
              .flat()
              .filter(Boolean),
          ).toEqual([])
        },
      ),
    )
  })

  it('are the same on a day that is colder by any amount, and where the gun reads low all over', () => {
    const grid = face(6, 8, (r, c) => (r > 2 && c > 1 && c < 5 ? 20 : 0))
    const colder = (by: number) => grid.map((row) => row.map((t) => t + by))
    fc.assert(
      fc.property(fc.double({ min: -60, max: 60, noNaN: true }), (by) => {
        expect(coldCells(colder(by), 92 + by, 80 + by)).toEqual(coldOf(grid))
      }),
    )
    expect(coldOf(colder(-6))).toEqual(coldOf(grid))
  })

  it('lie more than 9 °C below what a sound face reads there', () => {
    const one = (by: number) => face(5, 5, (r, c) => (r === 2 && c === 2 ? by : 0))
    expect(coldCount(one(7))).toBe(0)
    expect(coldCount(one(11))).toBe(1)
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

  it('takes no outlet that is hotter than the inlet', () => {
    const taken = (outlet: number) =>
      radiatorSurvey.safeParse({ ...SOUND, outlet: celsius(outlet) }).success
    expect(taken(94)).toBe(true)
    expect(taken(94.1)).toBe(false)
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
