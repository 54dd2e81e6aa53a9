import { z } from 'zod'
import {
  believe,
  InputError,
  makePlan,
  message,
  POLICIES,
  type PolicyName,
  readCaseFile,
  testOrReplace,
} from '#core'
import { CHECK_WORDS } from '../../words/checks'
import { type Read, UsageError, lines } from '../reading'

export function planCommand(
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
  const unit = pricesFile === undefined ? ' h' : ''
  return [
    ...plan.steps.map(stepLine),
    `Expected: ${plan.expectedMinutes} minutes${plan.reachesLead ? '' : ', and the lead stays below 90 %'}.`,
    ...(compared ? [comparedLine(compared)] : []),
    ...advice.slice(0, 6).map((choice) => choiceLine(choice, unit)),
    '',
  ].join('\n')
}

type Step = ReturnType<typeof makePlan>['steps'][number]
type Choice = ReturnType<typeof testOrReplace>[number]

function stepLine(step: Step, i: number): string {
  const wait = step.waitMinutes > 0 ? ` + ${step.waitMinutes} waiting` : ''
  const columns = [
    `${String(i + 1).padStart(2)}.`,
    step.check.padEnd(22),
    step.phase.padEnd(8),
    `${String(step.minutes).padStart(4)} min${wait} `,
  ]
  const lead = Math.round(step.expectedLead * 100)
  const worth = `${step.bits.toFixed(2)} bits, lead then ${lead} %.`
  return `${columns.join(' ')} ${worth} ${CHECK_WORDS[step.check].why}`
}

function comparedLine(own: { expectedMinutes: number; reachesLead: boolean }): string {
  const short = own.reachesLead ? '' : ', lead below 90 %'
  return `By most certainty per minute: ${own.expectedMinutes} minutes${short}.`
}

function choiceLine(choice: Choice, unit: string): string {
  const costs = (amount: number) => `${amount.toFixed(1)}${unit}`
  const first =
    choice.expectedTestFirst === undefined
      ? ''
      : `, testing first (${choice.test!.check}) ${costs(choice.expectedTestFirst)}`
  const open = choice.guardsOpen.length > 0 ? `: ${choice.guardsOpen.join(', ')} open` : ''
  const order = choice.enoughToOrder ? 'Enough to order.' : `Not enough to order${open}.`
  return `${choice.fault}: ${choice.advice}; changing it ${costs(choice.expectedReplaceFirst)}${first}. ${order}`
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
