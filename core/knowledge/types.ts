import type { Complaint } from '../casefile/complaint'
import type { Part, SystemProfile } from '../casefile/profile'
import type { Level, Prior } from './levels'

/**
 * What a fault, when it alone acts, does to a sign: the level of reaching at least each abnormal state.
 * `{ seep: 'mostly', leak: 'sometimes' }` reads: mostly at least a seep, sometimes at least a leak. States left
 * out are never reached by it. For a sign with two states, `{ yes: 'often' }`.
 */
export interface Effect {
  sign: string
  atLeast: Readonly<Record<string, Level>>
  because: string
}

export interface Guard {
  id: string
  text: string
  /** met when all facts of any one row have been shown */
  anyOf: readonly (readonly string[])[]
}

export interface Link {
  to: string
  level: Level
  because: string
}

export interface Fault {
  id: string
  name: string
  /** one sentence for a technician */
  what: string
  part?: Part
  group: 'leak' | 'flow' | 'air' | 'reading' | 'nothing-wrong' | 'not-in-the-book'
  prior: Readonly<Record<Complaint, Prior>>
  priorBecause: string
  /** can exist only where each named field of the profile is unknown, absent, or one of the values */
  needs?: { [K in keyof SystemProfile]?: readonly unknown[] }
  /** faults of one class share no set */
  excludes?: string
  effects: readonly Effect[]
  guards: readonly Guard[]
  links: readonly Link[]
  proof: string
}

export interface Sign {
  id: string
  name: string
  /** from normal to most abnormal; several faults together give the worst of what each gives */
  states: readonly string[]
  /** how often the state is at least this abnormal with no fault of the book behind it */
  leak: Readonly<Record<string, Level>>
  leakBecause: string
  check: string
  /** faults that decide the sign alone when present, masking what others would show */
  overrides?: readonly { by: string; atLeast: Readonly<Record<string, Level>>; because: string }[]
}

export interface Book {
  version: string
  faults: readonly Fault[]
  signs: readonly Sign[]
  /** chance that a vehicle with this complaint has nothing at all, known or unknown, behind it */
  nothingAtAll: Readonly<Record<Complaint, number>>
}
