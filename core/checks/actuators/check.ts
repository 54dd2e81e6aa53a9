import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseActuator, isShownBad } from './analysis'
import { actuatorSigns } from './signs'
import { actuatorTest, type ActuatorTest } from './record'

const SHOWN_BAD: Readonly<Record<ActuatorTest['device'], string>> = {
  'coolant-pump': 'pump-command-fails',
  'switchable-pump': 'pump-switch-fails',
  'heat-module': 'module-command-fails',
  'map-thermostat': 'map-heater-dead',
  'grille-shutter': 'shutter-shut',
  'fan-clutch': 'clutch-command-fails',
  'aux-heater-pump': 'aux-pump-fails',
  'heater-valve': 'valve-command-fails',
  'blend-door': 'door-command-fails',
}

export const actuatorsCheck = defineCheck({
  id: 'actuators',
  records: { 'actuators.test': actuatorTest },
  phase: 'hot',
  minutes: 10,
  sides: ['flow', 'air', 'reading'],
  signs: these(
    'pump-command',
    'pump-switch',
    'module-command',
    'map-heater-dead',
    'aux-pump-still',
    'valve-command',
    'shutter-shut',
    'clutch-command',
    'door-command',
  ),
  doesNotProve: ['device.pass.flow'],
  shows: [
    'aux-pump-fails',
    'clutch-command-fails',
    'door-command-fails',
    'drive-turning',
    'map-heater-dead',
    'module-command-fails',
    'pump-command-fails',
    'pump-switch-fails',
    'shutter-shut',
    'valve-command-fails',
  ],
  judge: {
    'actuators.test': (record, _, { source }) => {
      const figures = analyseActuator(record)
      const facts = isShownBad(record) ? [SHOWN_BAD[record.device]] : []
      if (record.device === 'coolant-pump' && figures.state === 'follows')
        facts.push('drive-turning')
      const cautions =
        record.highVoltageLoopIdentified === 'no' ? [message('caution.highVoltageLoop')] : []
      return {
        figures,
        states: [figures.state],
        facts,
        cautions,
        signs: actuatorSigns(source, record, figures),
      }
    },
  },
})
