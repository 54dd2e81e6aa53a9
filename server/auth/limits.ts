import { lt } from 'drizzle-orm'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { database, pool } from '../database/client'
import { rateLimits } from '../database/schema'
import { refuse } from '../utils/api-error'

/**
 * Tries that may fail in a time, in seconds. Whoever tries more often waits for the rest of that time and is not locked
 * out: from one address, and for one name from anywhere.
 */
const TRIES = {
  pair: { points: 6, duration: 60 },
  name: { points: 30, duration: 600 },
}
type Counted = keyof typeof TRIES

let limiters: Record<Counted, RateLimiterPostgres> | undefined

/** Counted in the database, where one statement counts and compares: of many tries at once no more get through. */
function limiter(counted: Counted): RateLimiterPostgres {
  const made = (keyPrefix: Counted) =>
    new RateLimiterPostgres({
      ...TRIES[keyPrefix],
      keyPrefix,
      storeClient: pool(),
      storeType: 'pool',
      tableName: 'rate_limits',
      tableCreated: true,
      clearExpiredByTimeout: false,
    })
  limiters ??= { pair: made('pair'), name: made('name') }
  return limiters[counted]
}

/** Counts a try; 429 with the seconds to wait when there were too many. */
export async function countTry(counted: Counted, key: string): Promise<void> {
  try {
    await limiter(counted).consume(key)
  } catch (error) {
    if (error instanceof RateLimiterRes)
      throw refuse.tooManyTries(Math.max(1, Math.ceil(error.msBeforeNext / 1000)))
    throw error
  }
}

/** Takes back what was counted under a key: it went well. */
export async function forgetTry(counted: Counted, key: string): Promise<void> {
  await limiter(counted).delete(key)
}

/** Takes back what a try counted that went well, and what is over. */
export async function forgetTries(pair: string, name: string): Promise<void> {
  await limiter('pair').delete(pair)
  await limiter('name').reward(name)
  await database().delete(rateLimits).where(lt(rateLimits.expire, Date.now()))
}
