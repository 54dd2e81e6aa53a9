import { DateTime } from 'luxon'
import {
  type CaseEvent,
  type CaseRecord,
  type CheckId,
  compareMoments,
  type EventKind,
  may,
  mayTakeBack,
  permissionForEvent,
} from '#core'
import { itemName, itemWords } from '../../words/records'
import type { Written } from '../local-store/rows'
import { minutesOff } from '../shop/clock'

type Item = CaseRecord | CaseEvent

/** An entry as the history tells it. */
export interface Told {
  id: string
  who: string
  when: string
  what: string
  says: string
  /** how it came here, where that is to be told: by a clock that was off, from the file of another shop */
  came: string[]
  /** whether it still counts, and what became of it if not */
  isGone: boolean
  state: string
  takeBack?: () => unknown
  bringBack?: () => unknown
}

/** The check that an entry is of: its own, or for a photograph or a note the one it was taken at. */
const checkNamedIn = ({ kind, data }: Item): string =>
  'check' in data && typeof data.check === 'string' ? data.check : kind.split('.')[0]!

/** Everything recorded in the open case, newest first: all of it, or what belongs to one check. */
export function useHistory(check: () => CheckId | undefined) {
  const { say } = useWords()
  const open = useOpenCase()
  const shop = useShop()
  const session = useSession()

  const items = computed(() => {
    const records: Item[] = [...(open.input.value?.records ?? [])]
    const events: Item[] = [...(open.input.value?.events ?? [])]
    const all = [...records, ...events]
    return {
      all,
      byId: new Map(all.map((item) => [item.id, item])),
      isEvent: new Set(events.map(({ id }) => id)),
      standing: new Set([...open.records.value, ...open.events.value].map(({ id }) => id)),
      withdrawalOf: new Map(
        all.filter(({ kind }) => kind === 'withdrawn').map((item) => [item.supersedes!, item]),
      ),
    }
  })

  function ofCheck(item: Item): boolean {
    const about = item.kind === 'withdrawn' ? items.value.byId.get(item.supersedes ?? '') : item
    if (!about) return false
    return about.kind === 'withdrawn' ? ofCheck(about) : checkNamedIn(about) === check()
  }

  /** Taking work back asks for the same role as recording it; taking back a record of somebody else, for a technician's. */
  function mayTake(item: Item, { by }: Item = item): boolean {
    const { id, role } = session.current!.person
    if (!open.mayRecord.value) return false
    return items.value.isEvent.has(item.id)
      ? may(role, permissionForEvent(item.kind as EventKind))
      : mayTakeBack(role, id, by)
  }
  const change = (item: Item) =>
    items.value.isEvent.has(item.id)
      ? shop.withdrawEvent(open.id, item.id)
      : shop.withdraw(open.id, item.id)

  function whatWasDone(item: Item): string {
    const old = items.value.byId.get(item.supersedes ?? '')
    if (item.kind !== 'withdrawn')
      return say('case.history-dialog.what', {
        how: old ? 'corrected' : items.value.isEvent.has(item.id) ? 'done' : 'recorded',
        name: itemName(item.kind),
      })
    if (old?.kind === 'withdrawn') return say('case.history-dialog.broughtBack')
    return say('case.history-dialog.tookBack', {
      name: old ? itemName(old.kind) : say('case.history-dialog.anEntry'),
    })
  }

  function howItCame({ clockOffsetMs, imported }: Partial<Written>): string[] {
    const { minutes, way } = minutesOff(clockOffsetMs)
    return [
      ...(imported
        ? [
            say('case.history-dialog.imported', {
              by: shop.nameOf(imported.by),
              shop: imported.shop ?? '',
              from: imported.shop ? 'shop' : 'file',
            }),
          ]
        : []),
      ...(minutes ? [say('case.history-dialog.clockOff', { minutes, way })] : []),
    ]
  }

  function told(item: Item): Told {
    const stands = items.value.standing.has(item.id)
    const isWithdrawal = item.kind === 'withdrawn'
    const withdrawal = items.value.withdrawalOf.get(item.id)
    const mayBeTaken = stands && item.kind !== 'cautions.acknowledged' && mayTake(item)
    const mayComeBack = !stands && withdrawal && mayTake(item, withdrawal)
    return {
      ...signed(item.id, item),
      what: whatWasDone(item),
      says: isWithdrawal ? '' : itemWords(item),
      isGone: !stands && !isWithdrawal,
      state:
        stands || isWithdrawal
          ? ''
          : say('case.history-dialog.state', { now: withdrawal ? 'withdrawn' : 'corrected' }),
      ...(mayBeTaken ? { takeBack: () => change(item) } : {}),
      ...(mayComeBack ? { bringBack: () => change(withdrawal) } : {}),
    }
  }

  const signed = (id: string, written: Written) => ({
    id,
    who: shop.nameOf(written.by),
    when: DateTime.fromISO(written.observedAt).toFormat('d LLL, HH:mm:ss'),
    came: howItCame(written),
  })

  /** What the case began with: the vehicle and the case itself. */
  function beginnings(): Told[] {
    const header = shop.cases.get(open.id)
    const vehicle = header && shop.vehicles.get(header.vehicle)
    const opened = header && {
      observedAt: header.openedAt,
      ...header.written,
      by: header.openedBy,
    }
    const known = { says: '', state: '', isGone: false }
    return [
      ...(opened
        ? [{ ...signed(header.id, opened), ...known, what: say('case.history-dialog.opened') }]
        : []),
      ...(vehicle?.written
        ? [
            {
              ...signed(vehicle.id, vehicle.written),
              ...known,
              what: say('case.history-dialog.vehicleEntered'),
              says: vehicle.name,
            },
          ]
        : []),
    ]
  }

  return (isOfCheck: boolean): Told[] => {
    const shown = items.value.all.filter((item) => !isOfCheck || ofCheck(item))
    const newestFirst = shown.toSorted(
      (a, b) => compareMoments(b.observedAt, a.observedAt) || (a.id < b.id ? 1 : -1),
    )
    return [...newestFirst.map(told), ...(isOfCheck ? [] : beginnings())]
  }
}
