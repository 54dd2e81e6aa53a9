import { readdirSync, readFileSync } from 'node:fs'
import { z } from 'zod'
import type { Message } from '../quantity/message'
import { readCaseFile } from '../record/read'
import { standing } from '../record/standing'
import type { CheckContext, CheckOutcome, Entry } from './context'
import { COMPLAINTS } from '../vehicle/complaint'
import { systemProfile } from '../vehicle/profile'
import { CONTEXT } from './check.fixture'
import type { Check } from './define-check'

/**
 * What a check makes of records, and what each change of one field makes of that: one line a change, only what it
 * moves. The records are those of the demo cases and the vignettes, under the sea-level context of the tests.
 */
export function outcomeTable(check: Check): string[] {
  const varied = new Map<string, number>()
  const bases = basesOf(check)
  if (bases.length === 0) return ['# no case has a record of it']
  return bases.flatMap((base, n) => {
    const before = described(check, base.entries, base.context)
    const changes = base.entries.flatMap((entry, at) =>
      isShown(base.entries, at) ? changesOf(check, entry, at, varied) : [],
    )
    return [
      `# ${n + 1}: ${base.from}`,
      ...[...before].map(([part, text]) => `  ${part}: ${text}`),
      ...(n === 0 ? contextLines(check, base, before) : []),
      ...changes.map(({ at, said, data }) => {
        const entries = base.entries.map((e, i) => (i === at ? { ...e, data } : e))
        const after = described(check, entries, base.context)
        return `${base.entries[at]!.kind} ${said} -> ${difference(before, after)}`
      }),
    ]
  })
}

/** The same records on another vehicle, under another complaint, in another place: only where it moves something. */
function contextLines(check: Check, base: Base, before: Map<string, string>): string[] {
  const { context } = base
  const others: [string, Partial<CheckContext>][] = [
    ...COMPLAINTS.map((complaint): [string, Partial<CheckContext>] => [complaint, { complaint }]),
    ...Object.keys(systemProfile.shape).flatMap((field) =>
      [undefined, ...choicesAt(systemProfile, [field]), ...FIGURES]
        .filter((value) => systemProfile.safeParse({ [field]: value }).success)
        .map((value): [string, Partial<CheckContext>] => [
          `profile ${field} = ${String(value)}`,
          { profile: withValue(context.profile, field, value) as CheckContext['profile'] },
        ]),
    ),
    ['holds 60 kPa', { heldKPaGauge: 60 }],
    ['water', { mix: { ...context.mix, base: 'water', massFraction: 0 } }],
    ['propylene', { mix: { ...context.mix, base: 'propylene-glycol' } }],
    ['at 1300 m', { atmosphereKPa: 86.6, mix: { ...context.mix, elevationMetres: 1300 } }],
    ['capacity not known', { capacityLitres: undefined }],
    ['driven 6 h a week', { found: { pressurised: SIX_HOURS } }],
    ['issuing', { found: { ...context.found, issuing: ISSUING } }],
    ['every part clamped off', { isIsolated: () => true }],
    ['cap holds 80', { found: { ...context.found, capHoldsKPaGauge: 80 } }],
    ['reported 2 L', { found: { ...context.found, reportedLossLitresPerWeek: 2 } }],
    [
      'tester leaks',
      { found: { ...context.found, testerFlowMLPerMinute: { low: 0.5, value: 1, high: 2 } } },
    ],
  ]
  return others.flatMap(([said, change]) => {
    const moved = difference(before, described(check, base.entries, { ...context, ...change }))
    return moved === NOTHING ? [] : [`${said} -> ${moved}`]
  })
}

/** Figures on both sides of what a vehicle usually has, of any field of its profile. */
const FIGURES = [0.3, 1, 4, 6, 10, 70, 88, 105, 140, 240]

const SIX_HOURS = { hoursPerWeek: { low: 5, value: 6, high: 8 }, assumed: false }
const ISSUING = [{ part: 'radiator' as const, observedAt: '2026-01-01T08:00:00Z' }]

interface Base {
  from: string
  entries: Entry[]
  context: CheckContext
}

const FOLDERS = ['data/demo/cases', 'data/vignettes/open', 'data/vignettes/kept-apart']
const MOST_BASES = 6

let files: { name: string; file: ReturnType<typeof readCaseFile> }[] | undefined
const allFiles = () =>
  (files ??= FOLDERS.flatMap((folder) =>
    readdirSync(folder)
      .sort()
      .map((name) => ({
        name: name.replace('.json', ''),
        file: readCaseFile(readFileSync(`${folder}/${name}`, 'utf8')),
      })),
  ))

/** Sets of records of which each shows states, fields or choices that those before it do not. */
function basesOf(check: Check): Base[] {
  const seen = new Set<string>()
  const bases: Base[] = []
  for (const { name, file } of allFiles()) {
    const entries: Entry[] = standing(file.records).filter((r) => r.kind in check.records)
    if (entries.length === 0 || bases.length === MOST_BASES) continue
    const context: CheckContext = {
      ...CONTEXT,
      profile: file.vehicle.profile,
      complaint: file.case.complaint,
    }
    const shows = [
      ...check.assess(entries, context).map((o) => `states ${o.states.join()}`),
      ...entries.flatMap((e) => leavesOf(e.data, '').map((leaf) => `${e.kind} ${choiceOf(leaf)}`)),
    ]
    if (shows.every((s) => seen.has(s))) continue
    for (const s of shows) seen.add(s)
    bases.push({ from: name, entries: entries.slice(0, 24), context })
  }
  return bases
}

/** Of a long run the first records and the last stand for all. */
const isShown = (entries: readonly Entry[], at: number) => at < 4 || at === entries.length - 1

interface Leaf {
  path: string
  value: unknown
}

/** Every simple value of a record, and every list as a whole, with the way to it. */
function leavesOf(value: unknown, path: string): Leaf[] {
  if (Array.isArray(value)) return [{ path, value }]
  if (typeof value !== 'object' || value === null) return [{ path, value }]
  const own = path ? [{ path, value }] : []
  return [
    ...own,
    ...Object.entries(value).flatMap(([key, inner]) =>
      leavesOf(inner, path ? `${path}.${key}` : key),
    ),
  ]
}

const choiceOf = ({ path, value }: Leaf) =>
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

function changesOf(check: Check, entry: Entry, at: number, varied: Map<string, number>): Change[] {
  const schema = check.records[entry.kind]!
  const changes: Change[] = []
  const add = (said: string, data: unknown) => {
    const parsed = schema.safeParse(data)
    if (parsed.success) changes.push({ at, said, data: parsed.data })
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
  if (path.endsWith('.instrumentOffsetSi')) return [0]
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

function choicesAt(schema: unknown, path: readonly string[]): unknown[] {
  const inner = bare(schema)
  const [head, ...rest] = path
  if (inner instanceof z.ZodUnion) return inner.options.flatMap((o) => choicesAt(o, path))
  if (head === undefined) {
    if (inner instanceof z.ZodEnum) return inner.options
    if (inner instanceof z.ZodLiteral) return [...inner.values]
    return inner instanceof z.ZodBoolean ? [true, false] : []
  }
  if (!(inner instanceof z.ZodObject)) return []
  return choicesAt(inner.shape[head], rest)
}

/** Fields of a record, written or not. */
function namesOf(schema: unknown): string[] {
  const inner = bare(schema)
  if (inner instanceof z.ZodUnion) return inner.options.flatMap(namesOf)
  return inner instanceof z.ZodObject ? Object.keys(inner.shape) : []
}

const valueAt = (data: unknown, path: string): unknown =>
  path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)?.[key], data)

function withValue(data: unknown, path: string, value: unknown): unknown {
  const [head, ...rest] = path.split('.')
  const own = { ...(data as Record<string, unknown>) }
  if (rest.length > 0) own[head!] = withValue(own[head!] ?? {}, rest.join('.'), value)
  else if (value === undefined) delete own[head!]
  else own[head!] = value
  return own
}

const NOTHING = 'moves nothing'
const rounded = (value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toPrecision(4)) : value

const idsOf = (messages: readonly Message[]) =>
  messages
    .map(({ id, parameters }) => {
      const told = flat(parameters)
      return told ? `${id} (${told})` : id
    })
    .join('; ')

/** Everything that a check says, by what it says it of. */
function described(
  check: Check,
  entries: readonly Entry[],
  context: CheckContext,
): Map<string, string> {
  const outcomes = check.assess(entries, context)
  const told = outcomes.flatMap((o, i) => partsOf(o, outcomes.length > 1 ? `${i + 1} ` : ''))
  const standingOf = { outcomes, entries, ever: entries }
  const joint: [string, string][] = [
    ['facts together', check.facts(standingOf).join(' ')],
    [
      'sees',
      check
        .sees(standingOf)
        .map((s) => `${s.part} ${s.as}`)
        .join(' '),
    ],
    [
      'waits',
      check
        .waits(entries)
        .map((w) => `${w.minutes} min`)
        .join(' '),
    ],
    ['coolant', String(check.coolantC(entries) ?? '')],
    ['advises', idsOf([check.advises(entries)].filter((m) => m !== undefined))],
    ['finds', flat(check.finds?.(entries, outcomes, context) ?? {})],
    ['signs it can read', signsInScope(check, context)],
  ]
  return new Map([...told, ...joint].filter(([, text]) => text !== ''))
}

const signsInScope = (check: Check, { profile, complaint }: CheckContext) =>
  [true, false]
    .map((has) => check.signs({ profile, complaint, has: () => has }).join(' '))
    .join(' | ')
    .replace(/^ \| $/, '')

const flat = (value: object) =>
  leavesOf(value, '')
    .filter(({ value: v }) => v !== undefined && (typeof v !== 'object' || Array.isArray(v)))
    .map(({ path, value: v }) => `${path} ${Array.isArray(v) ? listed(v) : String(rounded(v))}`)
    .join(', ')

/** A list of figures by its length and sum; of anything else as it is. */
function listed(list: readonly unknown[]): string {
  if (list.length > 6 && list.every((v) => typeof v === 'number'))
    return `[${list.length}: ${String(rounded(list.reduce((sum, v) => sum + v, 0)))}]`
  return `[${list.map((v) => (typeof v === 'object' && v !== null ? flat(v) : String(rounded(v)))).join(' | ')}]`
}

/** Each figure as a part of its own, so that a line tells only of those that move. */
const figuresOf = (figures: object, number: string): [string, string][] =>
  Object.entries(figures)
    .filter(([name]) => !TOLD_ALREADY.has(name))
    .map(([name, value]) => [
      `${number}${name}`,
      typeof value === 'object' && value !== null
        ? Array.isArray(value)
          ? listed(value)
          : flat(value)
        : String(rounded(value) ?? ''),
    ])

/** What an analysis hands on and the outcome tells as well. */
const TOLD_ALREADY = new Set(['states', 'doesNotProve', 'notes', 'cautions'])

function partsOf(o: CheckOutcome, number: string): [string, string][] {
  const signs = o.signs.map((s): [string, string] => [
    `${number}${s.sign}`,
    `${flat(s.likelihood)}; valid ${String(rounded(s.validity))}; ${idsOf([s.says])}`,
  ])
  return [
    [`${number}states`, o.states.join(' ')],
    ...figuresOf(o.figures, number),
    ...signs,
    [`${number}facts`, o.facts.join(' ')],
    [`${number}notes`, idsOf(o.notes)],
    [`${number}does not prove`, idsOf(o.doesNotProve)],
    [`${number}cautions`, idsOf(o.cautions)],
    [`${number}assumes`, idsOf(o.assumptions)],
    [`${number}heat matters`, String(o.heatMatters)],
  ]
}

function difference(before: Map<string, string>, after: Map<string, string>): string {
  const parts = new Set([...before.keys(), ...after.keys()])
  const moved = [...parts].filter((part) => before.get(part) !== after.get(part))
  return moved.length === 0
    ? NOTHING
    : moved.map((part) => `${part}: ${after.get(part) ?? '-'}`).join(' / ')
}
