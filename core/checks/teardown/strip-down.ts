import { dataOf, type Entry } from '../context'
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

const TAKEN: Readonly<Record<StripDownItem, (faces: Faces) => boolean>> = {
  'head-flatness': isFlatnessKnown('head-face'),
  'block-flatness': isFlatnessKnown('block-face'),
  'crack-test': (faces) => faces.some((m) => m.what === 'head-face' && m.crack !== 'not-known'),
  // Measured against their limit, or new ones: after overheating stretched bolts are never used again.
  bolts: (faces) =>
    faces.some(
      (m) =>
        m.overheated === 'yes' || (m.boltLengthsMm !== undefined && m.boltLimitMm !== undefined),
    ),
  liners: (faces) =>
    faces.some((m) => m.linerProtrusionMm !== undefined && m.protrusionLimitsMm !== undefined),
}

/** A measurement that a job with the head off asks for, and whether it was taken. */
export interface StripDownLine {
  item: StripDownItem
  isTaken: boolean
}

/**
 * The sheet of a job for which the head came off: what is measured before it goes on again, and what of it was. Liners
 * stand on it where the engine has them, or one was measured.
 * @example stripDownSheet([], false).length // 4
 */
export function stripDownSheet(entries: readonly Entry[], hasLiners: boolean): StripDownLine[] {
  const own = entries as readonly (Entry & { kind: 'teardown.measure'; data: TeardownMeasure })[]
  const faces = dataOf(own, 'teardown.measure')
  const asks = (item: StripDownItem) =>
    item !== 'liners' ||
    hasLiners ||
    faces.some(({ linerProtrusionMm }) => linerProtrusionMm !== undefined)
  return STRIP_DOWN_ITEMS.filter(asks).map((item) => ({ item, isTaken: TAKEN[item](faces) }))
}
