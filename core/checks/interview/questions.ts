import type { Complaint } from '../../vehicle/complaint'

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
/** Asked too of a vehicle about which nobody complains. */
const LOOK: Complaint[] = ['inspection']

/** The keeper's questions. Every answer may be yes, no, or not known; "not known" moves nothing. */
export const QUESTIONS: readonly Question[] = [
  q(
    'wet-under',
    'Is the ground wet under it after it has stood?',
    'wet-under',
    [...LOSS, ...HOT, ...LOOK],
    0.75,
    0.1,
  ),
  q(
    'lost-parked',
    'Is it lost standing overnight, more than on the road?',
    'lost-parked',
    LOSS,
    0.7,
    0.12,
  ),
  q(
    'white-exhaust',
    'White, sweet exhaust that lasts when the engine is hot?',
    'white-exhaust',
    [...LOSS, ...HOT],
    0.7,
    0.06,
  ),
  q(
    'cold-misfire',
    'Does it run rough for the first minute after a cold night?',
    'cold-misfire',
    LOSS,
    0.75,
    0.06,
  ),
  q(
    'carpet-wet',
    'Wet carpet, sweet smell inside, or a screen that fogs?',
    'carpet-wet',
    LOSS,
    0.75,
    0.04,
  ),
  q(
    'pushed-out-hot',
    'Does it push coolant out of the tank or the cap when hot?',
    'pushed-out-hot',
    [...LOSS, ...HOT],
    0.8,
    0.06,
  ),
  q(
    'ac-water',
    'Clear water only, after driving with the air conditioning on?',
    'ac-water',
    LOSS,
    0.75,
    0.08,
  ),
  q(
    'filled-above-mark',
    'Was it filled above the mark, and falls back to the same level each time?',
    'filled-above-mark',
    LOSS,
    0.75,
    0.05,
  ),
  q(
    'recent-drain',
    'Was any coolant drained or a hose opened in the last weeks?',
    'recent-drain',
    [...LOSS, ...HOT, ...COLD, ...LOOK],
    0.9,
    0.03,
  ),
  q(
    'hoses-hard-early',
    'Are the hoses hard within a minute or two of a cold start?',
    'hoses-hard-early',
    [...LOSS, ...HOT],
    0.7,
    0.06,
  ),
  q('hot-at-idle', 'Does it run hot standing or in slow traffic?', 'hot-at-idle', HOT, 0.85, 0.08),
  q('hot-at-load', 'Does it run hot at speed, climbing or towing?', 'hot-at-load', HOT, 0.85, 0.08),
  q('hot-soon', 'Is it hot within minutes of starting?', 'hot-soon', HOT, 0.85, 0.05),
  q(
    'heater-cold',
    'Is the cabin heater cold while the engine is warm?',
    'heater-cold',
    [...HOT, ...COLD],
    0.85,
    0.08,
  ),
  q(
    'never-warms',
    'Does the gauge stay low on the road, whatever the drive?',
    'never-warms',
    COLD,
    0.85,
    0.06,
  ),
  q(
    'ac-weak-idle',
    'Is the air conditioning weak standing and good on the road?',
    'ac-weak-idle',
    HOT,
    0.75,
    0.07,
  ),
  q(
    'belt-squeal',
    'Does a belt squeal, or is a charge light on?',
    'belt-squeal',
    [...HOT, ...COLD, ...LOOK],
    0.7,
    0.06,
  ),
  q('worse-cold', 'Does it leak most after frosty nights?', 'worse-cold', LOSS, 0.75, 0.06),
  q(
    'level-swings',
    'Does the level rise when hot and come back to the same mark cold?',
    'level-swings',
    LOSS,
    0.8,
    0.06,
  ),
  q(
    'hot-with-ac',
    'Does it run hot only in great heat with the air conditioning on?',
    'hot-with-ac',
    HOT,
    0.8,
    0.08,
  ),
  q(
    'slow-over-months',
    'Did it grow slowly, over months?',
    'slow-over-months',
    [...HOT, ...COLD],
    0.8,
    0.1,
  ),
  q(
    'belt-or-fan-work',
    'Was a belt, the fan or its wiring worked on lately?',
    'belt-or-fan-work',
    HOT,
    0.9,
    0.03,
  ),
  q(
    'front-work',
    'Were the front, the undertray or the bumper off lately, or hit?',
    'front-work',
    [...LOSS, ...HOT, ...LOOK],
    0.85,
    0.04,
  ),
  q(
    'overheated-before',
    'Was it ever driven very hot, before this?',
    'overheated-before',
    [...LOSS, ...HOT, ...LOOK],
    0.75,
    0.05,
  ),
  q(
    'gasket-done-before',
    'Was the head gasket done before, and did it come back?',
    'gasket-done-before',
    [...LOSS, ...HOT, ...LOOK],
    0.95,
    0.01,
  ),
  q('heavy-load', 'Only with a trailer or a load beyond the usual?', 'heavy-load', HOT, 0.85, 0.06),
  q('low-power', 'Is power low, does it ping, or does a brake drag?', 'low-power', HOT, 0.8, 0.06),
  q(
    'gauge-only',
    'Is it only the needle, with no steam, smell or loss?',
    'gauge-only',
    [...HOT, ...COLD],
    0.85,
    0.1,
  ),
  q(
    'needle-normal',
    'Does the needle stand where it always stood?',
    'needle-normal',
    HOT,
    0.85,
    0.05,
  ),
  q(
    'cooling-code',
    'Is a lamp or trouble code of the cooling side set?',
    'cooling-code',
    [...HOT, ...COLD, ...LOOK],
    0.9,
    0.04,
  ),
  q(
    'fan-roars',
    'Does the fan roar all the time?',
    'fan-roars',
    [...HOT, ...COLD, ...LOOK],
    0.85,
    0.05,
  ),
  q(
    'vibration',
    'Is there a vibration that rises with engine speed?',
    'vibration',
    [...HOT, ...LOOK],
    0.8,
    0.05,
  ),
  q('gurgle', 'Does it gurgle behind the dash?', 'gurgle', [...HOT, ...COLD, ...LOOK], 0.75, 0.06),
  q(
    'heat-in-bursts',
    'Does the heat come and go, or the needle wander?',
    'heat-in-bursts',
    [...HOT, ...COLD],
    0.8,
    0.06,
  ),
  q(
    'heater-weak-idle',
    'Is the heater cold standing and warm when revved?',
    'heater-weak-idle',
    COLD,
    0.85,
    0.06,
  ),
  q(
    'one-side-cold',
    'Is one side of the cabin cold and the other warm?',
    'one-side-cold',
    COLD,
    0.9,
    0.04,
  ),
  q('vents-weak', 'Does little air come from the vents?', 'vents-weak', COLD, 0.88, 0.05),
  q(
    'heater-since-work',
    'Has it had no heat since work on the heater or its hoses?',
    'heater-since-work',
    COLD,
    0.92,
    0.02,
  ),
  q(
    'sealant-added',
    'Was sealant ever poured in?',
    'sealant-added',
    [...LOSS, ...HOT, ...COLD, ...LOOK],
    0.8,
    0.01,
  ),
]

export const QUESTION_IDS = QUESTIONS.map((question) => question.id) as [string, ...string[]]
