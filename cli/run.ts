import { readFileSync, writeFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { z } from 'zod'
import {
  auditBook,
  believe,
  BOOK,
  BOOK_HASH,
  buildModel,
  capCheck,
  caseJsonSchema,
  importLog,
  InputError,
  makePlan,
  MAX_FILE_BYTES,
  type Message,
  message,
  outcomesOf,
  pivotAnswer,
  POLICIES,
  type PolicyName,
  pressureHoldCheck,
  rankBelief,
  readCaseFile,
  readLogTable,
  stabilityOf,
  suggestMapping,
  testerSelfCheckCheck,
  testOrReplace,
} from '#core'
import { CHECK_WORDS } from '../words/checks'
import { bench } from './benchmark'
import { sentence } from '../words/catalogue'
import { formatChance } from '../words/format'

const USAGE = `Usage: npm run -s cli -- <command> [FILE] [--json]

  rank FILE         the suspects of a case, most probable first
  plan FILE         the checks to do next (--policy NAME, --prices FILE)
  check FILE        what every recorded check comes to
  log FILE          a log of any columns as traces (--column channel=Name, --column time=Name)
  validate FILE     whether a case file can be read, and where not
  faults            the faults of the book with their names
  signs             the signs of the book with their states
  knowledge audit   what an editor of the book should look at
  bench             how fast it is on this machine
  schema            the JSON Schema of the case format (--write FILE)

Without FILE, or with -, the case is read from standard input. Exit 0: done; 2: bad input.
`

/** Relative files are taken from where npm was called, not from the project's folder. */
const fromCaller = (path: string) => resolve(process.env.INIT_CWD ?? process.cwd(), path)

/** Text of a case, a log or a list of prices: a file's, or what `stdin` gives. */
type Read = (path: string | undefined) => string

function reader({ stdin, isTty }: Streams): Read {
  return (path) => {
    if (path === undefined && isTty)
      throw new UsageError('A file is needed, or the case on standard input.')
    let bytes: Buffer
    try {
      bytes = path === undefined || path === '-' ? stdin() : readFileSync(fromCaller(path))
    } catch {
      throw new UsageError(`${path ?? 'Standard input'} cannot be read.`)
    }
    if (path === undefined && bytes.length === 0)
      throw new UsageError('A file is needed, or the case on standard input.')
    if (bytes.length > MAX_FILE_BYTES)
      throw new InputError('', message('file.tooLarge', { megabytes: MAX_FILE_BYTES / 1048576 }))
    return bytes.toString('utf8')
  }
}

class UsageError extends Error {}

function rankCommand(read: Read, file: string | undefined, json: boolean): string {
  const input = readCaseFile(read(file))
  const { assessment, belief } = believe(input)
  const ranking = rankBelief(belief, assessment.facts)
  const stability = stabilityOf(belief)
  if (json) {
    const { suspects, nothingWrong, notInTheBook, sets, moved, unexplained } = ranking
    return lines({
      suspects,
      nothingWrong,
      notInTheBook,
      sets,
      moved,
      unexplained,
      stability,
      book: { version: BOOK.version, hash: BOOK_HASH },
    })
  }
  const listed = ranking.suspects.slice(0, 10).map((s) => {
    const open = s.guards.filter((g) => !g.met).map((g) => `\n      not yet: ${g.text}`)
    return `${(s.probability * 100).toFixed(1).padStart(6)} %  ${s.name} (${formatChance(s.probability)}, ${s.role})${open.join('')}`
  })
  const pivot = pivotAnswer(belief, input)
  return [
    ...listed,
    `Nothing wrong: ${formatChance(ranking.nothingWrong)}. Book ${BOOK.version}, ${BOOK_HASH}.`,
    `One level moved a step keeps the lead in ${Math.round(stability.keeps * 100)} % of ${stability.shifts} trials.`,
    ...(pivot
      ? [
          `Would change the lead most: ${pivot.sign} = ${pivot.state} (${pivot.check}), then ${pivot.newLead}.`,
        ]
      : []),
    ...(assessment.assumptions.length > 0
      ? ['Assumed:', ...assessment.assumptions.map((a) => `  ${sentence(a)}`)]
      : []),
    '',
  ].join('\n')
}

function planCommand(
  read: Read,
  file: string | undefined,
  policy: string,
  pricesFile: string | undefined,
  json: boolean,
): string {
  if (!(POLICIES as readonly string[]).includes(policy))
    throw new UsageError(`There is no policy ${policy}; there are ${POLICIES.join(', ')}.`)
  const input = readCaseFile(read(file))
  const { assessment, belief } = believe(input)
  const plan = makePlan(belief, input, policy as PolicyName)
  const own = policy === 'certainty' ? undefined : makePlan(belief, input)
  const compared = own && {
    policy: own.policy,
    expectedMinutes: own.expectedMinutes,
    reachesLead: own.reachesLead,
  }
  const advice = testOrReplace(
    belief,
    input,
    assessment.facts,
    pricesFile === undefined ? undefined : readPrices(read, pricesFile),
  )
  if (json)
    return lines({
      policy: plan.policy,
      steps: plan.steps.map((step) => ({ ...step, why: CHECK_WORDS[step.check].why })),
      expectedMinutes: plan.expectedMinutes,
      testOrReplace: advice,
      ...(compared ? { compared } : {}),
      expectedLeadNow: plan.expectedLeadNow,
      reachesLead: plan.reachesLead,
      lostMass: plan.lostMass,
    })
  const unit = pricesFile === undefined ? 'h' : ''
  return [
    ...plan.steps.map(
      (s, i) =>
        `${String(i + 1).padStart(2)}. ${s.check.padEnd(22)} ${s.phase.padEnd(8)} ${String(s.minutes).padStart(4)} min${s.waitMinutes > 0 ? ` + ${s.waitMinutes} waiting` : ''}  ${s.bits.toFixed(2)} bits, lead then ${Math.round(s.expectedLead * 100)} %. ${CHECK_WORDS[s.check].why}`,
    ),
    `Expected: ${plan.expectedMinutes} minutes${plan.reachesLead ? '' : ', and the lead stays below 90 %'}.`,
    ...(compared
      ? [
          `By most certainty per minute: ${compared.expectedMinutes} minutes${compared.reachesLead ? '' : ', lead below 90 %'}.`,
        ]
      : []),
    ...advice
      .slice(0, 6)
      .map(
        (a) =>
          `${a.fault}: ${a.advice}; changing it ${a.expectedReplaceFirst.toFixed(1)} ${unit}${a.expectedTestFirst === undefined ? '' : `, testing first (${a.test!.check}) ${a.expectedTestFirst.toFixed(1)} ${unit}`}. ${a.enoughToOrder ? 'Enough to order.' : `Not enough to order${a.guardsOpen.length > 0 ? `: ${a.guardsOpen.join(', ')} open` : ''}.`}`,
      ),
    '',
  ].join('\n')
}

const pricesSchema = z.strictObject({
  hourlyRate: z.number().positive().max(100_000),
  parts: z.record(z.string(), z.number().min(0).max(10_000_000)),
})

function readPrices(read: Read, path: string) {
  let raw: unknown
  try {
    raw = JSON.parse(read(path))
  } catch (error) {
    if (error instanceof SyntaxError) throw new InputError('', message('file.notJson'))
    throw error
  }
  const parsed = pricesSchema.safeParse(raw)
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]!
  throw new InputError(
    issue.path.join('.'),
    message('file.badField', { path: issue.path.join('.'), reason: issue.message }),
  )
}

function checkCommand(read: Read, file: string | undefined, json: boolean): string {
  const { assessment } = believe(readCaseFile(read(file)))
  const { outcomes: all, assumptions } = assessment
  const holds = outcomesOf(all, pressureHoldCheck)
  const caps = outcomesOf(all, capCheck)
  const selfChecks = outcomesOf(all, testerSelfCheckCheck)
  const apart = new Set<object>([...holds, ...caps, ...selfChecks])
  const outcomes = all.filter((o) => !apart.has(o) && (o.states.length > 0 || o.notes.length > 0))
  const say = (list: readonly Message[]) => list.map((m) => sentence(m))
  if (json)
    return lines({
      holds: holds.map(({ source, figures: analysis }) => ({
        source,
        ...analysis,
        notes: say(analysis.notes),
        doesNotProve: say(analysis.doesNotProve),
        cautions: say(analysis.cautions),
      })),
      caps: caps.map(({ source, figures: analysis, intervals }) => ({
        source,
        ...analysis,
        intervals,
        doesNotProve: say(analysis.doesNotProve),
      })),
      selfChecks: selfChecks.map(({ source, figures }) => ({ source, ...figures })),
      checks: outcomes.map(
        ({ check, source, states, figures, intervals, doesNotProve, cautions, notes, signs }) => ({
          check,
          source,
          states,
          figures,
          intervals,
          doesNotProve: say(doesNotProve),
          cautions: say(cautions),
          notes: say(notes),
          signs: signs.map((s) => ({
            sign: s.sign,
            likelihood: s.likelihood,
            validity: s.validity,
            says: sentence(s.says),
          })),
        }),
      ),
      assumptions: say(assumptions),
    })
  return [
    ...holds.map(({ figures: { state, fallKPaPerMinute: fall, doesNotProve } }) => {
      const figures = fall
        ? `, falls ${fall.value.toFixed(2)} kPa/min (${fall.low.toFixed(2)} to ${fall.high.toFixed(2)})`
        : ''
      return `${pressureHoldCheck.id}: ${state}${figures}\n    does not prove: ${say(doesNotProve).join('; ')}`
    }),
    ...caps.map((c) => `${capCheck.id}: ${c.states.join(', ') || 'recorded'}`),
    ...selfChecks.map((c) => `${testerSelfCheckCheck.id}: ${c.figures.state}`),
    ...outcomes.map((o) =>
      [
        `${o.check}: ${o.states.join(', ')}`,
        ...say(o.notes).map((n) => `    note: ${n}`),
        ...(o.doesNotProve.length > 0
          ? [`    does not prove: ${say(o.doesNotProve).join('; ')}`]
          : []),
      ].join('\n'),
    ),
    ...say(assumptions).map((a) => `Assumed: ${a}`),
    '',
  ].join('\n')
}

/** Columns as `channel=Column name`, beside what the file's own names suggest. */
function logCommand(
  read: Read,
  file: string | undefined,
  columns: readonly string[],
  json: boolean,
): string {
  const table = readLogTable(read(file))
  const suggested = suggestMapping(table)
  const given = Object.fromEntries(
    columns.map((c) => [c.slice(0, c.indexOf('=')), c.slice(c.indexOf('=') + 1)]),
  )
  const { time = suggested.time ?? '', ...channels } = given
  const log = importLog(table, { time, channels: { ...suggested.channels, ...channels } })
  if (json)
    return lines({
      columns: table.columns,
      decimalComma: table.decimalComma,
      traces: log.traces,
      notes: log.notes.map((n) => sentence(n)),
    })
  return [
    ...log.traces.map(
      (t) =>
        `${t.channel}: ${t.values.length} values over ${Math.round(t.seconds.at(-1)!)} s, ${Math.min(...t.values).toFixed(1)} to ${Math.max(...t.values).toFixed(1)}, from “${t.from}”`,
    ),
    ...log.notes.map((n) => sentence(n)),
    '',
  ].join('\n')
}

function auditCommand(json: boolean): string {
  const audit = auditBook(BOOK, buildModel(BOOK, 'overheats', {}))
  if (json) return lines(audit)
  const part = (title: string, list: readonly string[]) => [
    `${title}: ${list.length === 0 ? 'none' : ''}`,
    ...list.map((l) => `  ${l}`),
  ]
  return [
    ...part('Faults without a discriminating sign', audit.withoutSign),
    ...part('Signs that no fault speaks to', audit.unspokenSigns),
    ...part('Signs that no check reads', audit.unreadSigns),
    ...part('Levels without a reason', audit.withoutReason),
    ...part(
      'Pairs that no check can tell apart',
      audit.hardPairs.map(
        (p) =>
          `${p.faults.join(' / ')}: closest ${p.closest.check} (${p.closest.sign}, ${p.closest.distance.toFixed(2)})`,
      ),
    ),
    '',
  ].join('\n')
}

const lines = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`

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
      if (file !== 'audit') throw new UsageError('Say: knowledge audit')
      return auditCommand(json)
    case 'bench': {
      const result = bench()
      return json
        ? `${JSON.stringify(result)}\n`
        : `${Object.entries(result)
            .map(([k, v]) => `${k}: ${typeof v === 'object' ? `${v.median} (p95 ${v.p95})` : v}`)
            .join('\n')}\n`
    }
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
        : `Good: ${input.case.title}, ${summary.records} records, ${summary.events} events.\n`
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
        command === undefined ? USAGE : `There is no command ${command}.\n\n${USAGE}`,
      )
  }
}

/** Where the text without a file comes from. */
export interface Streams {
  stdin: () => Buffer
  /** nobody pipes anything in */
  isTty: boolean
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
