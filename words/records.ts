import type { Part } from '../core/casefile/profile'
import type { CaseEvent, CaseRecord } from '../core/casefile/records'
import { QUESTIONS } from '../core/checks/interview/questions'
import { BOOK } from '../core/knowledge/book'
import { PART_NAMES } from '../core/knowledge/parts'
import { LEAK_PLACES } from '../core/knowledge/places'
import type { QuantityRecord } from '../core/quantity/record'
import { checkName } from './check-names'

/** What records and events that belong to no check are called. */
const ITEM_NAMES: Readonly<Record<string, string>> = {
  'suspect.declared': 'Suspect declared',
  'photo.taken': 'Photograph',
  'cautions.acknowledged': 'Cautions read',
  note: 'Note',
  withdrawn: 'Taken back',
  'engine-started': 'Engine started',
  'engine-stopped': 'Engine stopped',
  drained: 'Drained',
  'topped-up': 'Topped up',
  repaired: 'Repaired',
  isolated: 'Clamped off',
  released: 'Clamp taken off',
  closed: 'Case closed',
  reopened: 'Case opened again',
}

/** What a kind of record or event is called: "Pressure hold", "Engine started". */
export const itemName = (kind: string): string => ITEM_NAMES[kind] ?? checkName(kind.split('.')[0]!)

/** Fields whose name does not say it, by kind or for every kind; the others are read from the name. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  after60Seconds: 'after a minute',
  after: 'after cranking',
  before: 'before cranking',
  plugged: 'plugs in',
  staysAfter: 'stays after cranking',
  resolutionKPa: 'gauge step',
  turnedByHandFirst: 'turned by hand first',
  seen: 'seen',
  stack: 'between the cores',
  duct: 'air duct',
  upperHoseCold: 'upper hose',
  insideHoses: 'inside the hoses',
  residualPressure: 'pressure left',
  emulsionInOil: 'engine oil',
  pinkFroth: 'gearbox fluid',
  liquidBelow: 'liquid below',
  mixed: 'gel or two colours',
  fitsPlace: 'for its place',
  hoursStood: 'stood',
  minutes: 'for',
  seconds: 'for',
  durationSeconds: 'for',
  enclosedML: 'enclosed volume',
  strokeVolumeML: 'a stroke',
  elapsedSeconds: 'at',
  volumeFraction: 'antifreeze',
  wantedFraction: 'wanted',
  directFeed: 'fed directly',
  ownElectronics: 'supply, ground and command all present',
  highestWet: 'highest wet point',
  hoursPerWeek: 'driven a week',
  kmPerWeek: 'driven a week',
  perMinute: 'a minute',
  places: 'places looked at',
}
const PRESSED: Readonly<Record<string, readonly [string, string]>> = {
  pressed: ['under pressure', 'without pressure'],
  turnedByHandFirst: ['turned by hand first', 'not turned by hand'],
  airFlow: ['air had blown across', 'no air across'],
}
/** Fields that only point elsewhere. */
const SILENT = new Set(['run', 'sha256', 'bytes', 'mediaType', 'check', 'cautions', 'probability'])
const UNITS: readonly [RegExp, string][] = [
  [/KPerMinute$/, 'K/min'],
  [/KPa(Gauge)?$/, 'kPa'],
  [/Volts$/, 'V'],
  [/Percent$/, '%'],
  [/Rpm$/, 'rpm'],
  [/Ppm$/, 'ppm'],
  [/ML$/, 'mL'],
  [/Mm$/, 'mm'],
  [/^(seconds|.*Seconds)$/, 's'],
  [/^(minutes|.*Minutes)$/, 'min'],
  [/^hours|Hours$/, 'h'],
  [/^km/, 'km'],
  [/^litres$/, 'L'],
  [/Fraction$/, '%'],
]
const plain = (text: string) => text.replaceAll('-', ' ')

function fieldName(key: string): string {
  const named = FIELD_NAMES[key]
  if (named !== undefined) return named
  const bare = key.replace(
    /(KPerMinute|KPa(Gauge)?|Volts|Percent|Rpm|Ppm|ML|Mm|Seconds|Minutes)$/,
    '',
  )
  return (bare || key)
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .replace(/\bhc\b/, 'HC')
    .replace(/\bair conditioning\b/, 'air conditioning')
}

const isTyped = (value: unknown): value is QuantityRecord =>
  typeof value === 'object' && value !== null && 'typed' in value && 'unit' in value
const isNumbers = (value: readonly unknown[]) => value.every((v) => typeof v === 'number')
const amount = (q: QuantityRecord) => (/[a-z°%]/i.test(q.typed) ? q.typed : `${q.typed} ${q.unit}`)

function words(key: string, value: unknown): string | undefined {
  if (value === undefined || value === null || SILENT.has(key)) return undefined
  if (key === 'part') return PART_NAMES[value as Part]
  if (key === 'fault') return BOOK.faults.find((f) => f.id === value)?.name ?? plain(String(value))
  if (key === 'question') return QUESTIONS.find((q) => q.id === value)?.asks
  if (key === 'text' || key === 'because' || key === 'reason' || key === 'words')
    return `“${String(value)}”`
  if (key === 'answer' || key === 'as' || key === 'which' || key === 'result')
    return plain(String(value))
  if (typeof value === 'boolean')
    return PRESSED[key]?.[value ? 0 : 1] ?? (value ? fieldName(key) : `not ${fieldName(key)}`)
  if (isTyped(value)) return `${fieldName(key)} ${amount(value)}`
  if (Array.isArray(value)) return list(key, value)
  if (key === 'per')
    return Object.values(value as object)
      .filter(isTyped)
      .map((q) => `in ${amount(q)}`)
      .join(', ')
  if (typeof value === 'object') return undefined
  if (key === 'elapsedSeconds')
    return `at ${Math.floor(Number(value) / 60)}:${String(Math.floor(Number(value) % 60)).padStart(2, '0')}`
  const unit = typeof value === 'number' ? UNITS.find(([of]) => of.test(key))?.[1] : undefined
  const number =
    typeof value === 'number' && unit === '%' && key.endsWith('Fraction')
      ? Math.round(value * 100)
      : value
  return `${fieldName(key)} ${plain(String(number))}${unit ? ` ${unit}` : ''}`
}

function list(key: string, value: readonly unknown[]): string | undefined {
  if (key === 'parts')
    return value.map((p) => PART_NAMES[p as Part]?.toLowerCase() ?? plain(String(p))).join(', ')
  if (key === 'faults' || key === 'causes')
    return value
      .map((f) => BOOK.faults.find((b) => b.id === f)?.name ?? plain(String(f)))
      .join(', ')
  if (key === 'wear')
    return value.length === 0 ? 'no wear' : value.map((w) => plain(String(w))).join(', ')
  if (key === 'plugged')
    return value.length === 0 ? 'all plugs out' : `plugs in ${value.join(', ')}`
  if (key === 'places')
    return (value as { place: string; seen: string }[])
      .map(
        (p) =>
          `${LEAK_PLACES.find((l) => l.id === p.place)?.name ?? plain(p.place)}: ${plain(p.seen)}`,
      )
      .join(', ')
  if (key === 'drips') return `${value.length === 1 ? '1 drip' : `${value.length} drips`}`
  if (key === 'isolated')
    return value.length > 0 ? `without ${value.map((v) => plain(String(v))).join(', ')}` : undefined
  if (value.length === 0) return undefined
  return isNumbers(value) || typeof value[0] === 'object'
    ? `${value.length} ${fieldName(key)}`
    : `${fieldName(key)} ${value.map((v) => plain(String(v))).join(', ')}`
}

/** Fields in the order they are said; the others follow as they stand. A database keeps no order. */
const ORDER = [
  'question',
  'part',
  'fault',
  'faults',
  'place',
  'cylinder',
  'which',
  'plugged',
  'hoursStood',
  'elapsedSeconds',
  'target',
  'marking',
  'drawn',
  'startPressure',
  'before',
  'seconds',
  'minutes',
  'end',
  'endPressure',
  'after',
  'opening',
  'after60Seconds',
  'durationSeconds',
  'coolant',
  'level',
  'amount',
  'per',
]
const rank = (key: string) => (ORDER.includes(key) ? ORDER.indexOf(key) : ORDER.length)

/** What a record or an event says, in one line, in words and with its units as they were typed. Empty where its name says all. */
export function itemWords(item: CaseRecord | CaseEvent): string {
  const fields = Object.entries(item.data as Record<string, unknown>).toSorted(
    ([a], [b]) => rank(a) - rank(b),
  )
  return fields
    .flatMap(([key, value]) => words(key, value) ?? [])
    .join(', ')
    .replace('?, ', '? ')
}
