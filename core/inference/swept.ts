import type { EpochTable } from './epoch-table'
import type { Evidence } from './evidence'
import type { Model, SignModel } from './model'

/** One key's evidence, to be put in place of what was there; undefined takes it out. */
export interface Change {
  sign: string
  epoch: number
  factor: Float64Array | undefined
  /** the sign as another book would have it, for the new factor; the evidence that was there is taken out as it was */
  as?: SignModel
}

/** What a belief lends to its kept sets. */
export interface Swept {
  model: Model
  epochs: number
  /** P(set) of every set of the belief */
  sets: Float64Array
  tables: readonly EpochTable[]
  /** of each epoch: P(evidence | set) and P(evidence, h | set) of the model's sets */
  swept: readonly { likelihood: Float64Array; joint: Float64Array }[]
  evidenceAt: ReadonlyMap<string, Evidence>
  /** faults of a set of the belief that are present in an epoch */
  present: (set: number, epoch: number) => number[]
}
