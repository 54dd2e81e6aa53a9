import type { z } from 'zod'
import { refuse } from './api-error'

/** A value that fits its schema; the first field that is wrong is named. */
export function checked<S extends z.ZodType>(schema: S, raw: unknown): z.infer<S> {
  const parsed = schema.safeParse(raw)
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]!
  const path = issue.path.join('.')
  throw refuse.bad('field', path, { field: path || 'entry', problem: issue.message })
}
