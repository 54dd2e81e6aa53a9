import { cylindersOf, noSuchCylinder } from '../cylinders'
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
      const wrong = noSuchCylinder(profile, [test.cylinder])
      if (wrong) return { figures, notes: [wrong] }
      const found = figures.leaksElsewhere ? 'leaks-elsewhere' : 'tight'
      return {
        figures,
        states: [figures.leaksToCoolant ? 'leaks-to-coolant' : found],
        facts: figures.leaksToCoolant ? ['leakage-bubbles'] : [],
        signs: leakageSigns(source, test, cylindersOf(profile, [test.cylinder])),
      }
    },
  },
})
