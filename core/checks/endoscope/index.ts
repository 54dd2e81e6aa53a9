import { knownValue } from '../../casefile/profile'
import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseEndoscope } from './analysis'
import { endoscopeSigns } from './signs'

const CYLINDERS_ASSUMED = 4

export const endoscopeCheck = perRecord(
  'endoscope',
  'endoscope.look',
  (look, { profile }, source) => {
    const figures = analyseEndoscope(look)
    const cylinders = knownValue(profile.cylinders) ?? CYLINDERS_ASSUMED
    const notes =
      look.cylinder > cylinders
        ? [message('note.noSuchCylinder', { cylinder: look.cylinder, cylinders })]
        : []
    return {
      figures,
      states: [figures.finding],
      notes,
      facts: look.seen === 'wet' ? ['endoscope-wet', 'cylinder-wet'] : [],
      signs: notes.length > 0 ? [] : endoscopeSigns(source, look, cylinders),
      doesNotProve: [message('endoscope.pass.otherCylinders')],
      cautions: [message('caution.plugHole'), message('caution.hold')],
    }
  },
)
