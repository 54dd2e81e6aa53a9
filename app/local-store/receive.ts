import { ask } from './api'
import type { LocalDatabase } from './database'
import { type Entry, isWaiting } from './entries'
import { type Changes, ROWS_TOLD, TOLD_KINDS } from './rows'

/**
 * Takes what changed in the shop since the last time, page after page, until there is no more or `isWanted` says that
 * nobody looks any longer. A page and its cursor are written together.
 */
export async function receive(
  local: LocalDatabase,
  isWanted: () => boolean,
  heard: (serverNow: string, sentAt: number) => void,
): Promise<void> {
  for (;;) {
    const { value: after = 0, mark } = (await local.meta.get('cursor')) ?? {}
    const sentAt = Date.now()
    const page = await ask<Changes>(
      'GET',
      `/api/changes?after=${after}${mark === undefined ? '' : `&mark=${mark}`}`,
    )
    if (!isWanted()) return
    heard(page.serverNow, sentAt)
    const isDone = await local.change(async (next) => {
      // Another tab came further meanwhile, or the copy was forgotten: half of it must not stand for the whole.
      if ((await local.number('cursor')) !== after) return false
      const told = TOLD_KINDS.flatMap((kind) =>
        ROWS_TOLD[kind](page).map((row) => ({ id: row.id, kind, row })),
      )
      const known = await local.entries.bulkGet(told.map(({ id }) => id))
      const fresh = told.filter((_, i) => !known[i] || !isWaiting(known[i]))
      await local.entries.bulkPut(fresh.map((entry) => ({ ...entry, change: next() }) as Entry))
      await local.meta.put({ key: 'cursor', value: page.cursor, mark: page.mark })
      return !page.more
    })
    if (isDone) return
  }
}
