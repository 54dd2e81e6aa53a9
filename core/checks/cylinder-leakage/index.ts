import { knownValue } from '../../casefile/profile'
import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseLeakage } from './analysis'
import { leakageSigns } from './signs'

export const cylinderLeakageCheck = perRecord(
  'cylinder-leakage',
  'cylinder-leakage.test',
  (test, { profile }, source) => {
    const figures = analyseLeakage(test)
    const cylinders = knownValue(profile.cylinders) ?? 4
    const notes =
      test.cylinder > cylinders
        ? [message('note.noSuchCylinder', { cylinder: test.cylinder, cylinders })]
        : []
    return {
      figures,
      notes,
      states: [
        figures.leaksToCoolant
          ? 'leaks-to-coolant'
          : figures.leaksElsewhere
            ? 'leaks-elsewhere'
            : 'tight',
      ],
      facts: figures.leaksToCoolant ? ['leakage-bubbles'] : [],
      signs: notes.length > 0 ? [] : leakageSigns(source, test, cylinders),
      doesNotProve: [message('leakage.pass.cold')],
      cautions: [message('caution.engineCanTurn')],
    }
  },
)
