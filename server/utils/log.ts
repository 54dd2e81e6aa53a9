import { pino } from 'pino'

/**
 * Lines of JSON on standard output, one for each request and for what goes wrong. They carry ids and no names, words or
 * readings; where a request says what it looks for, only the route is written.
 */
export const log = pino({
  level: process.env.THERMOGNOSIS_LOG ?? (process.env.NODE_ENV === 'test' ? 'silent' : 'info'),
  base: undefined,
  timestamp: () => `,"at":"${new Date().toISOString()}"`,
  formatters: { level: (level) => ({ level }) },
})

interface Thrown {
  name?: string
  code?: string
  message?: string
  stack?: string
  cause?: Thrown
}

/**
 * What a line may say of an error: what the database, or the program, calls it, and where. The query builder's own
 * message holds the values of a query, and the database's detail those of a row: neither is written.
 */
export function toldOf(error: unknown): {
  name?: string
  code?: string
  problem?: string
  at: string[]
} {
  const thrown = error as Thrown
  const told = thrown.cause ?? thrown
  const frames = (thrown.stack ?? '').split('\n')
  return {
    ...(told.name ? { name: told.name } : {}),
    ...(told.code ? { code: told.code } : {}),
    ...(told.message ? { problem: told.message } : {}),
    at: frames.filter((line) => /^\s+at /.test(line)).map((line) => line.trim().slice(3)),
  }
}
