import {
  fieldMeta,
  isTyped,
  BOOK,
  type CaseEvent,
  type CaseRecord,
  LEAK_PLACES,
  type Part,
  PART_NAMES,
  type QuantityRecord,
  QUESTIONS,
  type RepairStepId,
  stepsLeft,
} from '#core'
import { nameOfAny } from './check-names'
import { REPAIR_STEP_WORDS } from './common/repair-steps'

/** What records and events that belong to no check are called. */
const ITEM_NAMES: Readonly<Record<string, string>> = {
  'suspect.declared': 'Suspect declared',
  'plan.set': 'Order of the checks',
  'quote.drawn': 'Quote',
  'quote.answered': 'Answer to the quote',
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
export const itemName = (kind: string): string => ITEM_NAMES[kind] ?? nameOfAny(kind.split('.')[0]!)

const PRESSED: Readonly<Record<string, readonly [string, string]>> = {
  pressed: ['under pressure', 'without pressure'],
  turnedByHandFirst: ['turned by hand first', 'not turned by hand'],
  airFlow: ['air had blown across', 'no air across'],
}
/** Fields that only point elsewhere. */
const SILENT = new Set([
  'quote',
  'ranked',
  'book',
  'run',
  'sha256',
  'bytes',
  'mediaType',
  'check',
  'cautions',
  'probability',
])
const plain = (text: string) => text.replaceAll('-', ' ')

/** What a field is called: its label, or its own name in words. */
const fieldName = (kind: string, key: string): string =>
  fieldMeta(kind, key).label ?? key.replace(/([A-Z])/g, ' $1').toLowerCase()

const isNumbers = (value: readonly unknown[]) => value.every((v) => typeof v === 'number')
const amount = (q: QuantityRecord) => (/[a-z°%]/i.test(q.typed) ? q.typed : `${q.typed} ${q.unit}`)

/** A number with its unit; a fraction is said in per cent, a moment of a run as minutes and seconds. */
function numberWords(kind: string, key: string, value: number): string {
  const { unit } = fieldMeta(kind, key)
  const name = fieldName(kind, key)
  if (key === 'elapsedSeconds')
    return `${name} ${Math.floor(value / 60)}:${String(Math.floor(value % 60)).padStart(2, '0')}`
  return unit === 'fraction'
    ? `${name} ${Math.round(value * 100)} %`
    : `${name} ${value}${unit ? ` ${unit}` : ''}`
}

const faultName = (id: unknown) => BOOK.faults.find((f) => f.id === id)?.name ?? plain(String(id))

/** Fields that are said without their name, or in a way of their own. */
const OWN_WORDS: Readonly<Record<string, (value: unknown) => string | undefined>> = {
  part: (value) => PART_NAMES[value as Part],
  fault: faultName,
  question: (value) => QUESTIONS.find((q) => q.id === value)?.asks,
  text: (value) => `“${String(value)}”`,
  because: (value) => `“${String(value)}”`,
  reason: (value) => `“${String(value)}”`,
  words: (value) => `“${String(value)}”`,
  answer: (value) => plain(String(value)),
  as: (value) => plain(String(value)),
  which: (value) => plain(String(value)),
  result: (value) => plain(String(value)),
  per: (value) =>
    Object.values(value as object)
      .filter(isTyped)
      .map((q) => `in ${amount(q)}`)
      .join(', '),
}

function words(kind: string, key: string, value: unknown): string | undefined {
  if (value === undefined || value === null || SILENT.has(key)) return undefined
  const own = OWN_WORDS[key]
  if (own) return own(value)
  const name = fieldName(kind, key)
  if (typeof value === 'boolean')
    return PRESSED[key]?.[value ? 0 : 1] ?? (value ? name : `not ${name}`)
  if (typeof value === 'number') return numberWords(kind, key, value)
  if (isTyped(value)) return `${name} ${amount(value)}`
  if (Array.isArray(value)) return listWords(kind, key, value)
  return typeof value === 'object' ? undefined : `${name} ${plain(String(value))}`
}

type FittedPart = { part: string; batch?: string | undefined }
/** Parts that went in with a repair, each with its batch where that is known. */
const fittedWords = (parts: readonly FittedPart[] = []): string =>
  parts.map(({ part, batch }) => (batch ? `${part} (batch ${batch})` : part)).join(', ')

type StepDone = { step: RepairStepId; words?: string | undefined }
const stepName = (step: RepairStepId) => REPAIR_STEP_WORDS[`repair-step.${step}`]!
/** Steps of a repair, each with what belongs to it. */
const stepWords = (steps: readonly StepDone[]): string =>
  steps
    .map(({ step, words }) => (words ? `${stepName(step)} (${words})` : stepName(step)))
    .join('; ')
/** Steps that were not ticked, where somebody went through them. */
export const leftWords = ({ data }: CaseEvent<'repaired'>): string =>
  stepsLeft(data).map(stepName).join('; ')

/** What was done in a repair, in its own words, what went in, and to what it was tightened. */
export const workWords = ({ data: { work, fitted, stepsDone = [] } }: CaseEvent<'repaired'>) =>
  [work, fittedWords(fitted), stepWords(stepsDone.filter(({ words }) => words))]
    .filter(Boolean)
    .join('. ')
/** A repair as a report has it: what was done in its own words, or the faults where nobody said, and what went in. */
export const repairWords = ({ data: { work, faults, fitted } }: CaseEvent<'repaired'>): string =>
  [work ?? faults.map(faultName).join(', '), fittedWords(fitted)].filter(Boolean).join('. ')
/** Its steps that were done, a line each; none where nobody went through them. */
export const repairLines = ({ data: { stepsDone = [] } }: CaseEvent<'repaired'>): string[] =>
  stepsDone.map((one) => stepWords([one]))

const placeWords = ({ place, seen }: { place: string; seen: string }) =>
  `${LEAK_PLACES.find((l) => l.id === place)?.name ?? plain(place)}: ${plain(seen)}`
const plainList = (list: readonly unknown[]) => list.map((v) => plain(String(v))).join(', ')

/** Lists that are said in a way of their own. */
const OWN_LISTS: Readonly<Record<string, (list: readonly unknown[]) => string | undefined>> = {
  parts: (list) =>
    list.map((p) => PART_NAMES[p as Part]?.toLowerCase() ?? plain(String(p))).join(', '),
  faults: (list) => list.map(faultName).join(', '),
  causes: (list) => list.map(faultName).join(', '),
  wear: (list) => (list.length === 0 ? 'no wear' : plainList(list)),
  plugged: (list) => (list.length === 0 ? 'all plugs out' : `plugs in ${list.join(', ')}`),
  places: (list) => (list as { place: string; seen: string }[]).map(placeWords).join(', '),
  elsewhere: (list) =>
    (list as { where: string; seen: string }[])
      .map(({ where, seen }) => `“${where}”: ${plain(seen)}`)
      .join(', '),
  steps: (list) =>
    list.length === 0
      ? 'as the plan has it'
      : list.map((check) => nameOfAny(String(check)).toLowerCase()).join(', '),
  lines: (list) => (list.length === 1 ? '1 line' : `${list.length} lines`),
  accepted: (list) => `${list.filter(Boolean).length} of ${list.length} lines accepted`,
  fitted: (list) => fittedWords(list as readonly FittedPart[]),
  stepsDone: (list) => stepWords(list as readonly StepDone[]),
  drips: (list) => (list.length === 1 ? '1 drip' : `${list.length} drips`),
  isolated: (list) => (list.length > 0 ? `without ${plainList(list)}` : undefined),
}

function listWords(kind: string, key: string, list: readonly unknown[]): string | undefined {
  const own = OWN_LISTS[key]
  if (own) return own(list)
  if (list.length === 0) return undefined
  return isNumbers(list) || typeof list[0] === 'object'
    ? `${list.length} ${fieldName(kind, key)}`
    : `${fieldName(kind, key)} ${plainList(list)}`
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
    .flatMap(([key, value]) => words(item.kind, key, value) ?? [])
    .join(', ')
    .replace('?, ', '? ')
}
