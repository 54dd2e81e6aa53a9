import { knownValue } from '../../vehicle/profile'
import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseLeakage } from './analysis'
import { leakageSigns } from './signs'
import { cylinderLeakage } from './record'

export const cylinderLeakageCheck = defineCheck({
  id: 'cylinder-leakage',
  records: { 'cylinder-leakage.test': cylinderLeakage },
  phase: 'bench',
  minutes: 40,
  sides: ['leak'],
  signs: these('leakage-bubbles'),
  cautions: ['engineCanTurn'],
  doesNotProve: ['leakage.pass.cold'],
  shows: ['leakage-bubbles'],
  judge: {
    'cylinder-leakage.test': (test, { profile }, { source }) => {
      const figures = analyseLeakage(test)
      const cylinders = knownValue(profile.cylinders) ?? 4
      if (test.cylinder > cylinders) {
        const { cylinder } = test
        return { figures, notes: [message('note.noSuchCylinder', { cylinder, cylinders })] }
      }
      const found = figures.leaksElsewhere ? 'leaks-elsewhere' : 'tight'
      return {
        figures,
        states: [figures.leaksToCoolant ? 'leaks-to-coolant' : found],
        facts: figures.leaksToCoolant ? ['leakage-bubbles'] : [],
        signs: leakageSigns(source, test, cylinders),
      }
    },
  },
})
