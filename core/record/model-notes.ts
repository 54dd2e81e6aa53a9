import type { CaseRecord } from './envelope'
import type { Vehicle } from './schema'
import { ofKind, standing } from './standing'

/** A note that tells of a model, in which case it was written, and of which vehicle that was: its plate, or its name. */
export interface ModelNote {
  note: CaseRecord<'note'>
  caseId: string
  vehicle: string
}

/** The model a vehicle is of; where nobody said, the name it goes by. */
export const modelOf = (vehicle: Pick<Vehicle, 'name' | 'model'>): string =>
  vehicle.model ?? vehicle.name

/**
 * Models of one name are one model, however it is written.
 * @example modelKey(' Harl  Rescue') // 'harl rescue'
 */
export const modelKey = (model: string): string => model.trim().toLowerCase().replace(/\s+/g, ' ')

/** The notes of a case that tell of its vehicle's model and stand, in order of observation. */
export const notesOfModel = (records: readonly CaseRecord[]): CaseRecord<'note'>[] =>
  ofKind(standing(records), 'note').filter(({ data }) => data.ofModel !== undefined)

/**
 * Minutes that repairs took on vehicles of a model, by fault, as the newest note of each has it; `notes` newest first.
 * @example repairMinutesNoted([]) // {}
 */
export function repairMinutesNoted(notes: readonly ModelNote[]): Record<string, number> {
  const out: Record<string, number> = {}
  for (const { note } of notes) {
    const { repairs, minutes } = note.data.ofModel ?? {}
    if (repairs !== undefined && minutes !== undefined) out[repairs] ??= minutes
  }
  return out
}
