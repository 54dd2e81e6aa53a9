import type { CylinderLeakage } from './record'

const WORN_PERCENT = 20

/**
 * Bubbles tell where the air goes; the per cent alone tells wear as much as a gasket.
 * @example analyseLeakage({ cylinder: 2, leakPercent: 40, bubblesInNeck: 'no' }).leaksElsewhere
 *   // 'true'
 */
export function analyseLeakage({ cylinder, leakPercent, bubblesInNeck }: CylinderLeakage) {
  return {
    cylinder,
    leakPercent,
    leaksToCoolant: bubblesInNeck === 'yes',
    leaksElsewhere: bubblesInNeck === 'no' && leakPercent > WORN_PERCENT,
  }
}
