import { Z90 } from '../../quantity/interval'
import type { SensorAgreement } from './record'

export interface AgreementAnalysis {
  differenceK: number
  /** standard deviation of the difference, from instrument and surface */
  errorK: number
  state: 'agree' | 'disagree' | 'doubtful' | 'unit-slip'
  /** the two agree after one is converted: probably one temperature in two units */
  unitSlip: boolean
  dashOdd?: boolean
}

/** Emissivity of bare metal is 0.1 to 0.3: an infrared gun reads it far too low, and by how much is not known. */
const ERROR_K = {
  'contact-probe': 2,
  'gauge-port': 1.5,
  'painted-or-taped': 3,
  hose: 6,
  'bare-metal': 18,
  'not-known': 9,
} as const
/** Needles are built to stand in the middle over this range, °C. */
const DASH_BAND_C = {
  low: [-60, 75],
  middle: [70, 112],
  high: [104, 122],
  red: [112, 150],
} as const

/** Standard error of a scan tool's coolant temperature, K. */
const SCAN_ERROR_K = 1.5
/** Two readings nearer than this are no slip, whatever their errors, K. */
const LEAST_SLIP_K = 12

/**
 * Whether one value is the other in the other unit, within what the errors of the two instruments allow (90 %), while
 * they disagree by more than that as they stand. `errorK` is the standard error of the second instrument.
 * @example isUnitSlip(90, 194, 3) // 'true'
 */
export function isUnitSlip(aC: number, bC: number, errorK: number): boolean {
  const within = Z90 * Math.hypot(SCAN_ERROR_K, errorK)
  if (Math.abs(aC - bC) < Math.max(LEAST_SLIP_K, within)) return false
  const asIfFahrenheit = (c: number) => ((c - 32) * 5) / 9
  return Math.abs(asIfFahrenheit(aC) - bC) < within || Math.abs(asIfFahrenheit(bC) - aC) < within
}

/**
 * @example analyseAgreement(90, 80, { secondKind: 'contact-probe' }).state // 'disagree'
 */
export function analyseAgreement(
  scanC: number,
  secondC: number,
  record: Pick<SensorAgreement, 'secondKind' | 'surface' | 'dash'>,
): AgreementAnalysis {
  const errorK =
    record.secondKind === 'infrared'
      ? ERROR_K[record.surface ?? 'not-known']
      : ERROR_K[record.secondKind]
  const differenceK = scanC - secondC
  const unitSlip = isUnitSlip(scanC, secondC, errorK)
  const state = unitSlip
    ? 'unit-slip'
    : Math.abs(differenceK) <= 3 + errorK
      ? 'agree'
      : Math.abs(differenceK) > 3 + 2 * errorK
        ? 'disagree'
        : 'doubtful'
  const out: AgreementAnalysis = { differenceK, errorK, state, unitSlip }
  if (record.dash && record.dash !== 'not-known' && state === 'agree') {
    const [low, high] = DASH_BAND_C[record.dash]
    const truth = (scanC + secondC) / 2
    out.dashOdd = truth < low - 4 || truth > high + 4
  }
  return out
}
