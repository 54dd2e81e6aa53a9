import { shallowRef, type ShallowRef } from 'vue'
import { type Entry, isInLine, isWaiting, type OutboxItem, rowOf } from './entries'
import { type Kind, type Rows, TOLD_KINDS } from './rows'

type Tables = { [K in Kind]: ShallowRef<Map<string, Rows[K]>> }

/** The shop as the page shows it: a map of rows for each kind, and the outbox. Made of entries and nothing else. */
export function useCopy(elevationMetres: () => number) {
  const tables = Object.fromEntries(
    [...TOLD_KINDS, 'photographs'].map((kind) => [kind, shallowRef(new Map())]),
  ) as Tables
  const waiting = shallowRef(new Map<string, OutboxItem>())

  /** Shows entries as they are now, in place of what was shown of them. */
  function show(entries: readonly Entry[]) {
    const changed = new Map<Kind, Map<string, Rows[Kind]>>()
    const outbox = new Map(waiting.value)
    for (const entry of entries) {
      const rows = changed.get(entry.kind) ?? new Map<string, Rows[Kind]>(tables[entry.kind].value)
      changed.set(entry.kind, rows)
      const row = rowOf(entry, elevationMetres())
      if (row) rows.set(entry.id, row)
      else rows.delete(entry.id)
      if (isWaiting(entry)) outbox.set(entry.id, entry)
      else outbox.delete(entry.id)
    }
    for (const [kind, rows] of changed) (tables[kind] as ShallowRef<typeof rows>).value = rows
    if (outbox.size > 0 || waiting.value.size > 0) waiting.value = outbox
  }

  function clear() {
    for (const table of Object.values(tables)) table.value = new Map()
    waiting.value = new Map()
  }

  /** What waits, in line first and in its order, then what is set aside. */
  function outbox(): OutboxItem[] {
    const items = [...waiting.value.values()]
    return [
      ...items.filter(isInLine).sort((a, b) => a.order! - b.order!),
      ...items.filter((item) => !isInLine(item)),
    ]
  }

  return { tables, show, clear, outbox }
}
