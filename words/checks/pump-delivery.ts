import type { CheckWords } from './check-words'

export const pumpDelivery: CheckWords = {
  name: 'Pump delivery',
  why: 'What the pump makes.',
  sentences: {
    'delivery.missing.static':
      'Static pressure not measured: pressure by itself proves nothing about the pump.',
    'delivery.missing.speed': 'Engine speed not recorded: pressure cannot be compared.',
    'delivery.missing.specification': 'No specification: pressure cannot be compared.',
    'delivery.missing.specified-speed-only':
      'This specification includes the static pressure: it holds at its own speed only.',
    'delivery.cool':
      'Measured cool: with the thermostat shut the pressure before it reads high. Repeat it hot.',
    'delivery.pass.notFlow': 'flow: pressure can be good against a blocked radiator',
    'says.delivery': 'Pump makes {percent} % of what is specified',
    'says.returnStream.strong': 'Strong return stream',
    'says.returnStream.weak': 'Weak return stream',
    'says.returnStream.none': 'No return stream',
    'says.lowerHose.round': 'Lower hose stays round when revved',
    'says.lowerHose.flat': 'Lower hose drawn flat when revved',
  },
}
