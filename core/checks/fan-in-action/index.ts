import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseFanAction } from './analysis'
import { fanActionSigns } from './signs'

export const fanInActionCheck = perRecord(
  'fan-in-action',
  'fan-in-action.watch',
  (record, context, source) => {
    const figures = analyseFanAction(record)
    const facts: string[] = []
    if (figures.placeHot > 0.8 && record.switchingPlace) facts.push('switching-place-hot')
    if (figures.state === 'works') facts.push('fan-works')
    if (figures.state === 'always-on') facts.push('fan-always-shown')
    const notes = figures.state === 'not-called-for' ? [message('fan.notCalledFor')] : []
    if (context.profile.fan === 'viscous-clutch') notes.push(message('note.circuitOnViscousFan'))
    return {
      figures,
      states: [figures.state],
      facts,
      notes,
      signs: fanActionSigns(source, record, figures),
      doesNotProve: [message('fan.pass.acOnly')],
      cautions: [message('caution.fansStart')],
    }
  },
)
