import { writeFileSync } from 'node:fs'
import { outcomeTable } from '../../core/checks/outcome-table.fixture'
import { ALL_CHECKS } from '#core'

/** Writes down what each check makes of the records of the cases, and of every change of one field of them. */
let lines = 0
for (const check of ALL_CHECKS) {
  const table = outcomeTable(check)
  lines += table.length
  writeFileSync(`core/checks/${check.id}/outcomes.txt`, `${table.join('\n')}\n`)
}
process.stdout.write(`${ALL_CHECKS.length} tables, ${lines} lines\n`)
