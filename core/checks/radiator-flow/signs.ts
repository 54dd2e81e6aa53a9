import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { RadiatorFlow } from './record'

/**
 * "Backs up" is strong; "passes" is weak, for a hose gives far less than the pump, and one tank hides the other.
 * Deposits in a tank block its tubes, and came from somewhere; where all runs through, it is only the second.
 * @example signsOf(flowSigns('r', example('radiator-flow.test'))) // 'flow-restricted crunch-in-hoses'
 */
export function flowSigns(source: string, record: RadiatorFlow): SignReading[] {
  const out: SignReading[] = []
  const restricted = record.passes === 'backs-up'
  out.push(
    binaryReading(
      source,
      'flow-restricted',
      restricted,
      restricted ? { whenPresent: 0.7, whenAbsent: 0.02 } : { whenPresent: 0.45, whenAbsent: 0.05 },
      message(`says.flow.${record.passes}`),
      record.lookedFromBothTanks === 'one-only' ? 0.7 : 0.9,
    ),
  )
  if (
    record.lookedFromBothTanks === 'deposits-seen' ||
    record.lookedFromBothTanks === 'both-clear'
  ) {
    const deposits = record.lookedFromBothTanks === 'deposits-seen'
    const says = message(`says.tanks.${record.lookedFromBothTanks}`)
    const restricts = { whenPresent: 0.8, whenAbsent: deposits && !restricted ? 0.3 : 0.06 }
    const lies = { whenPresent: 0.6, whenAbsent: 0.08 }
    out.push(
      binaryReading(`${source}#tanks`, 'flow-restricted', deposits, restricts, says, 0.9),
      binaryReading(`${source}#deposits`, 'crunch-in-hoses', deposits, lies, says, 0.85),
    )
  }
  return out
}
