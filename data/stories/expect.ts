import { writeFileSync } from 'node:fs'
import { vignettes } from '../../core/diagnosis/vignette.fixture'
import { moveLevels } from '../../core/diagnosis/mutation.fixture'

/**
 * Writes down what every vignette gives to its causes, which vignette hangs on each level of the book, and on which levels none does. Run
 * after a change of the book, and read the difference before it is committed: npm run make:expected
 */
const all = [...vignettes('open'), ...vignettes('kept-apart')]
const { odds, witnesses, unmoved } = moveLevels(all)
const write = (name: string, table: object) =>
  writeFileSync(`data/stories/${name}.json`, `${JSON.stringify(table, null, 1)}\n`)
write('expected', odds)
write('witnesses', witnesses)
write('unmoved-levels', unmoved)
process.stdout.write(
  `${Object.keys(odds).length} vignettes, ${Object.keys(unmoved).length} levels that none hangs on\n`,
)
