import type { CheckWords } from './check-words'

export const heater: CheckWords = {
  name: 'Heater hoses',
  why: 'Two hoses and a vent tell the side.',
  sentences: {
    'heater.engineNotMeasured':
      'Engine temperature by a second source not measured: cold hoses may be a cold engine.',
    'heater.atIdle':
      'Measured at idle: repeat it at fast idle, where the pump brings the heater more.',
    'heater.dieselIdles': 'A modern diesel may not warm at idle and be right.',
    'heater.pass.idleOnly': 'the heater at the other speed',
    'says.heaterInlet': 'Heater inlet {temperature}',
    'says.heaterDrop': 'Heater outlet {drop} below its inlet',
    'says.ventBelow': 'Vent {difference} below the inlet hose',
    'says.sidesDiffer': 'Vents differ by {difference}',
    'says.air.strong': 'Strong air at the vents',
    'says.air.weak': 'Weak air at the vents',
    'says.direction.right': 'Heater hoses the right way round',
    'says.direction.exchanged': 'Heater hoses exchanged',
  },
}
