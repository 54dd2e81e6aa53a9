import Dexie, { type DexieOptions, type Table, type Transaction } from 'dexie'
import { carryInstrument, carryProfile, carryRecord, message } from '#core'
import { type Entry, isWaiting, type OutboxItem } from './entries'
import { type Kind, TOLD_KINDS } from './rows'
import { within } from './within'

/** How long the browser's database may take for one piece of work, ms. */
const WORK_LIMIT_MS = 10_000

/** Numbers that the store keeps of itself. */
interface Numbers {
  /** the last change of this device */
  change: number
  /** how far of the server's changes stands here */
  cursor: number
  /** how often the copy of the shop was forgotten: all that is shown was read under one of these */
  epoch: number
}

/** What is known here of a case beside what was recorded in it. */
export interface Held {
  case: string
  /** its place among those that are to be fetched; none, when it is here whole */
  wanted?: number
  /** kept here until somebody takes the pin out */
  pinned?: 1
  /** when it was last looked at on this device */
  openedAt?: string
}

/** Something computed from what stands here, and what it was computed from: as good as new while that is the same. */
export interface Result {
  key: string
  stamp: string
  value: unknown
}

/** One person's copy of the shop and what they recorded, in the browser. Each person has a database of their own. */
export class LocalDatabase extends Dexie {
  entries!: Table<Entry, string>
  held!: Table<Held, string>
  results!: Table<Result, string>
  meta!: Table<{ key: keyof Numbers; value: number; mark?: string | undefined }, string>

  /** `where` replaces the browser's own database. */
  constructor(
    readonly personId: string,
    where: DexieOptions = {},
  ) {
    super(`thermognosis-${personId}`, where)
    this.version(1).stores({
      people: 'id',
      vehicles: 'id',
      profiles: 'id, vehicle',
      instruments: 'id',
      cases: 'id',
      records: 'id, case',
      events: 'id, case',
      outbox: '++order, id, state',
      meta: 'key',
    })
    this.version(2).stores({ entries: 'id, change, order, gone' }).upgrade(intoOneTable)
    this.version(3).stores({
      ...Object.fromEntries(TOLD_KINDS.map((kind) => [kind, null])),
      outbox: null,
    })
    this.version(4)
      .stores({
        entries: 'id, change, order, gone, case, kind',
        held: 'case,wanted',
        results: 'key',
      })
      .upgrade(belongingToCases)
    this.entries.hook('reading', inTodaysWords)
  }

  async number(key: keyof Numbers): Promise<number> {
    return (await this.meta.get(key))?.value ?? 0
  }

  /**
   * Changes what is stored, all of it or nothing. `next` numbers what is written, in the order in which all tabs of
   * this person write; whoever shows it asks for what came after the number seen last.
   */
  change<T>(work: (next: () => number) => Promise<T>): Promise<T> {
    return within(
      WORK_LIMIT_MS,
      message('common.offline.storageSlow'),
      this.transaction('rw', this.entries, this.held, this.results, this.meta, async () => {
        let change = await this.number('change')
        const outcome = await work(() => ++change)
        await this.meta.put({ key: 'change', value: change })
        return outcome
      }),
    )
  }

  /** Forgets the copy of the shop, as on signing out; what the server has not acknowledged stays. */
  forgetCopy(): Promise<void> {
    return this.change(async () => {
      const waiting = (await this.entries.toArray()).filter(isWaiting)
      const epoch = await this.number('epoch')
      await this.entries.clear()
      await this.entries.bulkPut(waiting)
      await this.held.clear()
      await this.results.clear()
      await this.meta.bulkPut([
        { key: 'cursor', value: 0 },
        { key: 'epoch', value: epoch + 1 },
      ])
    })
  }

  /** Takes out what was let go before this start. */
  async tidy(): Promise<void> {
    await this.entries.where('gone').equals(1).delete()
  }
}

/** An earlier version did not say of which case a row is, and told profiles by the number of their change. */
async function belongingToCases(tx: Transaction): Promise<void> {
  await tx
    .table<{ kind: Kind; id: string; case?: string; row?: { case?: string; seq?: number } }>(
      'entries',
    )
    .toCollection()
    .modify((entry) => {
      const of = entry.kind === 'cases' ? entry.id : entry.row?.case
      if (of !== undefined) entry.case = of
      if (entry.kind === 'profiles' && entry.row?.seq !== undefined)
        // Older than all that is told from now on, and in their order.
        Object.assign(entry.row, { receivedAt: new Date(entry.row.seq).toISOString() })
    })
}

/** An earlier version kept a table for each kind and the outbox beside them. */
async function intoOneTable(tx: Transaction): Promise<void> {
  const entries: Entry[] = []
  let change = 0
  for (const kind of TOLD_KINDS)
    for (const row of await tx.table<{ id: string }>(kind).toArray())
      entries.push({ id: row.id, kind, change: ++change, row } as Entry)
  for (const old of await tx.table('outbox').orderBy('order').toArray()) {
    const {
      entity,
      state,
      order: _,
      ...rest
    } = old as {
      id: string
      entity: Kind
      state: 'kept' | 'refused'
      order: number
    }
    change += 1
    entries.push({
      ...rest,
      kind: entity,
      change,
      ...(state === 'kept' ? { order: change } : {}),
    } as OutboxItem)
  }
  await tx.table('entries').bulkPut(entries)
  await tx.table('meta').put({ key: 'change', value: change })
}

/**
 * An entry as it is said today. What stands here in the words of an earlier version stays so: it is carried forward
 * whenever it is read.
 */
function inTodaysWords(entry: Entry | undefined): Entry | undefined {
  if (!entry) return entry
  const { kind, row, body } = entry as { kind: Kind; row?: object; body?: object }
  return {
    ...entry,
    ...(row ? { row: kind === 'instruments' ? carryInstrument(row) : carried(row) } : {}),
    ...(body ? { body: carried(body) } : {}),
  } as Entry
}

function carried(said: object): object {
  const { profile, record, event, instrument } = said as Record<string, unknown>
  return {
    ...said,
    ...(profile === undefined ? {} : { profile: carryProfile(profile) }),
    ...(record === undefined ? {} : { record: carryRecord(record) }),
    ...(event === undefined ? {} : { event: carryRecord(event) }),
    ...(instrument === undefined ? {} : { instrument: carryInstrument(instrument) }),
  }
}
