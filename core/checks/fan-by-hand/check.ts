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
  signs: these(
    'clutch-free-cold',
    'clutch-seized',
    'clutch-streaks',
    'pulley-play',
    'bearing-rough',
  ),
  cautions: ['engineOffKeyOut'],
  doesNotProve: ['fanByHand.pass.hot'],
  shows: ['blades-broken', 'clutch-cold-free', 'clutch-cold-seized', 'bearing-rough'],
  judge: {
    'fan-by-hand.test': (record, context, { source }) => {
      const { fan } = context.profile
      const states = analyseFanByHand(record, context.policy)
      const facts =
        record.drag === 'free'
          ? ['clutch-cold-free']
          : record.drag === 'seized'
            ? ['clutch-cold-seized']
            : []
      if (record.blades === 'damaged') facts.push('blades-broken')
      if (record.rocking === 'pulley-too') facts.push('bearing-rough')
      return {
        figures: record.freeTurns === undefined ? {} : { freeTurns: record.freeTurns },
        states,
        facts,
        signs: fanByHandSigns(source, record),
        notes: [
          ...(fan !== undefined && fan !== 'not-known' && fan !== 'viscous-clutch'
            ? [
                message(
                  fan === 'engine-driven' ? 'note.clutchOnPlainFan' : 'note.clutchOnElectricFan',
                ),
              ]
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
