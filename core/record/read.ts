import { InputError, message } from '../quantity/message'
import { caseFile, FORMAT, FORMAT_VERSION, type CaseFile } from './schema'
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
  let raw: unknown
  try {
    raw = JSON.parse(text.replace(BYTE_ORDER_MARK, ''))
  } catch {
    const cut = /^\s*\{/.test(text) && !/\}\s*$/.test(text)
    throw new InputError('', message(cut ? 'file.truncated' : 'file.notJson'))
  }
  return checkCaseFile(raw)
}

/** The same for an already parsed value. */
export function checkCaseFile(raw: unknown): CaseFile {
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
  const parsed = caseFile.safeParse(carryForward(file))
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!
    const path = issue.path.join('.')
    throw new InputError(path, message('file.badField', { path, reason: issue.message }))
  }
  checkConsistency(parsed.data)
  return parsed.data
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
  const items = [
    ...file.records.map((item, i) => ({ item, list: 'records', path: `records.${i}` })),
    ...file.events.map((item, i) => ({ item, list: 'events', path: `events.${i}` })),
  ]
  const listOf = new Map(items.map(({ item, list }) => [item.id, list]))
  const byId = new Map<string, (typeof items)[number]['item']>()
  for (const { item, path } of items) {
    if (byId.has(item.id)) fail(`${path}.id`, 'file.sameIdTwice')
    byId.set(item.id, item)
    if (!people.has(item.by)) fail(`${path}.by`, 'file.unknownPerson')
  }
  const instruments = new Set(file.instruments.map((i) => i.id))
  for (const { item, list, path } of items) {
    const old = item.supersedes === undefined ? undefined : byId.get(item.supersedes)
    if (item.supersedes !== undefined) {
      if (!old || old.id === item.id || listOf.get(old.id) !== list)
        fail(`${path}.supersedes`, 'file.supersedesUnknown')
      else if (item.kind !== 'withdrawn' && old.kind !== item.kind)
        fail(`${path}.supersedes`, 'file.supersedesOther')
    } else if (item.kind === 'withdrawn') fail(`${path}.supersedes`, 'file.supersedesUnknown')
    const run = (item.data as { run?: string }).run
    if (run !== undefined && byId.get(run)?.kind !== `${item.kind.split('.')[0]}.start`)
      fail(`${path}.data.run`, 'file.unknownRun')
    for (const [key, value] of Object.entries(item.data as Record<string, unknown>)) {
      const used =
        typeof value === 'object' && value !== null
          ? (value as { instrument?: string }).instrument
          : undefined
      if (used !== undefined && !instruments.has(used))
        fail(`${path}.data.${key}.instrument`, 'file.unknownInstrument')
    }
  }
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
