import type { Renewable } from '../vehicle/renewable'
import { yes } from './fault-builder'
import { yesNo } from './signs-cold'
import type { Fault, Sign } from './types'

/** What goes out with the old part. What a new part can be as well, of the wrong rating or fitted wrongly, is not here. */
const CURED_BY: Readonly<Record<Renewable, { name: string; faults: readonly string[] }>> = {
  thermostat: {
    name: 'thermostat',
    faults: [
      'thermostat-stuck-closed',
      'thermostat-opens-late',
      'thermostat-stuck-open',
      'map-heater-lost',
    ],
  },
  pump: {
    name: 'pump',
    faults: [
      'pump-impeller-loose',
      'pump-bearing-worn',
      'pump-seal-leak',
      'electric-pump-dead',
      'switchable-pump-off',
    ],
  },
  radiator: {
    name: 'radiator',
    faults: [
      'radiator-restricted',
      'radiator-core-leak',
      'radiator-seam-leak',
      'drain-plug-leak',
      'gearbox-cooler-internal',
      'radiator-debris',
    ],
  },
  cap: { name: 'cap', faults: ['cap-weak', 'cap-vacuum-stuck', 'cap-left-loose'] },
  'fan-clutch': {
    name: 'fan clutch',
    // What controls one stays on the vehicle: its plug, its wire, its command.
    faults: ['fan-clutch-slipping', 'fan-clutch-locked'],
  },
  'fan-motor': { name: 'fan', faults: ['fan-motor-dead', 'fan-blades-damaged'] },
  'upper-hose': { name: 'upper hose', faults: ['upper-hose-leak'] },
  'lower-hose': { name: 'lower hose', faults: ['lower-hose-leak', 'lower-hose-collapsing'] },
  'heater-hoses': { name: 'set of heater hoses', faults: ['heater-hose-leak'] },
  'heater-core': {
    name: 'heater core',
    faults: ['heater-core-leak', 'heater-core-restricted'],
  },
  'expansion-tank': { name: 'tank', faults: ['expansion-tank-leak'] },
  'coolant-sensor': { name: 'coolant sensor', faults: ['coolant-sensor-biased'] },
  'head-gasket': {
    name: 'head gasket',
    faults: ['gasket-to-cylinder', 'gasket-gas-to-coolant', 'gasket-to-oil', 'gasket-external'],
  },
  coolant: { name: 'fill of coolant', faults: ['low-coolant', 'coolant-wrong', 'overfilled'] },
}

const entries = Object.entries(CURED_BY) as [Renewable, (typeof CURED_BY)[Renewable]][]

const HELPED_BY = 'helped-by-new-'

/** The sign that the complaint went with a new part. */
export const helpedBy = (part: Renewable): string => `${HELPED_BY}${part}`

/** Whether a sign is read from what is told of earlier work, which no check goes and looks for. */
export const isOfRenewal = (sign: string): boolean => sign.startsWith(HELPED_BY)

/** What a complaint did when a part was renewed before it came here: one sign a part. */
export const RENEWAL_SIGNS: readonly Sign[] = entries.map(([part, { name }]) =>
  yesNo(
    helpedBy(part),
    `Complaint went with a new ${name}`,
    'earlier-work',
    'rarely',
    'Some complaints rest for a while by themselves.',
  ),
)

/** A fault with what renewing its part would have done to the complaint. */
export function withRenewals(fault: Fault): Fault {
  const more = entries
    .filter(([, { faults }]) => faults.includes(fault.id))
    .map(([part]) => yes(helpedBy(part), 'nearlyAlways', 'It goes out with the old part.'))
  return { ...fault, effects: [...fault.effects, ...more] }
}
