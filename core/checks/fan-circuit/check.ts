import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseFanCircuit, type CircuitBreak, type CircuitLink } from './analysis'
import { fanCircuitSigns } from './signs'
import { fanCircuit } from './record'

/** What is shown of a link that is found broken. */
const SHOWN_BROKEN: Readonly<Partial<Record<CircuitBreak, string>>> = {
  feed: 'fan-feed-missing',
  relay: 'fan-relay-failed',
  ground: 'fan-ground-lost',
  motor: 'fan-fed-dead',
  speeds: 'fan-speed-missing',
}

const BREAK_OF: Readonly<Record<CircuitLink, CircuitBreak>> = {
  fuse: 'feed',
  wire: 'feed',
  relay: 'relay',
  motor: 'motor',
  ground: 'ground',
  control: 'control',
}

export const fanCircuitCheck = defineCheck({
  id: 'fan-circuit',
  records: { 'fan-circuit.walk': fanCircuit },
  phase: 'cold',
  minutes: 20,
  needs: { fan: ['electric-relay', 'electric-module', 'thermo-switch'] },
  sides: ['air'],
  signs: these(
    'fan-feed-dead',
    'fan-fuse-blown',
    'fan-relay-fails',
    'fan-command-missing',
    'fan-bridged-runs',
    'fan-bridged-dead',
    'fan-ground-bad',
    'fan-fed-dead',
    'fan-speed-missing',
    'fan-wrong-way',
  ),
  cautions: ['fansStart'],
  doesNotProve: ['fanCircuit.pass.intermittent'],
  locates: {
    faults: [
      'fan-motor-dead',
      'fan-feed-lost',
      'fan-relay-dead',
      'fan-ground-bad',
      'fan-module-dead',
      'fan-switch-dead',
    ],
    says: message('locate.link'),
  },
  shows: [
    'fan-bridged-runs',
    'fan-fed-dead',
    'fan-feed-missing',
    'fan-ground-lost',
    'fan-plug-measured',
    'fan-relay-failed',
    'fan-speed-missing',
    'fan-wrong-way',
    'switching-place-hot',
  ],
  judge: {
    'fan-circuit.walk': (record, context, { source }) => {
      const ownElectronics =
        context.profile.fan === 'electric-module' || record.ownElectronics === true
      const figures = analyseFanCircuit(record, ownElectronics)
      const facts: string[] = []
      if (figures.switchingPlaceHot) facts.push('switching-place-hot')
      if (record.bridged === 'runs' && record.command !== 'present') facts.push('fan-bridged-runs')
      // What is missing behind a relay that fails or is not called, or arrives once bridged, is no feed that is lost.
      const feedMayWait =
        record.relay === 'fails' || record.bridged === 'runs' || record.command === 'absent'
      facts.push(
        ...figures.breaks
          .filter((link) => link !== 'feed' || record.fuse === 'blown' || !feedMayWait)
          .flatMap((link) => SHOWN_BROKEN[link] ?? []),
      )
      if (record.supplyVolts !== undefined && record.groundDropVolts !== undefined)
        facts.push('fan-plug-measured')
      if (record.airDirection === 'wrong') facts.push('fan-wrong-way')
      const notes =
        record.command === 'absent' && !figures.switchingPlaceHot
          ? [message('fanCircuit.placeNotHot')]
          : []
      const { fan } = context.profile
      if (fan === 'viscous-clutch' || fan === 'engine-driven')
        notes.push(message('note.circuitOnViscousFan'))
      return {
        figures,
        states:
          figures.breaks.length > 0
            ? figures.breaks
            : [figures.byElimination ? BREAK_OF[figures.byElimination] : 'no-break-found'],
        facts,
        notes,
        cautions: [message(ownElectronics ? 'caution.ownElectronics' : 'caution.fusedFeed')],
        signs: fanCircuitSigns(source, record, figures),
      }
    },
  },
})
