import { correctedValue } from '../../quantity/record'
import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { CreepAnalysis } from './analysis'
import type { LevelCreep } from './record'

/** An engine that is not hot neither expands nor boils: little is said of it; °C. */
const HOT_C = 75

const hotness = ({ engine }: LevelCreep): number =>
  engine === undefined ? 0.9 : correctedValue(engine) < HOT_C ? 0.6 : 1

/**
 * Bubbles and overflow after a refill that was not bled are air until shown otherwise.
 * @example signsOf(creepSigns('r', example('level-creep.watch'), analyseCreep(example('level-creep.watch'))))
 *   // 'creep bubbling pushed-out-hot'
 */
export function creepSigns(
  source: string,
  record: LevelCreep,
  analysis: CreepAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const hot = hotness(record)
  const settled =
    hot *
    (record.refilledAndNotBled === 'yes'
      ? 0.35
      : record.refilledAndNotBled === 'not-known'
        ? 0.75
        : 0.92)
  if (analysis.lateSlopeMmPerMinute) {
    const given = {
      steady: { mean: 0, sd: 0.12 },
      settles: { mean: 0.15, sd: 0.2 },
      climbs: { low: 0.3, high: 8 },
    }
    const reading = measuredReading({
      source: `${source}#creep`,
      sign: 'creep',
      value: analysis.lateSlopeMmPerMinute.value,
      error: 0.15,
      given,
      validity: settled * (record.startedAt === 'above' ? 0.6 : 1),
      conditions: 'level watched hot',
      says: message('says.creep', {
        rise: { kind: 'length', coreValue: analysis.riseMm, decimals: 0 },
        rate: { kind: 'lengthRate', coreValue: analysis.lateSlopeMmPerMinute.value },
      }),
    })
    const rose = analysis.riseMm > 5
    const likelihood = {
      steady: reading.likelihood.steady! * (rose ? 0.3 : 1),
      settles: reading.likelihood.settles! * (rose ? 1 : 0.3),
      climbs: reading.likelihood.climbs! * (rose ? 1 : 0.1),
    }
    out.push({ ...reading, likelihood })
  }
  if (record.bubbles !== 'not-known') {
    const rates = {
      continuous: { whenPresent: 0.85, whenAbsent: 0.03 },
      'at-first': { whenPresent: 0.12, whenAbsent: 0.2 },
      none: { whenPresent: 0.9, whenAbsent: 0.25 },
    }[record.bubbles]
    out.push(
      binaryReading(
        `${source}#bubbles`,
        'bubbling',
        record.bubbles !== 'none',
        rates,
        message(`says.bubbles.${record.bubbles}`),
        settled,
      ),
    )
  }
  if (record.overflowed !== 'not-known')
    out.push(
      binaryReading(
        `${source}#over`,
        'pushed-out-hot',
        record.overflowed === 'yes',
        { whenPresent: 0.75, whenAbsent: 0.05 },
        message(`says.overflowed.${record.overflowed}`),
        record.startedAt === 'above' ? 0.5 : settled,
      ),
    )
  return out
}
