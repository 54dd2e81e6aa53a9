import { existsSync, readdirSync, renameSync } from 'node:fs'
import { join } from 'node:path'
import { DATA, main, readJson, runProgram, say } from './lib/common.mjs'

/**
 * Changes the code of physics, statistics and every check in small ways, one at a time, and says which share of the
 * changes a test beside it notices. `npm run mutate` takes all folders, `npm run mutate -- core/checks/cap` one.
 */
const REPORT = join(DATA, 'mutation', 'report.json')
const checks = readdirSync('core/checks', { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map((entry) => `core/checks/${entry.name}`)
const ALL = ['core/physics', 'core/statistics', ...checks]

/** Mutants that were noticed, and all that the code's own tests could have noticed. */
function countedIn(report) {
  const states = Object.values(report.files).flatMap((file) => file.mutants.map((m) => m.status))
  const of = (...wanted) => states.filter((state) => wanted.includes(state)).length
  const noticed = of('Killed', 'Timeout')
  return { noticed, all: noticed + of('Survived', 'NoCoverage') }
}

async function mutate(folder) {
  const { code, output } = await runProgram(
    'npx',
    [
      '--no-install',
      'stryker',
      'run',
      'stryker.config.json',
      '--mutate',
      `${folder}/**/*.ts,!${folder}/**/record.ts,!${folder}/**/*.{test,fixture}.ts`,
    ],
    { label: folder, env: { ...process.env, MUTATED_FOLDER: folder } },
  )
  if (code !== 0) {
    say(`${folder}: no result\n${output.slice(-1500)}`)
    return undefined
  }
  const counted = countedIn(readJson(REPORT))
  renameSync(REPORT, join(DATA, 'mutation', `${folder.replaceAll('/', '-')}.json`))
  return counted
}

const share = ({ noticed, all }) =>
  `${noticed} of ${all} noticed (${all ? ((100 * noticed) / all).toFixed(1) : '-'} %)`

main(async () => {
  const folders = process.argv.slice(2).length > 0 ? process.argv.slice(2) : ALL
  const total = { noticed: 0, all: 0 }
  const without = []
  for (const folder of folders) {
    if (!existsSync(folder)) throw new Error(`there is no folder ${folder}`)
    const counted = await mutate(folder)
    if (!counted) {
      without.push(folder)
      continue
    }
    say(`${folder}: ${share(counted)}`)
    total.noticed += counted.noticed
    total.all += counted.all
  }
  say(`\nall: ${share(total)}`)
  if (without.length > 0) say(`no result: ${without.join(', ')}`)
})
