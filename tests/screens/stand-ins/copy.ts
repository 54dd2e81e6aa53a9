import { ref, shallowRef } from 'vue'
import type { CaseFile } from '#core'
import type { CopyRows } from '../../../app/offline/local-database'

let shown: CaseFile | undefined

/** Puts a case on the device, as if the shop had no other. */
export function fillCopy(file: CaseFile) {
  shown = file
}

const byId = <Row extends { id: string }>(rows: readonly Row[]) =>
  shallowRef(new Map(rows.map((row) => [row.id, row])))

/** The device's copy, filled with one case; nothing is kept and nothing sent. */
export function useShopCopy() {
  if (!shown) throw new Error('no case was put on the device')
  const { case: header, vehicle, site, records, events, people, instruments, attachments } = shown
  const { profile, ...rest } = vehicle
  const vehicles: CopyRows['vehicles'][] = [rest]
  const profiles: CopyRows['profiles'][] = [{ id: 'profile', vehicle: vehicle.id, profile }]
  const cases: CopyRows['cases'][] = [
    { ...header, elevationMetres: site.elevationMetres, attachments },
  ]
  const nothing = () => Promise.resolve()
  return {
    people: byId(people.map(({ id, name }) => ({ id, name: name ?? null }))),
    vehicles: byId(vehicles),
    profiles: byId(profiles),
    instruments: byId<CopyRows['instruments']>(instruments),
    cases: byId(cases),
    records: byId(records.map((record) => ({ id: record.id, case: header.id, record }))),
    events: byId(events.map((event) => ({ id: event.id, case: header.id, event }))),
    waitingPictures: shallowRef(new Map<string, string>()),
    outbox: shallowRef([]),
    loaded: ref(true),
    reachable: ref(true),
    storing: ref(0),
    kept: ref(0),
    refused: ref(0),
    open: nothing,
    leave: nothing,
    keep: nothing,
    synchronise: nothing,
    resend: nothing,
    discard: nothing,
  }
}
