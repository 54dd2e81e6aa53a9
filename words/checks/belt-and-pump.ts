import type { CheckWords } from './check-words'

export const beltAndPump: CheckWords = {
  name: 'Belt and pump',
  why: 'Does it turn at all.',
  states: {
    'drive-good': 'The drive turns the pump.',
    slipping: 'The belt slips.',
    still: 'The pump stands still.',
    bearing: 'A pulley wobbles.',
    misrouted: 'The belt runs the wrong way.',
  },
  sentences: {
    'drive.pass.impeller': 'the impeller inside',
    'says.pumpTurns.yes': 'Pump turns with the engine',
    'says.pumpTurns.no': 'Pump does not turn',
    'says.beltSlip.none': 'Belt does not slip',
    'says.beltSlip.some': 'Belt slips a little',
    'says.beltSlip.much': 'Belt slips',
    'says.wobble.none': 'Pulley runs true',
    'says.wobble.wobbles': 'Pulley wobbles',
    'says.routing.right': 'Belt runs as in the diagram',
    'says.routing.wrong': 'Belt runs the pump the wrong way',
  },
}
