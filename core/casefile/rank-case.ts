import { buildModel, type Model } from '../inference/model'
import { rank, type Ranking } from '../inference/rank'
import type { Repairs } from '../inference/posterior'
import { BOOK, BOOK_HASH } from '../knowledge/book'
import { nextChecks, type NextCheck } from '../planning/next-check'
import { assess, type Assessment, type CaseInput } from './assess'
import { partsOf } from './profile'

/** Changes whenever the same records and book could give another ranking. */
export const ENGINE_VERSION = '1'
export const APPLICATION_VERSION = '0.1.0'

export interface RankedCase {
  assessment: Assessment
  ranking: Ranking
  next: NextCheck[]
  book: { version: string; hash: string }
  engine: string
}

const models = new Map<string, Model>()

/** The model of a vehicle is the same until its profile or complaint changes; the last few are kept. */
function modelFor(input: CaseInput): Model {
  const key = JSON.stringify([input.case.complaint, input.vehicle.profile])
  let model = models.get(key)
  if (!model) {
    model = buildModel(BOOK, input.case.complaint, input.vehicle.profile)
    if (models.size >= 8) models.delete(models.keys().next().value!)
    models.set(key, model)
  }
  return model
}

/** Assesses and ranks a case: the one entry that the screen, the report, the server and the shell share. */
export function rankCase(input: CaseInput): RankedCase {
  const assessment = assess(input)
  const model = modelFor(input)
  const repairs: Repairs = assessment.repaired.map(
    (ids) => new Set(ids.map((id) => model.faults.findIndex((f) => f.id === id)).filter((f) => f >= 0)),
  )
  return {
    assessment,
    ranking: rank(model, assessment.readings, assessment.facts, repairs),
    next: nextChecks(model, assessment.readings, repairs, partsOf(input.vehicle.profile)),
    book: { version: BOOK.version, hash: BOOK_HASH },
    engine: ENGINE_VERSION,
  }
}
