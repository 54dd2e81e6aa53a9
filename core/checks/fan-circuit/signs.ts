import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { laidBare, type SignReading, readingsInto } from '../../inference/sign-reading'
import {
  batteryOf,
  type CircuitLink,
  type FanCircuitAnalysis,
  MOST_FEED_DROP_V,
  MOST_GROUND_DROP_V,
} from './analysis'
import type { FanCircuit } from './record'

/** A tip that touches nothing reads nothing: a voltage that is shown is there, one that is missing may not be. */
const VOLTAGE_SHOWN = 0.999
const VOLTAGE_MISSING = 0.99
/** A battery that is lower than this turns no fan, V. */
const LEAST_BATTERY_V = 11

/** The sign that a break in each link shows where it is measured. */
const SIGN_OF_LINK: Readonly<Record<CircuitLink, string>> = {
  fuse: 'fan-fuse-blown',
  wire: 'fan-feed-dead',
  relay: 'fan-relay-fails',
  motor: 'fan-fed-dead',
  ground: 'fan-ground-bad',
  control: 'fan-command-missing',
}

/**
 * @example signsOf(fanCircuitSigns('r', example('fan-circuit.walk'), analyseFanCircuit(example('fan-circuit.walk'))))
 *   // 'fan-feed-dead fan-ground-bad fan-fed-dead'
 */
export function fanCircuitSigns(
  source: string,
  record: FanCircuit,
  analysis: FanCircuitAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const add = readingsInto(out, source, 0.95)
  /** The same of what is the fault itself where it is seen. */
  const addFound = (
    sign: string,
    seen: boolean,
    whenPresent: number,
    whenAbsent: number,
    says: string,
  ) =>
    seen
      ? out.push(laidBare(`${source}#${sign}`, sign, whenPresent, message(says)))
      : add(sign, false, whenPresent, whenAbsent, says)
  // No more can be lost on the way than the battery gives, of 12 V or of 24.
  const mostLostVolts = Math.max(LEAST_BATTERY_V, batteryOf(record)) + 1
  if (record.fuse)
    addFound('fan-fuse-blown', record.fuse === 'blown', 0.98, 0.01, `says.fuse.${record.fuse}`)
  if (analysis.feedDropVolts !== undefined)
    out.push(
      measuredReading({
        source: `${source}#feed`,
        sign: 'fan-feed-dead',
        value: Math.min(mostLostVolts, analysis.feedDropVolts),
        error: 0.2,
        given: { no: { mean: 0.3, sd: 0.4 }, yes: { low: 1, high: mostLostVolts } },
        validity: analysis.feedDropVolts > MOST_FEED_DROP_V ? VOLTAGE_MISSING : VOLTAGE_SHOWN,
        conditions: 'voltmeter at the plug',
        says: message('says.fanSupply', { volts: record.supplyVolts!.toFixed(1) }),
      }),
    )
  if (record.groundDropVolts !== undefined)
    out.push(
      measuredReading({
        source: `${source}#ground`,
        sign: 'fan-ground-bad',
        value: Math.min(mostLostVolts, record.groundDropVolts),
        error: 0.05,
        given: { no: { mean: 0.12, sd: 0.12 }, yes: { low: 0.5, high: mostLostVolts } },
        validity: record.groundDropVolts > MOST_GROUND_DROP_V ? VOLTAGE_SHOWN : VOLTAGE_MISSING,
        conditions: 'voltmeter at the plug',
        says: message('says.fanGround', { volts: record.groundDropVolts.toFixed(1) }),
      }),
    )
  if (record.relay)
    addFound('fan-relay-fails', record.relay === 'fails', 0.93, 0.02, `says.relay.${record.relay}`)
  if (record.command) {
    const validity =
      analysis.switchingPlaceHot === true
        ? 0.95
        : analysis.switchingPlaceHot === false
          ? 0.02
          : 0.25
    add(
      'fan-command-missing',
      record.command === 'absent',
      0.95,
      0.03,
      `says.fanCommand.${record.command}`,
      record.command === 'absent' ? validity : 0.95,
    )
  }
  if (record.bridged && record.bridged !== 'not-known') {
    add(
      'fan-bridged-runs',
      record.bridged === 'runs',
      0.96,
      0.1,
      `says.bridged.${record.bridged}`,
      analysis.switchingPlaceHot ? 0.95 : 0.4,
    )
    add('fan-bridged-dead', record.bridged === 'dead', 0.96, 0.03, `says.bridged.${record.bridged}`)
  }
  if (record.directFeed && record.directFeed !== 'not-known')
    addFound(
      'fan-fed-dead',
      record.directFeed === 'dead',
      0.98,
      0.01,
      `says.directFeed.${record.directFeed}`,
    )
  else if (analysis.breaks.includes('motor'))
    add('fan-fed-dead', true, 0.95, 0.03, 'says.allAtPlugAndDead')
  if (analysis.byElimination)
    add(SIGN_OF_LINK[analysis.byElimination], true, 0.93, 0.03, 'says.onlyLinkLeft')
  if (record.speeds)
    add(
      'fan-speed-missing',
      record.speeds === 'one-missing',
      0.92,
      0.005,
      `says.speeds.${record.speeds}`,
      0.98,
    )
  if (record.airDirection)
    addFound(
      'fan-wrong-way',
      record.airDirection === 'wrong',
      0.97,
      0.005,
      `says.airDirection.${record.airDirection}`,
    )
  return out
}
