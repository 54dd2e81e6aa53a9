import { scanSide } from '../scan-side'
import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { SensorResistance } from './record'

/** Usual constant B of the thermistors that coolant sensors are made of, K. */
const BETA_K = 3500
const ZERO_CELSIUS_K = 273.15
/** A sensor that tells a temperature this far off is open, shorted or nearly: how far does not matter, K. */
const MOST_OFF_K = 80
/** Inside the maker's range, and this much beside it, it is right, K. */
const RIGHT_WITHIN_K = 2
/** A sensor is off where it tells a temperature further from the truth than this, K. */
const OFF_FROM_K = 5

export interface ResistanceAnalysis {
  /** how much warmer than it is the sensor tells, by its resistance, K; 0 inside the maker's range */
  tellsWarmerK: number
  state: 'resistance-right' | 'resistance-doubtful' | 'resistance-off'
}

/**
 * Temperature that a thermistor of resistance `ohm` stands for, K, where one of `atOhm` is at `atK`:
 * 1/T = 1/T₀ + ln(R/R₀)/B.
 */
const temperatureOf = (ohm: number, atOhm: number, atK: number) =>
  1 / (1 / atK + Math.log(ohm / atOhm) / BETA_K)

/**
 * How far off the sensor tells, from its resistance against the nearer end of what its maker gives at that temperature.
 * @example analyseResistance(example('cold-soak.resistance')).state // 'resistance-off'
 */
export function analyseResistance(record: SensorResistance): ResistanceAnalysis {
  const { measuredOhm, specifiedFromOhm, specifiedToOhm } = record
  const nearest = Math.min(Math.max(measuredOhm, specifiedFromOhm), specifiedToOhm)
  const atK = correctedValue(record.at) + ZERO_CELSIUS_K
  const told = temperatureOf(measuredOhm, nearest, atK) - atK
  const isOpen = !Number.isFinite(told) || Math.abs(told) > MOST_OFF_K
  const tellsWarmerK = isOpen ? Math.sign(nearest - measuredOhm) * MOST_OFF_K : told
  const off = Math.abs(tellsWarmerK)
  return {
    tellsWarmerK,
    state:
      off <= RIGHT_WITHIN_K
        ? 'resistance-right'
        : off < OFF_FROM_K
          ? 'resistance-doubtful'
          : 'resistance-off',
  }
}

/** A sensor that is off shows it so often by its resistance. */
const SHOWS = 0.85
/** One that is right is measured off so often: the table of another type, a plug not quite pulled. */
const WRONGLY = 0.02

/** Which side it errs to is as good as read off. */
const SIDE_VALIDITY = 0.97

/**
 * Measured at the sensor with the plug pulled: wire and plug are not in it. Off its range it lies bare; just beside it
 * says nothing.
 * @example signsOf(resistanceSigns('r', analyseResistance(example('cold-soak.resistance')))) // 'sensor-resistance-off scan-reads-low'
 */
export function resistanceSigns(
  source: string,
  { tellsWarmerK, state }: ResistanceAnalysis,
): SignReading[] {
  const sign = 'sensor-resistance-off'
  const off = { kind: 'temperatureDifference', coreValue: Math.abs(tellsWarmerK) } as const
  if (state === 'resistance-off') {
    const says = tellsWarmerK > 0 ? 'says.resistance.warmer' : 'says.resistance.colder'
    const words = message(says, { off })
    return [
      laidBare(source, sign, SHOWS, words),
      scanSide(source, tellsWarmerK, SIDE_VALIDITY, words),
    ]
  }
  if (state === 'resistance-doubtful') return []
  const rates = { whenPresent: SHOWS, whenAbsent: WRONGLY }
  return [binaryReading(source, sign, false, rates, message('says.resistance.right'))]
}
