import fc from 'fast-check'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { readCaseFile } from '../record/read'
import { standing } from '../record/standing'
import { COMPLAINTS } from '../vehicle/complaint'
import { CONTEXT } from './check.fixture'
import type { CheckContext, Entry } from './context'
import type { Check } from './define-check'
import { described } from './outcome-words.fixture'
import {
  arbitraryOf,
  entriesOf,
  type Field,
  fieldsOf,
  isListOfChoices,
  type ValueFor,
  withField,
} from './random-record.fixture'
import { ALL_CHECKS } from './registry'

/** Draws of all that a check records, before a field is said to move nothing. */
const DRAWS = 90
/** Of the demo's cases and the vignettes, the first that have records of a check. */
const RECORDED = 16
/** Records of each other kind that belong to a run. */
const IN_A_RUN = 5
const FANS = ['viscous-clutch', 'electric-relay', 'electric-module', 'thermo-switch'] as const

/** What moves nothing, as docs/case-format.md lists it, with a reason each. */
const LISTED = [
  ...readFileSync('docs/case-format.md', 'utf8').matchAll(/^\| `([a-z-]+\.[a-z-]+ [^`]+)` +\|/gm),
].map(([, field]) => field!)

/** Records of one check and what stands around them. */
interface Draw {
  entries: Entry[]
  context: CheckContext
}

/** A draw, and which of its records is changed. */
interface Changed extends Draw {
  at: number
}

/** Records as they stand in the demo's cases and in the vignettes. */
function recordedOf(check: Check): Draw[] {
  return ['data/demo/cases', 'data/vignettes/open', 'data/vignettes/kept-apart']
    .flatMap((folder) =>
      readdirSync(folder).map((name) => {
        const file = readCaseFile(readFileSync(`${folder}/${name}`, 'utf8'))
        const { profile } = file.vehicle
        return {
          entries: standing(file.records).filter((r) => r.kind in check.records) as Entry[],
          context: { ...CONTEXT, profile, complaint: file.case.complaint },
        }
      }),
    )
    .filter(({ entries }) => entries.length > 0)
    .slice(0, RECORDED)
}

/** One record of each kind, at random; of a run its start and a few of each other kind. */
function drawnOf(check: Check): Draw[] {
  const drawn = fc.record({
    entries: entriesOf(check, { each: 1, inRun: IN_A_RUN }),
    context: fc.record({
      complaint: fc.constantFrom(...COMPLAINTS),
      fan: fc.constantFrom(...FANS),
    }),
  })
  return fc.sample(drawn, { numRuns: DRAWS, seed: 7 }).map(({ entries, context }) => ({
    entries,
    context: {
      ...CONTEXT,
      complaint: context.complaint,
      profile: { ...CONTEXT.profile, fan: context.fan },
    },
  }))
}

/** Other values for a field: each choice, each choice in a list, or figures; and lists of figures made smaller. */
function valuesFor({ schema }: Field): ValueFor[] {
  const always = (values: readonly unknown[]) => values.map((value) => () => value)
  if (schema instanceof z.ZodEnum) return always(schema.options)
  if (schema instanceof z.ZodBoolean) return always([true, false])
  if (isListOfChoices(schema))
    return always([[], ...schema.element.options.map((one: unknown) => [one])])
  if (schema instanceof z.ZodArray) return SHARES.map((share) => (old) => scaled(old, share))
  return always(fc.sample(arbitraryOf(schema), { numRuns: 24, seed: 3 }))
}
const SHARES = [1, 0.9, 0.5]

const isChoice = (schema: z.ZodType) => schema instanceof z.ZodEnum || isListOfChoices(schema)

const scaled = (value: unknown, share: number): unknown =>
  Array.isArray(value)
    ? value.map((inner) => scaled(inner, share))
    : typeof value === 'number'
      ? value * share
      : value

/**
 * Values of a field that no draw tells apart, as words: choices by their names, and of all else whether it moves
 * anything at all.
 */
function alike(check: Check, kind: string, field: Field, draws: readonly Draw[]): string[] {
  const values = valuesFor(field)
  const group: number[] = values.map(() => NEVER_TRIED)
  for (const draw of draws.flatMap((one) => changedIn(one, kind))) {
    // Of a field that is no choice two values that are told apart say enough.
    const told: (string | undefined)[] = []
    for (const value of values) {
      told.push(toldWith(check, draw, field, value))
      const few = new Set(told.filter((text) => text !== undefined))
      if (few.size > 1 && !isChoice(field.schema)) return []
    }
    split(group, told)
    if (new Set(group).size === values.length) return []
  }
  const name = field.path.join('.')
  const tried = [...new Set(group)].filter((one) => one !== NEVER_TRIED)
  if (tried.length === 0) return [`${name} never tried`]
  if (!isChoice(field.schema)) return tried.length === 1 ? [name] : []
  return tried.flatMap((one) => {
    const same = values.flatMap((value, i) => (group[i] === one ? [String(value(undefined))] : []))
    return same.length > 1 ? [`${name} ${same.join(' ~ ')}`] : []
  })
}
const NEVER_TRIED = -1

/** All that is told of a draw whose record has another value of a field, or nothing where it cannot have that. */
function toldWith(check: Check, { entries, context, at }: Changed, field: Field, value: ValueFor) {
  const entry = entries[at]!
  const data = withField(entry.data, field.path, value)
  if (data === undefined || !check.records[entry.kind]!.safeParse(data).success) return undefined
  const changed = entries.map((one, i) => (i === at ? { ...one, data } : one)) as Entry[]
  return JSON.stringify([...described(check, changed, context)])
}

/** Each draw with its first record of a kind to be changed, and of a run's channels the second as well. */
const changedIn = (draw: Draw, kind: string): Changed[] =>
  draw.entries
    .flatMap((entry, at) => (entry.kind === kind ? [{ ...draw, at }] : []))
    .filter(
      ({ entries, at }, i) => i === 0 || (i === 1 && 'channel' in (entries[at]!.data as object)),
    )

/** Values that were told apart get groups of their own; those not tried stay with those they are with. */
function split(group: number[], told: readonly (string | undefined)[]) {
  told.forEach((text, i) => {
    if (text !== undefined && group[i] === NEVER_TRIED) group[i] = 0
  })
  for (const one of new Set(group)) {
    const members = group.flatMap((g, i) => (g === one && told[i] !== undefined ? [i] : []))
    const first = told[members[0]!]
    const others = [...new Set(members.map((i) => told[i]).filter((text) => text !== first))]
    for (const text of others) {
      const fresh = Math.max(...group) + 1
      for (const i of members) if (told[i] === text) group[i] = fresh
    }
  }
}

describe('every field of a record, through its states', () => {
  it.each(ALL_CHECKS.map((check) => [check.id, check] as const))(
    'of %s moves something, or is listed with the reason why not',
    (_, check) => {
      const draws = [...recordedOf(check), ...drawnOf(check)]
      const still = Object.entries(check.records).flatMap(([kind, schema]) =>
        fieldsOf(schema)
          .filter(({ path }) => path.at(-1) !== 'run')
          .flatMap((field) => alike(check, kind, field, draws).map((one) => `${kind} ${one}`)),
      )
      const listed = LISTED.filter((field) => field.split('.')[0] === check.id)
      expect(still.sort()).toEqual(listed.sort())
    },
  )
})
