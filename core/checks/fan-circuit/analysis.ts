import { correctedValue } from '../../quantity/record'
import type { FanCircuit } from './record'

export type CircuitBreak =
  'feed' | 'relay' | 'control' | 'ground' | 'motor' | 'speeds' | 'direction'

export interface FanCircuitAnalysis {
  breaks: CircuitBreak[]
  /** links in which one break could still lie */
  left: CircuitLink[]
  /** supply lost on the way from the battery, V */
  feedDropVolts?: number
  /** whether the place that switches the fan was shown hot enough; absent: not measured */
  switchingPlaceHot?: boolean
  /** the measurement that would halve what is left of the circuit */
  next?: keyof FanCircuit
  /** the one link that measurements leave, itself not measured */
  byElimination?: CircuitLink
}

/** More than this is lost on the way to the fan only by a fault, V. */
export const MOST_FEED_DROP_V = 1
/** And behind it, V. */
export const MOST_GROUND_DROP_V = 0.5
/** Battery at rest, and the supply from which on it is one of 24 V. */
const BATTERY_V = 12.5
const BATTERY_OF_24_V = 25
const OF_24_V_FROM = 16

/**
 * Voltage of the battery: measured, or what a vehicle with such a supply has at rest, V.
 * @example batteryOf(example('fan-circuit.walk')) // 12.6
 */
export const batteryOf = ({ batteryVolts, supplyVolts }: FanCircuit) =>
  batteryVolts ?? ((supplyVolts ?? 0) > OF_24_V_FROM ? BATTERY_OF_24_V : BATTERY_V)

/** Links of the circuit, in the order the current takes, then what controls it. */
export const LINKS = ['fuse', 'wire', 'relay', 'motor', 'ground', 'control'] as const
export type CircuitLink = (typeof LINKS)[number]

/** Links that a good result clears, and those that a bad one leaves. */
const TELLS: readonly {
  field: keyof FanCircuit
  good: readonly CircuitLink[]
  bad: readonly CircuitLink[]
  result: (r: FanCircuit) => 'good' | 'bad' | undefined
}[] = [
  {
    field: 'supplyVolts',
    good: ['fuse', 'wire', 'relay', 'control'],
    bad: ['fuse', 'wire', 'relay', 'control'],
    result: (r) =>
      r.supplyVolts === undefined
        ? undefined
        : batteryOf(r) - r.supplyVolts > MOST_FEED_DROP_V
          ? 'bad'
          : 'good',
  },
  {
    field: 'bridged',
    good: ['fuse', 'wire', 'motor', 'ground'],
    bad: ['fuse', 'wire', 'motor', 'ground'],
    result: (r) =>
      r.bridged === undefined || r.bridged === 'not-known'
        ? undefined
        : r.bridged === 'runs'
          ? 'good'
          : 'bad',
  },
  {
    field: 'command',
    good: ['control'],
    bad: ['control'],
    result: (r) => (r.command === undefined ? undefined : r.command === 'present' ? 'good' : 'bad'),
  },
  {
    field: 'groundDropVolts',
    good: ['ground'],
    bad: ['ground'],
    result: (r) =>
      r.groundDropVolts === undefined
        ? undefined
        : r.groundDropVolts > MOST_GROUND_DROP_V
          ? 'bad'
          : 'good',
  },
  {
    field: 'directFeed',
    good: ['motor'],
    bad: ['motor'],
    result: (r) =>
      r.directFeed === undefined || r.directFeed === 'not-known'
        ? undefined
        : r.directFeed === 'runs'
          ? 'good'
          : 'bad',
  },
  {
    field: 'relay',
    good: ['relay'],
    bad: ['relay'],
    result: (r) => (r.relay === undefined ? undefined : r.relay === 'passes' ? 'good' : 'bad'),
  },
  {
    field: 'fuse',
    good: ['fuse'],
    bad: ['fuse'],
    result: (r) => (r.fuse === undefined ? undefined : r.fuse === 'good' ? 'good' : 'bad'),
  },
]

/**
 * Links in which a single break can still lie, given what was measured; empty when the measurements contradict one break.
 * @example openLinks(example('fan-circuit.walk')).join(' ') // 'ground'
 */
export function openLinks(record: FanCircuit): CircuitLink[] {
  return LINKS.filter((link) =>
    TELLS.every(({ good, bad, result }) => {
      const was = result(record)
      return was === undefined || (was === 'good' ? !good.includes(link) : bad.includes(link))
    }),
  )
}

/**
 * The measurement that halves what is left best: of those not made, the one whose links come nearest to half of the
 * open ones; never a direct feed for a fan with electronics of its own. Where the switching place was not shown hot, that comes first: a fan that is not called for is not faulty.
 */
function nextMeasurement(
  record: FanCircuit,
  open: readonly CircuitLink[],
  ownElectronics: boolean,
): keyof FanCircuit | undefined {
  if (record.switchingPlace === undefined) return 'switchingPlace'
  if (open.length <= 1)
    return (['speeds', 'airDirection'] as const).find((f) => record[f] === undefined)
  const uneven = (links: readonly CircuitLink[]) =>
    Math.abs(open.filter((l) => links.includes(l)).length - open.length / 2)
  return TELLS.filter(
    ({ field, result, good }) =>
      record[field] === undefined &&
      !(ownElectronics && field === 'directFeed') &&
      result(record) === undefined &&
      open.some((l) => good.includes(l)) &&
      !open.every((l) => good.includes(l)),
  ).sort((a, b) => uneven(a.good) - uneven(b.good))[0]?.field
}

/**
 * Where the circuit breaks, each finding from its own measurement; a motor is dead only when it was fed.
 * @example analyseFanCircuit(example('fan-circuit.walk')).feedDropVolts // 0.3
 */
export function analyseFanCircuit(
  record: FanCircuit,
  ownElectronics = record.ownElectronics === true,
): FanCircuitAnalysis {
  const breaks: CircuitBreak[] = []
  const out: FanCircuitAnalysis = { breaks, left: [] }
  if (record.supplyVolts !== undefined) {
    out.feedDropVolts = batteryOf(record) - record.supplyVolts
    if (out.feedDropVolts > MOST_FEED_DROP_V) breaks.push('feed')
  }
  if (record.fuse === 'blown' && !breaks.includes('feed')) breaks.push('feed')
  if (record.relay === 'fails') breaks.push('relay')
  if (record.groundDropVolts !== undefined && record.groundDropVolts > MOST_GROUND_DROP_V)
    breaks.push('ground')
  if (record.switchingPlace && record.switchesAt)
    out.switchingPlaceHot =
      correctedValue(record.switchingPlace) >= correctedValue(record.switchesAt)
  if (record.command === 'absent' && out.switchingPlaceHot) breaks.push('control')
  const allPresent =
    record.ownElectronics === true &&
    record.command === 'present' &&
    (out.feedDropVolts ?? 9) <= MOST_FEED_DROP_V &&
    (record.groundDropVolts ?? 9) <= MOST_GROUND_DROP_V
  if (record.directFeed === 'dead' || (allPresent && record.bridged !== 'runs'))
    breaks.push('motor')
  if (record.speeds === 'one-missing') breaks.push('speeds')
  if (record.airDirection === 'wrong') breaks.push('direction')
  out.left = openLinks(record)
  const next = nextMeasurement(record, out.left, ownElectronics)
  const bad = TELLS.filter(({ result }) => result(record) === 'bad')
  const [only] = out.left
  const isCalledFor = only !== 'control' || out.switchingPlaceHot === true
  if (
    out.left.length === 1 &&
    breaks.length === 0 &&
    isCalledFor &&
    bad.some(({ bad: links }) => links.length > 1)
  )
    out.byElimination = only!
  if (next && (breaks.length === 0 || out.left.length > 1)) out.next = next
  return out
}
