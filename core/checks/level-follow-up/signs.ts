import { message } from '../../quantity/message'
import type { SignReading } from '../../inference/sign-reading'
import type { LevelFollowUp } from './record'

/**
 * One day clears little, a week clears much; a little lower is the last air coming out as often as a loss.
 * @example signsOf(followUpSigns('r', example('level-follow-up.look'))) // 'level-falls-after'
 */
export function followUpSigns(source: string, { daysAfter, level }: LevelFollowUp): SignReading[] {
  const seen = 1 - Math.exp(-daysAfter / 2.5)
  const likelihood = {
    'at-mark': { no: 0.85, yes: 1 - 0.97 * seen },
    'a-little-lower': { no: 0.13, yes: 0.1 + 0.2 * seen },
    lower: { no: 0.02, yes: 0.05 + 0.7 * seen },
  }[level]
  return [
    {
      source,
      sign: 'level-falls-after',
      likelihood,
      validity: 0.93,
      conditions: 'level by eye, cold',
      says: message(`says.followUp.${level}`, { days: daysAfter }),
    },
  ]
}
