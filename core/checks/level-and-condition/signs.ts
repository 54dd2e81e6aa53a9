import { message } from '../../quantity/message'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { LevelAndCondition } from './record'

/**
 * Level of the system itself: in the radiator where somebody looked there and it is not full, else in the tank.
 * @example systemLevel({ level: 'right', radiatorLevel: 'low' }) // 'low'
 */
export const systemLevel = ({ level, radiatorLevel }: LevelAndCondition) =>
  radiatorLevel === 'low' || radiatorLevel === 'empty'
    ? radiatorLevel
    : (level ?? (radiatorLevel && 'right'))

/**
 * What was seen at the cold tank, radiator and dipstick. Froth under the filler alone speaks weakly: short trips make it.
 * @example signsOf(levelSigns('r', example('level-and-condition.look')))
 *   // 'level-cold emulsion-in-oil'
 */
export function levelSigns(source: string, record: LevelAndCondition): SignReading[] {
  const out: SignReading[] = []
  const add = (
    sign: string,
    seen: boolean,
    says: string,
    whenPresent: number,
    whenAbsent: number,
  ) =>
    out.push(
      binaryReading(`${source}#${sign}`, sign, seen, { whenPresent, whenAbsent }, message(says)),
    )
  const level = systemLevel(record)
  if (level) {
    const likelihood = {
      right: { right: 0.9, low: 0.08, empty: 0.02 },
      overfull: { right: 0.9, low: 0.08, empty: 0.02 },
      low: { right: 0.08, low: 0.84, empty: 0.08 },
      empty: { right: 0.01, low: 0.14, empty: 0.85 },
    }[level]
    out.push({
      source,
      sign: 'level-cold',
      likelihood,
      validity: 0.95,
      conditions: 'level by eye, cold',
      says: message(level === record.level ? `says.level.${level}` : `says.radiatorLevel.${level}`),
    })
    // It falls back to the mark each time: only a tank that is overfull now speaks of the habit.
    if (record.level === 'overfull')
      add('filled-above-mark', true, 'says.level.overfull', 0.8, 0.04)
  }
  if (record.radiatorLevel && record.level) {
    const isBack = record.radiatorLevel === 'full'
    if (isBack) add('not-drawn-back', false, 'says.drawnBack', 0.8, 0.04)
    else if (record.level === 'right' || record.level === 'overfull')
      add('not-drawn-back', true, 'says.notDrawnBack', 0.8, 0.04)
  }
  if (record.oilInCoolant)
    add(
      'oil-in-coolant',
      record.oilInCoolant === 'yes',
      `says.oilInCoolant.${record.oilInCoolant}`,
      0.9,
      0.03,
    )
  if (record.emulsionInOil === 'filler-only')
    add('emulsion-in-oil', true, 'says.emulsion.filler-only', 0.4, 0.15)
  else if (record.emulsionInOil)
    add(
      'emulsion-in-oil',
      record.emulsionInOil === 'dipstick',
      `says.emulsion.${record.emulsionInOil}`,
      0.85,
      0.02,
    )
  if (record.residualPressure) {
    const likelihood = {
      none: { none: 0.92, some: 0.25, strong: 0.05 },
      some: { none: 0.07, some: 0.65, strong: 0.2 },
      strong: { none: 0.01, some: 0.1, strong: 0.75 },
    }[record.residualPressure]
    out.push({
      source,
      sign: 'residual-pressure',
      likelihood,
      validity: 0.9,
      conditions: 'opened cold',
      says: message(`says.residual.${record.residualPressure}`),
    })
  }
  if (record.look) {
    const likelihood = {
      clear: { clear: 0.85, brown: 0.1, sludge: 0.01 },
      brown: { clear: 0.14, brown: 0.8, sludge: 0.2 },
      sludge: { clear: 0.01, brown: 0.1, sludge: 0.79 },
    }[record.look]
    out.push({
      source,
      sign: 'coolant-dirt',
      likelihood,
      validity: 0.93,
      conditions: 'coolant looked at',
      says: message(`says.look.coolant.${record.look}`),
    })
  }
  if (record.mixed === 'yes')
    out.push(laidBare(`${source}#gel`, 'gel', 0.85, message('says.mixed.yes')))
  else if (record.mixed) add('gel', false, 'says.mixed.no', 0.85, 0.012)
  if (record.pinkFroth)
    add('pink-froth', record.pinkFroth === 'yes', `says.pinkFroth.${record.pinkFroth}`, 0.92, 0.01)
  if (record.sealant === 'yes')
    out.push(
      laidBare(`${source}#sealant-added`, 'sealant-added', 0.85, message('says.sealant.yes')),
    )
  else if (record.sealant) add('sealant-added', false, 'says.sealant.no', 0.85, 0.02)
  if (record.liquidBelow && record.liquidBelow !== 'none') {
    const rates =
      record.liquidBelow === 'water'
        ? { whenPresent: 0.93, whenAbsent: 0.02 }
        : { whenPresent: 0.97, whenAbsent: 0.3 }
    out.push(
      binaryReading(
        `${source}#liquid`,
        'liquid-is-water',
        record.liquidBelow === 'water',
        rates,
        message(`says.liquid.${record.liquidBelow}`),
        0.95,
      ),
    )
  }
  return out
}
