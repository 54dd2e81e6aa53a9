import { describe, expect, it } from 'vitest'
import { LEAK_PLACE_IDS, LEAK_PLACES, positionOf } from './places'
import { PART_NAMES } from './parts'

describe('places that drip', () => {
  it('have an id each, a name each, and a part of the loop', () => {
    expect(new Set(LEAK_PLACE_IDS).size).toBe(LEAK_PLACES.length)
    expect(new Set(LEAK_PLACES.map(({ name }) => name)).size).toBe(LEAK_PLACES.length)
    for (const { part } of LEAK_PLACES) expect(PART_NAMES[part]).toBeDefined()
  })
  it.each(['lengthwise', 'crosswise'] as const)(
    'lie over the tray of an engine that stands %s',
    (orientation) => {
      for (const place of LEAK_PLACES) {
        const { x, y } = positionOf(place, orientation)
        for (const share of [x, y]) {
          expect(share, place.id).toBeGreaterThanOrEqual(0)
          expect(share, place.id).toBeLessThanOrEqual(1)
        }
      }
    },
  )
  it('keep to the body when the engine is turned, if they belong to it: radiator, heater, tank', () => {
    const stay = LEAK_PLACES.filter(({ part }) =>
      ['radiator', 'heater-core', 'expansion-tank'].includes(part),
    )
    expect(stay.length).toBeGreaterThan(3)
    for (const place of stay)
      expect(positionOf(place, 'crosswise')).toEqual(positionOf(place, 'lengthwise'))
  })
  it('turn with the engine a quarter, if they are on it: its front becomes its right side', () => {
    const onEngine = LEAK_PLACES.filter(({ part }) =>
      ['engine', 'pump', 'thermostat'].includes(part),
    )
    const front = onEngine.toSorted((a, b) => a.y - b.y)[0]!
    const back = onEngine.toSorted((a, b) => b.y - a.y)[0]!
    expect(positionOf(front, 'crosswise').x).toBeGreaterThan(positionOf(back, 'crosswise').x)
    const moved = onEngine.filter((place) => positionOf(place, 'crosswise').x !== place.x)
    expect(moved.length).toBe(onEngine.length)
  })
  it('that lie apart lengthwise lie apart crosswise', () => {
    const seen = new Set(
      LEAK_PLACES.map((place) =>
        Object.values(positionOf(place, 'crosswise'))
          .map((s) => s.toFixed(2))
          .join(),
      ),
    )
    expect(seen.size).toBeGreaterThan(LEAK_PLACES.length * 0.9)
  })
})
