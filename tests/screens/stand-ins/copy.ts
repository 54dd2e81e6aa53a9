import { ref, shallowRef } from 'vue'
import type { CaseFile } from '#core'
import type { Rows } from '../../../app/local-store/rows'

let shown: CaseFile | undefined

/** Puts a case on the device, as if the shop had no other. */
export function fillCopy(file: CaseFile) {
  shown = file
}

const byId = <Row extends { id: string }>(rows: readonly Row[]) =>
  shallowRef(new Map(rows.map((row) => [row.id, row])))

/** The device's copy, filled with one case; nothing is kept and nothing sent. */
export function useLocalStore() {
  if (!shown) throw new Error('no case was put on the device')
  const { case: header, vehicle, site, records, events, people, instruments, attachments } = shown
  const { profile, ...rest } = vehicle
  const vehicles: Rows['vehicles'][] = [rest]
  const profiles: Rows['profiles'][] = [{ id: 'profile', vehicle: vehicle.id, profile }]
  const cases: Rows['cases'][] = [{ ...header, elevationMetres: site.elevationMetres, attachments }]
  const nothing = () => Promise.resolve()
  return {
    people: byId(people.map(({ id, name }) => ({ id, name: name ?? null }))),
    vehicles: byId(vehicles),
    profiles: byId(profiles),
    instruments: byId<Rows['instruments']>(instruments),
    cases: byId(cases),
    records: byId(records.map((record) => ({ id: record.id, case: header.id, record }))),
    events: byId(events.map((event) => ({ id: event.id, case: header.id, event }))),
    photographs: byId<Rows['photographs']>([]),
    outbox: shallowRef([]),
    loaded: ref(true),
    reachable: ref(true),
    storing: ref(0),
    kept: shallowRef([]),
    refused: shallowRef([]),
    unkept: shallowRef([]),
    isVolatile: ref(false),
    trouble: ref(undefined),
    littleLeftBytes: ref(undefined),
    held: shallowRef(new Map()),
    results: shallowRef(new Map()),
    look: nothing,
    pin: nothing,
    fetchCase: () => Promise.resolve('here' as const),
    takeIn: nothing,
    putAway: nothing,
    keepResult: nothing,
    open: nothing,
    leave: nothing,
    keep: () => Promise.resolve(true),
    keepAgain: nothing,
    sendDirectly: nothing,
    letGo: nothing,
    synchronise: nothing,
    resend: nothing,
    discard: nothing,
  }
}
