import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseClutch } from './analysis'
import { clutchSigns } from './signs'

export const clutchHotCheck = perRecord(
  'clutch-hot',
  'clutch-hot.test',
  (record, context, source) => {
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
      cautions: [message('caution.engineOffBeforeHand')],
      notes:
        fan !== undefined && fan !== 'unknown' && fan !== 'viscous-clutch'
          ? [message('note.clutchOnElectricFan')]
          : [],
      doesNotProve: [message('clutch.pass.cold')],
    }
  },
)
