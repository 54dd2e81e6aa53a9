import { message } from '../../quantity/message'
import type { SystemProfile } from '../../vehicle/profile'
import { defineCheck } from '../define-check'
import { feltByHand, type FeltByHand } from './record'
import { feltSigns, heldBack } from './signs'

const HOSES = ['upperHose', 'lowerHose', 'heaterInlet', 'heaterOutlet'] as const

/** What the palm found, as verdicts; what stayed as it should is none. */
function statesOf(record: FeltByHand, profile: SystemProfile): string[] {
  const isWarm = record.engine === 'needle-up' || record.engine === 'too-hot'
  const states: string[] = []
  if (isWarm && heldBack(record, profile).felt === 'cold') states.push('held-back-cold')
  if (isWarm && record.radiatorFace === 'cold') states.push('radiator-cold')
  if (record.lowerHoseRevved === 'drawn-flat') states.push('hose-drawn-flat')
  if (isWarm && record.heaterInlet === 'cold') states.push('heater-cold')
  if (record.heaterInlet === 'hot' && record.heaterOutlet === 'cold') states.push('heater-drop')
  if (isWarm && record.radiatorFace === 'cold-places') states.push('cold-places')
  return states
}

/**
 * Hoses and radiator felt by the palm, where no thermometer is at hand. No plan sends anybody to it: measured, the same
 * places say more in as many minutes.
 */
export const feltByHandCheck = defineCheck({
  id: 'felt-by-hand',
  records: { 'felt-by-hand.feel': feltByHand },
  phase: 'hot',
  minutes: 3,
  sides: ['flow'],
  cautions: ['hotSurfaces', 'fansStart'],
  doesNotProve: ['feltByHand.pass.noFigures'],
  judge: {
    'felt-by-hand.feel': (record, { profile }, { source }) => {
      const notes = []
      if (record.radiatorFace === 'cold') notes.push(message('feltByHand.allCold'))
      if (record.engine === 'not-known') notes.push(message('feltByHand.engineNotKnown'))
      if (profile.thermostatSide === undefined || profile.thermostatSide === 'not-known')
        notes.push(message('feltByHand.sideTaken'))
      const felt = HOSES.some((hose) => record[hose] !== 'not-known')
      const states = statesOf(record, profile)
      return {
        states: states.length > 0 || !felt ? states : ['nothing-odd'],
        notes,
        signs: feltSigns(source, record, profile),
      }
    },
  },
})
