import type { Part } from '../../vehicle/parts'
import type { Entry } from '../context'
import type { PartLook, Wear } from './record'

/**
 * What was last seen of a part's wear, of entries in order of observation: none where nobody looked for it, empty where
 * it was sound.
 * @example latestWear([], 'upper-hose') // undefined
 */
export const latestWear = (entries: readonly Entry[], part: Part): readonly Wear[] | undefined =>
  entries.findLast(
    (e): e is Entry<'look-round.part', PartLook> =>
      e.kind === 'look-round.part' &&
      (e.data as PartLook).part === part &&
      (e.data as PartLook).wear !== undefined,
  )?.data.wear
