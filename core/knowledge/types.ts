import type { Complaint, ReportedComplaint } from '../vehicle/complaint'
import type { Part } from '../vehicle/parts'
import type { ProfileNeeds } from '../vehicle/profile'
import type { Level, Prior } from './levels'

/** Levels of reaching at least each abnormal state; states left out are never reached. */
export type AtLeast = Readonly<Record<string, Level>>

/**
 * What a fault or a condition, when it alone acts, does to a sign: the level of reaching at least each abnormal
 * state. `{ seep: 'mostly', leak: 'sometimes' }` reads: mostly at least a seep, sometimes at least a leak. For a
 * sign with two states, `{ yes: 'often' }`.
 */
export interface Effect {
  sign: string
  atLeast: AtLeast
  because: string
  /** vehicles on which it does; on all where it is absent */
  needs?: ProfileNeeds
}

/** A fault or another condition brings a hidden condition about. */
export interface Cause {
  condition: string
  level: Level
  because: string
}

export interface Guard {
  id: string
  text: string
  /** met when all facts of any one row have been shown */
  anyOf: readonly (readonly string[])[]
  /** vehicles of which it is asked; of all where it is absent */
  needs?: ProfileNeeds
}

export interface Link {
  to: string
  level: Level
  because: string
}

export type Group = 'leak' | 'flow' | 'air' | 'reading' | 'nothing-wrong' | 'not-in-the-book'

/** What putting it right takes; the shop's own prices stand before these. */
export interface RepairCost {
  /** part and material, in hours of the shop's labour, so that no currency is needed */
  partHours: number
  minutes: number
}

export interface Fault {
  id: string
  name: string
  /** one sentence for a technician */
  what: string
  part?: Part
  group: Group
  prior: Readonly<Record<ReportedComplaint, Prior>>
  priorBecause: string
  /** can exist only where each named field of the profile is unknown, absent, or one of the values */
  needs?: ProfileNeeds
  /** faults of one class share no set */
  excludes?: string
  effects: readonly Effect[]
  causes: readonly Cause[]
  guards: readonly Guard[]
  links: readonly Link[]
  cost: RepairCost
  /** what its repair may bring in: a joint disturbed, air let in */
  disturbs: readonly { fault: string; level: Level; because: string }[]
  proof: string
}

/**
 * A state of the system that nobody reads directly, brought about by faults and by earlier conditions of the
 * list, on which signs depend. It uses up no place among the concurrent faults; it is summed out.
 */
export interface Condition {
  id: string
  name: string
  /** how often it holds with nothing of the book behind it */
  leak: Level
  leakBecause: string
  causedBy: readonly Cause[]
  effects: readonly Effect[]
}

/** Decides a sign alone when it applies, masking what everything else would show. The first that applies counts. */
export interface Override {
  /** a fault, or a hidden condition */
  by: string
  /** for a condition: applies when it holds (default) or when it does not */
  when?: 'present' | 'absent'
  atLeast: AtLeast
  because: string
}

export interface Sign {
  id: string
  name: string
  /** from normal to most abnormal; several faults together give the worst of what each gives */
  states: readonly string[]
  /** how often the state is at least this abnormal with no fault of the book behind it */
  leak: AtLeast
  leakBecause: string
  check: string
  overrides?: readonly Override[]
}

export interface Book {
  version: string
  faults: readonly Fault[]
  conditions: readonly Condition[]
  signs: readonly Sign[]
  /** chance that a vehicle with this complaint has nothing at all, known or unknown, behind it */
  nothingAtAll: Readonly<Record<Complaint, number>>
  /** ids of earlier books and what they are called now */
  aliases: { faults: Readonly<Record<string, string>>; signs: Readonly<Record<string, string>> }
}
