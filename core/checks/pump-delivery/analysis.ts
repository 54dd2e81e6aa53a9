import { correctedValue } from '../../quantity/record'
import type { PumpDelivery } from './record'

/** Cooler than this the thermostat is shut or hardly open, °C. */
const OPEN_AT_C = 75

export interface DeliveryAnalysis {
  /** what the pump itself adds at the measured speed, kPa */
  madeKPa?: number
  /** the same, scaled to the specified speed by (n_spec/n)², kPa */
  atSpecifiedSpeedKPa?: number
  /** made over specified, 1 is all of it */
  share?: number
  /** what scaling without taking the static pressure off would have said, kPa: shown so that the trap is seen */
  naiveKPa?: number
  state: 'delivers' | 'weak' | 'none' | 'not-judged'
  /** the coolant was so cool that the thermostat was shut: pressure before it reads high */
  cool: boolean
  /** why no share could be given */
  missing: ('static' | 'speed' | 'specification' | 'specified-speed-only')[]
}

/** An engine or a specification slower than this, or a specified pressure below this, is a slip of the pen. */
const LEAST_RPM = 200
const LEAST_SPECIFIED_KPA = 1

/**
 * Only the difference that the pump makes follows the square of its speed, so the static pressure comes off
 * first: share = (P − P_static)·(n_spec/n)² / P_spec. A specification that includes the static pressure holds at
 * its own speed only. Example: 120 kPa specified at 1600 rpm, 79.5 kPa read at 1100 rpm with 70 kPa static:
 * 20 kPa at the specified speed, a pump at a sixth; scaled naively 168 kPa, a false pass.
 * @example analyseDelivery(example('pump-delivery.test')).state // 'not-judged'
 */
export function analyseDelivery(record: PumpDelivery): DeliveryAnalysis {
  const out: DeliveryAnalysis = {
    state: 'not-judged',
    cool: record.coolant !== undefined && correctedValue(record.coolant) < OPEN_AT_C,
    missing: [],
  }
  const { specified } = record
  if (record.port) {
    if (!record.static) out.missing.push('static')
    const turning = record.engineRpm !== undefined && record.engineRpm >= LEAST_RPM
    const usable =
      specified !== undefined &&
      specified.rpm >= LEAST_RPM &&
      correctedValue(specified.pressure) >= LEAST_SPECIFIED_KPA
    if (!turning) out.missing.push('speed')
    if (!usable) out.missing.push('specification')
    const port = correctedValue(record.port)
    if (usable && turning && record.static) {
      const scale = (specified.rpm / record.engineRpm!) ** 2
      out.naiveKPa = port * scale
      out.madeKPa = port - correctedValue(record.static)
      if (specified.includesStatic) {
        if (Math.abs(record.engineRpm! / specified.rpm - 1) > 0.03)
          out.missing.push('specified-speed-only')
        else out.share = port / correctedValue(specified.pressure)
      } else {
        out.atSpecifiedSpeedKPa = out.madeKPa * scale
        out.share = out.atSpecifiedSpeedKPa / correctedValue(specified.pressure)
      }
    }
  }
  if (out.share !== undefined)
    out.state = out.share > 0.75 ? 'delivers' : out.share > 0.12 ? 'weak' : 'none'
  else if (record.returnStream !== 'not-known')
    out.state = { strong: 'delivers', weak: 'weak', none: 'none' }[
      record.returnStream
    ] as DeliveryAnalysis['state']
  return out
}
