import { message, type Message } from '../../quantity/message'
import type { Estimate } from '../../quantity/interval'
import { daysFrom } from '../../quantity/moment'
import { correctedValue } from '../../quantity/record'
import { logNormalDensity } from '../../statistics/normal'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import { QUESTIONS } from './questions'
import type { InterviewAnswer, ReportedLoss, TopUps, Usage } from './record'

const DEFAULT_KM_PER_WEEK = 300
const SECONDS_PER_WEEK = 604800

/**
 * Hours a week the system is under pressure: the stated hours ±25 %, else 10 with a band of 5 to 20.
 * @example pressurisedHours(example('interview.usage')).hours.low // 9
 */
export function pressurisedHours(usage: Usage | undefined): { hours: Estimate; assumed: boolean } {
  const stated = usage?.hoursPerWeek
  return stated === undefined
    ? { hours: { low: 5, value: 10, high: 20 }, assumed: true }
    : { hours: { low: stated * 0.75, value: stated, high: stated * 1.25 }, assumed: false }
}

export interface LossRate {
  litresPerWeek: number
  assumptions: Message[]
}

/**
 * The keeper's loss as litres a week; per distance it needs the distance driven, 300 km a week when unknown.
 * @example reportedLossPerWeek(example('interview.loss'), undefined).litresPerWeek // 1
 */
export function reportedLossPerWeek(
  loss: ReportedLoss | undefined,
  usage: Usage | undefined,
): LossRate | undefined {
  if (!loss || loss.amount === 'not-known' || !loss.per) return undefined
  const litres = correctedValue(loss.amount)
  if ('time' in loss.per)
    return {
      litresPerWeek: (litres * SECONDS_PER_WEEK) / correctedValue(loss.per.time),
      assumptions: [],
    }
  const stated = usage?.kilometresPerWeek
  const km = stated ?? DEFAULT_KM_PER_WEEK
  const assumptions =
    stated === undefined
      ? [message('assumes.kilometresPerWeek', { distance: { kind: 'distance', coreValue: km } })]
      : []
  return { litresPerWeek: (litres * km) / correctedValue(loss.per.distance), assumptions }
}

/**
 * What is lost a week, by what was topped up on which days: the first time fills what was lost before anybody wrote it
 * down, each later one what was lost since. Undefined of one day.
 * @example lossByTopUps(example('interview.top-ups')).litresPerWeek // 0.5
 */
export function lossByTopUps({ list }: TopUps): LossRate | undefined {
  const days = daysFrom(list[0]!.on, list.at(-1)!.on)
  if (days <= 0) return undefined
  const litres = list.slice(1).reduce((sum, { amount }) => sum + correctedValue(amount), 0)
  return {
    litresPerWeek: (litres * 7) / days,
    assumptions: [message('assumes.filledToMark', { times: list.length, days })],
  }
}

/** Declared loss in litres a week for each state of the sign "loss-size". */
const LOSS_GIVEN_STATE = {
  slight: { median: 0.12, logSd: 0.8 },
  moderate: { median: 0.8, logSd: 0.7 },
  heavy: { median: 6, logSd: 1 },
} as const

/** A keeper's estimate of a loss is right within a factor of about 1.6. */
const KEEPER_LOG_SD = 0.5
/** What was written down day by day is right within a factor of about 1.25: no one fills to the same mark twice. */
const WRITTEN_LOG_SD = 0.22

/**
 * @example signsOf(interviewSigns([{ id: 'r', question: 'hot-at-idle', answer: 'yes' }]))
 *   // 'hot-at-idle'
 */
export function interviewSigns(
  answers: readonly (InterviewAnswer & { id: string })[],
): SignReading[] {
  return answers.flatMap((given) => {
    const question = QUESTIONS.find((candidate) => candidate.id === given.question)
    if (!question || given.answer === 'not-known') return []
    const says = message(given.answer === 'yes' ? 'says.keeperYes' : 'says.keeperNo', {
      question: question.asks,
    })
    return [
      binaryReading(given.id, question.sign, given.answer === 'yes', question.rates, says, 0.92),
    ]
  })
}

/**
 * @example lossSizeSign('r', 2).sign // 'loss-size'
 */
export function lossSizeSign(
  source: string,
  litresPerWeek: number,
  from: 'told' | 'written' = 'told',
): SignReading {
  const likelihood: Record<string, number> = {}
  for (const [state, { median, logSd }] of Object.entries(LOSS_GIVEN_STATE))
    likelihood[state] = logNormalDensity(
      Math.max(litresPerWeek, 0.01),
      median,
      Math.hypot(logSd, from === 'written' ? WRITTEN_LOG_SD : KEEPER_LOG_SD),
    )
  return {
    source,
    sign: 'loss-size',
    likelihood,
    validity: from === 'written' ? 0.95 : 0.9,
    conditions: source,
    says: message(from === 'written' ? 'says.lossByTopUps' : 'says.lossPerWeek', {
      loss: { kind: 'volume', coreValue: litresPerWeek },
    }),
  }
}

/**
 * Stop-driving advice, when the answers call for it.
 * @example stopDrivingAdvice(new Set(['white-exhaust'])).id // 'advice.doNotDrive'
 */
export function stopDrivingAdvice(yes: ReadonlySet<string>): Message | undefined {
  if (
    yes.has('hot-soon') ||
    (yes.has('heater-cold') && (yes.has('hot-at-idle') || yes.has('hot-at-load')))
  )
    return message('advice.stopAtOnce')
  if (yes.has('white-exhaust') || yes.has('pushed-out-hot')) return message('advice.doNotDrive')
  return undefined
}
