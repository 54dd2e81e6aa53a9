import { type CaseInput, type CheckOutcome, isTyped, type QuantityKind, UNITS } from '#core'
import { DEFAULT_UNITS, formatNumber, formatQuantity, type UnitPreferences } from './format'

/** The end of a figure's name says its unit: the longest that fits counts. */
const BY_ENDING: readonly (readonly [ending: string, kind: QuantityKind | string])[] = [
  ['KPaPerMinute', 'pressureRate'],
  ['KPaPerSecond', 'pressurePerSecond'],
  ['KPerMinute', 'temperatureRate'],
  ['MmPerMinute', 'lengthRate'],
  ['MLPerMinute', 'flow'],
  ['KPaGauge', 'pressure'],
  ['KPa', 'pressure'],
  ['Litres', 'volume'],
  ['PerWeek', 'volume'],
  ['Seconds', 's'],
  ['Minutes', 'min'],
  ['Percent', '%'],
  ['Volts', 'V'],
  ['Rpm', 'rpm'],
  ['Ppm', 'ppm'],
  ['Mm', 'length'],
  ['C', 'temperature'],
  ['K', 'temperatureDifference'],
]
const FRACTIONS = /(share|fraction|duty)$/i
const isKind = (kind: string): kind is QuantityKind => kind in UNITS

/** Figures of the working that a panel does not show either. */
const SILENT =
  /^(points|rates|validity|errorK|misfit|limit|decay|complianceMLPerKPa|settlingSeconds)\b/

/** The units in which a case was typed, one for each kind that has a choice: the one used most. */
export function unitsTyped(input: CaseInput): UnitPreferences {
  const counts = new Map<string, number>()
  const count = (value: unknown) => {
    if (isTyped(value)) counts.set(value.unit, (counts.get(value.unit) ?? 0) + 1)
    else if (value && typeof value === 'object') Object.values(value).forEach(count)
  }
  input.records.forEach(({ data }) => count(data))
  const most = <U extends string>(units: readonly U[], otherwise: U) =>
    units.reduce((a, b) => ((counts.get(b) ?? 0) > (counts.get(a) ?? 0) ? b : a), otherwise)
  return {
    temperature: most(['°C', '°F'], DEFAULT_UNITS.temperature),
    pressure: most(['kPa', 'psi', 'bar'], DEFAULT_UNITS.pressure),
    volume: most(['L', 'qt'], DEFAULT_UNITS.volume),
  }
}

/** "fallKPaPerMinute" as words and the unit that its end says, or the end of what it is part of. */
function named(path: string): { label: string; kind?: string } {
  const words = (name: string) => name.replace(/([A-Z])/g, ' $1').toLowerCase()
  const parts = path.split('.').map((name) => {
    const found = BY_ENDING.find(([ending]) => name.endsWith(ending) && name !== ending)
    return { label: words(found ? name.slice(0, -found[0].length) : name), kind: found?.[1] }
  })
  const kind = parts.findLast((part) => part.kind)?.kind
  return { label: parts.map((part) => part.label).join(' '), ...(kind && { kind }) }
}

const isEstimate = (value: unknown): value is { low: number; value: number; high: number } =>
  typeof value === 'object' && value !== null && ['low', 'value', 'high'].every((k) => k in value)

type Figures = Pick<CheckOutcome, 'figures' | 'intervals'>

/** Every figure of an outcome in words: its name, the figure with its unit, and its 90 % interval where it has one. */
export function figureLines({ figures, intervals }: Figures, units: UnitPreferences): string[] {
  return Object.entries(figures).flatMap(([name, value]) => linesOf(name, value, intervals, units))
}

/** The same of those only that have a unit or are a share, for who does not know how a figure is come by. */
export function measuredLines({ figures, intervals }: Figures, units: UnitPreferences): string[] {
  return Object.entries(figures).flatMap(([name, value]) =>
    linesOf(name, value, intervals, units, isMeasured),
  )
}

const isMeasured = (path: string): boolean => named(path).kind !== undefined || FRACTIONS.test(path)

function linesOf(
  path: string,
  value: unknown,
  intervals: CheckOutcome['intervals'],
  units: UnitPreferences,
  isTold: (path: string) => boolean = () => true,
): string[] {
  if (SILENT.test(path)) return []
  if (isEstimate(value)) return isTold(path) ? [line(path, value.value, value, units)] : []
  if (typeof value === 'number')
    return isTold(path) ? [line(path, value, intervals[path], units)] : []
  if (value === null || typeof value !== 'object' || Array.isArray(value)) return []
  return Object.entries(value).flatMap(([key, inner]) =>
    linesOf(`${path}.${key}`, inner, intervals, units, isTold),
  )
}

function line(
  path: string,
  value: number,
  interval: { low: number; high: number } | undefined,
  units: UnitPreferences,
): string {
  const { label, kind } = named(path)
  const text = (figure: number, withUnit: boolean): string => {
    if (kind && isKind(kind))
      return withUnit
        ? formatQuantity({ kind, coreValue: figure }, units)
        : formatNumber(kind, figure, units)
    if (FRACTIONS.test(path)) return `${Math.round(figure * 100)}${withUnit ? ' %' : ''}`
    const rounded = Number.isInteger(figure) ? String(figure) : figure.toPrecision(3)
    return withUnit && kind ? `${rounded} ${kind}` : rounded
  }
  const range = interval ? ` (${text(interval.low, false)} to ${text(interval.high, false)})` : ''
  return `${label}: ${text(value, true)}${range}`
}
