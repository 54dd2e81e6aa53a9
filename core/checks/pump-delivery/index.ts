import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseDelivery } from './analysis'
import { deliverySigns } from './signs'

export const pumpDeliveryCheck = perRecord(
  'pump-delivery',
  'pump-delivery.test',
  (record, _, source) => {
    const figures = analyseDelivery(record)
    const facts = figures.state === 'delivers' ? ['pump-delivers'] : []
    if (record.lowerHose === 'flat') facts.push('lower-hose-flat')
    return {
      figures,
      states: [figures.state, ...(record.lowerHose === 'flat' ? ['suction-hose-flat'] : [])],
      facts,
      signs: deliverySigns(source, record, figures),
      notes: figures.missing.map((what) => message(`delivery.missing.${what}`)),
      doesNotProve: [message('delivery.pass.notFlow')],
      cautions: [message('caution.raisedSpeed')],
    }
  },
)
