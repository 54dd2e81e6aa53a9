import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LEAK_PLACES } from '#core'
import { placeLabels, type Box, type Spot } from './tray-labels'

const [W, H] = [600, 300]
const boxOf = ({ x, y, r }: Pick<Spot, 'x' | 'y' | 'r'>): Box => ({
  x: x - r,
  y: y - r,
  w: 2 * r,
  h: 2 * r,
})
const meets = (a: Box, b: Box) =>
  a.x < b.x + b.w - 0.01 &&
  b.x < a.x + a.w - 0.01 &&
  a.y < b.y + b.h - 0.01 &&
  b.y < a.y + a.h - 0.01
const spot = (
  id: string,
  x: number,
  y: number,
  r = 20,
  text = 'Seam or crack of the tank',
): Spot => ({ id, x, y, r, text })

describe('names on the tray', () => {
  it('stand over their circle where nothing is in the way', () => {
    const label = placeLabels([spot('a', 300, 180)], [], W, H).get('a')!
    expect(label.x).toBeCloseTo(300)
    expect(label.box.y + label.box.h).toBeLessThanOrEqual(160)
  })
  it('go below a circle at the upper edge, and stay inside at the sides', () => {
    expect(placeLabels([spot('a', 300, 15)], [], W, H).get('a')!.box.y).toBeGreaterThan(35)
    const left = placeLabels([spot('a', 20, 180)], [], W, H).get('a')!.box
    expect(left.x).toBeGreaterThanOrEqual(0)
    const right = placeLabels([spot('a', W - 20, 180)], [], W, H).get('a')!.box
    expect(right.x + right.w).toBeLessThanOrEqual(W)
  })
  it('give way to a drip and to the name before', () => {
    const drip: Box = { x: 280, y: 130, w: 28, h: 34 }
    expect(meets(placeLabels([spot('a', 300, 180)], [drip], W, H).get('a')!.box, drip)).toBe(false)
    const two = placeLabels([spot('a', 300, 180), spot('b', 330, 185)], [], W, H)
    expect(meets(two.get('a')!.box, two.get('b')!.box)).toBe(false)
  })
  it.each([
    [600, 300],
    [340, 330],
  ])(
    'are never cut by the tray of %d x %d, and two never lie on each other, wherever two circles and a drip are',
    (width, height) => {
      const text = fc.constantFrom(...LEAK_PLACES.map((p) => p.name))
      const any = fc.record({
        x: fc.integer({ min: 20, max: width - 20 }),
        y: fc.integer({ min: 40, max: height - 40 }),
        r: fc.integer({ min: 8, max: 30 }),
        text,
      })
      fc.assert(
        fc.property(any, any, any, (a, b, drip) => {
          const spots = [
            { ...a, id: 'a' },
            { ...b, id: 'b' },
          ]
          const labels = placeLabels(
            spots,
            [boxOf({ ...drip, r: 15 }), ...spots.map(boxOf)],
            width,
            height,
          )
          const [one, two] = [labels.get('a')!.box, labels.get('b')!.box]
          expect(meets(one, two)).toBe(false)
          for (const box of [one, two]) {
            expect(box.x).toBeGreaterThanOrEqual(0)
            expect(box.y).toBeGreaterThanOrEqual(0)
            expect(box.x + box.w).toBeLessThanOrEqual(width)
            expect(box.y + box.h).toBeLessThanOrEqual(height)
          }
        }),
        { numRuns: 400, seed: 3 },
      )
    },
  )
})
