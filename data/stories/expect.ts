import { writeFileSync } from 'node:fs'
import { vignettes } from '../../core/diagnosis/vignette.fixture'
import { unmovedEntries, probabilitiesOf } from '../../core/diagnosis/mutation.fixture'

/**
 * Writes down what every vignette gives to its causes, and the levels of the book that no vignette hangs on. Run
 * after a change of the book, and read the difference before it is committed: npx tsx data/stories/expect.ts
 */
const all = [...vignettes('open'), ...vignettes('kept-apart')]
const expected = Object.fromEntries(all.map((v) => [v.name, probabilitiesOf(v)]))
writeFileSync('data/stories/expected.json', `${JSON.stringify(expected, null, 1)}\n`)
const unmoved = unmovedEntries(all)
writeFileSync('data/stories/unmoved-levels.json', `${JSON.stringify(unmoved, null, 1)}\n`)
process.stdout.write(
  `${Object.keys(expected).length} vignettes, ${Object.keys(unmoved).length} levels that none hangs on\n`,
)
