import { QUESTIONS } from '../checks/interview/questions'
import type { Belief } from '../inference/belief'
import { spokenSigns } from './next-check'
import { predictionOf } from './predict'

/** A question to the keeper that was not answered yet, with what its answer is expected to tell, bits. */
export interface OpenQuestion {
  question: string
  bits: number
}

/**
 * The questions whose sign nothing spoke of yet, most telling first; of several that ask for one sign the first. Signs of
 * this vehicle's model only.
 */
export function openQuestions(belief: Belief): OpenQuestion[] {
  const prediction = predictionOf(belief)
  const unknown = prediction.unknownIn(prediction.weights)
  const spoken = spokenSigns(belief)
  const asked = new Set(spoken)
  return QUESTIONS.flatMap(({ id, sign }) => {
    const model = belief.model.signs.get(sign)
    if (asked.has(sign)) return []
    asked.add(sign)
    return model ? [{ question: id, bits: prediction.bits(unknown, model) }] : []
  }).sort((a, b) => b.bits - a.bits || (a.question < b.question ? -1 : 1))
}
