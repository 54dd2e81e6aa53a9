import { createHash } from 'node:crypto'
import { getRouterParam, setResponseStatus } from 'h3'
import { ENTRIES, MAX_PHOTOGRAPH_BYTES, message } from '#core'
import { requireActor } from '../../auth/actor'
import { database } from '../../database/client'
import { photographs } from '../../database/schema'
import { refuse } from '../../utils/api-error'
import { defineApi, readChecked } from '../../utils/define-api'

const isJpeg = (bytes: Buffer) =>
  bytes.length > 4 && bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff

export default defineApi(async (event) => {
  const actor = await requireActor(event, 'record')
  const { by, sha256, base64 } = await readChecked(
    event,
    ENTRIES.photographs,
    MAX_PHOTOGRAPH_BYTES,
    message('refusal.photographTooLarge'),
  )
  if (sha256 !== getRouterParam(event, 'id')) throw refuse.bad('numberAndAddress', 'sha256')
  if (by !== actor.personId) throw refuse.notYours('madeBySomeoneElse')
  const bytes = Buffer.from(base64, 'base64')
  if (!isJpeg(bytes)) throw refuse.bad('noJpeg', 'base64')
  if (createHash('sha256').update(bytes).digest('hex') !== sha256)
    throw refuse.bad('photographDamaged', 'sha256')
  const written = await database()
    .insert(photographs)
    .values({
      shopId: actor.shopId,
      sha256,
      mediaType: 'image/jpeg',
      bytes,
      authorId: actor.personId,
    })
    .onConflictDoNothing()
    .returning({ sha256: photographs.sha256 })
  setResponseStatus(event, written.length > 0 ? 201 : 200)
  return { kept: true, isNew: written.length > 0, serverNow: new Date().toISOString() }
})
