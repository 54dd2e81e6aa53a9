import {
  asSent,
  type CaseEvent,
  type CaseFile,
  type CaseHeader,
  type CaseRecord,
  type Entity,
  type EntryBody,
  type Imported,
  type Instrument,
  type RowEntity,
  type SystemProfile,
  type Vehicle,
} from '#core'

/** Who wrote an entry, when by which clock, and who took it in from the file of another shop. */
export interface Written {
  by: string
  observedAt: string
  clockOffsetMs?: number | undefined
  imported?: Imported | undefined
}
/** Copies of an earlier version do not have it. */
interface WithWritten {
  written?: Written
}

/** What a page shows of each kind of entry; photographs are shown by their address, and as pictures while they wait. */
export interface Rows {
  people: { id: string; name: string | null }
  vehicles: Omit<Vehicle, 'profile'> & WithWritten
  profiles: {
    id: string
    vehicle: string
    profile: SystemProfile
    receivedAt?: string
    supersedes?: string
  } & WithWritten
  instruments: Instrument & { supersedes?: string } & WithWritten
  cases: CaseHeader & {
    elevationMetres: number
    attachments?: CaseFile['attachments']
  } & WithWritten
  records: { id: string; case: string; record: CaseRecord }
  events: { id: string; case: string; event: CaseEvent }
  photographs: { id: string; picture: string }
}
/** Kinds of rows: those that are recorded here, and people, who are only told of. */
export type Kind = keyof Rows

/** What the server tells with every answer. */
interface Answered {
  serverNow: string
}

/** Where the changes are followed from. */
export interface Cursor {
  cursor: number
  /** what the last change was of, by which the server knows its own history again */
  mark?: string
}
/** Kinds that the server tells of; a photograph is fetched by its address when it is looked at. */
export type ToldKind = Exclude<Kind, 'photographs'>

/** Rows as the server tells them: those of records and events have their id inside. */
export type ToldRows = {
  [K in ToldKind]: (K extends 'records' | 'events' ? Omit<Rows[K], 'id'> : Rows[K])[]
}
/** Everything of some cases. */
export type CaseRows = Answered & ToldRows
/** A page of what changed in the shop. */
export interface Changes extends Answered, Cursor, ToldRows {
  /** the cursor after which these changes are: not the one asked for, when the server does not know that */
  from: number
  more: boolean
  /** how many changes are left after these */
  behind: number
}
/** What a device that holds nothing yet begins with. */
export interface Desk extends Answered, Cursor, ToldRows {
  /** cases to hold, in the order in which they are wanted */
  held: string[]
}

/** Rows of a page by their kinds, each with its id. */
export const ROWS_TOLD: { [K in ToldKind]: (page: ToldRows) => Rows[K][] } = {
  people: ({ people }) => people,
  vehicles: ({ vehicles }) => vehicles,
  profiles: ({ profiles }) => profiles,
  instruments: ({ instruments }) => instruments,
  cases: ({ cases }) => cases,
  records: ({ records }) => records.map((row) => ({ id: row.record.id, ...row })),
  events: ({ events }) => events.map((row) => ({ id: row.event.id, ...row })),
}
export const TOLD_KINDS = Object.keys(ROWS_TOLD) as ToldKind[]

/** The case that a row belongs to. */
export function caseOfRow<K extends Kind>(kind: K, row: Rows[K]): string | undefined {
  return kind === 'cases' ? row.id : (row as { case?: string }).case
}

const writtenIn = ({ by, observedAt, clockOffsetMs }: Written): Written => ({
  by,
  observedAt,
  ...(clockOffsetMs === undefined ? {} : { clockOffsetMs }),
})
const replacing = (supersedes: string | undefined) => (supersedes ? { supersedes } : {})

/** The row that a page shows of what is recorded here, before the server has told of it. */
export const ROW_OF: {
  [E in Entity]: (body: EntryBody<E>, elevationMetres: number) => Rows[E]
} = {
  vehicles: (body) => ({ ...body.vehicle, written: writtenIn(body) }),
  profiles: (body) => ({
    id: body.id,
    vehicle: body.vehicle,
    profile: body.profile,
    ...replacing(body.supersedes),
    written: writtenIn(body),
  }),
  instruments: (body) => ({
    ...body.instrument,
    ...replacing(body.supersedes),
    written: writtenIn(body),
  }),
  cases: (body, elevationMetres) => ({ ...body.case, elevationMetres, written: writtenIn(body) }),
  records: (body) => ({ id: body.record.id, ...body }),
  events: (body) => ({ id: body.event.id, ...body }),
  photographs: ({ sha256, base64 }) => ({
    id: sha256,
    picture: `data:image/jpeg;base64,${base64}`,
  }),
}

/**
 * What was sent of a row, made of the row again; nothing of one that does not tell who wrote it, or that was taken in
 * from a file.
 */
export const BODY_OF: { [E in RowEntity]: (row: Rows[E]) => EntryBody<E> | undefined } = {
  vehicles: ({ written, ...vehicle }) => asWritten(written, { vehicle }),
  profiles: ({ written, receivedAt: _, ...profile }) => asWritten(written, profile),
  instruments: ({ written, supersedes, ...instrument }) =>
    asWritten(written, { instrument, ...replacing(supersedes) }),
  cases: ({ written, elevationMetres: _, attachments: __, ...header }) =>
    asWritten(written, { case: header }),
  records: (row) => unlessImported(row.record, { case: row.case, record: asSent(row.record) }),
  events: (row) => unlessImported(row.event, { case: row.case, event: asSent(row.event) }),
}

const unlessImported = <T>({ imported }: { imported?: Imported | undefined }, body: T) =>
  imported ? undefined : body
const asWritten = <T extends object>(written: Written | undefined, body: T) =>
  written && unlessImported(written, { ...writtenIn(written), ...body })
