import { endSession } from '../auth/end'

/** However a session's cookie is cleared, its row ends first. */
export default defineNitroPlugin(() => {
  sessionHooks.hook('clear', endSession)
})
