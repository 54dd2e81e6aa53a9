import { message } from '../../message'
import { perRecord } from '../outcome'
import { coolerSigns } from './signs'

const PROVEN = {
  'oil-cooler': 'oil-cooler-fails',
  'gearbox-cooler': 'gearbox-cooler-fails',
  'egr-cooler': 'egr-cooler-fails',
  'injector-sleeve': 'sleeve-leaks',
  liner: 'sump-drip',
  'air-compressor': 'compressor-gas',
} as const

export const coolerTestCheck = perRecord('cooler-test', 'cooler-test.test', (test, _, source) => ({
  figures: { which: test.which },
  states: [test.result],
  signs: coolerSigns(source, test),
  doesNotProve: [message('cooler.pass.hot')],
  cautions: [message('caution.hold')],
  facts:
    test.result === 'leaks'
      ? [PROVEN[test.which]]
      : test.which === 'oil-cooler'
        ? ['oil-cooler-excluded']
        : [],
}))
