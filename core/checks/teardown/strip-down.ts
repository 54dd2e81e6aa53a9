import type { BoltRule } from '../../vehicle/policy'
import { dataOf, type Entry } from '../context'
import { boltsGoBack, type Overheated } from './bolts'
import type { TeardownMeasure } from './record'

/** What is measured while the head is off, in the order of the bench. */
export const STRIP_DOWN_ITEMS = [
  'head-flatness',
  'block-flatness',
  'crack-test',
  'bolts',
  'liners',
] as const
export type StripDownItem = (typeof STRIP_DOWN_ITEMS)[number]

type Faces = readonly TeardownMeasure[]

const isFlatnessKnown = (what: TeardownMeasure['what']) => (faces: Faces) =>
  faces.some((m) => m.what === what && m.gaps.length > 0 && m.flatnessLimitMm !== undefined)

const TAKEN: Readonly<Record<StripDownItem, (faces: Faces, bolts: BoltRule) => boolean>> = {
  'head-flatness': isFlatnessKnown('head-face'),
  'block-flatness': isFlatnessKnown('block-face'),
  'crack-test': (faces) => faces.some((m) => m.what === 'head-face' && m.crack !== 'not-known'),
  // Measured against their limit, or known not to go back in.
  bolts: (faces, rule) =>
    faces.some(
      (m) =>
        (m.overheated === 'yes' && !boltsGoBack(rule, 'yes')) ||
        (m.boltLengthsMm !== undefined && m.boltLimitMm !== undefined),
    ),
  liners: (faces) =>
    faces.some((m) => m.linerProtrusionMm !== undefined && m.protrusionLimitsMm !== undefined),
}

const facesIn = (entries: readonly Entry[]): Faces =>
  dataOf(
    entries as readonly (Entry & { kind: 'teardown.measure'; data: TeardownMeasure })[],
    'teardown.measure',
  )

/** Whether it overheated, as the newest measurement has it that says so. */
export const overheatedIn = (entries: readonly Entry[]): Overheated =>
  facesIn(entries).findLast(({ overheated }) => overheated !== 'not-known')?.overheated ??
  'not-known'

/** A measurement that a job with the head off asks for, and whether it was taken. */
export interface StripDownLine {
  item: StripDownItem
  isTaken: boolean
}

/**
 * The sheet of a job for which the head came off: what is measured before it goes on again, and what of it was. Liners
 * stand on it where the engine has them, or one was measured; bolts where the shop's rule lets any go back in.
 * @example stripDownSheet([], false, 'within-limit').length // 4
 */
export function stripDownSheet(
  entries: readonly Entry[],
  hasLiners: boolean,
  bolts: BoltRule,
): StripDownLine[] {
  const faces = facesIn(entries)
  const hasOne = faces.some(({ linerProtrusionMm }) => linerProtrusionMm !== undefined)
  const asks = (item: StripDownItem) => {
    if (item === 'liners') return hasLiners || hasOne
    return item !== 'bolts' || bolts !== 'always-new'
  }
  return STRIP_DOWN_ITEMS.filter(asks).map((item) => ({ item, isTaken: TAKEN[item](faces, bolts) }))
}
