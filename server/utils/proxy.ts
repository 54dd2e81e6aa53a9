import { getRequestIP, type H3Event } from 'h3'

/** Whether a proxy stands before this server that sets the forwarded headers itself. */
export const isBehindProxy = (): boolean => process.env.THERMOGNOSIS_TRUST_PROXY === '1'

/** The address that a request comes from, as far as a trusted proxy tells it. */
export const addressOf = (event: H3Event): string =>
  getRequestIP(event, { xForwardedFor: isBehindProxy() }) ?? 'unknown'
