import { writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { BOOK, caseJsonSchema, InputError, readCaseFile } from '#core'
import { sentence } from '../words/catalogue'
import { fromCaller, type Read, reader, UsageError, lines, type Streams, told } from './reading'
import { rankCommand } from './commands/rank'
import { planCommand } from './commands/plan'
import { checkCommand } from './commands/check'
import { logCommand } from './commands/log'
import { auditCommand } from './commands/audit'
import { benchmarkCommand } from './commands/benchmark'

function readArguments(args: string[]) {
  try {
    return parseArgs({
      args,
      allowPositionals: true,
      options: {
        json: { type: 'boolean', default: false },
        write: { type: 'string' },
        policy: { type: 'string', default: 'certainty' },
        prices: { type: 'string' },
        column: { type: 'string', multiple: true, default: [] },
      },
    })
  } catch (error) {
    throw new UsageError(error instanceof Error ? error.message : String(error))
  }
}

function run(args: string[], read: Read): string {
  const { values, positionals } = readArguments(args)
  const { json } = values
  const [command, file] = positionals
  switch (command) {
    case 'rank':
      return rankCommand(read, file, json)
    case 'plan':
      return planCommand(read, file, values.policy, values.prices, json)
    case 'check':
      return checkCommand(read, file, json)
    case 'signs':
      return json
        ? lines(BOOK.signs.map(({ id, name, states, check }) => ({ id, name, states, check })))
        : BOOK.signs.map((s) => `${s.id.padEnd(26)} ${s.name} (${s.states.join(', ')})\n`).join('')
    case 'log':
      return logCommand(read, file, values.column, json)
    case 'knowledge':
      if (file !== 'audit') throw new UsageError(told('sayAudit'))
      return auditCommand(json)
    case 'benchmark':
      return benchmarkCommand(json)
    case 'validate': {
      const input = readCaseFile(read(file))
      const summary = {
        ok: true,
        case: input.case.id,
        records: input.records.length,
        events: input.events.length,
      }
      return json
        ? `${JSON.stringify(summary)}\n`
        : `${told('good', {
            title: input.case.title,
            records: summary.records,
            events: summary.events,
          })}\n`
    }
    case 'faults':
      return json
        ? `${JSON.stringify(
            BOOK.faults.map(({ id, name, group, part }) => ({ id, name, group, part })),
            null,
            2,
          )}\n`
        : BOOK.faults.map((f) => `${f.id.padEnd(26)} ${f.name}\n`).join('')
    case 'schema': {
      const schema = `${JSON.stringify(caseJsonSchema(), null, 2)}\n`
      if (values.write === undefined) return schema
      writeFileSync(fromCaller(values.write), schema)
      return ''
    }
    default:
      throw new UsageError(
        command === undefined
          ? told('usage')
          : `${told('noCommand', { command })}\n\n${told('usage')}`,
      )
  }
}

export interface Outcome {
  /** 0: done; 2: bad input */
  status: 0 | 2
  stdout: string
  stderr: string
}

/** Carries out one command line; anything that is not bad input is thrown on. */
export function runCli(args: string[], streams: Streams): Outcome {
  try {
    return { status: 0, stdout: run(args, reader(streams)), stderr: '' }
  } catch (error) {
    if (error instanceof UsageError) return { status: 2, stdout: '', stderr: `${error.message}\n` }
    if (!(error instanceof InputError)) throw error
    const text = sentence(error.problem)
    if (args.includes('--json'))
      return {
        status: 2,
        stdout: `${JSON.stringify({ ok: false, path: error.path, sentence: text })}\n`,
        stderr: '',
      }
    return { status: 2, stdout: '', stderr: `${text}${error.path ? ` [${error.path}]` : ''}\n` }
  }
}
