import type { CheckWords } from './check-words'

export const coolerTest: CheckWords = {
  name: 'Coolers by themselves',
  why: 'Isolated one by one.',
  states: {
    leaks: 'Leaks.',
    tight: 'Tight.',
  },
  panel: {
    'cooler-test.cutEachOffFromThe':
      'Cut each off from the loop, press it by itself, and say what it did.',
    'cooler-test.leaks': 'Leaks',
    'cooler-test.tight': 'Tight',
    'cooler-test.takeItBack': 'Take it back',
    'cooler-test.pressedWatching': 'Pressed, watching',
    'cooler-test.oilCooler': 'Oil cooler',
    'cooler-test.gearboxCooler': 'Gearbox cooler',
    'cooler-test.egrCooler': 'EGR cooler',
    'cooler-test.injectorSleeve': 'Injector sleeve',
    'cooler-test.liner': 'Liner',
    'cooler-test.airCompressor': 'Air compressor',
  },
  sentences: {
    'cooler.pass.hot': 'a cooler that leaks only hot',
    'says.cooler.leaks': 'Leaks when tested alone: {which}',
    'says.cooler.tight': 'Tight when tested alone: {which}',
  },
}
