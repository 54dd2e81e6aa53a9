import { z } from 'zod'
import type { Entry } from './context'
import type { Check } from './define-check'

export interface Leaf {
  path: string
  value: unknown
}

/** Every simple value of a record, and every list as a whole, with the way to it. */
export function leavesOf(value: unknown, path: string): Leaf[] {
  if (Array.isArray(value)) return [{ path, value }, ...ofFirstAndLast(value, path)]
  if (typeof value !== 'object' || value === null) return [{ path, value }]
  const own = path ? [{ path, value }] : []
  return [
    ...own,
    ...Object.entries(value).flatMap(([key, inner]) =>
      leavesOf(inner, path ? `${path}.${key}` : key),
    ),
  ]
}

/** Of a list of records within a record, the first and the last stand for all. */
function ofFirstAndLast(list: readonly unknown[], path: string): Leaf[] {
  const ends = [...new Set([0, list.length - 1])].filter((at) => typeof list[at] === 'object')
  return ends.flatMap((at) => leavesOf(list[at], `${path}.${at}`).slice(1))
}

export const choiceOf = ({ path, value }: Leaf) =>
  typeof value === 'string' || typeof value === 'boolean' ? `${path}=${value}` : path

interface Change {
  at: number
  said: string
  data: unknown
}

/** A figure is taken to these shares of itself: both sides of any limit near it, and far off. */
const SHARES = [-1, 0, 0.1, 0.5, 0.8, 0.9, 0.97, 1.03, 1.1, 1.25, 2, 10]
/** Each field is changed in two of the sets at most. */
const TWICE = 2

export function changesOf(
  check: Check,
  entry: Entry,
  at: number,
  varied: Map<string, number>,
): Change[] {
  const schema = check.records[entry.kind]!
  const changes: Change[] = []
  const add = (said: string, data: unknown) => {
    const parsed = schema.safeParse(data)
    if (parsed.success) changes.push({ at, said, data: parsed.data })
  }
  const required = withoutOptional(schema, entry.data)
  if (required !== undefined && !varied.has(`${entry.kind} bare`)) {
    varied.set(`${entry.kind} bare`, 1)
    add('nothing that may be left out', required)
  }
  const fields = new Set([...leavesOf(entry.data, '').map((l) => l.path), ...namesOf(schema)])
  for (const path of fields) {
    const key = `${entry.kind} ${path}`
    const times = varied.get(key) ?? 0
    if (times === TWICE || /(?:^|\.)(?:typed|unit|value|run|instrument)$/.test(path)) continue
    varied.set(key, times + 1)
    const old = valueAt(entry.data, path)
    add(`${path} left out`, withValue(entry.data, path, undefined))
    for (const value of othersFor(schema, path, old))
      add(`${path} = ${JSON.stringify(value)}`, withValue(entry.data, path, value))
  }
  return changes
}

function othersFor(schema: z.ZodType, path: string, old: unknown): unknown[] {
  if (path.endsWith('.instrumentOffsetInCoreUnit')) return [0]
  if (typeof old === 'number')
    return SHARES.map((share) => Number((old * share).toPrecision(6))).filter((v) => v !== old)
  if (Array.isArray(old)) return [[], old.slice(0, 1), old.slice(1), old.toReversed()]
  return choicesAt(schema, path.split('.')).filter((choice) => choice !== old)
}

/** A wrapper passes on what it holds. */
function bare(schema: unknown): unknown {
  if (schema instanceof z.ZodOptional || schema instanceof z.ZodDefault)
    return bare(schema.unwrap())
  return schema
}

export function choicesAt(schema: unknown, path: readonly string[]): unknown[] {
  const inner = bare(schema)
  const [head, ...rest] = path
  if (inner instanceof z.ZodUnion) return inner.options.flatMap((o) => choicesAt(o, path))
  if (head === undefined) {
    if (inner instanceof z.ZodEnum) return inner.options
    if (inner instanceof z.ZodLiteral) return [...inner.values]
    if (inner instanceof z.ZodString) return (inner.meta()?.examples as string[] | undefined) ?? []
    return inner instanceof z.ZodBoolean ? [true, false] : []
  }
  if (inner instanceof z.ZodArray) return choicesAt(inner.element, rest)
  if (!(inner instanceof z.ZodObject)) return []
  return choicesAt(inner.shape[head], rest)
}

/** Fields of a record, written or not. */
function namesOf(schema: unknown): string[] {
  const inner = bare(schema)
  if (inner instanceof z.ZodUnion) return inner.options.flatMap(namesOf)
  return inner instanceof z.ZodObject ? Object.keys(inner.shape) : []
}

/** A record with no field that may be left out; undefined where it has none such. */
function withoutOptional(schema: unknown, data: unknown): unknown {
  const inner = bare(schema)
  if (!(inner instanceof z.ZodObject)) return undefined
  const kept = Object.entries(data as object).filter(
    ([name]) => !(inner.shape[name] instanceof z.ZodOptional),
  )
  return kept.length < Object.keys(data as object).length ? Object.fromEntries(kept) : undefined
}

const valueAt = (data: unknown, path: string): unknown =>
  path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)?.[key], data)

export function withValue(data: unknown, path: string, value: unknown): unknown {
  const [head, ...rest] = path.split('.')
  if (Array.isArray(data))
    return data.map((inner: unknown, at) =>
      String(at) === head ? withValue(inner, rest.join('.'), value) : inner,
    )
  const own = { ...(data as Record<string, unknown>) }
  if (rest.length > 0) own[head!] = withValue(own[head!] ?? {}, rest.join('.'), value)
  else if (value === undefined) delete own[head!]
  else own[head!] = value
  return own
}
