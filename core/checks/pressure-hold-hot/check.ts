import { defineCheck, these } from '../define-check'
import { startsHotHold } from '../pressure-hold/record'

/** A hold on a hot engine, with a relief fitted cold. It is written down as a hold, and planned by itself. */
export const pressureHoldHotCheck = defineCheck({
  id: 'pressure-hold-hot',
  records: {},
  counts: startsHotHold,
  phase: 'hot',
  minutes: 15,
  sides: ['leak'],
  presses: true,
  signs: these('hold-hot'),
})
