import { type ParseLimits, type Part, type SystemProfile, USUAL_RATING_KPA } from '#core'
import type { Say } from '../../look/say'

export type Key = keyof SystemProfile
/** A field of the profile with a few values. */
export interface Choice {
  key: Key
  label: string
  options: { value: string; text: string }[]
}
/** A field of the profile with a figure. */
export interface Figure {
  key:
    | 'thermostatRatingC'
    | 'systemRatingKPa'
    | 'capacityLitres'
    | 'fanOnC'
    | 'fanOffC'
    | 'secondFanOnC'
    | 'stopLimitC'
  label: string
  kind: 'temperature' | 'pressure' | 'volume'
  min: number
  max: number
  /** where it mostly lies */
  usual?: ParseLimits
}
/** Parts whose fields stand at another one. */
export const SAME_PLACE: Partial<Record<Part, Part>> = {
  'heater-hoses': 'heater-core',
  'upper-hose': 'radiator',
  'lower-hose': 'radiator',
  'bypass-hose': 'engine',
}

/** What can be chosen and what is typed on each part of the loop, in the reader's words. */
export function profileFields(say: Say) {
  const yesNo = [
    { value: 'yes', text: say('profile.yes') },
    { value: 'no', text: say('profile.no') },
  ]
  const flag = (key: Key, label: string): Choice => ({ key, label, options: yesNo })
  const choices: Partial<Record<Part, Choice[]>> = {
    thermostat: [
      {
        key: 'thermostatSide',
        label: say('profile.whereItSits'),
        options: [
          { value: 'outlet', text: say('profile.engineOutlet') },
          { value: 'inlet', text: say('profile.engineInlet') },
        ],
      },
      flag('mapThermostat', say('profile.mapControlled')),
      flag('heatModule', say('profile.heatManagementModule')),
    ],
    'expansion-tank': [
      {
        key: 'vessel',
        label: say('profile.vessel'),
        options: [
          { value: 'pressurised-tank', text: say('profile.pressurisedTank') },
          { value: 'overflow-bottle', text: say('profile.overflowBottle') },
        ],
      },
      {
        key: 'coolant',
        label: say('profile.coolant'),
        options: [
          { value: 'ethylene-glycol', text: say('profile.ethyleneGlycol') },
          { value: 'propylene-glycol', text: say('profile.propyleneGlycol') },
          { value: 'water', text: say('profile.water') },
        ],
      },
    ],
    fan: [
      {
        key: 'fan',
        label: say('profile.fan'),
        options: [
          { value: 'engine-driven', text: say('profile.engineDrivenFan') },
          { value: 'viscous-clutch', text: say('profile.viscousClutch') },
          { value: 'electric-relay', text: say('profile.electricRelay') },
          { value: 'electric-module', text: say('profile.electricModule') },
          { value: 'thermo-switch', text: say('profile.thermoSwitch') },
        ],
      },
      flag('electroViscous', say('profile.clutchControlledElectrically')),
    ],
    pump: [
      {
        key: 'pumpDrive',
        label: say('profile.drivenBy'),
        options: [
          { value: 'accessory-belt', text: say('profile.accessoryBelt') },
          { value: 'timing-belt', text: say('profile.timingBelt') },
          { value: 'gear', text: say('profile.gear') },
          { value: 'electric', text: say('profile.electricMotor') },
        ],
      },
      flag('switchablePump', say('profile.canBeSwitchedOff')),
    ],
    engine: [
      {
        key: 'engineOrientation',
        label: say('profile.stands'),
        options: [
          { value: 'lengthwise', text: say('profile.lengthwise') },
          { value: 'crosswise', text: say('profile.crosswise') },
        ],
      },
      flag('heavyDiesel', say('profile.heavyDiesel')),
    ],
    'heater-core': [
      flag('rearHeater', say('profile.rearHeater')),
      flag('heaterValve', say('profile.heaterValve')),
      flag('auxHeaterPump', say('profile.auxiliaryPump')),
    ],
    radiator: [
      flag('transmissionCooler', say('profile.gearboxCoolerInIt')),
      flag('grilleShutter', say('profile.grilleShutter')),
    ],
    'oil-cooler': [flag('oilCooler', say('profile.oilCoolerOnTheCoolant'))],
    'egr-cooler': [flag('egrCooler', say('profile.egrCooler'))],
    'turbo-line': [flag('turboCooled', say('profile.coolantCooledTurbo'))],
  }
  const figures: Partial<Record<Part, Figure[]>> = {
    thermostat: [
      {
        key: 'thermostatRatingC',
        label: say('profile.rating'),
        kind: 'temperature',
        min: 50,
        max: 130,
      },
      {
        key: 'stopLimitC',
        label: say('profile.stopsRunAt'),
        kind: 'temperature',
        min: 80,
        max: 140,
      },
    ],
    'expansion-tank': [
      {
        key: 'capacityLitres',
        label: say('profile.coolantInTheSystem'),
        kind: 'volume',
        min: 1,
        max: 200,
      },
    ],
    fan: [
      { key: 'fanOnC', label: say('profile.startsAt'), kind: 'temperature', min: 60, max: 130 },
      { key: 'fanOffC', label: say('profile.stopsAt'), kind: 'temperature', min: 60, max: 130 },
      {
        key: 'secondFanOnC',
        label: say('profile.secondStartsAt'),
        kind: 'temperature',
        min: 60,
        max: 130,
      },
    ],
    cap: [
      {
        key: 'systemRatingKPa',
        label: say('profile.theSystemIsMadeFor'),
        kind: 'pressure',
        min: 10,
        max: 250,
        usual: USUAL_RATING_KPA,
      },
    ],
  }
  const isFlag = (c: Choice) => c.options === yesNo
  return { choices, figures, yesNo, isFlag }
}

/** Fields that are typed beside those that stand at a part. */
const BESIDE = {
  caps: 'profile.caps',
  cylinders: 'profile.cylinders',
  glycolVolumeFraction: 'profile.glycol',
  coolDownMinutes: 'profile.coolDown',
  yearBuilt: 'profile.yearBuilt',
  kilometres: 'profile.distance',
  figuresFrom: 'profile.figuresFrom',
} as const satisfies Partial<Record<Key, string>>
const isBeside = (key: Key): key is keyof typeof BESIDE => key in BESIDE

/** What a field of the profile is called where its part is not before the reader's eyes. */
export function fieldNames(say: Say, partName: (part: Part) => string): (key: Key) => string {
  const { choices, figures } = profileFields(say)
  const names = new Map<Key, string>()
  for (const [part, fields] of [...Object.entries(choices), ...Object.entries(figures)])
    for (const { key, label } of fields) names.set(key, `${partName(part as Part)}: ${label}`)
  return (key) => (isBeside(key) ? say(BESIDE[key]) : (names.get(key) ?? key))
}
