import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseFanByHand } from './analysis'
import { fanByHandSigns } from './signs'

export const fanByHandCheck = perRecord(
  'fan-by-hand',
  'fan-by-hand.test',
  (record, context, source) => {
    const states = analyseFanByHand(record, context.policy)
    const facts =
      record.drag === 'free'
        ? ['clutch-cold-free']
        : record.drag === 'seized'
          ? ['clutch-cold-seized']
          : []
    if (record.blades === 'damaged') facts.push('blades-broken')
    return {
      figures: record.freeTurns === undefined ? {} : { freeTurns: record.freeTurns },
      states,
      facts,
      signs: fanByHandSigns(source, record),
      doesNotProve: [message('fanByHand.pass.hot')],
      cautions: [message('caution.engineOffKeyOut')],
      notes: [
        ...(context.profile.fan !== undefined &&
        context.profile.fan !== 'unknown' &&
        context.profile.fan !== 'viscous-clutch'
          ? [message('note.clutchOnElectricFan')]
          : []),
        ...((record.drag === 'free' || record.drag === 'some') &&
        context.policy.clutchColdNormal === 'either'
          ? [message(`fanByHand.cold.${record.drag}`)]
          : []),
      ],
    }
  },
)
