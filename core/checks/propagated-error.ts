import type { z } from 'zod'
import { errorOf, type UsualError } from '../quantity/field'
import { intervalAround, type Interval } from '../quantity/interval'

/** More readings than this in one record have their own interval, if any: perturbing each would cost too much. */
const MOST_READINGS = 120

/** Figures that are themselves degrees of confidence or settings. */
const NOT_MEASURED =
  /validity|^hotEnough$|^placeHot$|^errorK$|^wantedFraction$|^rating|^stopLimit|^highestBathC$|(^|\.)(low|high)$/i

interface Reading {
  sd: number
  moved: (by: number) => unknown
}

const isQuantity = (v: unknown): v is { coreValue: number } =>
  typeof v === 'object' && v !== null && 'coreValue' in v && 'unit' in v && 'typed' in v

/** The parts of Zod's own description of a schema that a walk along the data needs. */
interface SchemaDefinition {
  type: string
  innerType?: z.ZodType
  options?: readonly z.ZodType[]
  element?: z.ZodType
  shape?: Readonly<Record<string, z.ZodType>>
}
const definitionOf = (schema: z.ZodType) => schema.def as SchemaDefinition

/** One reading, with a way to have its value moved. */
function readingOf(value: unknown, error: UsualError): Reading[] {
  if (typeof value === 'number') return [{ sd: errorOf(error, value), moved: (by) => value + by }]
  if (isQuantity(value))
    return [
      {
        sd: errorOf(error, value.coreValue),
        moved: (by) => ({ ...value, coreValue: value.coreValue + by }),
      },
    ]
  return []
}

/** Every reading in a record's data that its schema gives a usual error, with a way to have the data with it moved. */
function readingsIn(schema: z.ZodType, data: unknown): Reading[] {
  if (data === undefined || data === null) return []
  const { type, innerType, options, element, shape } = definitionOf(schema)
  const facts = schema.meta()
  if (facts?.quantityKind !== undefined || type === 'number')
    return facts?.usualError ? readingOf(data, facts.usualError) : []
  if (innerType) return readingsIn(innerType, data)
  if (options) {
    const fitting = options.find((option) => option.safeParse(data).success)
    return fitting ? readingsIn(fitting, data) : []
  }
  if (element && Array.isArray(data))
    return data.flatMap((item, i) =>
      readingsIn(element, item).map(({ sd, moved }) => ({
        sd,
        moved: (by: number) => data.map((other: unknown, j) => (i === j ? moved(by) : other)),
      })),
    )
  return Object.entries(shape ?? {}).flatMap(([key, field]) =>
    readingsIn(field, (data as Record<string, unknown>)[key]).map(({ sd, moved }) => ({
      sd,
      moved: (by: number) => ({ ...(data as object), [key]: moved(by) }),
    })),
  )
}

/** Every number of a check's figures by its path; arrays of numbers are lists of readings or cells and have none. */
function numbersIn(figures: object, path = ''): Map<string, number> {
  const out = new Map<string, number>()
  for (const [key, value] of Object.entries(figures)) {
    const at = path === '' ? key : `${path}.${key}`
    if (typeof value === 'number' && Number.isFinite(value)) out.set(at, value)
    else if (
      typeof value === 'object' &&
      value !== null &&
      !Array.isArray(value) &&
      !('low' in value && 'high' in value)
    )
      for (const [p, v] of numbersIn(value, at)) out.set(p, v)
  }
  return out
}

/** The figures for a moved reading; none where it moved past what can be (a fraction below zero): then one side does. */
function possible<T>(analyse: (data: T) => object, data: T): Map<string, number> | undefined {
  try {
    return numbersIn(analyse(data))
  } catch (error) {
    if (error instanceof RangeError) return undefined
    throw error
  }
}

/**
 * 90 % intervals of a check's figures, by first-order propagation of the readings' standard errors: each reading is
 * moved by its error up and down, the analysis is done again, and the squares of the half changes add up
 * (ISO/IEC Guide 98-3, law of propagation for uncorrelated inputs). A figure that no reading's error moves gets none:
 * a count, or what was asked for. Errors stand in the record's schema; a known offset is taken off before.
 * @example propagatedIntervals(percentUpTo(100), 50, (p) => ({ share: p / 100 })).share.low
 *   // 0.4671
 */
export function propagatedIntervals<T>(
  schema: z.ZodType<T>,
  data: T,
  analyse: (data: T) => object,
): Record<string, Interval> {
  const readings = readingsIn(schema, data)
  if (readings.length === 0 || readings.length > MOST_READINGS) return {}
  const figures = [...numbersIn(analyse(data))].filter(([path]) => !NOT_MEASURED.test(path))
  if (figures.length === 0) return {}
  const variance = new Map<string, number>()
  for (const { sd, moved } of readings) {
    const up = possible(analyse, moved(sd) as T)
    const down = possible(analyse, moved(-sd) as T)
    for (const [path, value] of figures) {
      const [a, b] = [up?.get(path), down?.get(path)]
      const change =
        a !== undefined && b !== undefined
          ? (a - b) / 2
          : a !== undefined
            ? a - value
            : b !== undefined
              ? value - b
              : 0
      variance.set(path, (variance.get(path) ?? 0) + change ** 2)
    }
  }
  const out: Record<string, Interval> = {}
  for (const [path, value] of figures) {
    const sd = Math.sqrt(variance.get(path) ?? 0)
    if (sd > 0) out[path] = intervalAround(value, sd)
  }
  return out
}
