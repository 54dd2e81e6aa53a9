/** What each check is called, on every screen and in reports. */
export const CHECK_NAMES = {
  interview: 'Complaint',
  'level-and-condition': 'Level, condition',
  'look-round': 'Look round',
  cap: 'Cap on adapter',
  'tester-self-check': 'Tester on itself',
  'pressure-hold': 'Pressure hold',
  mix: 'Coolant mix',
  'clean-and-dry': 'Wipe the joints',
  'leak-trace': 'Trace the drip',
  'cranking-rise': 'Cranking rise',
  endoscope: 'Look into cylinders',
  'vacuum-decay': 'Vacuum decay',
  'fan-by-hand': 'Fan by hand',
  'belt-and-pump': 'Belt and pump',
  'cold-soak': 'Sensors, cold',
  'fan-circuit': 'Fan circuit',
  'cylinder-leakage': 'Cylinder leakage',
  'cooler-test': 'Coolers by themselves',
} as const
export type CheckId = keyof typeof CHECK_NAMES

/** Checks that are planned and read, and have no panel yet. */
const OTHER_CHECKS: Readonly<Record<string, string>> = {
  'warm-up-run': 'Warm-up run',
  'running-pressure': 'Pressure while warming',
  'sensor-agreement': 'Sensors against each other',
  'fan-in-action': 'Fan in action',
  'clutch-hot': 'Clutch, hot',
  heater: 'Heater hoses',
  'radiator-survey': 'Radiator survey',
  'pump-delivery': 'Pump delivery',
  'chemical-gas-test': 'Gas in the coolant',
  'gas-analyser': 'Gas by analyser',
  'hot-hold': 'Hold, hot',
  'level-creep': 'Level, hot',
  actuators: 'Commanded devices',
  'load-run': 'Load run',
  'thermostat-bath': 'Thermostat in the bath',
  'radiator-flow': 'Radiator flow',
  'pump-off': 'Pump taken off',
  teardown: 'Head and faces',
  'level-follow-up': 'Level after a week',
  refill: 'Refill',
}
/** What a check is called, whether it has a panel or not. */
export const checkName = (check: string): string =>
  (CHECK_NAMES as Readonly<Record<string, string>>)[check] ??
  OTHER_CHECKS[check] ??
  check.replaceAll('-', ' ')
