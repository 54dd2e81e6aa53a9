import { pumpPressureAt } from '../../physics/pump'
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
  missing: (
    'static' | 'speed' | 'specification' | 'specified-speed-only' | 'specified-temperature'
  )[]
  /** the share is of a pressure that the static one, not known, is part of: a pump that adds nothing shows some of it */
  withStatic: boolean
  /** measured further from the specification's temperature than changes little */
  otherTemperature: boolean
}

/** An engine or a specification slower than this, or a specified pressure below this, is a slip of the pen. */
const LEAST_RPM = 200
const LEAST_SPECIFIED_KPA = 1

/** A specification with the static pressure in it holds within this of its own speed. */
const SAME_SPEED_SHARE = 0.03
/** Within this of the specification's temperature thickness and static pressure change little, K. */
const SAME_TEMPERATURE_K = 15

/** Whole delivery from this share on, and none below that: of what the pump adds, or of a pressure with the static one in it. */
const DELIVERS_FROM = { added: 0.75, withStatic: 0.9 }
const NONE_BELOW = { added: 0.12, withStatic: 0 }

/**
 * Only the difference that the pump makes follows the square of its speed, so the static pressure comes off
 * first: share = (P − P_static)·(n_spec/n)² / P_spec. Example: 120 kPa specified at 1600 rpm, 79.5 kPa read at
 * 1100 rpm with 70 kPa static: 20 kPa at the specified speed, a pump at a sixth; scaled naively 168 kPa, a false pass.
 * A specification that includes the static pressure holds at its own speed only, and there the two are compared
 * as they stand: P / P_spec, or with the static pressure known (P − P_static)/(P_spec − P_static).
 * @example analyseDelivery(example('pump-delivery.test')).state // 'not-judged'
 */
export function analyseDelivery(record: PumpDelivery): DeliveryAnalysis {
  const out: DeliveryAnalysis = {
    state: 'not-judged',
    cool: record.coolant !== undefined && correctedValue(record.coolant) < OPEN_AT_C,
    missing: [],
    withStatic: false,
    otherTemperature: false,
  }
  if (record.port) compare(out, record, correctedValue(record.port))
  const basis = out.withStatic ? 'withStatic' : 'added'
  if (out.share !== undefined)
    out.state =
      out.share > DELIVERS_FROM[basis]
        ? 'delivers'
        : out.share > NONE_BELOW[basis]
          ? 'weak'
          : 'none'
  else if (record.returnStream !== 'not-known')
    out.state = { strong: 'delivers', weak: 'weak', none: 'none' }[
      record.returnStream
    ] as DeliveryAnalysis['state']
  return out
}

function compare(out: DeliveryAnalysis, record: PumpDelivery, portKPa: number) {
  const { specified } = record
  const staticKPa = record.static && correctedValue(record.static)
  const includesStatic = specified?.includesStatic === true
  if (staticKPa === undefined && !includesStatic) out.missing.push('static')
  const rpm = record.engineRpm ?? 0
  const specifiedKPa = specified && correctedValue(specified.pressure)
  const isUsable =
    specifiedKPa !== undefined && specified!.rpm >= LEAST_RPM && specifiedKPa >= LEAST_SPECIFIED_KPA
  if (rpm < LEAST_RPM) out.missing.push('speed')
  if (!isUsable) out.missing.push('specification')
  if (!isUsable || rpm < LEAST_RPM) return
  out.naiveKPa = pumpPressureAt(portKPa, rpm, specified!.rpm)
  if (staticKPa !== undefined) out.madeKPa = portKPa - staticKPa
  compareTemperatures(out, record)
  if (!includesStatic) {
    if (out.madeKPa === undefined) return
    out.atSpecifiedSpeedKPa = pumpPressureAt(out.madeKPa, rpm, specified!.rpm)
    out.share = out.atSpecifiedSpeedKPa / specifiedKPa
    return
  }
  if (Math.abs(rpm / specified!.rpm - 1) > SAME_SPEED_SHARE) {
    out.missing.push('specified-speed-only')
    return
  }
  const addedKPa = specifiedKPa - (staticKPa ?? 0)
  out.withStatic = staticKPa === undefined || addedKPa < LEAST_SPECIFIED_KPA
  out.share = out.withStatic ? portKPa / specifiedKPa : (portKPa - staticKPa!) / addedKPa
}

function compareTemperatures(out: DeliveryAnalysis, { specified, coolant }: PumpDelivery) {
  if (!specified!.coolant) {
    if (specified!.includesStatic) out.missing.push('specified-temperature')
    return
  }
  const apartK = coolant && Math.abs(correctedValue(coolant) - correctedValue(specified!.coolant))
  out.otherTemperature = apartK !== undefined && apartK > SAME_TEMPERATURE_K
}
