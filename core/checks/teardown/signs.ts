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
  if (
    a.worstGapMm !== undefined &&
    record.flatnessLimitMm !== undefined &&
    face !== 'manifold-face'
  )
    out.push(
      measuredReading({
        source,
        sign: 'face-warped',
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
  if (record.crack === 'found' && face !== 'manifold-face')
    out.push(laidBare(`${source}#${crack}`, crack, 0.92, message('says.crack.found')))
  else if (record.crack !== 'not-known' && face !== 'manifold-face')
    yes(crack, false, 0.92, 0.003, 'says.crack.none')
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
  if (record.pitting !== 'not-known' && face === 'manifold-face')
    yes(
      'manifold-pitted',
      record.pitting === 'at-coolant-port',
      0.9,
      0.06,
      `says.pitting.${record.pitting}`,
    )
  return out
}
