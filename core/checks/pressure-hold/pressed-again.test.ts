import { describe, expect, it } from 'vitest'
import { kPa, speaksFor } from '../check.fixture'
import type { HoldRecords } from './analysis'
import { analysed, hold } from './hold.fixture'
import { holdSigns } from './signs'

/** Two stretches that fall alike, pressed up to 100 kPa again at so many minutes. */
function pressedAgain(fall: number, atMinute: number): HoldRecords {
  const whole = hold(fall)
  return {
    ...whole,
    readings: whole.readings.map((reading, minute) => ({
      ...reading,
      pressure: kPa(100 - fall * (minute < atMinute ? minute : minute - atMinute)),
    })),
    remarks: [{ run: 'run', elapsedSeconds: atMinute * 60 - 5, remark: 'pressed-again' }],
  }
}

describe('a hold that is pressed up again on the way', () => {
  it('is judged by its longest stretch, and falls as fast as it fell', () => {
    for (const [fall, at] of [
      [1.5, 4],
      [1.5, 11],
      [3, 8],
    ] as const) {
      const { fallKPaPerMinute, state, notes } = analysed(pressedAgain(fall, at))
      expect(fallKPaPerMinute!.value).toBeCloseTo(fall, 1)
      expect(state).toBe(fall > 2 ? 'leak' : 'seep')
      expect(notes.map(({ id }) => id)).toContain('hold.pressedAgain')
    }
  })
  it('taken as one it would have been called a fraction of that', () => {
    const unsaid = { ...pressedAgain(1.5, 8), remarks: [] }
    expect(analysed(unsaid).fallKPaPerMinute!.value).toBeLessThan(1)
  })
  it('settles anew after each press', () => {
    const settled = analysed(pressedAgain(1.5, 4)).points.filter((p) => p.settled)
    expect(settled[0]!.elapsedSeconds).toBe(360)
    expect(settled).toHaveLength(10)
  })
})

describe('the level once the pressure is let off', () => {
  const ended = (levelAfter: 'as-before' | 'lower' | 'not-known', fall = 0) =>
    hold(fall, {}, { levelAfter })
  const says = (held: HoldRecords) =>
    speaksFor(holdSigns('h', held, analysed(held)), 'level-lower-after-hold')
  const isWarned = (held: HoldRecords) =>
    analysed(held).cautions.filter(({ id }) => id === 'caution.cylinderMayBeFull').length
  it('lower speaks for something that lets coolant out, as before against it', () => {
    expect(says(ended('lower'))).toBeGreaterThan(0.8)
    expect(says(ended('as-before'))).toBeLessThan(-0.4)
    expect(says(ended('not-known'))).toBe(0)
  })
  it('lower over a dry tray warns of a cylinder, though the needle stood; and warns once', () => {
    expect(isWarned(ended('as-before'))).toBe(0)
    expect(isWarned(ended('lower'))).toBe(1)
    expect(isWarned(ended('lower', 2.5))).toBe(1)
    expect(isWarned({ ...ended('lower'), readings: [] })).toBe(1)
    const seenDry = hold(0, {}, { levelAfter: 'lower', cylinders: 'dry' })
    expect(isWarned(seenDry)).toBe(0)
  })
})
