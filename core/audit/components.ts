import type { Part } from '../vehicle/parts'
import type { ProfileNeeds } from '../vehicle/profile'
import type { Renewable } from '../vehicle/renewable'
import type { AuditPart } from './lives'

/** What comes of it when it fails on the road. */
export type Consequence = 'engine-at-risk' | 'stops-the-day' | 'comfort'

/** Hours of a shop's labour that a failure on the road costs its keeper: towing, a day lost, what else it takes along. Judgement. */
export const CONSEQUENCE_HOURS: Readonly<Record<Consequence, number>> = {
  'engine-at-risk': 14,
  'stops-the-day': 5,
  comfort: 1.5,
}

/** One component: what renewing it takes stands with the fault of the book that it would be renewed for. */
export interface Component {
  fault: string
  consequence: Consequence
  needs?: ProfileNeeds
  /** faults whose repair renews it */
  renewedWith: readonly string[]
  /** what a record of earlier work calls it */
  renewable?: Renewable
  /** the part that a look round sees it on */
  looked?: Part
  /** how many pieces are bought for it, unless one */
  pieces?: number
}

const BELTS = ['accessory-belt', 'timing-belt']

export const COMPONENTS: Readonly<Record<AuditPart, Component>> = {
  coolant: {
    fault: 'coolant-wrong',
    consequence: 'stops-the-day',
    renewedWith: ['coolant-wrong'],
    renewable: 'coolant',
  },
  cap: {
    fault: 'cap-weak',
    consequence: 'stops-the-day',
    renewedWith: ['cap-weak', 'cap-wrong', 'cap-vacuum-stuck'],
    renewable: 'cap',
    looked: 'cap',
  },
  thermostat: {
    fault: 'thermostat-stuck-open',
    consequence: 'stops-the-day',
    renewedWith: [
      'thermostat-stuck-open',
      'thermostat-stuck-closed',
      'thermostat-opens-late',
      'thermostat-wrong-rating',
    ],
    renewable: 'thermostat',
    looked: 'thermostat',
  },
  'upper-hose': {
    fault: 'upper-hose-leak',
    consequence: 'engine-at-risk',
    renewedWith: ['upper-hose-leak'],
    renewable: 'upper-hose',
    looked: 'upper-hose',
  },
  'lower-hose': {
    fault: 'lower-hose-leak',
    consequence: 'engine-at-risk',
    renewedWith: ['lower-hose-leak', 'lower-hose-collapsing'],
    renewable: 'lower-hose',
    looked: 'lower-hose',
  },
  'heater-hoses': {
    fault: 'heater-hose-leak',
    consequence: 'engine-at-risk',
    renewedWith: ['heater-hose-leak'],
    renewable: 'heater-hoses',
    looked: 'heater-hoses',
    pieces: 2,
  },
  'bypass-hose': {
    fault: 'bypass-hose-leak',
    consequence: 'engine-at-risk',
    renewedWith: ['bypass-hose-leak'],
    looked: 'bypass-hose',
  },
  'plastic-fittings': {
    fault: 'quick-connect-leak',
    consequence: 'engine-at-risk',
    renewedWith: ['quick-connect-leak'],
    pieces: 4,
  },
  'expansion-tank': {
    fault: 'expansion-tank-leak',
    consequence: 'engine-at-risk',
    renewedWith: ['expansion-tank-leak'],
    renewable: 'expansion-tank',
    looked: 'expansion-tank',
  },
  belt: {
    fault: 'pump-drive-slipping',
    consequence: 'engine-at-risk',
    needs: { pumpDrive: BELTS },
    renewedWith: ['pump-drive-slipping', 'belt-misrouted'],
  },
  pump: {
    fault: 'pump-seal-leak',
    consequence: 'engine-at-risk',
    renewedWith: [
      'pump-seal-leak',
      'pump-impeller-loose',
      'pump-bearing-worn',
      'electric-pump-dead',
    ],
    renewable: 'pump',
    looked: 'pump',
  },
  'fan-clutch': {
    fault: 'fan-clutch-slipping',
    consequence: 'stops-the-day',
    needs: { fan: ['viscous-clutch'] },
    renewedWith: ['fan-clutch-slipping', 'fan-clutch-locked'],
    renewable: 'fan-clutch',
  },
  'fan-motor': {
    fault: 'fan-motor-dead',
    consequence: 'stops-the-day',
    needs: { fan: ['electric-relay', 'electric-module', 'thermo-switch'] },
    renewedWith: ['fan-motor-dead'],
    renewable: 'fan-motor',
    looked: 'fan',
  },
  radiator: {
    fault: 'radiator-core-leak',
    consequence: 'engine-at-risk',
    renewedWith: ['radiator-core-leak', 'radiator-seam-leak', 'radiator-restricted'],
    renewable: 'radiator',
    looked: 'radiator',
  },
  'heater-core': {
    fault: 'heater-core-leak',
    consequence: 'comfort',
    renewedWith: ['heater-core-leak', 'heater-core-restricted'],
    renewable: 'heater-core',
    looked: 'heater-core',
  },
  'coolant-sensor': {
    fault: 'coolant-sensor-biased',
    consequence: 'comfort',
    renewedWith: ['coolant-sensor-biased'],
    renewable: 'coolant-sensor',
  },
}
