import type { CaseInput } from '../casefile/assess'
import type { Belief } from '../inference/belief'
import type { Group } from '../knowledge/types'
import type { CheckCost } from './check-costs'

/**
 * The schools. "certainty" is the product's own and the default: most certainty per minute. The others begin, or
 * choose, the way their people do, and are compared with it on each case.
 */
export const POLICIES = [
  'certainty',
  'press-first',
  'ask-first',
  'bleed-first',
  'follow-pattern',
] as const
export type PolicyName = (typeof POLICIES)[number]

/** What a policy always does first, in order. */
export function opening(policy: PolicyName): readonly string[] {
  switch (policy) {
    case 'press-first':
      return ['level-and-condition', 'cap', 'pressure-hold']
    case 'ask-first':
    case 'follow-pattern':
      return ['interview']
    case 'bleed-first':
      return ['level-and-condition', 'heater', 'thermostat-bath', 'cap']
    case 'certainty':
      return []
  }
}

const PRESSING = ['pressure-hold', 'leak-trace', 'hot-hold', 'vacuum-decay', 'endoscope']

/** Checks that look at each side of the system. */
const SIDE: Readonly<Record<Group, readonly string[]>> = {
  leak: [
    'level-and-condition',
    'look-round',
    'cap',
    'pressure-hold',
    'leak-trace',
    'endoscope',
    'cranking-rise',
    'vacuum-decay',
    'chemical-gas-test',
    'gas-analyser',
    'level-creep',
    'running-pressure',
    'cylinder-leakage',
    'cooler-test',
    'hot-hold',
    'teardown',
    'level-follow-up',
  ],
  flow: [
    'level-and-condition',
    'warm-up-run',
    'radiator-survey',
    'pump-delivery',
    'heater',
    'belt-and-pump',
    'thermostat-bath',
    'radiator-flow',
    'pump-off',
    'actuators',
    'load-run',
    'level-creep',
    'mix',
  ],
  air: [
    'look-round',
    'fan-by-hand',
    'fan-circuit',
    'fan-in-action',
    'clutch-hot',
    'radiator-survey',
    'load-run',
    'actuators',
  ],
  reading: ['cold-soak', 'sensor-agreement', 'warm-up-run', 'heater', 'actuators', 'load-run'],
  'nothing-wrong': [
    'level-and-condition',
    'level-follow-up',
    'level-creep',
    'pressure-hold',
    'sensor-agreement',
  ],
  'not-in-the-book': [],
}

/** Group with the most probability, those of nothing wrong and the unlisted counted apart. */
export function leadingGroup(belief: Belief): Group {
  const mass = new Map<Group, number>()
  belief.model.faults.forEach((fault, f) =>
    mass.set(fault.group, (mass.get(fault.group) ?? 0) + belief.faults[f]!),
  )
  mass.delete('not-in-the-book')
  return [...mass].sort((a, b) => b[1] - a[1])[0]![0]
}

/** Whether a policy would do this check at all on this case. */
export function admits(
  policy: PolicyName,
  cost: CheckCost,
  belief: Belief,
  input: CaseInput,
): boolean {
  if (policy === 'ask-first')
    return (
      input.case.complaint === 'coolant-loss' ||
      leadingGroup(belief) === 'leak' ||
      !PRESSING.includes(cost.check)
    )
  if (policy === 'follow-pattern')
    return cost.check === 'interview' || SIDE[leadingGroup(belief)].includes(cost.check)
  return true
}
