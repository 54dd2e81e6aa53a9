import fc from 'fast-check'
import { z } from 'zod'
import type { Entry } from './context'
import type { Check } from './define-check'
import { toCore, UNITS, type QuantityKind } from '../quantity/units'

/** What is usual in a workshop, in the first unit of its kind; outside it nothing much differs any more. */
const USUAL: Readonly<Partial<Record<QuantityKind, readonly [number, number]>>> = {
  temperature: [-40, 130],
  pressure: [-90, 160],
  volume: [0, 12],
  duration: [86_400, 90 * 86_400],
  distance: [1, 5000],
}

/** One field of a schema that holds a value by itself: a word, a figure, a quantity, or a list of such. */
export interface Field {
  /** names on the way to it; "[]" stands for an entry of a list, "{}" for one of a table */
  path: readonly string[]
  schema: z.ZodType
}

const quantityKindOf = (schema: z.ZodType) => schema.meta()?.quantityKind

/** A wrapper passes on what it holds. */
function bare(schema: z.ZodType): z.ZodType {
  const isWrapper = schema instanceof z.ZodOptional || schema instanceof z.ZodDefault
  return isWrapper ? bare(schema.unwrap() as z.ZodType) : schema
}

/** Every field of a record, also of the records within it. */
export function fieldsOf(schema: z.ZodType, path: readonly string[] = []): Field[] {
  const inner = bare(schema)
  if (quantityKindOf(inner)) return [{ path, schema: inner }]
  if (inner instanceof z.ZodObject)
    return Object.entries(inner.shape).flatMap(([name, field]) =>
      fieldsOf(field as z.ZodType, [...path, name]),
    )
  if (inner instanceof z.ZodArray && bare(inner.element as z.ZodType) instanceof z.ZodObject)
    return fieldsOf(inner.element as z.ZodType, [...path, '[]'])
  if (inner instanceof z.ZodUnion) {
    const records = inner.options.flatMap((option) => fieldsOf(option as z.ZodType, path))
    const deeper = records.filter((field) => field.path.length > path.length)
    return deeper.length > 0 ? deeper : [{ path, schema: inner }]
  }
  return [{ path, schema: inner }]
}

/** Figures spread evenly between two bounds: drawn as doubles, nearly all would be nothing. */
const evenly = (low: number, high: number) =>
  fc.integer({ min: 0, max: 1000 }).map((part) => low + ((high - low) * part) / 1000)

/** Figures between two bounds, those near the lower one oftener: bounds are wide, and what is usual is small. */
const between = (low: number, high: number) =>
  fc.oneof(
    evenly(low, high),
    evenly(low, low + (high - low) / 10),
    evenly(low, low + (high - low) / 100),
  )

function quantityArbitrary(kind: QuantityKind): fc.Arbitrary<unknown> {
  const [low, high] = USUAL[kind] ?? [0, 100]
  const unit = UNITS[kind][0]!.symbol
  return evenly(low, high).map((drawn) => {
    const value = Number(drawn.toPrecision(4))
    return { typed: String(value), value, unit, coreValue: toCore(kind, value, unit) }
  })
}

const DAYS = ['2026-07-04', '2026-07-11', '2026-08-01', '2026-08-02', '2026-08-30']

/** Any value that a schema lets through, drawn so that what is usual comes often. */
export function arbitraryOf(schema: z.ZodType): fc.Arbitrary<unknown> {
  const kind = quantityKindOf(schema)
  if (kind) return quantityArbitrary(kind)
  if (schema instanceof z.ZodOptional)
    return fc.option(arbitraryOf(schema.unwrap() as z.ZodType), { nil: undefined, freq: 3 })
  if (schema instanceof z.ZodNullable)
    return fc.option(arbitraryOf(schema.unwrap() as z.ZodType), { nil: null })
  if (schema instanceof z.ZodEnum) return fc.constantFrom(...(schema.options as unknown[]))
  if (schema instanceof z.ZodLiteral) return fc.constantFrom(...(schema.values as Set<unknown>))
  if (schema instanceof z.ZodBoolean) return fc.boolean()
  if (schema instanceof z.ZodISODate) return fc.constantFrom(...DAYS)
  if (schema instanceof z.ZodNumber) return numberArbitrary(schema)
  if (schema instanceof z.ZodUnion)
    return fc.oneof(...schema.options.map((option) => arbitraryOf(option as z.ZodType)))
  if (schema instanceof z.ZodArray) return listArbitrary(schema)
  if (schema instanceof z.ZodObject)
    return fc
      .record(
        Object.fromEntries(
          Object.entries(schema.shape).map(([name, field]) => [
            name,
            arbitraryOf(field as z.ZodType),
          ]),
        ),
      )
      .map((drawn) => Object.fromEntries(Object.entries(drawn).filter(([, v]) => v !== undefined)))
  return fc.constantFrom(...((schema.meta()?.examples as string[] | undefined) ?? ['one', 'two']))
}

function numberArbitrary(schema: z.ZodNumber): fc.Arbitrary<number> {
  const [low, high] = [schema.minValue ?? 0, schema.maxValue ?? 100]
  const drawn = between(low, high)
  return schema.isInt
    ? drawn.map(Math.round)
    : drawn.map((value) => Math.min(high, Math.max(low, Number(value.toPrecision(4)))))
}

const ORDERED = ['seconds', 'minutes', 'elapsedSeconds', 'on']

/** A list in which time goes on. */
function listArbitrary(schema: z.ZodArray): fc.Arbitrary<unknown[]> {
  const element = arbitraryOf(schema.element as z.ZodType)
  const list = fc.array(element, { minLength: 0, maxLength: 6 })
  return list.map((drawn) => {
    const [first] = drawn as Record<string, unknown>[]
    const name = typeof first === 'object' ? ORDERED.find((one) => one in first) : undefined
    if (!name) return drawn
    const rising = [...(drawn as Record<string, number | string>[])].sort((a, b) =>
      a[name]! < b[name]! ? -1 : 1,
    )
    return rising.filter((entry, i) => i === 0 || entry[name] !== rising[i - 1]![name])
  })
}

/** A value for a field, made of the one it has. */
export type ValueFor = (old: unknown) => unknown

/** A record in which a field has another value, made of the one it has; undefined where it has no place for it. */
export function withField(data: unknown, path: readonly string[], value: ValueFor): unknown {
  const [name, ...rest] = path
  if (name === undefined) return value(data)
  if (name === '[]') {
    if (!Array.isArray(data) || data.length === 0) return undefined
    const inner = withField(data.at(-1), rest, value)
    return inner === undefined ? undefined : [...(data as unknown[]).slice(0, -1), inner]
  }
  if (typeof data !== 'object' || data === null) return undefined
  const inner = withField((data as Record<string, unknown>)[name], rest, value)
  return inner === undefined ? undefined : { ...data, [name]: inner }
}

export const isListOfChoices = (schema: z.ZodType): schema is z.ZodArray<z.ZodEnum> =>
  schema instanceof z.ZodArray && schema.element instanceof z.ZodEnum

const idOf = (n: number) => `0196aaaa-0000-7000-8000-${n.toString(16).padStart(12, '0')}`
const two = (n: number) => String(n).padStart(2, '0')
const momentOf = (n: number) => `2026-09-01T${two(8 + Math.floor(n / 60))}:${two(n % 60)}:00Z`
/** The id of the record that begins the run of a drawn list. */
const FIRST = idOf(0)
const inRun = (data: unknown) =>
  typeof data === 'object' && data !== null && 'run' in data ? { ...data, run: FIRST } : data

/** So many records of each kind; of a run one start, and of each kind that belongs to it. */
interface HowMany {
  each: number
  inRun: number
}

/** Records of a check at random, a minute apart, of a run its start first; those that its schemas refuse are left out. */
export function entriesOf(check: Check, { each, inRun: within }: HowMany): fc.Arbitrary<Entry[]> {
  const start = Object.keys(check.records).find((kind) => kind.endsWith('.start'))
  const kinds = Object.keys(check.records).sort((a, b) => Number(b === start) - Number(a === start))
  const lists = kinds.map((kind) => {
    const length = kind === start ? 1 : start === undefined ? each : within
    const one = arbitraryOf(check.records[kind]!).map((data) => ({ kind, data: inRun(data) }))
    return fc.array(one, { minLength: length, maxLength: length })
  })
  return fc.tuple(...lists).map((all) =>
    all
      .flat()
      .filter(({ kind, data }) => check.records[kind]!.safeParse(data).success)
      .map((entry, n) => ({ ...entry, id: idOf(n), observedAt: momentOf(n) })),
  )
}

/** Lists of records behind each other, each record with an id and a moment of its own. */
export function behindEachOther(lists: readonly (readonly Entry[])[]): Entry[] {
  let count = 0
  return lists
    .flatMap((list) => {
      const ids = new Map(list.map((entry) => [entry.id, idOf(count++)]))
      return list.map((entry) => {
        const { run } = entry.data as { run?: string }
        const data =
          run === undefined ? entry.data : { ...(entry.data as object), run: ids.get(run) }
        return { ...entry, id: ids.get(entry.id)!, data }
      })
    })
    .map((entry, n) => ({ ...entry, observedAt: momentOf(n) }))
}
