import { readdirSync, readFileSync } from 'node:fs'
import { readCaseFile } from '../record/read'
import { standing } from '../record/standing'
import type { CheckContext, Entry } from './context'
import { COMPLAINTS } from '../vehicle/complaint'
import { systemProfile } from '../vehicle/profile'
import { CONTEXT } from './check.fixture'
import type { Check } from './define-check'
import { described, difference, NOTHING } from './outcome-words.fixture'
import { changesOf, choiceOf, choicesAt, leavesOf, withValue } from './record-changes.fixture'

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
    ['cap holds 60', { heldKPaGauge: 60, heldBy: 'cap' }],
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
