import { requireActor } from '../../auth/actor'
import { describeSession } from '../../auth/describe'
import { defineApi } from '../../utils/define-api'

export default defineApi(async (event) =>
  describeSession(await requireActor(event, 'read', { beforeFirstPassword: true })),
)
