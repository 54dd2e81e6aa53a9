import type { PlacedReading } from './evidence'
import type { Model } from './model'

/**
 * Readings for the benchmark: of every n-th sign of the model one clear reading, normal but for a few, so that
 * signs of all checks, with hidden conditions, overrides and repeats, take part. The same every time.
 */
export function benchmarkReadings(model: Model, count = 60): PlacedReading[] {
  const signs = model.signs.all().filter((s) => s.rows.length > 0)
  const stride = signs.length / count
  return Array.from({ length: count }, (_, i) => {
    const { sign } = signs[Math.floor(i * stride)]!
    const shown = i % 9 === 4 ? 1 : 0
    const likelihood = Object.fromEntries(
      sign.states.map((state, j) => [state, j === shown ? 0.86 : 0.14 / (sign.states.length - 1)]),
    )
    return {
      source: `benchmark-${i}`,
      sign: sign.id,
      epoch: 0,
      likelihood,
      validity: 0.93,
      conditions: `benchmark ${sign.id}`,
      says: { id: 'note', parameters: {} },
    }
  })
}
