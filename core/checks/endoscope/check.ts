import { knownValue } from '../../vehicle/profile'
import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseEndoscope } from './analysis'
import { endoscopeSigns } from './signs'
import { endoscopeLook } from './record'

const CYLINDERS_ASSUMED = 4

export const endoscopeCheck = defineCheck({
  id: 'endoscope',
  records: { 'endoscope.look': endoscopeLook },
  phase: 'cold',
  minutes: 35,
  after: 'pressed',
  sides: ['leak'],
  presses: true,
  signs: these('cylinder-wet'),
  cautions: ['plugHole', 'hold'],
  doesNotProve: ['endoscope.pass.otherCylinders'],
  shows: ['cylinder-wet', 'endoscope-wet'],
  judge: {
    'endoscope.look': (look, { profile }, { source }) => {
      const figures = analyseEndoscope(look)
      const cylinders = knownValue(profile.cylinders) ?? CYLINDERS_ASSUMED
      const isThere = look.cylinder <= cylinders
      const notes = isThere
        ? []
        : [message('note.noSuchCylinder', { cylinder: look.cylinder, cylinders })]
      return {
        figures,
        states: isThere ? [figures.finding] : [],
        notes,
        facts: isThere && look.seen === 'wet' ? ['endoscope-wet', 'cylinder-wet'] : [],
        signs: isThere ? endoscopeSigns(source, look, cylinders) : [],
      }
    },
  },
})
