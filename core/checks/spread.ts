/** 90 % interval of a figure, in the figure's unit. */
export interface Bounds {
  low: number
  high: number
}

/** Half width of a 90 % interval in standard deviations of a normal error. */
const Z90 = 1.6448536269514722

/** 90 % interval of a figure with a normal error of the given standard deviation. */
export function boundsAround(value: number, sd: number): Bounds {
  return { low: value - Z90 * sd, high: value + Z90 * sd }
}

/** More readings than this in one record have their own interval, if any: perturbing each would cost too much. */
const MOST_READINGS = 120

/** One reading's standard error by its unit as written down: hose and surface temperature, a gauge's reading, a filled measure. */
const BY_UNIT: Readonly<Record<string, (si: number) => number>> = {
  '°C': () => 1.5,
  '°F': () => 1.5,
  kPa: () => 1,
  psi: () => 1,
  bar: () => 1,
  L: (v) => 0.02 * Math.abs(v),
  mL: (v) => 0.02 * Math.abs(v),
}

/** Standard errors of readings that are plain numbers, by the end of their name. */
const BY_NAME: readonly (readonly [RegExp, (value: number) => number])[] = [
  [/volts$/i, () => 0.05],
  [/rpm$/i, (v) => Math.max(5, 0.01 * Math.abs(v))],
  [/ppm$/i, (v) => Math.max(5, 0.05 * Math.abs(v))],
  [/percent$/i, () => 2],
  [/gapmm$/i, () => 0.01],
  [/(protrusion|length).*mm$/i, () => 0.01],
  [/mm$/i, () => 1],
  [/pressureKPaGauge$/i, () => 1.5],
  [/C$/, () => 1.5],
  [/volumeFraction$/i, () => 0.02],
  [/minutes$/i, () => 0.1],
  [/hoursPerDay$/i, () => 1],
  [/hours(Stood)?$/i, () => 0.5],
  [/KPerMinute$/, (v) => 0.1 * Math.abs(v)],
  [/turnsAfterSwitchOff$/i, () => 0.5],
]

/** What the maker or the plan asks for was not measured, so it has no error of reading; nor has the name of a cylinder or a place. */
const NOT_READ =
  /specif|stamped|limit|needed|wanted|should|switchesAt|target|marking|daysAfter|^cylinder|plugged|[xy]Mm$/i

/** Figures that are themselves degrees of confidence or settings. */
const NOT_MEASURED =
  /validity|^hotEnough$|^placeHot$|^errorK$|^wantedFraction$|^rating|^stopLimit|^highestBathC$|(^|\.)(low|high)$/i

interface Reading {
  sd: number
  moved: (by: number) => unknown
}

const isQuantity = (v: object): v is { si: number; unit: string } =>
  'si' in v && 'unit' in v && 'typed' in v

/** Every reading in a record's data, with a way to have the record with that reading moved by an amount. */
function readingsIn(data: unknown, name: string): Reading[] {
  if (typeof data === 'number') {
    const error = BY_NAME.find(([pattern]) => pattern.test(name))?.[1]
    return error ? [{ sd: error(data), moved: (by) => data + by }] : []
  }
  if (typeof data !== 'object' || data === null) return []
  if (isQuantity(data)) {
    const error = BY_UNIT[data.unit]
    return error ? [{ sd: error(data.si), moved: (by) => ({ ...data, si: data.si + by }) }] : []
  }
  if (Array.isArray(data))
    return data.flatMap((item, i) =>
      readingsIn(item, name).map(({ sd, moved }) => ({
        sd,
        moved: (by: number) => data.map((other: unknown, j) => (i === j ? moved(by) : other)),
      })),
    )
  return Object.entries(data).flatMap(([key, value]) =>
    NOT_READ.test(key)
      ? []
      : readingsIn(value, key).map(({ sd, moved }) => ({
          sd,
          moved: (by: number) => ({ ...data, [key]: moved(by) }),
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
 * a count, or what was asked for. Errors are those of usual workshop instruments; a known offset is taken off before.
 */
export function intervalsOf<T>(data: T, analyse: (data: T) => object): Record<string, Bounds> {
  const readings = readingsIn(data, '')
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
  const out: Record<string, Bounds> = {}
  for (const [path, value] of figures) {
    const sd = Math.sqrt(variance.get(path) ?? 0)
    if (sd > 0) out[path] = boundsAround(value, sd)
  }
  return out
}
