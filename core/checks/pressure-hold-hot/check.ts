import { defineCheck, these } from '../define-check'
import type { HoldStart } from '../pressure-hold/record'

/** A hold on a hot engine, with a relief fitted cold. It is written down as a hold, and planned by itself. */
export const pressureHoldHotCheck = defineCheck({
  id: 'pressure-hold-hot',
  records: {},
  counts: ({ kind, data }) =>
    kind === 'pressure-hold.start' && (data as HoldStart).engine === 'hot',
  phase: 'hot',
  minutes: 15,
  sides: ['leak'],
  presses: true,
  brings: 'pressed',
  marks: 'pressed',
  signs: these('hold-hot'),
})
