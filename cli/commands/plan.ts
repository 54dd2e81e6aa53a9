import { z } from 'zod'
import {
  believe,
  InputError,
  message,
  planOf,
  type PlanStep,
  POLICIES,
  type PolicyName,
  readCaseFile,
  testOrReplace,
} from '#core'
import { CHECK_WORDS } from '../../words/checks'
import { type Read, UsageError, lines, told } from '../reading'

export function planCommand(
  read: Read,
  file: string | undefined,
  policy: string,
  pricesFile: string | undefined,
  json: boolean,
): string {
  if (!(POLICIES as readonly string[]).includes(policy))
    throw new UsageError(told('noPolicy', { policy, policies: POLICIES.join(', ') }))
  const input = readCaseFile(read(file))
  const believed = believe(input)
  const { assessment, belief } = believed
  const plan = planOf(believed, input, policy as PolicyName)
  const own = policy === 'certainty' ? undefined : planOf(believed, input)
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
    told('expected', inMinutes(plan)),
    ...(compared ? [comparedLine(compared)] : []),
    ...advice.slice(0, 6).map((choice) => choiceLine(choice, unit)),
    '',
  ].join('\n')
}

type Step = PlanStep
type Choice = ReturnType<typeof testOrReplace>[number]

function stepLine(step: Step, i: number): string {
  const wait = step.waitMinutes > 0 ? told('waiting', { minutes: step.waitMinutes }) : ''
  const columns = [
    `${String(i + 1).padStart(2)}.`,
    step.check.padEnd(22),
    step.phase.padEnd(8),
    `${String(step.minutes).padStart(4)} min${wait} `,
  ]
  const worth = told('worth', {
    bits: step.bits.toFixed(2),
    lead: Math.round(step.expectedLead * 100),
    why: CHECK_WORDS[step.check].why,
  })
  return `${columns.join(' ')} ${worth}`
}

/** What a plan takes, as the words of the shell ask for it. */
const inMinutes = (plan: { expectedMinutes: number; reachesLead: boolean }) => ({
  minutes: plan.expectedMinutes,
  reaches: plan.reachesLead ? 'yes' : 'no',
})

function comparedLine(own: { expectedMinutes: number; reachesLead: boolean }): string {
  return told('compared', inMinutes(own))
}

function choiceLine(choice: Choice, unit: string): string {
  const costs = (amount: number) => `${amount.toFixed(1)}${unit}`
  const first =
    choice.expectedTestFirst === undefined
      ? ''
      : told('testingFirst', {
          check: choice.test!.check,
          costs: costs(choice.expectedTestFirst),
        })
  const open =
    choice.guardsOpen.length > 0 ? told('open', { guards: choice.guardsOpen.join(', ') }) : ''
  const order = choice.enoughToOrder ? told('enough') : told('notEnough', { open })
  return told('choice', {
    fault: choice.fault,
    advice: choice.advice,
    costs: costs(choice.expectedReplaceFirst),
    first,
    order,
  })
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
