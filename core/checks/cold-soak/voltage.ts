import { binaryReading, type SignReading } from '../../inference/sign-reading'
import { scanSide } from '../scan-side'
import { message } from '../../quantity/message'
import type { SensorVoltage } from './record'

/** Beside the maker's range by less than this it is right, V: a meter and a supply that is not quite 5 V. */
const RIGHT_WITHIN_V = 0.1
/** Off from so far beside it, V. */
const OFF_FROM_V = 0.3

export interface VoltageAnalysis {
  /** how far the signal lies above the maker's range, V; below it less than 0, inside 0 */
  besideVolts: number
  state: 'signal-right' | 'signal-doubtful' | 'signal-off'
}

/**
 * @example analyseVoltage(example('cold-soak.voltage')).state // 'signal-off'
 */
export function analyseVoltage(record: SensorVoltage): VoltageAnalysis {
  const { measuredVolts, specifiedFromVolts, specifiedToVolts } = record
  const nearest = Math.min(Math.max(measuredVolts, specifiedFromVolts), specifiedToVolts)
  const besideVolts = measuredVolts - nearest
  const off = Math.abs(besideVolts)
  const state =
    off <= RIGHT_WITHIN_V ? 'signal-right' : off < OFF_FROM_V ? 'signal-doubtful' : 'signal-off'
  return { besideVolts, state }
}

/**
 * The signal is made by sensor, wire, ground and the control's own supply together: off, it says that the reading is
 * wrong and not which of them makes it so. A signal that is right clears them all at this temperature.
 * @example signsOf(voltageSigns('r', analyseVoltage(example('cold-soak.voltage')))) // 'sensor-off-cold scan-reads-low'
 */
export function voltageSigns(
  source: string,
  { besideVolts, state }: VoltageAnalysis,
): SignReading[] {
  if (state === 'signal-doubtful') return []
  const isOff = state === 'signal-off'
  const way = besideVolts > 0 ? 'colder' : 'warmer'
  const words = message(isOff ? `says.signal.${way}` : 'says.signal.right')
  return [
    binaryReading(
      source,
      'sensor-off-cold',
      isOff,
      { whenPresent: 0.9, whenAbsent: 0.03 },
      words,
      0.95,
    ),
    ...(isOff ? [scanSide(source, -besideVolts, 0.95, words)] : []),
  ]
}
