import { COMPLAINTS } from '../../vehicle/complaint'
import { message, type Message } from '../../quantity/message'
import { knownValue } from '../../vehicle/profile'
import { defineCheck } from '../define-check'
import type { LevelAndCondition } from './record'
import { levelSigns, systemLevel } from './signs'
import { levelAndCondition } from './record'

/** The bottle has what the radiator is short of: it was pushed out hot and not drawn back. */
const isNotDrawnBack = ({ level, radiatorLevel }: LevelAndCondition) =>
  (radiatorLevel === 'low' || radiatorLevel === 'empty') &&
  (level === 'right' || level === 'overfull')

/**
 * What was seen, as findings: the level, pressure left after the night, and each kind of contamination.
 * @example levelStates(example('level-and-condition.look')).join(' ') // 'low coolant-in-oil'
 */
export function levelStates(look: LevelAndCondition): string[] {
  const out: string[] = []
  if (isNotDrawnBack(look)) out.push('not-drawn-back')
  else {
    if (look.level) out.push(look.level)
    if (look.radiatorLevel) out.push(`radiator-${look.radiatorLevel}`)
  }
  if (look.residualPressure === 'strong') out.push('pressure-left')
  if (look.oilInCoolant === 'yes') out.push('oil-in-coolant')
  if (look.emulsionInOil === 'dipstick') out.push('coolant-in-oil')
  if (look.pinkFroth === 'yes') out.push('gearbox-fluid')
  if (look.look === 'brown' || look.look === 'sludge') out.push(look.look)
  if (look.mixed === 'yes') out.push('mixed')
  if (look.sealant === 'yes') out.push('sealant')
  if (look.liquidBelow === 'water') out.push('water-below')
  return out
}

const isShort = (look: LevelAndCondition) => {
  const level = systemLevel(look)
  return level === 'low' || level === 'empty'
}

/** What the findings ask for, one sentence each. */
function notesOn(look: LevelAndCondition): Message[] {
  const notes: Message[] = []
  if (look.residualPressure === 'strong') notes.push(message('level.gasMade'))
  if (look.emulsionInOil === 'dipstick' || look.pinkFroth === 'yes')
    notes.push(message('level.doNotRun'))
  if (look.smell === 'exhaust') notes.push(message('level.smellsOfExhaust'))
  if (look.smell === 'fuel') notes.push(message('level.smellsOfFuel'))
  if (isNotDrawnBack(look)) notes.push(message('level.notDrawnBack'))
  if (isShort(look)) notes.push(message('level.noteBeforeFilling'))
  if (look.level === 'overfull') notes.push(message('level.overfull'))
  return notes
}

function shownBy(look: LevelAndCondition): string[] {
  const facts: string[] = []
  if (look.oilInCoolant === 'yes' || look.emulsionInOil === 'dipstick')
    facts.push('oil-and-coolant-mixed')
  if (look.level === 'right' && !isShort(look)) facts.push('level-full')
  if (look.mixed === 'yes') facts.push('coolants-mixed')
  if (look.look === 'brown' || look.look === 'sludge') facts.push('deposits-seen')
  if (isShort(look)) facts.push('level-low')
  if (look.level === 'overfull') facts.push('level-above-mark')
  if (look.liquidBelow === 'water') facts.push('liquid-identified')
  if (look.sealant === 'yes') facts.push('sealant-seen')
  return facts
}

export const levelAndConditionCheck = defineCheck({
  id: 'level-and-condition',
  records: { 'level-and-condition.look': levelAndCondition },
  phase: 'cold',
  minutes: 3,
  sides: ['leak', 'flow', 'nothing-wrong'],
  opens: { 'press-first': 1, 'bleed-first': 1 },
  begins: 2,
  usualFor: COMPLAINTS,
  signs: ({ profile }) => [
    'level-cold',
    'residual-pressure',
    'oil-in-coolant',
    'emulsion-in-oil',
    'pink-froth',
    'coolant-dirt',
    'gel',
    'liquid-is-water',
    ...(knownValue(profile.vessel) === 'pressurised-tank' ? [] : ['not-drawn-back']),
  ],
  cautions: ['neverOpenHot', 'glycol'],
  shows: [
    'coolants-mixed',
    'deposits-seen',
    'level-above-mark',
    'level-full',
    'level-low',
    'liquid-identified',
    'oil-and-coolant-mixed',
    'sealant-seen',
  ],
  judge: {
    'level-and-condition.look': (look, _, { source }) => ({
      states: levelStates(look),
      signs: levelSigns(source, look),
      facts: shownBy(look),
      notes: notesOn(look),
      doesNotProve: [
        ...((look.level === 'right' || look.level === 'overfull') && !look.radiatorLevel
          ? [message('level.pass.radiatorBehind')]
          : []),
        ...(look.emulsionInOil === 'filler-only' ? [message('level.pass.shortTrips')] : []),
        ...(look.residualPressure === 'none' ? [message('level.pass.noPressure')] : []),
      ],
    }),
  },
})
