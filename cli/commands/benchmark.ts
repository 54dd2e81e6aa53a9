import { benchmark } from '../benchmark/benchmark'
import { openFile } from '../benchmark/opening'
import type { Spread } from '../benchmark/timing'
import { fromCaller } from '../reading'

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

/** Measures the engine; with a file, how long its case takes to open in this process. */
export function benchmarkCommand(file: string | undefined, warmed: boolean, json: boolean): string {
  if (file !== undefined) return `${JSON.stringify(openFile(fromCaller(file), warmed))}\n`
  const result = benchmark()
  return json ? `${JSON.stringify(result)}\n` : `${linesOf(result).join('\n')}\n`
}
