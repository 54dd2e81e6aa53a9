import type { z } from 'zod'
import { InputError, message } from '../quantity/message'
import { type Known, type Misfit, misfitOf } from './consistency'
import { caseRecord, type CaseRecord } from './envelope'
import { caseEvent, type CaseEvent } from './events'
import {
  caseFile,
  FORMAT,
  FORMAT_VERSION,
  MOST_EVENTS,
  MOST_RECORDS,
  type CaseFile,
} from './schema'
import { carryFile } from './version-1'

/** Steps by the version they begin with; each carries a file of version n to n + 1. */
export type MigrationSteps = Readonly<
  Record<number, (file: Record<string, unknown>) => Record<string, unknown>>
>

/** New kinds of record are no new version: an old file has none of them. */
const MIGRATIONS: MigrationSteps = { 1: carryFile }

/** Carries a file to the newest version, one step after the other, and writes the version it has reached. The file given is not changed. */
export function carryForward(
  file: Record<string, unknown>,
  newest = FORMAT_VERSION,
  steps: MigrationSteps = MIGRATIONS,
): Record<string, unknown> {
  let carried = file
  for (let v = file.version as number; v < newest; v++) {
    const step = steps[v]
    if (!step) throw new RangeError(`no step from version ${v}`)
    carried = { ...step(carried), version: v + 1 }
  }
  return carried
}

/** What some programs put before a text that they save as UTF-8. */
const BYTE_ORDER_MARK = /^\uFEFF/

/**
 * Reads the text of a case file, with a byte order mark or without. Throws InputError, with the path of the bad field, for text that is cut short or
 * no JSON, another format, a later version, a field out of its range, or records that do not fit together.
 */
export function readCaseFile(text: string): CaseFile {
  return carriedOut(readingCaseFile(text))
}

/** The same for an already parsed value. */
export function checkCaseFile(raw: unknown): CaseFile {
  return carriedOut(checkingCaseFile(raw))
}

/**
 * The same in steps of a few hundredths of a second, for a program that has others to serve meanwhile: `next` carries
 * out one step, the last gives the file.
 */
export function* readingCaseFile(text: string): Generator<void, CaseFile, void> {
  let raw: unknown
  try {
    raw = JSON.parse(text.replace(BYTE_ORDER_MARK, ''))
  } catch {
    const cut = /^\s*\{/.test(text) && !/\}\s*$/.test(text)
    throw new InputError('', message(cut ? 'file.truncated' : 'file.notJson'))
  }
  yield
  return yield* checkingCaseFile(raw)
}

function carriedOut<T>(steps: Generator<void, T, void>): T {
  for (;;) {
    const { done, value } = steps.next()
    if (done) return value
  }
}

/** Records and events checked in one step. */
const ENTRIES_A_STEP = 500

function* checkingCaseFile(raw: unknown): Generator<void, CaseFile, void> {
  if (typeof raw !== 'object' || raw === null || (raw as { format?: unknown }).format !== FORMAT)
    throw new InputError('format', message('file.otherFormat'))
  const file = raw as Record<string, unknown>
  const version = file.version
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw new InputError('version', message('file.noVersion'))
  if (version > FORMAT_VERSION)
    throw new InputError(
      'version',
      message('file.laterVersion', { version, newest: FORMAT_VERSION }),
    )
  const checked = yield* checkingFields(carryForward(file))
  checkConsistency(checked)
  return checked
}

/** The fields beside records and events first, then these some at a time. */
function* checkingFields(file: Record<string, unknown>): Generator<void, CaseFile, void> {
  const { records, events } = file
  // What is no list, or too long, is refused as it stands.
  if (!isList(records, MOST_RECORDS) || !isList(events, MOST_EVENTS))
    return checkedBy(caseFile, file)
  const rest = checkedBy(caseFile, { ...file, records: [], events: [] })
  return {
    ...rest,
    records: yield* checkingList(caseRecord, records, 'records'),
    events: yield* checkingList(caseEvent, events, 'events'),
  }
}

const isList = (value: unknown, most: number): value is unknown[] =>
  Array.isArray(value) && value.length <= most

function* checkingList<T>(
  entry: z.ZodType<T>,
  list: readonly unknown[],
  name: string,
): Generator<void, T[], void> {
  const checked: T[] = []
  for (let at = 0; at < list.length; at++) {
    checked.push(checkedBy(entry, list[at], `${name}.${at}`))
    if (at % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield
  }
  return checked
}

/** The value as its schema has it; InputError with the path of the first bad field, that of the value before it. */
function checkedBy<T>(schema: z.ZodType<T>, value: unknown, at = ''): T {
  const parsed = schema.safeParse(value)
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]!
  const path = [at, ...issue.path].filter((step) => step !== '').join('.')
  throw new InputError(path, message('file.badField', { path, reason: issue.message }))
}

const SAID_OF_A_FILE: Record<Misfit, string> = {
  withdrawsNothing: 'file.supersedesUnknown',
  replacesItself: 'file.supersedesUnknown',
  replacesUnknown: 'file.supersedesUnknown',
  replacesAnotherKind: 'file.supersedesOther',
  noSuchRun: 'file.unknownRun',
  unknownInstrument: 'file.unknownInstrument',
}

/** Rules that the schema cannot express; docs/case-format.md lists them. */
function checkConsistency(file: CaseFile): void {
  const fail = (
    path: string,
    id: string,
    parameters: Record<string, string | number> = {},
  ): never => {
    throw new InputError(path, message(id, { path, ...parameters }))
  }
  if (file.case.vehicle !== file.vehicle.id) fail('case.vehicle', 'file.otherVehicle')
  const people = new Set(file.people.map((p) => p.id))
  if (!people.has(file.case.openedBy)) fail('case.openedBy', 'file.unknownPerson')
  const lists = [
    { name: 'records', entries: file.records },
    { name: 'events', entries: file.events },
  ]
  const ids = new Set<string>()
  const items = lists.flatMap(({ name, entries }) =>
    entries.map((item, i) => ({ item: item as CaseRecord | CaseEvent, path: `${name}.${i}` })),
  )
  for (const { item, path } of items) {
    if (ids.has(item.id)) fail(`${path}.id`, 'file.sameIdTwice')
    ids.add(item.id)
    if (!people.has(item.by)) fail(`${path}.by`, 'file.unknownPerson')
  }
  const instruments = new Set(file.instruments.map((i) => i.id))
  for (const { name, entries } of lists) {
    const kinds = new Map<string, string>(entries.map(({ id, kind }) => [id, kind]))
    const known: Known = {
      kindOf: (id) => kinds.get(id),
      hasInstrument: (id) => instruments.has(id),
    }
    entries.forEach((item, i) => {
      const wrong = misfitOf(item, known)
      if (wrong) fail(`${name}.${i}.${wrong.field}`, SAID_OF_A_FILE[wrong.misfit])
    })
  }
  refuseLoops(items, fail)
}

/** A chain of corrections has an end. Each entry is looked at twice at most, be the chain as long as it may. */
function refuseLoops(
  items: readonly { item: CaseRecord | CaseEvent; path: string }[],
  fail: (path: string, id: string) => never,
): void {
  const byId = new Map(items.map(({ item }) => [item.id, item]))
  const endsWell = new Set<string>()
  for (const { item, path } of items) {
    const seen = new Set<string>()
    for (let at: typeof item | undefined = item; at?.supersedes; at = byId.get(at.supersedes)) {
      if (endsWell.has(at.id)) break
      if (seen.has(at.id)) fail(`${path}.supersedes`, 'file.supersedesLoop')
      seen.add(at.id)
    }
    for (const id of seen) endsWell.add(id)
  }
}

/** Text of a case file, two spaces of indent, so that two versions can be compared line by line. */
export function writeCaseFile(file: CaseFile): string {
  return `${JSON.stringify(file, null, 2)}\n`
}
