import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { refuse } from './api-error'

/**
 * How much may be asked at once, in a time in seconds: far more than people and their devices do, so that a device gone
 * wrong, or somebody at the door, holds up no one else. Counted in each process by itself.
 */
const MOST = {
  session: { points: 3_000, duration: 10 },
  address: { points: 10_000, duration: 10 },
}

const limiters = {
  session: new RateLimiterMemory({ ...MOST.session, keyPrefix: 'session' }),
  address: new RateLimiterMemory({ ...MOST.address, keyPrefix: 'address' }),
}

/** Counts a request; 429 with the seconds to wait when there were too many. */
export async function countRequest(by: keyof typeof limiters, key: string): Promise<void> {
  try {
    await limiters[by].consume(key)
  } catch (error) {
    if (error instanceof RateLimiterRes)
      throw refuse.tooBusy(Math.max(1, Math.ceil(error.msBeforeNext / 1000)))
    throw error
  }
}
