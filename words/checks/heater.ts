import type { CheckWords } from './check-words'

export const heater: CheckWords = {
  name: 'Heater hoses',
  why: 'Two hoses and a vent tell the side.',
  states: {
    works: 'Heater works.',
    'air-side': 'Hoses hot, air cold: the air side.',
    'core-or-valve': 'Core or valve holds the flow back.',
    'no-flow': 'No hot coolant reaches the heater.',
    'engine-cool': 'The engine itself is cool.',
    'one-side': 'One side is cold.',
    'not-judged': 'Not judged.',
  },
  panel: {
    'form.heater.figure.dropK': 'Drop across the core',
    'form.heater.figure.inletBelowEngineK': 'Inlet below the engine',
    'form.heater.figure.ventBelowInletK': 'Vent below the inlet',
    'form.heater.inlet': 'Inlet hose',
    'form.heater.outlet': 'Outlet hose',
    'form.heater.ventLeft': 'Left vent',
    'form.heater.ventRight': 'Right vent',
    'form.heater.engine': 'Engine, by a second source',
    'form.heater.engineRpm': 'Engine speed',
    'form.heater.level': 'Coolant level',
    'form.heater.setting': 'Heater set',
    'form.heater.setting.full-hot': 'Full hot',
    'form.heater.setting.other': 'Otherwise',
    'form.heater.air': 'Air at the vents',
    'form.heater.air.strong': 'Strong',
    'form.heater.air.weak': 'Weak',
    'form.heater.air.not-felt': 'Not felt',
    'form.heater.direction': 'Hoses on their pipes',
    'form.heater.direction.right': 'Right way round',
    'form.heater.direction.exchanged': 'Swapped',
  },
  sentences: {
    'heater.engineNotMeasured':
      'Engine temperature by a second source not measured: cold hoses may be a cold engine.',
    'heater.atIdle':
      'Measured at idle: repeat it at fast idle, where the pump sends more through the heater.',
    'heater.dieselIdles': 'A modern diesel may stay cool at idle and be in order.',
    'heater.pass.idleOnly': 'the heater at the other speed',
    'says.heaterInlet': 'Heater inlet {temperature}',
    'says.heaterDrop': 'Heater outlet {drop} below its inlet',
    'says.ventBelow':
      'Vent {way, select, at {as hot as} above {{difference} above} other {{difference} below}} the inlet hose',
    'says.sidesDiffer': 'Vents differ by {difference}',
    'says.air.strong': 'Strong air at the vents',
    'says.air.weak': 'Weak air at the vents',
    'says.direction.right': 'Heater hoses the right way round',
    'says.direction.exchanged': 'Heater hoses swapped',
  },
}
