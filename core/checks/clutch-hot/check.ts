import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseClutch, type ClutchAnalysis } from './analysis'
import { clutchSigns } from './signs'
import { clutchHot } from './record'

const FACT_OF: Partial<Record<ClutchAnalysis['state'], string>> = {
  slips: 'clutch-hot-slips',
  locked: 'clutch-hot-locked',
  // It grips when it is hot: of a fan that turns with the engine that is all there is to it.
  grips: 'fan-works',
}

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
  shows: ['clutch-hot-locked', 'clutch-hot-slips', 'fan-works'],
  judge: {
    'clutch-hot.test': (record, context, { source }) => {
      const figures = analyseClutch(record, context.policy)
      const fact = FACT_OF[figures.state]
      const fan = context.profile.fan
      return {
        figures,
        states: [figures.state],
        facts: fact ? [fact] : [],
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
