import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { defineCheck, these } from '../define-check'
import { analyseColdSoak } from './analysis'
import { coldSoakSigns } from './signs'
import { coldSoak, sensorResistance, sensorVoltage } from './record'
import { analyseResistance, resistanceSigns } from './resistance'
import { analyseVoltage, voltageSigns } from './voltage'

export const coldSoakCheck = defineCheck({
  id: 'cold-soak',
  records: {
    'cold-soak.test': coldSoak,
    'cold-soak.resistance': sensorResistance,
    'cold-soak.voltage': sensorVoltage,
  },
  phase: 'cold',
  minutes: 4,
  sides: ['reading'],
  signs: these('sensor-off-cold', 'wiring-bad', 'sensor-resistance-off'),
  readsBeside: ['scan-reads-low'],
  doesNotProve: ['coldSoak.pass.hot'],
  shows: ['sensor-resistance-off', 'wiring-good', 'wiring-jumps'],
  judge: {
    'cold-soak.test': (record, _, { source }) => {
      const figures = analyseColdSoak(record)
      return {
        figures,
        states: [figures.state],
        facts:
          record.wiring === 'not-known'
            ? []
            : [record.wiring === 'jumps' ? 'wiring-jumps' : 'wiring-good'],
        signs: coldSoakSigns(source, record, figures),
        notes: figures.soaked ? [] : [message('coldSoak.shortSoak', { hours: 8 })],
      }
    },
    'cold-soak.resistance': (record, _, { source }) => {
      const figures = analyseResistance(record)
      return {
        figures,
        states: [figures.state],
        facts: figures.state === 'resistance-off' ? ['sensor-resistance-off'] : [],
        signs: resistanceSigns(source, figures),
        notes: figures.state === 'resistance-right' ? [message('coldSoak.lookAtTheWiring')] : [],
        heatMatters: false,
      }
    },
    'cold-soak.voltage': (record, _, { source }) => {
      const figures = analyseVoltage(record)
      return {
        figures,
        states: [figures.state],
        signs: voltageSigns(source, figures),
        notes:
          figures.state === 'signal-off'
            ? [
                message('coldSoak.signalOff', {
                  at: { kind: 'temperature', coreValue: correctedValue(record.at) },
                }),
              ]
            : [],
        heatMatters: false,
      }
    },
  },
})
