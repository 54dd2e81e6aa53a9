import { defineApi } from '../../utils/define-api'

/** Signs out; the session's row is ended by the hook on clearing. */
export default defineApi(async (event) => {
  await clearUserSession(event)
  return { ok: true }
})
