import { describe, expect, it } from 'vitest'
import { drawnFor, PARTICLES } from './played-through'

const particles = Array.from({ length: PARTICLES }, (_, p) => p)
const rowOf = (sign: number) => particles.map((p) => drawnFor(sign, p))

describe('what is drawn for the truths that are played through', () => {
  it('falls once into each slice, for every sign', () => {
    const slices = particles.map((p) => (p + 0.5) / PARTICLES)
    for (let sign = 0; sign < 300; sign++)
      expect(rowOf(sign).toSorted((a, b) => a - b)).toEqual(slices)
  })
  it('comes in another order for other signs: two of them hardly go together', () => {
    const mean = 0.5
    const variance = (PARTICLES ** 2 - 1) / 12 / PARTICLES ** 2
    const together = (a: number[], b: number[]) =>
      a.reduce((sum, x, i) => sum + (x - mean) * (b[i]! - mean), 0) / PARTICLES / variance
    const found: number[] = []
    for (let one = 0; one < 120; one++)
      for (let other = 0; other < one; other++)
        found.push(Math.abs(together(rowOf(one), rowOf(other))))
    const meanOfAll = found.reduce((sum, r) => sum + r, 0) / found.length
    expect(meanOfAll).toBeLessThan(0.2)
  })
})
