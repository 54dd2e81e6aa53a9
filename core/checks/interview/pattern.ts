import type { Complaint } from '../../vehicle/complaint'
import { message, type Message } from '../../quantity/message'

type Answers = ReadonlyMap<string, 'yes' | 'no' | 'not-known'>

interface Pattern {
  id: string
  for: Complaint
  /** answers that make it up, each with its weight; the opposite answer counts against it */
  of: Readonly<Record<string, 'yes' | 'no'>>
}

/** What the answers add up to in a technician's words. They steer the talk only; the ranking reads the answers themselves. */
const PATTERNS: readonly Pattern[] = [
  {
    id: 'airSideAtIdle',
    for: 'overheats',
    of: { 'hot-at-idle': 'yes', 'hot-at-load': 'no', 'ac-weak-idle': 'yes' },
  },
  { id: 'flowUnderLoad', for: 'overheats', of: { 'hot-at-load': 'yes', 'hot-at-idle': 'no' } },
  {
    id: 'everywhereSoon',
    for: 'overheats',
    of: { 'hot-soon': 'yes', 'hot-at-idle': 'yes', 'hot-at-load': 'yes' },
  },
  { id: 'gasPushes', for: 'overheats', of: { 'pushed-out-hot': 'yes', 'hoses-hard-early': 'yes' } },
  { id: 'indicationOnly', for: 'overheats', of: { 'gauge-only': 'yes', 'pushed-out-hot': 'no' } },
  { id: 'beyondItsLoad', for: 'overheats', of: { 'heavy-load': 'yes', 'hot-at-idle': 'no' } },
  { id: 'outsideParked', for: 'coolant-loss', of: { 'wet-under': 'yes', 'lost-parked': 'yes' } },
  { id: 'outsideDriven', for: 'coolant-loss', of: { 'wet-under': 'yes', 'lost-parked': 'no' } },
  {
    id: 'intoTheEngine',
    for: 'coolant-loss',
    of: { 'white-exhaust': 'yes', 'cold-misfire': 'yes', 'wet-under': 'no' },
  },
  { id: 'insideTheCabin', for: 'coolant-loss', of: { 'carpet-wet': 'yes' } },
  { id: 'overTheCap', for: 'coolant-loss', of: { 'pushed-out-hot': 'yes', 'wet-under': 'no' } },
  {
    id: 'noLossAtAll',
    for: 'coolant-loss',
    of: { 'level-swings': 'yes', 'filled-above-mark': 'yes', 'ac-water': 'yes' },
  },
  { id: 'engineNeverWarms', for: 'no-heat', of: { 'never-warms': 'yes' } },
  { id: 'coreOrAir', for: 'no-heat', of: { 'never-warms': 'no', 'heater-weak-idle': 'yes' } },
  { id: 'airSideOfHeater', for: 'no-heat', of: { 'vents-weak': 'yes', 'never-warms': 'no' } },
  { id: 'doorOrSide', for: 'no-heat', of: { 'one-side-cold': 'yes' } },
  { id: 'airAfterWork', for: 'no-heat', of: { 'recent-drain': 'yes', gurgle: 'yes' } },
]

/**
 * The pattern that the answers so far form best, or none: at least one answer must speak for it, none of its answers
 * against it, and of several the one with the most answers for it wins, then the one with fewer left open.
 * @example patternOf('overheats', new Map([['hot-at-load', 'yes'], ['hot-at-idle', 'no']])).message.id
 *   // 'pattern.flowUnderLoad'
 */
export function patternOf(
  complaint: Complaint,
  answers: Answers,
): { message: Message; open: string[] } | undefined {
  let best: { id: string; agrees: number; open: string[] } | undefined
  for (const { id, of, for: complaintOf } of PATTERNS) {
    if (complaintOf !== complaint) continue
    const entries = Object.entries(of)
    const given = (question: string) => answers.get(question)
    if (
      entries.some(
        ([question, wanted]) =>
          given(question) !== undefined &&
          given(question) !== 'not-known' &&
          given(question) !== wanted,
      )
    )
      continue
    const said = entries.filter(([question, wanted]) => given(question) === wanted)
    if (!said.some(([, wanted]) => wanted === 'yes')) continue
    const open = entries
      .filter(([question]) => !answers.has(question))
      .map(([question]) => question)
    if (
      !best ||
      said.length > best.agrees ||
      (said.length === best.agrees && open.length < best.open.length)
    )
      best = { id, agrees: said.length, open }
  }
  return best && { message: message(`pattern.${best.id}`), open: best.open }
}
