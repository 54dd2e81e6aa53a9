import { cylindersOf, noSuchCylinder } from '../cylinders'
import { defineCheck, these } from '../define-check'
import { analyseEndoscope } from './analysis'
import { endoscopeSigns } from './signs'
import { endoscopeLook } from './record'

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
      const wrong = noSuchCylinder(profile, [look.cylinder])
      if (wrong) return { figures, notes: [wrong] }
      return {
        figures,
        states: [figures.finding],
        facts: look.seen === 'wet' ? ['endoscope-wet', 'cylinder-wet'] : [],
        signs: endoscopeSigns(source, look, cylindersOf(profile, [look.cylinder])),
      }
    },
  },
})
