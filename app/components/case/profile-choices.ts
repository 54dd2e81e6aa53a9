import type { Part, SystemProfile } from '#core'

export type Key = keyof SystemProfile
/** A field of the profile with a few values. */
export interface Choice {
  key: Key
  label: string
  options: { value: string; text: string }[]
}
/** A field of the profile with a figure. */
export interface Figure {
  key: 'thermostatRatingC' | 'systemRatingKPa' | 'capacityLitres' | 'fanOnC' | 'fanOffC'
  label: string
  kind: 'temperature' | 'pressure' | 'volume'
  min: number
  max: number
}
export const yesNo = [
  { value: 'yes', text: 'Yes' },
  { value: 'no', text: 'No' },
]
const flag = (key: Key, label: string): Choice => ({ key, label, options: yesNo })
/** What can be chosen on each part of the loop. */
export const CHOICES: Partial<Record<Part, Choice[]>> = {
  thermostat: [
    {
      key: 'thermostatSide',
      label: 'Where it sits',
      options: [
        { value: 'outlet', text: 'Engine outlet' },
        { value: 'inlet', text: 'Engine inlet' },
      ],
    },
    flag('mapThermostat', 'Map-controlled'),
    flag('heatModule', 'Heat-management module'),
  ],
  'expansion-tank': [
    {
      key: 'vessel',
      label: 'Vessel',
      options: [
        { value: 'pressurised-tank', text: 'Pressurised tank' },
        { value: 'overflow-bottle', text: 'Overflow bottle' },
      ],
    },
    {
      key: 'coolant',
      label: 'Coolant',
      options: [
        { value: 'ethylene-glycol', text: 'Ethylene glycol' },
        { value: 'propylene-glycol', text: 'Propylene glycol' },
        { value: 'water', text: 'Water' },
      ],
    },
  ],
  fan: [
    {
      key: 'fan',
      label: 'Fan',
      options: [
        { value: 'viscous-clutch', text: 'Viscous clutch' },
        { value: 'electric-relay', text: 'Electric, relay' },
        { value: 'electric-module', text: 'Electric, module' },
        { value: 'thermo-switch', text: 'Thermo-switch' },
      ],
    },
    flag('electroViscous', 'Clutch controlled electrically'),
  ],
  pump: [
    {
      key: 'pumpDrive',
      label: 'Driven by',
      options: [
        { value: 'accessory-belt', text: 'Accessory belt' },
        { value: 'timing-belt', text: 'Timing belt' },
        { value: 'gear', text: 'Gear' },
        { value: 'electric', text: 'Electric motor' },
      ],
    },
    flag('switchablePump', 'Can be switched off'),
  ],
  engine: [
    {
      key: 'engineOrientation',
      label: 'Stands',
      options: [
        { value: 'lengthwise', text: 'Lengthwise' },
        { value: 'crosswise', text: 'Crosswise' },
      ],
    },
    flag('heavyDiesel', 'Heavy diesel'),
  ],
  'heater-core': [
    flag('rearHeater', 'Rear heater'),
    flag('heaterValve', 'Heater valve'),
    flag('auxHeaterPump', 'Auxiliary pump'),
  ],
  radiator: [
    flag('transmissionCooler', 'Gearbox cooler in it'),
    flag('grilleShutter', 'Grille shutter'),
  ],
  'oil-cooler': [flag('oilCooler', 'Oil cooler on the coolant')],
  'egr-cooler': [flag('egrCooler', 'EGR cooler')],
  'turbo-line': [flag('turboCooled', 'Coolant-cooled turbo')],
}
/** What is typed on each part of the loop. */
export const FIGURES: Partial<Record<Part, Figure[]>> = {
  thermostat: [
    { key: 'thermostatRatingC', label: 'Rating', kind: 'temperature', min: 50, max: 130 },
  ],
  'expansion-tank': [
    { key: 'capacityLitres', label: 'Coolant in the system', kind: 'volume', min: 1, max: 200 },
  ],
  fan: [
    { key: 'fanOnC', label: 'Starts at', kind: 'temperature', min: 60, max: 130 },
    { key: 'fanOffC', label: 'Stops at', kind: 'temperature', min: 60, max: 130 },
  ],
  cap: [
    {
      key: 'systemRatingKPa',
      label: 'The system is made for',
      kind: 'pressure',
      min: 10,
      max: 250,
    },
  ],
}
/** Parts whose fields stand at another one. */
export const SAME_PLACE: Partial<Record<Part, Part>> = {
  'heater-hoses': 'heater-core',
  'upper-hose': 'radiator',
  'lower-hose': 'radiator',
  'bypass-hose': 'engine',
}

export const isFlag = (c: Choice) => c.options === yesNo
