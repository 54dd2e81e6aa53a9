import { shallowRef, type ShallowRef } from 'vue'
import type { Bodies, Copy, CopyRows, OutboxItem } from './local-database'

type Tables = { [K in Copy]: ShallowRef<Map<string, CopyRows[K]>> }

/** The shop as the page shows it: a map of rows for each kind, and pictures that wait to be sent. */
export function useCopyTables(elevationMetres: () => number) {
  const tables: Tables = {
    people: shallowRef(new Map()),
    vehicles: shallowRef(new Map()),
    profiles: shallowRef(new Map()),
    instruments: shallowRef(new Map()),
    cases: shallowRef(new Map()),
    records: shallowRef(new Map()),
    events: shallowRef(new Map()),
  }
  const kinds = Object.keys(tables) as Copy[]
  const waitingPictures = shallowRef(new Map<string, string>())

  function put<K extends Copy>(kind: K, rows: readonly CopyRows[K][]) {
    if (rows.length === 0) return
    const table: ShallowRef<Map<string, CopyRows[K]>> = tables[kind]
    const next = new Map(table.value)
    for (const row of rows) next.set(row.id, row)
    table.value = next
  }

  function take<K extends Copy>(kind: K, id: string) {
    const table: ShallowRef<Map<string, CopyRows[K]>> = tables[kind]
    const next = new Map(table.value)
    next.delete(id)
    table.value = next
  }

  function clear(kind: Copy) {
    tables[kind].value = new Map()
  }

  /** Shows what waits in the outbox as if it were here already. */
  function showItem(item: OutboxItem) {
    if (item.state === 'refused') return
    switch (item.entity) {
      case 'vehicles':
        return put('vehicles', [item.body.vehicle])
      case 'instruments':
        return put('instruments', [item.body.instrument])
      case 'cases':
        return put('cases', [{ ...item.body.case, elevationMetres: elevationMetres() }])
      case 'photographs':
        return showPicture(item.id, item.body)
      case 'profiles':
        return put('profiles', [item.body])
      case 'records':
        return put('records', [{ id: item.id, ...item.body }])
      case 'events':
        return put('events', [{ id: item.id, ...item.body }])
    }
  }

  function showPicture(id: string, { base64 }: Bodies['photographs']) {
    const picture = `data:image/jpeg;base64,${base64}`
    waitingPictures.value = new Map(waitingPictures.value).set(id, picture)
  }

  function hideItem(item: OutboxItem) {
    if (item.entity !== 'photographs') take(item.entity, item.id)
  }

  return { tables, kinds, waitingPictures, put, clear, showItem, hideItem }
}
