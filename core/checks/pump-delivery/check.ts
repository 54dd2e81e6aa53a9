import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseDelivery } from './analysis'
import { deliverySigns } from './signs'
import { pumpDelivery } from './record'

export const pumpDeliveryCheck = defineCheck({
  id: 'pump-delivery',
  records: { 'pump-delivery.test': pumpDelivery },
  phase: 'hot',
  minutes: 12,
  sides: ['flow'],
  signs: these('delivery', 'lower-hose-flat'),
  cautions: ['raisedSpeed'],
  doesNotProve: ['delivery.pass.notFlow'],
  shows: ['lower-hose-flat', 'pump-delivers', 'pump-delivers-little'],
  judge: {
    'pump-delivery.test': (record, _, { source }) => {
      const figures = analyseDelivery(record)
      const facts = figures.state === 'delivers' ? ['pump-delivers'] : []
      if (figures.state === 'weak' || figures.state === 'none') facts.push('pump-delivers-little')
      if (record.lowerHose === 'flat') facts.push('lower-hose-flat')
      return {
        figures,
        states: [figures.state, ...(record.lowerHose === 'flat' ? ['suction-hose-flat'] : [])],
        facts,
        signs: deliverySigns(source, record, figures),
        notes: [
          ...figures.missing.map((what) => message(`delivery.missing.${what}`)),
          ...(figures.cool ? [message('delivery.cool')] : []),
          ...(figures.otherTemperature ? [message('delivery.otherTemperature')] : []),
        ],
      }
    },
  },
})
