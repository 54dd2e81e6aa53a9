import type { CheckWords } from './check-words'

export const pumpDelivery: CheckWords = {
  name: 'Pump delivery',
  why: 'What the pump makes.',
  states: {
    delivers: 'Pump delivers.',
    weak: 'Pump is weak.',
    none: 'Pump moves nothing.',
    'not-judged': 'Not judged.',
    'suction-hose-flat': 'Suction hose collapses.',
  },
  panel: {
    'form.pump-delivery.figure.share': 'Of what is specified',
    'form.pump-delivery.figure.madeKPa': 'Made by the pump',
    'form.pump-delivery.port': 'Pressure at the port',
    'form.pump-delivery.static': 'Static pressure, engine stopped',
    'form.pump-delivery.engineRpm': 'Engine speed',
    'form.pump-delivery.coolant': 'Coolant',
    'form.pump-delivery.specified.pressure': 'Specified pressure',
    'form.pump-delivery.specified.rpm': 'Specified at',
    'form.pump-delivery.specified.coolant': 'Specified for a coolant of',
    'form.pump-delivery.specified.includesStatic': 'Specification includes the static pressure',
    'form.pump-delivery.returnStream': 'Return stream seen',
    'form.pump-delivery.returnStream.strong': 'Strong',
    'form.pump-delivery.returnStream.weak': 'Weak',
    'form.pump-delivery.returnStream.none': 'None',
    'form.pump-delivery.lowerHose': 'Lower hose when revved',
    'form.pump-delivery.lowerHose.round': 'Stays round',
    'form.pump-delivery.lowerHose.flat': 'Collapses',
  },
  sentences: {
    'delivery.missing.static':
      'Static pressure not measured: pressure by itself proves nothing about the pump.',
    'delivery.missing.speed': 'Engine speed not recorded: pressure cannot be compared.',
    'delivery.missing.specification': 'No specification: pressure cannot be compared.',
    'delivery.missing.specified-speed-only':
      'This specification includes the static pressure: it holds at its own speed only.',
    'delivery.missing.specified-temperature':
      'For which coolant temperature the figure is specified is not recorded: the static pressure in it goes with it.',
    'delivery.otherTemperature':
      'Measured at another coolant temperature than the figure is specified for.',
    'delivery.cool':
      'Measured cool: with the thermostat shut the pressure before it reads high. Repeat it hot.',
    'delivery.pass.notFlow': 'flow: pressure can be good against a blocked radiator',
    'says.delivery': 'Pump makes {percent} % of what is specified',
    'says.returnStream.strong': 'Strong return stream',
    'says.returnStream.weak': 'Weak return stream',
    'says.returnStream.none': 'No return stream',
    'says.lowerHose.round': 'Lower hose stays round when revved',
    'says.lowerHose.flat': 'Lower hose collapses when revved',
  },
}
