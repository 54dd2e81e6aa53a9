import type { Renewable } from '../../vehicle/renewable'
import type { Entry } from '../context'
import type { Renewed } from './record'

/**
 * Parts that somebody renewed before, with the year as far as it was told, of entries in order of observation.
 * @example renewedParts([entry('earlier-work.renewed')]).length // 1
 */
export const renewedParts = (
  entries: readonly Entry[],
): { part: Renewable; year: number | undefined }[] =>
  entries
    .filter((e): e is Entry<'earlier-work.renewed', Renewed> => e.kind === 'earlier-work.renewed')
    .map(({ data: { part, year } }) => ({ part, year }))
