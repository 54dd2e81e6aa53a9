import { correctedSi } from '../../quantity/record'
import type { FanCircuit } from './record'

export type CircuitBreak = 'feed' | 'relay' | 'control' | 'ground' | 'motor' | 'speeds' | 'direction'

export interface FanCircuitAnalysis {
  breaks: CircuitBreak[]
  /** supply lost on the way from the battery, V */
  feedDropVolts?: number
  /** whether the place that switches the fan was shown hot enough; absent: not measured */
  switchingPlaceHot?: boolean
  /** the measurement that would halve what is left of the circuit */
  next?: keyof FanCircuit
}

const MOST_FEED_DROP_V = 1
const MOST_GROUND_DROP_V = 0.5

/** Order of the halving walk: what is measured first tells most about the rest. */
const WALK: readonly (keyof FanCircuit)[] = ['switchingPlace', 'supplyVolts', 'command', 'groundDropVolts', 'directFeed', 'bridged', 'relay', 'fuse', 'speeds', 'airDirection']

/** Where the circuit breaks, each finding from its own measurement; a motor is dead only when it was fed. */
export function analyseFanCircuit(record: FanCircuit): FanCircuitAnalysis {
  const breaks: CircuitBreak[] = []
  const out: FanCircuitAnalysis = { breaks }
  if (record.supplyVolts !== undefined) {
    out.feedDropVolts = (record.batteryVolts ?? 12.5) - record.supplyVolts
    if (out.feedDropVolts > MOST_FEED_DROP_V) breaks.push('feed')
  }
  if (record.fuse === 'blown' && !breaks.includes('feed')) breaks.push('feed')
  if (record.relay === 'fails') breaks.push('relay')
  if (record.groundDropVolts !== undefined && record.groundDropVolts > MOST_GROUND_DROP_V) breaks.push('ground')
  if (record.switchingPlace && record.switchesAt) out.switchingPlaceHot = correctedSi(record.switchingPlace) >= correctedSi(record.switchesAt)
  if (record.command === 'absent' && out.switchingPlaceHot) breaks.push('control')
  const allPresent = record.ownElectronics === true && record.command === 'present' && (out.feedDropVolts ?? 9) <= MOST_FEED_DROP_V && (record.groundDropVolts ?? 9) <= MOST_GROUND_DROP_V
  if (record.directFeed === 'dead' || (allPresent && record.bridged !== 'runs')) breaks.push('motor')
  if (record.speeds === 'one-missing') breaks.push('speeds')
  if (record.airDirection === 'wrong') breaks.push('direction')
  const next = WALK.find((field) => record[field] === undefined)
  if (breaks.length === 0 && next) out.next = next
  return out
}
