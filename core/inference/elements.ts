import { newcomers, stands, type Newcomer, type Timeline } from './timeline'

/** What may be in a set: every fault of the model from the beginning, then every newcomer. */
export interface Elements {
  /** number of faults; elements from there on are newcomers */
  faults: number
  newcomers: readonly Newcomer[]
  /** fault of each element */
  fault: Int16Array
  /** by epoch: 1 for the elements that, being in a set, are there then */
  standsIn: readonly Uint8Array[]
}

/** The elements of a vehicle with so many possible faults and this work done on it. */
export function elementsOf(faults: number, timeline: Timeline): Elements {
  const came = newcomers(timeline)
  const fault = Int16Array.from([
    ...Array.from({ length: faults }, (_, f) => f),
    ...came.map((one) => one.fault),
  ])
  const from = (e: number) => (e < faults ? 0 : came[e - faults]!.from)
  const standsIn = Array.from({ length: timeline.length + 1 }, (_, epoch) =>
    Uint8Array.from(fault, (f, e) => (stands(timeline, f, from(e), epoch) ? 1 : 0)),
  )
  return { faults, newcomers: came, fault, standsIn }
}
