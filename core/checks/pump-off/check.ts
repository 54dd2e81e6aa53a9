import { defineCheck, these } from '../define-check'
import { pumpOffSigns } from './signs'
import { pumpOff } from './record'

export const pumpOffCheck = defineCheck({
  id: 'pump-off',
  records: { 'pump-off.look': pumpOff },
  phase: 'bench',
  minutes: 10,
  apartMinutes: 110,
  sides: ['flow'],
  signs: these('impeller-bad', 'pump-seal-worn', 'bearing-rough'),
  doesNotProve: ['pumpOff.pass.hotSlip'],
  shows: ['bearing-rough', 'impeller-seen-bad'],
  judge: {
    'pump-off.look': (record, _, { source }) => ({
      states: [
        `impeller-${record.impeller === 'not-known' ? 'not-looked-at' : record.impeller}`,
        ...(record.seal === 'worn' ? ['seal-worn'] : []),
        ...(record.shaftPlay === 'play' ? ['bearing-worn'] : []),
      ],
      signs: pumpOffSigns(source, record),
      facts: [
        ...(record.impeller === 'sound' || record.impeller === 'not-known'
          ? []
          : ['impeller-seen-bad']),
        ...(record.shaftPlay === 'play' ? ['bearing-rough'] : []),
      ],
    }),
  },
})
