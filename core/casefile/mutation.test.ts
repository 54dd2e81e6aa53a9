import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { probabilitiesOf, TOLERANCE, unmovedEntries } from './mutation.fixture'
import { vignettes } from './vignette.fixture'

const all = [...vignettes('open'), ...vignettes('kept-apart')]
const read = (name: string) => JSON.parse(readFileSync(`data/stories/${name}.json`, 'utf8')) as Record<string, never>

describe('the levels of the book', () => {
  it('give every vignette’s causes what is written down; a change is read before it is committed', () => {
    const expected = read('expected') as Record<string, Record<string, number>>
    expect(Object.keys(expected).sort()).toEqual(all.map((v) => v.name).sort())
    for (const v of all) {
      const now = probabilitiesOf(v)
      for (const [cause, p] of Object.entries(expected[v.name]!)) expect(Math.abs(now[cause]! - p), `${v.name}: ${cause} was ${p}, is ${now[cause]}. After reading: npx tsx data/stories/expect.ts`).toBeLessThan(TOLERANCE)
    }
  })
  it('moved by three steps fail some vignette, or are listed with the reason why none hangs on them', () => {
    const listed = Object.keys(read('unmoved-levels'))
    const unmoved = unmovedEntries(all)
    expect(Object.keys(unmoved).filter((key) => !listed.includes(key))).toEqual([])
    const total = BOOK.faults.reduce((s, f) => s + f.effects.length + f.causes.length, 0) + BOOK.conditions.reduce((s, c) => s + c.effects.length + c.causedBy.length + 1, 0) + BOOK.signs.length + BOOK.faults.length * 3
    process.stdout.write(`levels: ${total}, moved by three steps ${Object.keys(unmoved).length} leave every vignette within ${TOLERANCE}\n`)
    expect(Object.keys(unmoved).length).toBeLessThanOrEqual(listed.length)
  }, 300_000)
})
