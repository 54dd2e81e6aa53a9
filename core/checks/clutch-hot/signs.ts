import { message } from '../../quantity/message'
import { measuredLikelihood } from '../measured'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { ClutchAnalysis } from './analysis'
import type { ClutchHot } from './record'

/**
 * Hot drag and turns after switch-off carry most of what can be known of a viscous clutch.
 * @example signsOf(clutchSigns('r', example('clutch-hot.test'), { hotEnough: 0.9 }, 3))
 *   // 'clutch-slips-hot clutch-locked'
 */
export function clutchSigns(
  source: string,
  record: ClutchHot,
  { hotEnough, state }: Pick<ClutchAnalysis, 'hotEnough'> & Partial<ClutchAnalysis>,
  limitTurns: number,
): SignReading[] {
  const out: SignReading[] = []
  if (state === 'contradicts') return out
  if (record.dragHot !== 'not-known') {
    const slips = {
      firm: { no: 0.8, yes: 0.05 },
      weak: { no: 0.12, yes: 0.35 },
      none: { no: 0.02, yes: 0.6 },
      seized: { no: 0.06, yes: 0.005 },
    }[record.dragHot]
    out.push({
      source,
      sign: 'clutch-slips-hot',
      likelihood: slips,
      validity: 0.93 * hotEnough,
      conditions: 'hand, hot',
      says: message(`says.dragHot.${record.dragHot}`),
    })
    out.push(
      binaryReading(
        `${source}#locked`,
        'clutch-locked',
        record.dragHot === 'seized',
        { whenPresent: 0.8, whenAbsent: 0.03 },
        message(`says.dragHot.${record.dragHot}`),
        0.92,
      ),
    )
  }
  if (record.turnsAfterSwitchOff !== undefined)
    out.push({
      source: `${source}#turns`,
      sign: 'clutch-slips-hot',
      likelihood: measuredLikelihood(record.turnsAfterSwitchOff, 0.4, {
        no: { mean: limitTurns * 0.5, sd: limitTurns * 0.4 },
        yes: { low: limitTurns, high: 20 },
      }),
      validity: 0.9 * hotEnough,
      conditions: 'turns after switch-off',
      says: message('says.turnsAfter', { turns: record.turnsAfterSwitchOff }),
    })
  if (record.roarHot !== 'not-heard') {
    out.push(
      binaryReading(
        `${source}#roar`,
        'clutch-locked',
        record.roarHot === 'always',
        { whenPresent: 0.85, whenAbsent: 0.05 },
        message(`says.roar.${record.roarHot}`),
        0.9,
      ),
    )
    if (record.roarHot !== 'always')
      out.push(
        binaryReading(
          `${source}#noroar`,
          'clutch-slips-hot',
          record.roarHot === 'no',
          { whenPresent: 0.85, whenAbsent: 0.2 },
          message(`says.roar.${record.roarHot}`),
          0.85 * hotEnough,
        ),
      )
  }
  return out
}
