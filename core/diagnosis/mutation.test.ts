import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { BOOK, BOOK_HASH } from '../knowledge/book'
import { probabilitiesOf, TOLERANCE, unmovedEntries } from './mutation.fixture'
import { vignettes } from './vignette.fixture'

const all = [...vignettes('open'), ...vignettes('kept-apart')]
/** A number from 0 to 1 that is the same for the same key and book. */
const draw = (key: string) => createHash('sha256').update(`${BOOK_HASH} ${key}`).digest()[0]! / 256
const read = (name: string) =>
  JSON.parse(readFileSync(`data/stories/${name}.json`, 'utf8')) as Record<string, never>

describe('the levels of the book', () => {
  it('give every vignette’s causes what is written down; a change is read before it is committed', () => {
    const expected = read('expected') as Record<string, Record<string, number>>
    expect(Object.keys(expected).sort()).toEqual(all.map((v) => v.name).sort())
    for (const v of all) {
      const now = probabilitiesOf(v)
      for (const [cause, p] of Object.entries(expected[v.name]!))
        expect(
          Math.abs(now[cause]! - p),
          `${v.name}: ${cause} was ${p}, is ${now[cause]}. After reading: npx tsx data/stories/expect.ts`,
        ).toBeLessThan(TOLERANCE)
    }
  })
  it('moved by three steps fail some vignette, or are listed with the reason why none hangs on them', () => {
    const listed = Object.keys(read('unmoved-levels'))
    // Every level that is not listed is moved in every vignette until one fails. Of the listed ones, which take most
    // of the time, a fifth is: another fifth whenever the book changes. data/stories/expect.ts moves all of them.
    const again = listed.filter((key) => draw(key) < 0.2)
    const unmoved = Object.keys(
      unmovedEntries(all, (key) => !listed.includes(key) || again.includes(key)),
    )
    expect(unmoved).toEqual(again.toSorted())
    const total =
      BOOK.faults.reduce((s, f) => s + f.effects.length + f.causes.length, 0) +
      BOOK.conditions.reduce((s, c) => s + c.effects.length + c.causedBy.length + 1, 0) +
      BOOK.signs.length +
      BOOK.faults.length * 3
    expect(listed.length).toBeLessThan(total / 2)
    process.stdout.write(
      `levels: ${total}, moved by three steps ${listed.length} leave every vignette within ${TOLERANCE}, ${again.length} of them moved again here\n`,
    )
  }, 300_000)
})
