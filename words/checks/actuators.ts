import type { CheckWords } from './check-words'

export const actuators: CheckWords = {
  name: 'Commanded devices',
  why: 'Commanded against actual.',
  states: {
    'not-asked': 'Commanded too little to tell: command more.',
    follows: 'It follows the command.',
    stuck: 'It does not follow the command.',
    'not-supplied': 'It gets no supply.',
    'not-calibrated': 'Not calibrated: it cannot be judged yet.',
    'not-shown': 'What it did was not seen.',
  },
  panel: {
    'form.actuators.device': 'What was commanded',
    'form.actuators.device.coolant-pump': 'Electric pump',
    'form.actuators.device.switchable-pump': 'Switchable pump',
    'form.actuators.device.heat-module': 'Thermal module',
    'form.actuators.device.map-thermostat': 'Map thermostat',
    'form.actuators.device.aux-heater-pump': 'Auxiliary heater pump',
    'form.actuators.device.heater-valve': 'Heater valve',
    'form.actuators.device.grille-shutter': 'Grille shutter',
    'form.actuators.device.fan-clutch': 'Fan clutch',
    'form.actuators.device.blend-door': 'Blend door',
    'form.actuators.commandedPercent': 'Commanded',
    'form.actuators.actualPercent': 'Actual',
    'form.actuators.actualPercent.none': 'Nothing moved',
    'form.actuators.actualPercent.not-shown': 'Not shown',
    'form.actuators.supplyVolts': 'Supply',
    'form.actuators.calibrated': 'Calibrated',
    'form.actuators.highVoltageLoopIdentified': 'High-voltage loop identified',
  },
  sentences: {
    'device.pass.flow': 'the flow itself',
    'says.device.follows': 'Follows its command: {device}',
    'says.device.not': 'Does not follow its command: {device}',
    'says.device.notSupplied': 'Has no supply: {device}',
  },
}
