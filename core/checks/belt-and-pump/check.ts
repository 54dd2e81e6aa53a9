import { defineCheck, these } from '../define-check'
import { analyseDrive } from './analysis'
import { driveSigns } from './signs'
import { beltAndPump } from './record'

export const beltAndPumpCheck = defineCheck({
  id: 'belt-and-pump',
  records: { 'belt-and-pump.look': beltAndPump },
  phase: 'cold',
  minutes: 5,
  sides: ['flow'],
  signs: these('belt-slips', 'pump-still', 'belt-misrouted', 'pulley-play', 'bearing-rough'),
  cautions: ['engineOffKeyOut'],
  doesNotProve: ['drive.pass.impeller'],
  shows: ['bearing-rough', 'belt-misrouted', 'drive-seen', 'drive-turning'],
  judge: {
    'belt-and-pump.look': (record, _, { source }) => {
      const states = analyseDrive(record)
      const facts: string[] = []
      if (record.pumpTurns === 'yes') facts.push('drive-turning')
      if (states.includes('slipping') || states.includes('still')) facts.push('drive-seen')
      if (record.bearing === 'rough') facts.push('bearing-rough')
      if (record.routing === 'wrong') facts.push('belt-misrouted')
      return {
        states,
        facts,
        signs: driveSigns(source, record),
      }
    },
  },
})
