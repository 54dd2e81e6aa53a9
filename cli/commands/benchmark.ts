import { benchmark } from '../benchmark/benchmark'
import type { Spread } from '../benchmark/timing'

const isSpread = (value: object): value is Spread => 'p95' in value

/** Figures a line each, those of a set of cases after its name. */
function linesOf(figures: object, before = ''): string[] {
  return Object.entries(figures).flatMap(([key, value]: [string, unknown]) => {
    if (typeof value !== 'object' || value === null) return [`${before}${key}: ${String(value)}`]
    return isSpread(value)
      ? [`${before}${key}: ${value.median} (p95 ${value.p95})`]
      : linesOf(value, `${before}${key} `)
  })
}

/** Measures the engine. */
export function benchmarkCommand(json: boolean): string {
  const result = benchmark()
  return json ? `${JSON.stringify(result)}\n` : `${linesOf(result).join('\n')}\n`
}
