import { defineCheck, these } from '../define-check'
import { coolerSigns } from './signs'
import { coolerTest } from './record'

const PROVEN = {
  'oil-cooler': 'oil-cooler-fails',
  'gearbox-cooler': 'gearbox-cooler-fails',
  'egr-cooler': 'egr-cooler-fails',
  'injector-sleeve': 'sleeve-leaks',
  liner: 'sump-drip',
  'air-compressor': 'compressor-gas',
} as const

export const coolerTestCheck = defineCheck({
  id: 'cooler-test',
  records: { 'cooler-test.test': coolerTest },
  phase: 'bench',
  minutes: 25,
  apartMinutes: 40,
  sides: ['leak'],
  signs: these(
    'oil-cooler-fails',
    'gearbox-cooler-fails',
    'egr-cooler-fails',
    'sleeve-leaks',
    'sump-drip',
    'compressor-gas',
  ),
  cautions: ['hold'],
  doesNotProve: ['cooler.pass.hot'],
  shows: [
    'compressor-gas',
    'egr-cooler-fails',
    'gearbox-cooler-fails',
    'oil-cooler-excluded',
    'oil-cooler-fails',
    'sleeve-leaks',
    'sump-drip',
  ],
  judge: {
    'cooler-test.test': (test, _, { source }) => ({
      figures: { which: test.which },
      states: [test.result],
      signs: coolerSigns(source, test),
      facts:
        test.result === 'leaks'
          ? [PROVEN[test.which]]
          : test.which === 'oil-cooler'
            ? ['oil-cooler-excluded']
            : [],
    }),
  },
})
