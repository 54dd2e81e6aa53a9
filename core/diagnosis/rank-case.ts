import { yearAndDistance } from '../vehicle/year-and-distance'
import { Belief } from '../inference/belief'
import { buildModel, type Model } from '../inference/model'
import { nothingWrongIn, rankBelief, type Ranking, type Suspect } from '../inference/rank'
import type { Timeline } from '../inference/timeline'
import type { CheckId } from '../checks/registry'
import { BOOK, BOOK_HASH } from '../knowledge/book'
import { bookWith } from '../knowledge/book-with'
import { LEVELS } from '../knowledge/levels'
import { type Wear, wearOf } from '../knowledge/wear'
import { yearOf } from '../quantity/moment'
import { nextChecks, type NextCheck, plannedOf } from '../planning/next-check'
import { predictionOf } from '../planning/predict'
import { type Lacking, provingChecks } from '../planning/prove'
import { firstTwo, isSettled, shownFaults } from '../planning/settled'
import { locatingCheck, type Locate } from '../planning/locate'
import { openQuestions, type OpenQuestion } from '../planning/questions'
import { ENGINE_VERSION } from '../record/written-by'
import { whileOut } from '../planning/while-out'
import { proofOf } from './repeat'
import type { DriveAdvice } from './drive-advice'
import { assess, type Assessment, type EpochWork } from './assess'
import { type CaseInput } from '../record/case-input'
import type { CheckMinutes } from '../knowledge/shop-book'

/** What is to be done in a case, as it was worked out. */
interface Work {
  /** checks that had failed before the last work on the vehicle and were not done since */
  repeat: CheckId[]
  /** checks that lay the lead bare, where it is likely and not shown yet */
  prove: CheckId[]
  /** what one of these is for, where the lead is as likely as wanted: the first that its proof lacks */
  lacking?: Lacking
  /** what the guards of a likely lead ask for, where no check proves it: next, where nothing tells more */
  asked?: Lacking
  /** the lead needs no more: it is as likely as a plan wants it, and no second suspect is open */
  settled: boolean
  /** checks of a part that comes out for the repair of a settled lead anyway */
  whileOut: CheckId[]
  /** faults that are shown: as good as certain, and all that is asked of a proof is there */
  shown: string[]
  next: NextCheck[]
  /** what is still worth asking the keeper, most telling first */
  questions: OpenQuestion[]
  /** minutes that checks take in this shop, where they are not the product's */
  checkMinutes?: CheckMinutes
  /** the check that names the place of what is likely already */
  locate?: Locate
}

export interface RankedCase extends Work {
  assessment: Assessment
  ranking: Ranking
  book: { version: string; hash: string }
  engine: string
}

const models = new Map<string, Model>()

/** How worn a vehicle was when it came in with its complaint. */
function wearWhenOpened({
  case: { openedAt },
  vehicle,
}: Pick<CaseInput, 'case' | 'vehicle'>): Wear {
  const { year, kilometres } = yearAndDistance(vehicle)
  const years = year === undefined ? undefined : Math.max(0, yearOf(openedAt) - year)
  return wearOf({ years, kilometres }, vehicle.profile.heavyDiesel === true)
}

/** The model of a vehicle is the same until its profile, wear or complaint changes; the last few are kept. */
export function modelFor(
  input: Pick<CaseInput, 'case' | 'vehicle' | 'experience' | 'policy'>,
): Model {
  const wear = wearWhenOpened(input)
  const { complaint } = input.case
  const shop = input.experience?.[complaint]
  const book = bookWith(input.policy?.book)
  const { priors, repairMinutes } = input.policy?.book ?? {}
  const key = JSON.stringify([complaint, input.vehicle.profile, wear, shop, priors, repairMinutes])
  let model = models.get(key)
  if (!model) {
    model = buildModel(book, complaint, input.vehicle.profile, {
      wear,
      product: BOOK,
      ...(shop && { shop }),
    })
    if (models.size >= 8) models.delete(models.keys().next().value!)
    models.set(key, model)
  }
  return model
}

/** The chance that a repair did not cure: a new part is bad or wrong, or it was not the part. */
const NOT_CURED = LEVELS.rarely

/** What the work on the vehicle changed: faults taken away, and what it may have brought in. */
export function timelineOf(model: Model, works: readonly EpochWork[]): Timeline {
  return works.map(({ kind, faults }) => {
    const index = (id: string) => model.faultIndex.get(id)
    const repaired = faults.flatMap((id) => index(id) ?? [])
    const brought = new Map<number, number>(repaired.map((f) => [f, NOT_CURED]))
    const may = (id: string, chance: number) => {
      const f = index(id)
      if (f !== undefined) brought.set(f, Math.max(brought.get(f) ?? 0, chance))
    }
    for (const f of repaired)
      for (const d of model.faults[f]!.disturbs) may(d.fault, LEVELS[d.level])
    if (kind === 'drained') may('trapped-air', LEVELS.seldom)
    return { repaired, brought: [...brought].map(([fault, chance]) => ({ fault, chance })) }
  })
}

/** What the records of a case come to: every check's results, and the belief over faults that follows. */
export interface Believed {
  assessment: Assessment
  model: Model
  belief: Belief
}

/**
 * Assesses a case and finds how likely each fault is; reasons and plans follow from that. What an `earlier` belief of the
 * same case summed out is taken over where it still holds.
 */
export function believe(input: CaseInput, earlier?: Believed): Believed {
  const assessment = assess(input)
  const model = modelFor(input)
  return {
    assessment,
    model,
    belief: new Belief(
      model,
      assessment.readings,
      timelineOf(model, assessment.works),
      earlier?.belief,
    ),
  }
}

/** The leading suspect, or "Nothing wrong" where that is likelier, and whether the vehicle may be driven. */
export interface Lead {
  name: string
  probability: number
  drive: DriveAdvice
}

/** The leading suspect alone, or "Nothing wrong" where that is likelier: what a board of many cases shows first. */
export const leadOf = (input: CaseInput) => leadIn(believe(input))

/** The same, from what is believed already. */
export function leadIn({ belief, model, assessment: { drive } }: Believed): Lead {
  const f = belief.faults.reduce((best, p, i) => (p > belief.faults[best]! ? i : best), 0)
  const nothingWrong = nothingWrongIn(belief)
  return nothingWrong > belief.faults[f]!
    ? { name: 'Nothing wrong', probability: nothingWrong, drive }
    : { name: model.faults[f]!.name, probability: belief.faults[f]!, drive }
}

/** Probability of each fault by its id, and nothing more: what is told first, and what a change is compared with. */
export function chancesOf({ belief, model }: Believed): Record<string, number> {
  return Object.fromEntries(model.faults.map((fault, f) => [fault.id, belief.faults[f]!]))
}

/** Assesses and ranks a case: the one entry that the screen, the report, the server and the shell share. */
export function rankCase(input: CaseInput): RankedCase {
  return rankBelieved(believe(input), input)
}

/** What is to be done in a case, from what is believed of it. */
export function workOf(
  { assessment, belief }: Believed,
  input: CaseInput,
  suspects: readonly Suspect[],
): Work {
  const prediction = predictionOf(belief)
  const planned = plannedOf(belief, input)
  const { checks: prove, lacking, asked } = provingChecks(prediction, planned, assessment.facts)
  const shown = shownFaults(belief, assessment.facts)
  const locate = locatingCheck(suspects, planned.state, input.vehicle.profile)
  const lead = firstTwo(prediction.weights, prediction, shown)
  const checkMinutes = input.policy?.book?.checkMinutes
  return {
    ...(locate ? { locate } : {}),
    repeat: proofOf(assessment.outcomes, planned.state).left,
    prove,
    ...(lacking ? { lacking } : {}),
    ...(asked ? { asked } : {}),
    settled: prove.length === 0 && isSettled(lead),
    whileOut: whileOut(prediction, planned, lead),
    shown: [...shown].map((f) => belief.model.faults[f]!.id),
    next: nextChecks(belief, input, planned),
    questions: openQuestions(belief),
    ...(checkMinutes ? { checkMinutes } : {}),
  }
}

/** The reasons, the next check and the questions that follow from what is believed of a case. */
export function rankBelieved(believed: Believed, input: CaseInput): RankedCase {
  const { assessment, belief } = believed
  const ranking = rankBelief(belief, assessment.facts)
  return {
    assessment,
    ranking,
    ...workOf(believed, input, ranking.suspects),
    book: { version: BOOK.version, hash: BOOK_HASH },
    engine: ENGINE_VERSION,
  }
}
