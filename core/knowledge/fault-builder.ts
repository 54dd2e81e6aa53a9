import type { ReportedComplaint } from '../vehicle/complaint'
import type { Level, Prior } from './levels'
import type { AtLeast, Cause, Effect, Fault, Guard, Link, RepairCost } from './types'

export const at = (sign: string, atLeast: AtLeast, because: string): Effect => ({
  sign,
  atLeast,
  because,
})
export const yes = (sign: string, level: Level, because: string): Effect =>
  at(sign, { yes: level }, because)
export const brings = (condition: string, level: Level, because: string): Cause => ({
  condition,
  level,
  because,
})
export const leadsTo = (to: string, level: Level, because: string): Link => ({ to, level, because })
/** A guard met by any one row of facts; a row written "a + b" needs both. */
export const guard = (id: string, text: string, ...rows: string[]): Guard => ({
  id,
  text,
  anyOf: (rows.length > 0 ? rows : [id]).map((row) => row.split(' + ')),
})

/** Priors in the order: loses coolant, overheats, no heat. */
export const priors = (
  loss: Prior,
  hot: Prior,
  cold: Prior,
): Readonly<Record<ReportedComplaint, Prior>> => ({
  'coolant-loss': loss,
  overheats: hot,
  'no-heat': cold,
})

/** A fault as it is written in the tables: what most faults share may be left out. */
export type FaultRow = Omit<Fault, 'causes' | 'links' | 'disturbs'> &
  Partial<Pick<Fault, 'causes' | 'links' | 'disturbs'>>

const OPENED = {
  fault: 'trapped-air',
  level: 'seldom',
  because: 'The system is opened for it, and air gets in.',
} as const

/** Fills what most faults share: no links, and air let in by any work that opens the loop. */
export function fault(row: FaultRow): Fault {
  const opens = (row.group === 'leak' || row.group === 'flow') && row.id !== 'trapped-air'
  return {
    ...row,
    causes: row.causes ?? [],
    links: row.links ?? [],
    disturbs: row.disturbs ?? (opens ? [OPENED] : []),
  }
}

export const cost = (partHours: number, minutes: number): RepairCost => ({ partHours, minutes })
