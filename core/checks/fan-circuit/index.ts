import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseFanCircuit } from './analysis'
import { fanCircuitSigns } from './signs'

export const fanCircuitCheck = perRecord(
  'fan-circuit',
  'fan-circuit.walk',
  (record, context, source) => {
    const figures = analyseFanCircuit(record)
    const facts: string[] = []
    if (figures.switchingPlaceHot) facts.push('switching-place-hot')
    if (record.bridged === 'runs') facts.push('fan-bridged-runs')
    if (figures.breaks.includes('motor')) facts.push('fan-fed-dead')
    if (record.supplyVolts !== undefined && record.groundDropVolts !== undefined)
      facts.push('fan-plug-measured')
    if (record.airDirection === 'wrong') facts.push('fan-wrong-way')
    const notes =
      record.command === 'absent' && !figures.switchingPlaceHot
        ? [message('fanCircuit.placeNotHot')]
        : []
    if (context.profile.fan === 'viscous-clutch') notes.push(message('note.circuitOnViscousFan'))
    return {
      figures,
      states: figures.breaks.length > 0 ? figures.breaks : ['no-break-found'],
      facts,
      notes,
      signs: fanCircuitSigns(source, record, figures),
      doesNotProve: [message('fanCircuit.pass.intermittent')],
      cautions: [message('caution.fansStart'), message('caution.fusedFeed')],
    }
  },
)
