import { pressureHoldCheck } from '../checks/pressure-hold/check'
import { outcomesOf } from '../checks/registry'
import type { Assessment } from './assess'

/** The holds of a case, in order of time. */
export const holdsOf = ({ outcomes }: Assessment) => outcomesOf(outcomes, pressureHoldCheck)
