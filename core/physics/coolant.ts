import { saturationPressureKPaAbsolute } from './saturation-pressure'

export type CoolantBase = 'water' | 'ethylene-glycol' | 'propylene-glycol'

interface Row {
  massFraction: number
  volumeFraction: number
  freezeC: number
  boilC: number
}

const rows = (table: number[][]): Row[] =>
  table.map(([mass, volume, freezeC, boilC]) => ({
    massFraction: mass! / 100,
    volumeFraction: volume! / 100,
    freezeC: freezeC!,
    boilC: boilC!,
  }))

/** Pressure the table's boiling points were taken at, kPa absolute. */
const TABLE_PRESSURE_KPA = 100.7

/**
 * Freezing and boiling points of glycol and water at 100.7 kPa, after ASHRAE Handbook, Fundamentals, chapter
 * "Physical properties of secondary coolants" (mass %, volume %, °C). The figures are those the project was
 * given; no second printed source was at hand to check them against.
 */
const TABLES: Record<Exclude<CoolantBase, 'water'>, Row[]> = {
  'ethylene-glycol': rows([
    [0, 0, 0, 100],
    [10, 8.9, -3.2, 101.1],
    [20, 18.1, -7.8, 102.2],
    [30, 27.7, -14.1, 104.4],
    [40, 37.5, -22.3, 105.6],
    [45, 42.5, -27.5, 106.7],
    [50, 47.6, -33.8, 107.2],
    [55, 52.7, -41.1, 108.3],
    [60, 57.8, -48.3, 110.0],
  ]),
  'propylene-glycol': rows([
    [0, 0, 0, 100],
    [20, 19.4, -7.1, 100.6],
    [30, 29.4, -12.7, 102.2],
    [40, 39.6, -21.1, 103.9],
    [50, 49.9, -33.5, 105.6],
    [60, 60.0, -51.1, 107.2],
  ]),
}

function interpolate(
  table: Row[],
  key: 'massFraction' | 'volumeFraction',
  at: number,
  want: keyof Row,
): number {
  if (!(at >= 0 && at <= table.at(-1)![key] + 1e-9))
    throw new RangeError(`glycol fraction ${at} is outside the table (0 to ${table.at(-1)![key]})`)
  const upper = Math.max(
    1,
    table.findIndex((row) => row[key] >= at - 1e-12),
  )
  const a = table[upper - 1]!
  const b = table[upper]!
  return a[want] + ((b[want] - a[want]) * (at - a[key])) / (b[key] - a[key])
}

/**
 * Mass fraction (0 to 0.6) of a mix given by volume of pure glycol. 50 % by volume of ethylene glycol is 52.4 to 52.7 % by mass.
 * @example massFractionFromVolume('ethylene-glycol', 0.476) // 0.50
 */
export function massFractionFromVolume(base: CoolantBase, volumeFraction: number): number {
  return base === 'water'
    ? 0
    : interpolate(TABLES[base], 'volumeFraction', volumeFraction, 'massFraction')
}

/**
 * Volume fraction (0 to 0.578) of the mix that freezes at a temperature in °C; ends of the table are held.
 * @example volumeFractionFromFreezePoint('ethylene-glycol', -33.8) // 0.476
 */
export function volumeFractionFromFreezePoint(
  base: Exclude<CoolantBase, 'water'>,
  freezeC: number,
): number {
  const table = TABLES[base]
  if (freezeC >= 0) return 0
  const at = table.findIndex((row) => row.freezeC <= freezeC)
  if (at < 0) return table.at(-1)!.volumeFraction
  const a = table[at - 1]!
  const b = table[at]!
  return (
    a.volumeFraction +
    ((b.volumeFraction - a.volumeFraction) * (freezeC - a.freezeC)) / (b.freezeC - a.freezeC)
  )
}

/**
 * Freezing point in °C of a mix with the given mass fraction of glycol (0 to 0.6).
 * @example freezingPointC('propylene-glycol', 0.4) // -21.1
 */
export function freezingPointC(base: CoolantBase, massFraction: number): number {
  return base === 'water' ? 0 : interpolate(TABLES[base], 'massFraction', massFraction, 'freezeC')
}

/**
 * Activity of water in the mix, from the boiling point in the table and taken as constant with temperature:
 * a_w = 100.7 kPa / p_sat(boiling point). Water is 1 by definition (the table's rounding would give 0.993).
 * @example waterActivity('water', 0) // 1
 */
export function waterActivity(base: CoolantBase, massFraction: number): number {
  if (base === 'water' || massFraction === 0) return 1
  const boilC = interpolate(TABLES[base], 'massFraction', massFraction, 'boilC')
  return Math.min(1, TABLE_PRESSURE_KPA / saturationPressureKPaAbsolute(boilC))
}

/**
 * Dilution when losses are topped up with water: fraction left after `times` losses of `lossLitres` from a
 * system of `capacityLitres`. Six losses of 1 L out of 14 L take 50 % to 32 %.
 * @example fractionAfterToppingUpWithWater(0.5, 1, 14, 6) // 0.32
 */
export function fractionAfterToppingUpWithWater(
  fraction: number,
  lossLitres: number,
  capacityLitres: number,
  times: number,
): number {
  return fraction * (1 - lossLitres / capacityLitres) ** times
}
