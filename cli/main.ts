import { readFileSync, writeFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { caseJsonSchema } from '../core/casefile/json-schema'
import { rankCase } from '../core/casefile/rank-case'
import { readCaseFile } from '../core/casefile/read'
import { MAX_FILE_BYTES } from '../core/casefile/schema'
import { InputError, message } from '../core/message'
import { BOOK } from '../core/knowledge/book'
import { sentence } from '../words/catalogue'
import { formatChance } from '../words/format'

const USAGE = `Usage: npm run -s cli -- <command> [FILE] [--json]

  rank FILE       the suspects of a case, most probable first
  validate FILE   whether a case file can be read, and where not
  faults          the faults of the book with their names
  schema          the JSON Schema of the case format (--write FILE)

FILE may be - for standard input. Exit 0: done; 2: bad input.
`

/** Relative files are taken from where npm was called, not from the project's folder. */
const fromCaller = (path: string) => resolve(process.env.INIT_CWD ?? process.cwd(), path)

function readInput(path: string | undefined): string {
  if (path === undefined) throw new UsageError('A file is needed, or - for standard input.')
  let bytes: Buffer
  try {
    bytes = readFileSync(path === '-' ? 0 : fromCaller(path))
  } catch {
    throw new UsageError(`${path} cannot be read.`)
  }
  if (bytes.length > MAX_FILE_BYTES)
    throw new InputError('', message('file.tooLarge', { megabytes: MAX_FILE_BYTES / 1048576 }))
  return bytes.toString('utf8')
}

class UsageError extends Error {}

function rankCommand(file: string | undefined, json: boolean): string {
  const ranked = rankCase(readCaseFile(readInput(file)))
  const { ranking } = ranked
  if (json) {
    const { suspects, nothingWrong, notInTheBook, sets, moved, unexplained } = ranking
    return `${JSON.stringify({ suspects, nothingWrong, notInTheBook, sets, moved, unexplained, book: ranked.book }, null, 2)}\n`
  }
  const lines = ranking.suspects.slice(0, 10).map((s) => {
    const open = s.guards.filter((g) => !g.met).map((g) => `\n      not yet: ${g.text}`)
    return `${(s.probability * 100).toFixed(1).padStart(6)} %  ${s.name} (${formatChance(s.probability)}, ${s.role})${open.join('')}`
  })
  const assumed = ranked.assessment.assumptions.map((a) => `  ${sentence(a)}`)
  return [
    ...lines,
    `Nothing wrong: ${formatChance(ranking.nothingWrong)}. Book ${ranked.book.version}, ${ranked.book.hash}.`,
    ...(assumed.length > 0 ? ['Assumed:', ...assumed] : []),
    '',
  ].join('\n')
}

function run(args: string[]): string {
  const json = args.includes('--json')
  const writeAt = args.indexOf('--write')
  const writeTo = writeAt >= 0 ? args[writeAt + 1] : undefined
  const [command, file] = args.filter((a, i) => a !== '--json' && (writeAt < 0 || (i !== writeAt && i !== writeAt + 1)))
  switch (command) {
    case 'rank':
      return rankCommand(file, json)
    case 'validate': {
      const read = readCaseFile(readInput(file))
      const summary = { ok: true, case: read.case.id, records: read.records.length, events: read.events.length }
      return json ? `${JSON.stringify(summary)}\n` : `Good: ${read.case.title}, ${summary.records} records, ${summary.events} events.\n`
    }
    case 'faults':
      return json
        ? `${JSON.stringify(BOOK.faults.map(({ id, name, group, part }) => ({ id, name, group, part })), null, 2)}\n`
        : BOOK.faults.map((f) => `${f.id.padEnd(26)} ${f.name}\n`).join('')
    case 'schema': {
      const schema = `${JSON.stringify(caseJsonSchema(), null, 2)}\n`
      if (writeTo === undefined) return schema
      writeFileSync(fromCaller(writeTo), schema)
      return ''
    }
    default:
      throw new UsageError(command === undefined ? USAGE : `There is no command ${command}.\n\n${USAGE}`)
  }
}

const args = process.argv.slice(2)
try {
  process.stdout.write(run(args))
} catch (error) {
  process.exitCode = 2
  if (error instanceof InputError) {
    const text = sentence(error.problem)
    if (args.includes('--json')) process.stdout.write(`${JSON.stringify({ ok: false, path: error.path, sentence: text })}\n`)
    else process.stderr.write(`${text}${error.path ? ` [${error.path}]` : ''}\n`)
  } else if (error instanceof UsageError) process.stderr.write(`${error.message}\n`)
  else throw error
}
