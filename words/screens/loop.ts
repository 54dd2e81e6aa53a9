export const LOOP: Readonly<Record<string, string>> = {
  'loop.loop-drawing.theCoolingLoopOfThis': 'The cooling loop of this vehicle',
  'loop.loop-drawing.thermostat': 'Thermostat',
  'loop.loop-drawing.state':
    '{state, select, good {tested good} dry {looked at, dry} wet {wet} suspected {suspected, {chance}} other {not looked at}}',
  'loop.fitting.rear-heater': 'Rear heater',
}
