import { defineCheck } from '../define-check'
import { cleanAndDry } from './record'

/** Says nothing by itself; it makes what is seen wet afterwards new. */
export const cleanAndDryCheck = defineCheck({
  id: 'clean-and-dry',
  records: { 'clean-and-dry.done': cleanAndDry },
  phase: 'cold',
  minutes: 10,
  usualFor: ['coolant-loss'],
  judge: {
    'clean-and-dry.done': ({ parts }) => ({
      states: ['wiped'],
      heatMatters: false,
      figures: { wiped: parts.length },
      facts: parts.map((part) => `wiped:${part}`),
    }),
  },
})
