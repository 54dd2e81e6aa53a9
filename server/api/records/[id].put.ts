import { mayTakeBack, permissionForRecord } from '#core'
import { appendRecord, authorOfRecord, sentNow } from '../../database/entries'
import { refuse } from '../../utils/api-error'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('records', {
  permission: ({ record }) => permissionForRecord(record.kind),
  async append(tx, { shopId, role, personId }, entry) {
    const record = sentNow(entry.record)
    if (record.kind === 'withdrawn') {
      const author = await authorOfRecord(tx, shopId, record.supersedes)
      if (author && !mayTakeBack(role, personId, author))
        throw refuse.notYours('roleMayNotTakeBack', { role })
    }
    return appendRecord(tx, shopId, entry.case, record)
  },
})
