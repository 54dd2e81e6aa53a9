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
