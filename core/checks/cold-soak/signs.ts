import { apart, message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { scanSide } from '../scan-side'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import { SOAK_HOURS, type ColdSoakAnalysis } from './analysis'
import type { ColdSoak } from './record'

/** A sensor that is this far off the air errs to a side that can be told, K. */
const CLEARLY_OFF_K = 5

/**
 * A short soak lowers the validity: the block cools over many hours.
 * @example signsOf(coldSoakSigns('r', example('cold-soak.test'), { biasK: -14 }))
 *   // 'sensor-off-cold scan-reads-low wiring-bad'
 */
export function coldSoakSigns(
  source: string,
  record: ColdSoak,
  { biasK }: ColdSoakAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const soaked = Math.min(1, record.hoursStood / SOAK_HOURS) ** 2
  if (biasK !== undefined)
    out.push(
      measuredReading({
        source,
        sign: 'sensor-off-cold',
        value: Math.abs(biasK),
        error: 1,
        given: { no: { mean: 0.8, sd: 1.2 }, yes: { low: 3, high: 40 } },
        validity: 0.99 * soaked,
        conditions: 'scan after a cold soak',
        says: message('says.coldSoak', {
          ...apart(biasK),
          hours: Math.round(record.hoursStood),
        }),
      }),
    )
  if (biasK !== undefined && Math.abs(biasK) >= CLEARLY_OFF_K)
    out.push(scanSide(source, biasK, 0.95 * soaked))
  const wiring = `${source}#wiring`
  if (record.wiring === 'jumps')
    out.push(laidBare(wiring, 'wiring-bad', 0.8, message('says.wiring.jumps')))
  else if (record.wiring !== 'not-known')
    out.push(
      binaryReading(
        wiring,
        'wiring-bad',
        false,
        { whenPresent: 0.8, whenAbsent: 0.02 },
        message(`says.wiring.${record.wiring}`),
      ),
    )
  return out
}
