import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseDrive } from './analysis'
import { driveSigns } from './signs'

export const beltAndPumpCheck = perRecord(
  'belt-and-pump',
  'belt-and-pump.look',
  (record, _, source) => {
    const states = analyseDrive(record)
    const facts: string[] = []
    if (record.pumpTurns === 'yes') facts.push('drive-turning')
    if (states.includes('slipping') || states.includes('still')) facts.push('drive-seen')
    if (record.routing === 'wrong') facts.push('belt-misrouted')
    return {
      states,
      facts,
      signs: driveSigns(source, record),
      doesNotProve: [message('drive.pass.impeller')],
      cautions: [message('caution.engineOffKeyOut')],
    }
  },
)
