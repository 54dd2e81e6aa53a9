import { closeConnection } from '../database/client'
import { stopListening } from '../utils/live'

/** Ends with the process that started it, even when that was killed: its end of the pipe closes. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('close', () => {
    stopListening()
    return closeConnection()
  })
  if (process.env.THERMOGNOSIS_EXIT_WITH_STDIN === '1') {
    process.stdin.resume()
    process.stdin.once('end', () => process.exit(0))
    process.stdin.once('error', () => process.exit(0))
  }
})
