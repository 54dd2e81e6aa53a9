import type { CircuitLink, FanCircuit, SystemProfile } from '#core'

export type FanKind = Exclude<NonNullable<SystemProfile['fan']>, 'unknown'>

/** One measurement of the walk. */
export interface Step {
  field: keyof FanCircuit
  title: string
  how: string
  link?: CircuitLink
  /** what can be said, where it is not measured in figures */
  options?: readonly { value: string; text: string }[]
}

const RELAYS: Readonly<Record<FanKind, string>> = {
  'electric-module': 'Module',
  'thermo-switch': 'Relay',
  'electric-relay': 'Relay',
  'viscous-clutch': 'Relay',
}
const CONTROLS: Readonly<Record<FanKind, string>> = {
  'electric-module': 'Command line',
  'thermo-switch': 'Switch in the radiator',
  'electric-relay': 'Control of the relay',
  'viscous-clutch': 'Control',
}
const RUNS = [
  { value: 'runs', text: 'It runs' },
  { value: 'dead', text: 'Dead' },
]
const OPTIONS: Readonly<Partial<Record<keyof FanCircuit, Step['options']>>> = {
  bridged: RUNS,
  directFeed: RUNS,
  command: [
    { value: 'present', text: 'Command present' },
    { value: 'absent', text: 'No command' },
  ],
  relay: [
    { value: 'passes', text: 'Passes' },
    { value: 'fails', text: 'Fails' },
  ],
  fuse: [
    { value: 'good', text: 'Good' },
    { value: 'blown', text: 'Blown' },
  ],
  speeds: [
    { value: 'all', text: 'All speeds' },
    { value: 'one-missing', text: 'One is missing' },
  ],
  airDirection: [
    { value: 'right', text: 'Right way' },
    { value: 'wrong', text: 'Wrong way' },
  ],
}

/** What each link of the circuit is called on a fan of this kind. */
export const linkNames = (fan: FanKind): Readonly<Record<CircuitLink, string>> => ({
  fuse: 'Fuse',
  wire: 'Wire',
  relay: RELAYS[fan],
  motor: 'Fan',
  ground: 'Ground',
  control: fan === 'thermo-switch' ? 'Switch' : 'Control',
})

/** The measurements of the walk on a fan of this kind, in the order in which they are usually made. */
export function stepsOf(fan: FanKind): Step[] {
  const relay = RELAYS[fan]
  const control = CONTROLS[fan]
  const steps: Step[] = [
    {
      field: 'switchingPlace',
      title: 'Place that switches it',
      how: `Measure where it is switched: ${fan === 'thermo-switch' ? 'the radiator at the switch' : 'the coolant sensor, by scan tool'}. A fan that is not called for is not faulty.`,
    },
    {
      field: 'supplyVolts',
      title: 'Supply at the fan’s plug',
      how: 'Fan called for, plug on: battery and supply, in volts.',
      link: 'wire',
    },
    {
      field: 'bridged',
      title: fan === 'thermo-switch' ? 'Switch bridged' : `${relay} bridged`,
      how: `Bridge the ${fan === 'thermo-switch' ? 'switch' : relay.toLowerCase()}: does the fan run?`,
      link: 'relay',
    },
    {
      field: 'command',
      title: control,
      how:
        fan === 'electric-module'
          ? 'Commanded on by the scan tool: is the command at the plug?'
          : 'Called for: does the control side pull the relay?',
      link: 'control',
    },
    {
      field: 'groundDropVolts',
      title: 'Ground, under load',
      how: 'Between the fan’s ground pin and the battery’s, fan called for.',
      link: 'ground',
    },
    {
      field: 'directFeed',
      title: 'Fan fed directly',
      how: 'Through a fuse, from the battery.',
      link: 'motor',
    },
    {
      field: 'relay',
      title: `${relay} by itself`,
      how: 'Energised on the bench: does it pass?',
      link: 'relay',
    },
    { field: 'fuse', title: 'Fuse', how: 'Look and measure; a fuse can look whole.', link: 'fuse' },
    { field: 'speeds', title: 'Speeds', how: 'Does it run at every speed it has?' },
    {
      field: 'airDirection',
      title: 'Air',
      how: 'Does it draw through the radiator, the right way?',
    },
  ]
  return steps.map((step) => ({ ...step, options: OPTIONS[step.field] }))
}
