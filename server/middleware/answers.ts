import { createError, getRequestProtocol, setResponseHeader } from 'h3'
import { isBehindProxy } from '../utils/proxy'

const YEAR_SECONDS = 365 * 86_400

/** What holds for every answer: reached by TLS it is to be reached so for a year; a file that is not there is not. */
export default defineEventHandler((event) => {
  if (isBehindProxy() && getRequestProtocol(event, { xForwardedProto: true }) === 'https')
    setResponseHeader(event, 'strict-transport-security', `max-age=${YEAR_SECONDS}`)
  // Files of the application are answered before this; without it, its page would be sent in their place.
  if (event.path.startsWith('/_nuxt/')) throw createError({ statusCode: 404 })
})
