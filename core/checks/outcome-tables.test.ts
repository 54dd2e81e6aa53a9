import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { outcomeTable } from './outcome-table.fixture'
import { ALL_CHECKS } from './registry'

/**
 * `npm run make:outcomes` writes the tables anew. Their difference is read before it is committed: a line that
 * changes says that the same record means something else from now on.
 */
/** One check alone, where its code is changed to see what is noticed. */
const only = process.env.OUTCOMES_OF
const checks = ALL_CHECKS.filter((check) => !only || check.id === only)

describe('what every change of one field makes of a check', () => {
  it.each(checks.map((check) => [check.id, check] as const))('%s', (id, check) => {
    const kept = readFileSync(`core/checks/${id}/outcomes.txt`, 'utf8')
    expect(outcomeTable(check)).toEqual(kept.trimEnd().split('\n'))
  })
})
