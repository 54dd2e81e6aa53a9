import { BOOK } from '../knowledge/book'
import type { PlacedReading } from './evidence'
import { buildModel } from './model'
import { rank } from './rank'

export const model = buildModel(BOOK, 'coolant-loss', {})
export const reading = (
  sign: string,
  likelihood: Record<string, number>,
  extra: Partial<PlacedReading> = {},
): PlacedReading => ({
  source: `${sign}-${JSON.stringify(likelihood)}-${extra.conditions ?? ''}-${extra.epoch ?? 0}`,
  sign,
  likelihood,
  epoch: 0,
  validity: 0.95,
  conditions: 'c',
  says: { id: '', parameters: {} },
  ...extra,
})
export const p = (readings: PlacedReading[], fault: string, facts = new Set<string>()) =>
  rank(model, readings, facts).suspects.find((s) => s.fault === fault)!.probability
