import type { z } from 'zod'
import type { Interval } from '../quantity/interval'
import { message, type Message } from '../quantity/message'
import type { Complaint } from '../vehicle/complaint'
import type { PolicyName } from '../vehicle/policy'
import type { ProfileNeeds } from '../vehicle/profile'
import type { Group } from '../knowledge/types'
import type { Achievement, CheckScope, Locating, PartSeen, Phase, Waiting } from './check-terms'
import type { CheckContext, CheckOutcome, Entry, Found, Judged } from './context'
import { propagatedIntervals } from './propagated-error'

type Schemas = Readonly<Record<string, z.ZodType>>
type KindsOf<R extends Schemas> = keyof R & string
export type EntryOf<R extends Schemas> = {
  [K in KindsOf<R>]: Entry<K, z.infer<R[K]>>
}[KindsOf<R>]

/** What stands around a record of a check. */
export interface Around<R extends Schemas> {
  source: string
  observedAt: string
  /** what belongs to the run that this record begins */
  own: readonly EntryOf<R>[]
  /** all that stands of this check */
  all: readonly EntryOf<R>[]
}

/** One judge for each kind of record that is judged by itself, or that begins a run. */
type Judges<R extends Schemas> = {
  readonly [K in KindsOf<R>]?: (
    data: z.infer<R[K]>,
    context: CheckContext,
    around: Around<R>,
  ) => Judged
}

/** What a set of judges can return. */
type Returned<J> = {
  [K in keyof J]: J[K] extends (...parameters: never[]) => infer Out ? Out : never
}[keyof J]
/** Refuses a judge that returns anything that `Judged` does not know: a misspelt field would be dropped in silence. */
type Exactly<J> = {
  [K in keyof J]: J[K] extends (...parameters: never[]) => infer Out
    ? Exclude<Out extends unknown ? keyof Out : never, keyof Judged> extends never
      ? unknown
      : never
    : unknown
}
type With<Out> = Out extends { figures: infer F extends object } ? F : never
type Without<Out> = Out extends { figures: object } ? never : Out
/** Figures of a check's outcomes; where some of them have none, each figure may be missing. */
type FiguresOf<J> = [With<Returned<J>>] extends [never]
  ? object
  : [Without<Returned<J>>] extends [never]
    ? With<Returned<J>>
    : Partial<With<Returned<J>>>

/** What a check's findings come to since the last work on the vehicle, and what was ever recorded of it. */
export interface Standing<R extends Schemas, F extends object> {
  outcomes: readonly CheckOutcome<F>[]
  entries: readonly EntryOf<R>[]
  ever: readonly EntryOf<R>[]
}

/**
 * Everything the product knows of one check. The registry of records, the plan, the schools, the order of the work,
 * what is done and the panels are derived from it.
 */
export interface CheckDefinition<
  Id extends string,
  R extends Schemas,
  J extends Judges<R>,
  F extends object,
> {
  id: Id
  /** schema of each kind of record; a kind that ends in ".start" begins a run, and what belongs to it names it */
  records: R
  /** whether this record of another check is one of this: it is written down there, and done here */
  counts?: (record: Entry) => boolean
  phase: Phase
  /** hands-on */
  minutes: number
  /** parts disturbed: taking them off costs these minutes besides, and lets coolant out */
  apartMinutes?: number
  /** days that must pass before it can be done */
  afterDays?: number
  /** can be done only where each named field of the profile is unknown, absent, or one of the values */
  needs?: ProfileNeeds
  /** waits until this was brought about */
  after?: Achievement
  brings?: Achievement
  /** how far a case has come once it was done */
  marks?: 'begun' | 'pressed'
  locates?: Locating
  /** sides of the system that it looks at; a school that follows the pattern keeps to the leading one */
  sides?: readonly Group[]
  /** presses the system; a school that asks first leaves this until a leak leads */
  presses?: true
  /** place among what a school always begins with */
  opens?: Readonly<Partial<Record<PolicyName, number>>>
  /** place among what every case begins with, where nothing else leads */
  begins?: number
  /** complaints for which it is always offered */
  usualFor?: readonly Complaint[]
  /** complaints of which it shows that nothing is behind them */
  showsHarmless?: readonly Complaint[]
  /** it can always go on: open while anything it can settle is unread */
  openEnded?: true
  /** put to the keeper: a sign that tells less than a question is worth is left out, and no test of a part */
  asksKeeper?: true
  /** signs that it can read on this vehicle, as things stand; none for a check that only serves others */
  signs?: (scope: CheckScope) => readonly string[]
  /** signs that it can read where there is occasion: nobody does the check for these, and no plan counts on them */
  readsBeside?: readonly string[]
  /** judges one record, or the run that it begins */
  judge?: J & Exactly<J>
  /** judges all records of the check together, as of the newest */
  judgeTogether?: (entries: readonly EntryOf<R>[], context: CheckContext) => Judged<F> | undefined
  /** what other checks reckon with */
  finds?: (
    entries: readonly EntryOf<R>[],
    outcomes: readonly CheckOutcome<F>[],
    context: CheckContext,
  ) => Found
  /** what its records alone tell other checks, before any is judged */
  tells?: (entries: readonly EntryOf<R>[]) => Found
  /** facts that guards ask for and that its records can show */
  shows?: readonly string[]
  /** facts that only the findings together show */
  facts?: (standing: Standing<R, F>) => readonly string[]
  /** parts that it shows good or wet */
  sees?: (standing: Standing<R, F>) => readonly PartSeen[]
  /** runs of it that go on now */
  waits?: (entries: readonly EntryOf<R>[]) => readonly Waiting[]
  /** coolant temperature that it was last recorded with, °C */
  coolantC?: (entries: readonly EntryOf<R>[]) => number | undefined
  /** advice to the keeper that follows from all its records */
  advises?: (entries: readonly EntryOf<R>[]) => Message | undefined
  /** cautions that always stand before it, ids of "caution." */
  cautions?: readonly string[]
  /** what it never proves, ids of messages */
  doesNotProve?: readonly string[]
}

/** The same of records and outcomes of any check. */
export interface AnyStanding {
  outcomes: readonly CheckOutcome[]
  entries: readonly Entry[]
  ever: readonly Entry[]
}

/** A check as the rest of the product uses it. */
export interface Check<
  Id extends string = string,
  R extends Schemas = Schemas,
  F extends object = object,
> extends Omit<
  CheckDefinition<Id, R, Judges<R>, F>,
  | 'judge'
  | 'judgeTogether'
  | 'finds'
  | 'tells'
  | 'facts'
  | 'sees'
  | 'waits'
  | 'coolantC'
  | 'advises'
  | 'signs'
> {
  signs: (scope: CheckScope) => readonly string[]
  assess: (entries: readonly Entry[], context: CheckContext) => CheckOutcome<F>[]
  /** absent where no other check reckons with it */
  finds?: (
    entries: readonly Entry[],
    outcomes: readonly CheckOutcome[],
    context: CheckContext,
  ) => Found
  tells: (entries: readonly Entry[]) => Found
  facts: (standing: AnyStanding) => readonly string[]
  sees: (standing: AnyStanding) => readonly PartSeen[]
  waits: (entries: readonly Entry[]) => readonly Waiting[]
  coolantC: (entries: readonly Entry[]) => number | undefined
  advises: (entries: readonly Entry[]) => Message | undefined
}

/** Signs that a check can read wherever it can be done. */
export const these =
  (...signs: string[]) =>
  () =>
    signs

/**
 * Defines one check. Records handed to it were validated by its own schemas, which is why its kinds are taken at their word.
 * @example defineCheck({ id: 'note', records: {}, phase: 'any', minutes: 1 }).signs({}).length // 0
 */
export function defineCheck<
  const Id extends string,
  R extends Readonly<Record<`${Id}.${string}`, z.ZodType>>,
  J extends Judges<R> = Judges<R>,
  F extends object = FiguresOf<J>,
>(definition: CheckDefinition<Id, R, J, F>): Check<Id, R, F> {
  const { judge, judgeTogether, finds, tells, facts, sees, waits, ...rest } = definition
  const { coolantC, advises, signs, ...plain } = rest
  const { id, records, cautions = [], doesNotProve = [] } = definition
  const ownOf = (entries: readonly Entry[]) =>
    entries.filter((entry) => entry.kind in records) as EntryOf<R>[]
  const ownStanding = ({ outcomes, entries, ever }: AnyStanding): Standing<R, F> => ({
    outcomes: outcomes.filter((o): o is CheckOutcome<F> => o.check === id),
    entries: ownOf(entries),
    ever: ownOf(ever),
  })
  /** An outcome; its propagated intervals are reckoned when they are first asked for, which the ranking never does. */
  const outcomeOf = (
    entry: Entry,
    judged: Judged,
    propagated: () => Record<string, Interval> = () => ({}),
    asked: { intervals?: CheckOutcome['intervals'] } = {},
  ): CheckOutcome<F> => ({
    check: id,
    source: entry.id,
    observedAt: entry.observedAt,
    states: judged.states ?? [],
    figures: (judged.figures ?? {}) as F,
    get intervals() {
      return (asked.intervals ??= { ...propagated(), ...judged.intervals })
    },
    signs: judged.signs ?? [],
    facts: judged.facts ?? [],
    doesNotProve: [...(judged.doesNotProve ?? []), ...doesNotProve.map((m) => message(m))],
    cautions: [...(judged.cautions ?? []), ...cautions.map((c) => message(`caution.${c}`))],
    notes: judged.notes ?? [],
    assumptions: judged.assumptions ?? [],
    heatMatters: judged.heatMatters ?? definition.phase === 'cold',
    ...(judged.loss && { loss: judged.loss }),
  })

  function judgeOne(entry: EntryOf<R>, all: readonly EntryOf<R>[], context: CheckContext) {
    const judgeOf = (judge as Judges<R> | undefined)?.[entry.kind]
    if (!judgeOf) return []
    const own = all.filter(({ data }) => (data as { run?: string }).run === entry.id)
    const { id: source, observedAt } = entry
    const judged = (data: typeof entry.data) =>
      judgeOf(data, context, { source, observedAt, own, all })
    const result = judged(entry.data)
    if (entry.kind.endsWith('.start')) return [outcomeOf(entry, result)]
    const figuresFor = (data: unknown) => judged(data as typeof entry.data).figures ?? {}
    return [
      outcomeOf(entry, result, () =>
        propagatedIntervals(records[entry.kind]!, entry.data, figuresFor),
      ),
    ]
  }

  return {
    ...plain,
    signs: signs ?? (() => []),
    assess(entries, context) {
      const own = ownOf(entries)
      const newest = own.at(-1)
      if (judgeTogether) {
        const judged = newest && judgeTogether(own, context)
        return judged ? [outcomeOf(newest, judged)] : []
      }
      return own.flatMap((entry) => judgeOne(entry, own, context))
    },
    ...(finds && {
      finds: (entries, outcomes, context) =>
        finds(ownOf(entries), outcomes as readonly CheckOutcome<F>[], context),
    }),
    tells: (entries) => tells?.(ownOf(entries)) ?? {},
    facts: (standing) => facts?.(ownStanding(standing)) ?? [],
    sees: (standing) => sees?.(ownStanding(standing)) ?? [],
    waits: (entries) => waits?.(ownOf(entries)) ?? [],
    coolantC: (entries) => coolantC?.(ownOf(entries)),
    advises: (entries) => advises?.(ownOf(entries)),
  }
}
