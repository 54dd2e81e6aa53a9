import type { QuantityRecord } from '../quantity/record'

/** What an entry of a case has to say for these rules. */
export interface Fitting {
  id: string
  kind: string
  supersedes?: string | undefined
  data: unknown
}

/** How an entry does not fit to what it speaks of. */
export type Misfit =
  | 'withdrawsNothing'
  | 'replacesItself'
  | 'replacesUnknown'
  | 'replacesAnotherKind'
  | 'noSuchRun'
  | 'unknownInstrument'

/** Field of the entry that is wrong, and how. */
export interface Wrong {
  field: string
  misfit: Misfit
  id: string
}

/** What is known of the case that an entry belongs to. */
export interface Known {
  /** kind of the entry of the same list (records, or events) of the same case */
  kindOf: (id: string) => string | undefined
  /** whether the shop, or the file, has this instrument */
  hasInstrument: (id: string) => boolean
}

/** The start that a reading or an end belongs to. */
export const runOf = ({ data }: Pick<Fitting, 'data'>): string | undefined =>
  (data as { run?: string }).run

/** Quantities inside a record's data, with the path they stand at. */
export function quantitiesOf(
  data: unknown,
  path = '',
): { path: string; quantity: QuantityRecord }[] {
  if (typeof data !== 'object' || data === null) return []
  if ('typed' in data && 'coreValue' in data) return [{ path, quantity: data as QuantityRecord }]
  return Object.entries(data).flatMap(([key, value]) =>
    quantitiesOf(value, path ? `${path}.${key}` : key),
  )
}

/** Instruments that an entry's quantities were read on, with the field that names them. */
export const instrumentsUsed = ({ data }: Pick<Fitting, 'data'>): { field: string; id: string }[] =>
  quantitiesOf(data).flatMap(({ path, quantity: { instrument } }) =>
    instrument === undefined ? [] : [{ field: `data.${path}.instrument`, id: instrument }],
  )

/**
 * How an entry does not fit to the others of its case; nothing where it does. A correction replaces one of its own
 * kind, a withdrawal one of any kind, a reading belongs to a start of its own check, and what it was read on is known.
 * The one place of these rules: for a file that is read, and for an entry that a device sends.
 */
export function misfitOf(entry: Fitting, { kindOf, hasInstrument }: Known): Wrong | undefined {
  const { id, kind, supersedes } = entry
  const wrong = (field: string, misfit: Misfit, what: string): Wrong => ({
    field,
    misfit,
    id: what,
  })
  if (supersedes === undefined) {
    if (kind === 'withdrawn') return wrong('supersedes', 'withdrawsNothing', id)
  } else {
    if (supersedes === id) return wrong('supersedes', 'replacesItself', id)
    const old = kindOf(supersedes)
    if (old === undefined) return wrong('supersedes', 'replacesUnknown', supersedes)
    if (kind !== 'withdrawn' && old !== kind)
      return wrong('supersedes', 'replacesAnotherKind', supersedes)
  }
  const run = runOf(entry)
  if (run !== undefined && kindOf(run) !== `${kind.split('.')[0]}.start`)
    return wrong('data.run', 'noSuchRun', run)
  const strange = instrumentsUsed(entry).find((used) => !hasInstrument(used.id))
  return strange && wrong(strange.field, 'unknownInstrument', strange.id)
}
