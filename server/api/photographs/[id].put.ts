import { createHash } from 'node:crypto'
import { getRouterParam, setResponseStatus } from 'h3'
import { ENTRIES, MAX_PHOTOGRAPH_BYTES, message } from '#core'
import { requireActor } from '../../auth/actor'
import { isKept, keepPhotograph } from '../../database/photographs'
import { refuse } from '../../utils/api-error'
import { defineApi, readChecked } from '../../utils/define-api'
import { writtenAnew } from '../../utils/picture'

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
  if (createHash('sha256').update(bytes).digest('hex') !== sha256)
    throw refuse.bad('photographDamaged', 'sha256')
  const { shopId, personId: authorId } = actor
  const isNew =
    !(await isKept({ shopId, sha256 })) &&
    (await keepPhotograph({ shopId, sha256, bytes: await writtenAnew(bytes), authorId }))
  setResponseStatus(event, isNew ? 201 : 200)
  return { kept: true, isNew, serverNow: new Date().toISOString() }
})
