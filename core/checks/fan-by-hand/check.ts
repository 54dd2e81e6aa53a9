import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseFanByHand } from './analysis'
import { fanByHandSigns } from './signs'
import { fanByHand } from './record'

export const fanByHandCheck = defineCheck({
  id: 'fan-by-hand',
  records: { 'fan-by-hand.test': fanByHand },
  phase: 'cold',
  minutes: 3,
  needs: { fan: ['viscous-clutch'] },
  sides: ['air'],
  signs: these('clutch-free-cold', 'clutch-seized', 'clutch-streaks', 'pulley-play'),
  cautions: ['engineOffKeyOut'],
  doesNotProve: ['fanByHand.pass.hot'],
  shows: ['blades-broken', 'clutch-cold-free', 'clutch-cold-seized'],
  judge: {
    'fan-by-hand.test': (record, context, { source }) => {
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
        notes: [
          ...(context.profile.fan !== undefined &&
          context.profile.fan !== 'not-known' &&
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
  },
})
