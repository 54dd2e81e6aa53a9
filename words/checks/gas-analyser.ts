import type { CheckWords } from './check-words'

export const gasAnalyser: CheckWords = {
  name: 'Gas by analyser',
  why: 'Hydrocarbons over the neck.',
  states: {
    positive: 'Combustion gas over the neck.',
    doubtful: 'Doubtful: repeat it hot, under load.',
    'negative-valid': 'No gas, and the test was good.',
    'negative-invalid': 'No gas found, and the test proves nothing.',
  },
  panel: {
    'form.gas-analyser.figure.aboveBackgroundPpm': 'Above background',
    'form.gas-analyser.hcPpm': 'Hydrocarbons',
    'form.gas-analyser.backgroundHcPpm': 'Background before',
    'form.gas-analyser.co2Percent': 'Carbon dioxide',
    'form.gas-analyser.engine': 'Engine',
    'form.gas-analyser.thermostatOpen': 'Thermostat open',
    'form.gas-analyser.load': 'Engine ran',
    'form.gas-analyser.load.idle': 'At idle',
    'form.gas-analyser.load.raised-speed': 'At raised speed',
    'form.gas-analyser.load.after-load-run': 'After a load run',
  },
  sentences: {
    'analyser.backgroundAssumed': 'Background not measured: 20 ppm taken.',
    'says.analyser': 'Analyser {ppm} ppm above background',
  },
}
