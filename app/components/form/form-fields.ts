import { z } from 'zod'
import type { QuantityKind } from '#core'

/** What a person fills in of a record: one field, by the way to it in the record ("specified.pressure"). */
export interface FormField {
  path: string
  /** the record may do without it, or without the part of the record that it stands in */
  optional: boolean
  /** words that may stand in place of a figure: "never" */
  words: readonly string[]
  entry: Entry
}

type Entry =
  | { as: 'quantity'; kind: QuantityKind; limits: { min: number; max: number } }
  | { as: 'number'; unit: string | undefined; min: number; max: number; whole: boolean }
  | { as: 'text'; most: number }
  | { as: 'choice'; options: readonly string[] }
  | { as: 'flag' }
  | { as: 'numbers' }
  | { as: 'grid' }
  | { as: 'rows'; columns: readonly FormField[] }

/** Characters of a text that says no bound of its own. */
const MOST_TEXT = 60

/** What is filled in, by path. */
export type FormValues = Readonly<Record<string, unknown>>

/** Answers that say nothing yet: a form begins with them. */
const UNSAID = ['not-known', 'not-felt', 'not-heard', 'not-watched']

/** A wrapper passes on what it holds, and what it says of it. */
function bare(schema: z.ZodType): {
  schema: z.ZodType
  meta: z.core.GlobalMeta
  optional: boolean
} {
  const meta = schema.meta() ?? {}
  if (!(schema instanceof z.ZodOptional)) return { schema, meta, optional: false }
  const inner = bare(schema.unwrap() as z.ZodType)
  return { ...inner, meta: { ...inner.meta, ...meta }, optional: true }
}

/** The fields of a kind of record, in the order in which its schema lists them. */
export function formFieldsOf(record: z.ZodType, within = '', isOptional = false): FormField[] {
  const { schema } = bare(record)
  if (!(schema instanceof z.ZodObject)) return []
  return Object.entries(schema.shape as Record<string, z.ZodType>).flatMap(([name, field]) => {
    const path = within ? `${within}.${name}` : name
    const { schema: own, meta, optional } = bare(field)
    if (own instanceof z.ZodObject && !meta.quantityKind)
      return formFieldsOf(own, path, isOptional || optional)
    const { words, figure } = wordsIn(own)
    const entry = entryOf(figure, { ...figure.meta(), ...meta })
    return entry ? [{ path, optional: isOptional || optional, words, entry }] : []
  })
}

/** A figure, and the words that may stand in its place. */
function wordsIn(schema: z.ZodType): { figure: z.ZodType; words: string[] } {
  if (!(schema instanceof z.ZodUnion)) return { figure: schema, words: [] }
  const options = schema.options as z.ZodType[]
  const isWord = (one: z.ZodType) => one instanceof z.ZodEnum || one instanceof z.ZodLiteral
  const words = options.filter(isWord).flatMap((one) => choicesOf(one))
  return { figure: options.find((one) => !isWord(one)) ?? schema, words }
}

const choicesOf = (schema: z.ZodType): string[] =>
  schema instanceof z.ZodEnum
    ? schema.options.map(String)
    : schema instanceof z.ZodLiteral
      ? [...schema.values].map(String)
      : []

function entryOf(schema: z.ZodType, meta: z.core.GlobalMeta): Entry | undefined {
  if (meta.quantityKind) {
    const core = ((schema as z.ZodObject).shape as Record<string, z.ZodNumber>).coreValue!
    return { as: 'quantity', kind: meta.quantityKind, limits: boundsOf(core) }
  }
  if (schema instanceof z.ZodNumber) {
    const whole = schema.format === 'safeint'
    return { as: 'number', unit: meta.unit, ...boundsOf(schema), whole }
  }
  if (schema instanceof z.ZodString) return { as: 'text', most: schema.maxLength ?? MOST_TEXT }
  if (schema instanceof z.ZodEnum) return { as: 'choice', options: choicesOf(schema) }
  if (schema instanceof z.ZodBoolean) return { as: 'flag' }
  if (!(schema instanceof z.ZodArray)) return undefined
  const element = schema.element as z.ZodType
  if (element instanceof z.ZodObject) return { as: 'rows', columns: formFieldsOf(element) }
  return { as: element instanceof z.ZodArray ? 'grid' : 'numbers' }
}

const boundsOf = ({ minValue, maxValue }: z.ZodNumber) => ({
  min: minValue ?? 0,
  max: maxValue ?? Number.MAX_SAFE_INTEGER,
})

/** What a form starts with: the answers that say nothing yet. */
export function startOf(fields: readonly FormField[]): Record<string, unknown> {
  return Object.fromEntries(
    fields.flatMap(({ path, entry }): [string, unknown][] => {
      if (entry.as === 'rows') return [[path, []]]
      const unsaid =
        entry.as === 'choice' ? UNSAID.find((u) => entry.options.includes(u)) : undefined
      return unsaid ? [[path, unsaid]] : []
    }),
  )
}

/** What a record says, by path. */
export const valuesOf = (fields: readonly FormField[], data: object): Record<string, unknown> =>
  Object.fromEntries(
    fields.flatMap(({ path }) => {
      const value = path
        .split('.')
        .reduce<unknown>(
          (part, name) => (part as Record<string, unknown> | undefined)?.[name],
          data,
        )
      return value === undefined ? [] : [[path, value]]
    }),
  )

/** The record that these values make; parts of it of which nothing is filled in are left out. */
export function recordOf(fields: readonly FormField[], values: FormValues): object {
  const out: Record<string, unknown> = {}
  for (const { path } of fields) {
    const value = values[path]
    if (value === undefined || value === '') continue
    const names = path.split('.')
    const last = names.pop()!
    let part = out
    for (const name of names) part = (part[name] ??= {}) as Record<string, unknown>
    part[last] = value
  }
  return out
}

/** The field that must be filled in and is not; a part of the record that was begun asks for all of it. */
export function missingIn(fields: readonly FormField[], values: FormValues): FormField | undefined {
  const begun = new Set(
    fields.filter(({ path }) => isSaid(values[path])).map(({ path }) => partOf(path)),
  )
  return fields.find(({ path, optional, entry }) => {
    if (isSaid(values[path]) || entry.as === 'rows') return false
    const part = partOf(path)
    return part === '' ? !optional : begun.has(part)
  })
}

const isSaid = (value: unknown) => value !== undefined && value !== ''
const partOf = (path: string) => path.split('.').slice(0, -1).join('.')

/** The field that an issue of the schema is about. */
export const fieldOfIssue = (
  fields: readonly FormField[],
  path: readonly PropertyKey[],
): FormField | undefined => {
  const way = path.map(String)
  return fields.find((field) => field.path.split('.').every((name, i) => way[i] === name))
}

/** Numbers as they are typed one after another, "0.05 0.06 −0.01"; NaN for what is none. */
export const numbersIn = (text: string): number[] =>
  text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((part) => Number(part.replace(',', '.').replace('−', '-')))
