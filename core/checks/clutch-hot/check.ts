import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseClutch } from './analysis'
import { clutchSigns } from './signs'
import { clutchHot } from './record'

export const clutchHotCheck = defineCheck({
  id: 'clutch-hot',
  records: { 'clutch-hot.test': clutchHot },
  phase: 'hot',
  minutes: 5,
  needs: { fan: ['viscous-clutch'] },
  sides: ['air'],
  signs: these('clutch-slips-hot', 'clutch-locked'),
  cautions: ['engineOffBeforeHand'],
  doesNotProve: ['clutch.pass.cold'],
  shows: ['clutch-hot-locked', 'clutch-hot-slips'],
  judge: {
    'clutch-hot.test': (record, context, { source }) => {
      const figures = analyseClutch(record, context.policy)
      const facts =
        figures.state === 'slips'
          ? ['clutch-hot-slips']
          : figures.state === 'locked'
            ? ['clutch-hot-locked']
            : []
      const fan = context.profile.fan
      return {
        figures,
        states: [figures.state],
        facts,
        signs: clutchSigns(source, record, figures, context.policy.clutchTurnsAfterSwitchOff),
        notes: [
          ...(figures.state === 'contradicts' ? [message('clutch.contradicts')] : []),
          ...(fan !== undefined && fan !== 'not-known' && fan !== 'viscous-clutch'
            ? [
                message(
                  fan === 'engine-driven' ? 'note.clutchOnPlainFan' : 'note.clutchOnElectricFan',
                ),
              ]
            : []),
        ],
      }
    },
  },
})
