import { useNow } from '@vueuse/core'
import { DateTime } from 'luxon'
import type { Ref } from 'vue'
import {
  APPLICATION_VERSION,
  BOOK_HASH,
  type CaseInput,
  type CaseStage,
  caseStateOf,
  type Complaint,
  type FollowUp,
  followUpDue,
  followUpsOf,
  type Glance,
  isClosed,
  millisecondsOf,
} from '#core'
import { formatChance } from '../../words/format'
import { coldAt } from '../shop/clock'
import { rememberedBy } from '../shop/remembered'
import { type BoardFilter, type Filterable, passes } from '../shop/filters'
import type { BoardAnswer, BoardRequest } from '../workers/board.worker'

export interface CaseSummary {
  id: string
  vehicle: string
  plate: string
  bay: string | undefined
  complaint: Complaint
  title: string
  stage: string
  opened: string
  closed: boolean
  pinned: boolean
  lead: (Glance & { chance: string }) | undefined
  /** who recorded last, and when, as a time of today or a day */
  last: string
  /** when a cooling engine will be cold, as a time of day */
  coldAt: string | undefined
}

const MINUTE_MS = 60_000

/** The id written last among these, which stands for all of them: an entry never changes. */
const newestOf = rememberedBy((entries: readonly { id: string }[]) =>
  entries.reduce((last, { id }) => (id > last ? id : last), ''),
)

/** What a case's suspects depend on: the same stamp, the same answer. */
function stampOf(
  { case: { complaint }, records, events, policy, experience }: CaseInput,
  profileId: string | undefined,
): string {
  const [record, event] = [newestOf(records), newestOf(events)]
  const newest = record > event ? record : event
  return [
    BOOK_HASH,
    APPLICATION_VERSION,
    profileId,
    records.length + events.length,
    newest,
    JSON.stringify([policy, experience?.[complaint]]),
  ].join('/')
}

/** Something worked out of each case once, and again when the case's stamp is another. */
function perCase<T>(work: (input: CaseInput) => T) {
  const known = new Map<string, { stamp: string; value: T }>()
  return (input: CaseInput, stamp: string): T => {
    const old = known.get(input.case.id)
    if (old?.stamp === stamp) return old.value
    const value = work(input)
    known.set(input.case.id, { stamp, value })
    return value
  }
}

/** What the board asks of a case; `openedMs` since 1970. */
interface About extends Filterable {
  openedMs: number
  followUps: readonly FollowUp[]
}

/** A case whose level is to be looked at again, and since when. */
export interface DueFollowUp {
  id: string
  vehicle: string
  plate: string
  day: number
  dueMs: number
}

const aboutCase = perCase<About>((input) => ({
  openedMs: millisecondsOf(input.case.openedAt),
  words: [
    input.vehicle.name,
    input.vehicle.model,
    input.vehicle.plate,
    input.case.bay,
    input.case.title,
  ],
  complaint: input.case.complaint,
  bay: input.case.bay,
  people: new Set([input.case.openedBy, ...[...input.records, ...input.events].map((e) => e.by)]),
  closed: isClosed(input.events),
  followUps: input.events.some(({ kind }) => kind === 'repaired') ? followUpsOf(input) : [],
}))
/** Who wrote in a case last, and when. */
function lastOf({ case: { openedBy, openedAt }, records, events }: CaseInput) {
  const items = [...records, ...events]
  return items.reduce(
    (newest, { by, observedAt, id }) => (id > newest.id ? { by, at: observedAt, id } : newest),
    { by: openedBy, at: openedAt, id: '' },
  )
}

/** What a card says of a case beside its suspects: the stage, and `opened` as a day in words. */
const toldOf = perCase((input) => {
  const state = caseStateOf(input)
  const stage: CaseStage = state.stage
  return {
    stage,
    opened: DateTime.fromISO(input.case.openedAt).toFormat('d LLL'),
    last: lastOf(input),
    engineAt: (ms: number) => state.engineAt(new Date(ms).toISOString()),
  }
})

const inWords = rememberedBy((glance: Glance) => ({
  ...glance,
  chance: formatChance(glance.probability),
}))

/** What was worked out of a case last; a device may hold one of an earlier version, which did not say all of it. */
function glanceIn(kept: unknown): Glance | undefined {
  const glance = kept as Partial<Glance> | undefined
  return glance?.drive ? (glance as Glance) : undefined
}

/** Gives the summary that a case had before, where nothing differs: the same one leaves its card as it is drawn. */
function keptSummaries() {
  const known = new Map<string, CaseSummary>()
  return (id: string, now: CaseSummary): CaseSummary => {
    const old = known.get(id)
    const fields = Object.keys(now) as (keyof CaseSummary)[]
    if (old && fields.every((field) => old[field] === now[field])) return old
    known.set(id, now)
    return now
  }
}

/**
 * The cases on this device that the filter lets through, newest first, `most` of them with their leading suspect: as it
 * was worked out last, and again in a worker where something changed since.
 */
export function useBoard(filter: Ref<BoardFilter>, most: Ref<number>) {
  const shop = useShop()
  const { say } = useWords()
  const worker = new Worker(new URL('../workers/board.worker.ts', import.meta.url), {
    type: 'module',
  })
  const asked = new Map<string, string>()
  worker.addEventListener('message', ({ data }: MessageEvent<BoardAnswer>) => {
    const { id, stamp, glance, isLeadOnly } = data
    if (!isLeadOnly) return shop.keepResult(id, stamp, glance)
    // What was next stays until what is next is known; a board that is left before then asks again.
    const before = shop.results.get(id)?.value as Glance | undefined
    shop.keepResult(id, `${stamp}/lead`, { ...before, ...glance })
  })
  onScopeDispose(() => worker.terminate())

  const all = computed(() =>
    [...shop.cases.keys()]
      .flatMap((id) => {
        const input = shop.caseInput(id)
        if (!input) return []
        const stamp = stampOf(input, shop.profileOf(input.vehicle.id)?.id)
        return [{ id, input, stamp, about: aboutCase(input, stamp) }]
      })
      .sort((a, b) => b.about.openedMs - a.about.openedMs),
  )
  const passing = computed(() => all.value.filter(({ about }) => passes(filter.value, about)))
  const drawn = useByAndBy(most, () => passing.value.length, filter)
  const ticking = useNow({ interval: MINUTE_MS })
  const now = computed(() => ticking.value.getTime())
  /** Those that are drawn; what is next in them goes by where their engine stands as well. */
  const shown = computed(() =>
    passing.value.slice(0, drawn.value).map((one) => {
      const engine = toldOf(one.input, one.stamp).engineAt(now.value)
      return { ...one, engine, ownStamp: one.stamp, stamp: `${one.stamp}/${engine.phase}` }
    }),
  )

  watchEffect(() => {
    // What is read half would be ranked for nothing.
    if (!shop.loaded) return
    for (const { id, input, stamp } of shown.value) {
      if (asked.get(id) === stamp || shop.results.get(id)?.stamp === stamp) continue
      asked.set(id, stamp)
      const at = new Date(now.value).toISOString()
      worker.postMessage({ id, stamp, input, at } satisfies BoardRequest)
    }
  })

  const lastInWords = ({ by, at }: { by: string; at: string }) => {
    const moment = DateTime.fromISO(at)
    const isToday = moment.hasSame(DateTime.fromMillis(now.value), 'day')
    const when = moment.toFormat(isToday ? 'HH:mm' : 'd LLL')
    return [shop.people.get(by)?.name, when].filter(Boolean).join(' ')
  }
  const same = keptSummaries()
  const cards = computed<CaseSummary[]>(() =>
    shown.value.map(({ id, input, about, engine, ownStamp }) => {
      const lead = glanceIn(shop.results.get(id)?.value)
      const { stage, opened, last } = toldOf(input, ownStamp)
      return same(id, {
        id,
        vehicle: input.vehicle.name,
        plate: input.vehicle.plate ?? '',
        bay: input.case.bay,
        complaint: input.case.complaint,
        title: input.case.title,
        stage: say(`stage.${stage}`),
        opened,
        last: lastInWords(last),
        closed: about.closed,
        pinned: shop.held.get(id)?.pinned === 1,
        lead: lead && inWords(lead),
        coldAt: engine.phase === 'cooling' ? coldAt(engine, now.value) : undefined,
      })
    }),
  )
  /** how many cases pass, and which bays there are to choose from */
  const count = computed(() => passing.value.length)
  const bays = computed(() =>
    [...new Set(all.value.flatMap(({ about: { bay } }) => bay?.trim() || []))].sort((a, b) =>
      a.localeCompare(b),
    ),
  )
  /** looks at the level that are due, of closed cases too, the longest due first */
  const followUps = computed<DueFollowUp[]>(() =>
    all.value
      .flatMap(({ id, input, about }) => {
        const due = followUpDue(about.followUps, now.value)
        if (!due) return []
        const { name, plate = '' } = input.vehicle
        return [{ id, vehicle: name, plate, day: due.day, dueMs: due.dueMs }]
      })
      .sort((a, b) => a.dueMs - b.dueMs),
  )
  return { cards, count, bays, followUps }
}
