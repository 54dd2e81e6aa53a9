import type { Complaint } from '../../casefile/complaint'

export interface Question {
  id: string
  /** words the technician reads aloud */
  asks: string
  /** the sign it speaks to */
  sign: string
  /** complaints it is asked for first */
  for: readonly Complaint[]
  /** chance that the keeper says yes, when it is so and when it is not */
  rates: { whenPresent: number; whenAbsent: number }
}

const q = (
  id: string,
  asks: string,
  sign: string,
  complaints: readonly Complaint[],
  whenPresent = 0.8,
  whenAbsent = 0.08,
): Question => ({ id, asks, sign, for: complaints, rates: { whenPresent, whenAbsent } })

const LOSS: Complaint[] = ['coolant-loss']
const HOT: Complaint[] = ['overheats']
const COLD: Complaint[] = ['no-heat']

/** The keeper's questions. Every answer may be yes, no, or not known; "not known" moves nothing. */
export const QUESTIONS: readonly Question[] = [
  q('wet-under', 'Is the ground wet under it after it has stood?', 'wet-under', [...LOSS, ...HOT], 0.75, 0.1),
  q('lost-parked', 'Is it lost standing overnight, more than on the road?', 'lost-parked', LOSS, 0.7, 0.12),
  q('white-exhaust', 'White, sweet exhaust that lasts when the engine is hot?', 'white-exhaust', [...LOSS, ...HOT], 0.7, 0.06),
  q('cold-misfire', 'Does it run rough for the first minute after a cold night?', 'cold-misfire', LOSS, 0.75, 0.06),
  q('carpet-wet', 'Wet carpet, sweet smell inside, or a screen that fogs?', 'carpet-wet', LOSS, 0.75, 0.04),
  q('pushed-out-hot', 'Does it push coolant out of the tank or the cap when hot?', 'pushed-out-hot', [...LOSS, ...HOT], 0.8, 0.06),
  q('ac-water', 'Clear water only, after driving with the air conditioning on?', 'ac-water', LOSS, 0.75, 0.08),
  q('filled-above-mark', 'Was it filled above the mark, and falls back to the same level each time?', 'filled-above-mark', LOSS, 0.75, 0.05),
  q('recent-drain', 'Was any coolant drained or a hose opened in the last weeks?', 'recent-drain', [...LOSS, ...HOT, ...COLD], 0.9, 0.03),
  q('hoses-hard-early', 'Are the hoses hard within a minute or two of a cold start?', 'hoses-hard-early', [...LOSS, ...HOT], 0.7, 0.06),
  q('hot-at-idle', 'Does it run hot standing or in slow traffic?', 'hot-at-idle', HOT, 0.85, 0.08),
  q('hot-at-load', 'Does it run hot at speed, climbing or towing?', 'hot-at-load', HOT, 0.85, 0.08),
  q('hot-soon', 'Is it hot within minutes of starting?', 'hot-soon', HOT, 0.85, 0.05),
  q('heater-cold', 'Is the cabin heater cold while the engine is warm?', 'heater-cold', [...HOT, ...COLD], 0.85, 0.08),
  q('never-warms', 'Does the gauge stay low on the road, whatever the drive?', 'never-warms', COLD, 0.85, 0.06),
  q('ac-weak-idle', 'Is the air conditioning weak standing and good on the road?', 'ac-weak-idle', HOT, 0.75, 0.07),
  q('belt-squeal', 'Does a belt squeal, or is a charge light on?', 'belt-squeal', [...HOT, ...COLD], 0.7, 0.06),
]

export const QUESTION_IDS = QUESTIONS.map((question) => question.id) as [string, ...string[]]
