import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { laidBare, type SignReading, readingsInto } from '../../inference/sign-reading'
import type { TeardownAnalysis } from './analysis'
import type { TeardownMeasure } from './record'

/**
 * @example signsOf(teardownSigns('r', example('teardown.measure'), analyseTeardown(example('teardown.measure'))))
 *   // 'block-crack gasket-trace'
 */
export function teardownSigns(
  source: string,
  record: TeardownMeasure,
  a: TeardownAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const yes = readingsInto(out, source, 0.96)
  const face = record.what
  const isManifold = face === 'manifold-face'
  // Of a manifold one sign holds both: pitted or warped. What is good of the one excuses nothing of the other.
  const isPitted = isManifold && record.pitting === 'at-coolant-port'
  const isWarped = a.warped === true
  if (a.worstGapMm !== undefined && record.flatnessLimitMm !== undefined && (isWarped || !isPitted))
    out.push(
      measuredReading({
        source,
        sign: isManifold ? 'manifold-pitted' : 'face-warped',
        value: a.worstGapMm / record.flatnessLimitMm,
        error: 0.25,
        given: { no: { mean: 0.45, sd: 0.25 }, yes: { low: 1, high: 8 } },
        validity: 0.95,
        conditions: `straight edge, ${face}`,
        says: message('says.flatness', {
          gap: { kind: 'length', coreValue: a.worstGapMm, decimals: 2 },
          limit: { kind: 'length', coreValue: record.flatnessLimitMm, decimals: 2 },
        }),
      }),
    )
  const crack = face === 'head-face' ? 'head-crack' : 'block-crack'
  if (record.crack === 'found' && !isManifold)
    out.push(laidBare(`${source}#${crack}`, crack, 0.92, message('says.crack.found')))
  else if (record.crack !== 'not-known' && !isManifold)
    yes(crack, false, 0.92, 0.003, 'says.crack.none')
  else if (record.crack === 'found') yes('manifold-pitted', true, 0.9, 0.03, 'says.crack.found')
  if (a.linersOutOfLimits)
    yes(
      'block-crack',
      a.linersOutOfLimits.length > 0,
      0.6,
      0.02,
      a.linersOutOfLimits.length > 0 ? 'says.liners.out' : 'says.liners.good',
    )
  if (record.gasketTrace !== 'not-known')
    yes(
      'gasket-trace',
      record.gasketTrace === 'across',
      0.92,
      0.02,
      `says.gasketTrace.${record.gasketTrace}`,
    )
  if (isPitted || (isManifold && record.pitting === 'none' && !isWarped))
    yes('manifold-pitted', isPitted, 0.9, 0.06, `says.pitting.${record.pitting}`)
  return out
}
