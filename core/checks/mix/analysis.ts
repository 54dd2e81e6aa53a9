import { boilingPointC } from '../../physics/boiling'
import {
  freezingPointC,
  massFractionFromVolume,
  volumeFractionFromFreezePoint,
  type CoolantBase,
} from '../../physics/coolant'
import { mixPlan, type MixPlan } from '../../physics/mix'
import { correctedValue } from '../../quantity/record'
import type { CheckContext } from '../context'
import type { MixTest } from './record'

export interface MixAnalysis {
  volumeFraction: number
  freezePointC: number
  boilingPointC: number
  wantedFraction: number
  /** with all of it drained that must be, where the capacity is known */
  plan?: MixPlan & { drainedLitres: number }
}

/**
 * Fraction, freeze and boil, and what to drain and add to reach what is wanted.
 * @example analyseMix(example('mix.test'), CONTEXT).freezePointC // -2.876
 */
export function analyseMix(test: MixTest, context: CheckContext): MixAnalysis {
  const base: Exclude<CoolantBase, 'water'> =
    context.mix.base === 'water' ? 'ethylene-glycol' : context.mix.base
  const fraction =
    test.volumeFraction ?? volumeFractionFromFreezePoint(base, correctedValue(test.freezePoint!))
  const massFraction = massFractionFromVolume(base, Math.min(0.57, fraction))
  const wantedFraction = test.wantedFraction ?? 0.5
  const out: MixAnalysis = {
    volumeFraction: fraction,
    freezePointC: freezingPointC(base, massFraction),
    boilingPointC: boilingPointC({
      base,
      massFraction,
      elevationMetres: context.mix.elevationMetres,
      heldKPaGauge: context.heldKPaGauge,
    }),
    wantedFraction,
  }
  if (context.capacityLitres !== undefined) {
    const least = mixPlan(
      context.capacityLitres,
      fraction,
      wantedFraction,
      0,
      test.concentrateFraction,
    ).leastDrainLitres
    const drainedLitres = Math.min(context.capacityLitres, Math.ceil(least * 10) / 10)
    out.plan = {
      ...mixPlan(
        context.capacityLitres,
        fraction,
        wantedFraction,
        drainedLitres,
        test.concentrateFraction,
      ),
      drainedLitres,
    }
  }
  return out
}
