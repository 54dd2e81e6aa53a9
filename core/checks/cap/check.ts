import { defineCheck, these } from '../define-check'
import { analyseCap, type CapAnalysis } from './analysis'
import { capTest } from './record'
import { capSigns } from './signs'

/** What the last test of a cap shows. */
function shownBy({ states }: CapAnalysis): string[] {
  const facts = ['cap-tested']
  if (states.includes('good')) facts.push('cap-good')
  if (states.includes('opens-early') || states.includes('will-not-hold')) facts.push('cap-bad')
  if (states.includes('vacuum-stuck')) facts.push('cap-vacuum-stuck')
  if (states.includes('wrong-for-place')) facts.push('cap-wrong')
  return facts
}

export const capCheck = defineCheck({
  id: 'cap',
  records: { 'cap.test': capTest },
  phase: 'cold',
  minutes: 5,
  sides: ['leak'],
  opens: { 'press-first': 2, 'bleed-first': 4 },
  marks: 'begun',
  begins: 4,
  usualFor: ['coolant-loss', 'overheats', 'inspection'],
  signs: these(
    'cap-opens-early',
    'cap-opens-late',
    'cap-will-not-hold',
    'cap-vacuum-stuck',
    'cap-wrong',
    'cap-seal-damaged',
  ),
  shows: ['cap-bad', 'cap-good', 'cap-vacuum-stuck', 'cap-wrong'],
  judge: {
    'cap.test': (test, { mix }, { source }) => {
      const figures = analyseCap(test, mix)
      return {
        figures,
        states: figures.states,
        doesNotProve: figures.doesNotProve,
        signs: capSigns(source, test, figures),
        heatMatters: false,
      }
    },
  },
  finds: (_, outcomes) => ({ capHoldsKPaGauge: outcomes.at(-1)?.figures.effectiveKPaGauge }),
  sees: ({ outcomes }) =>
    outcomes.at(-1)?.figures.states.includes('good') ? [{ part: 'cap', as: 'good' }] : [],
  facts: ({ outcomes }) => outcomes.slice(-1).flatMap((o) => shownBy(o.figures)),
})
