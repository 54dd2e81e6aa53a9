/** What several checks say. */
export const NOTES: Readonly<Record<string, string>> = {
  'note.clutchOnPlainFan':
    'The profile says this fan turns with the engine: there is no clutch to test. Look at the profile.',
  'note.circuitOnViscousFan':
    'The profile says this fan is driven by the engine: an electric fan circuit does not belong to it. Look at the profile.',
  'note.clutchOnElectricFan':
    'The profile says this fan is electric: there is no clutch to test. Look at the profile.',
  'note.coldCheckHot':
    'A cold check, recorded {minutes, plural, one {# minute} other {# minutes}} after the engine last ran: the result is of a warm system.',
  'note.noSuchCylinder':
    'Cylinder {cylinder} of an engine with {cylinders}: this reading is not used.',
  'note.sensorMayBeDry':
    'Level low and a cool, steady reading: the sensor may be out of the liquid. It says nothing until the level is right.',
  'note.held.cap': 'Boiling is reckoned with {held}: the cap was found to hold no more.',
  'note.held.system': 'Boiling is reckoned with {held}: the system was seen to hold no more.',
  'note.held.assumed':
    'What the system holds is not known: boiling is reckoned with {held}. Test the cap.',
  'note.unitSlip':
    'The two agree after one is converted: probably one temperature in two units. Which is it?',
  'fan.pass.acOnly': 'with air conditioning on: temperature control, other speeds, the other fan',
  'gasTest.pass.smallOrLoad': 'a small leak at idle, or one that opens only under load',
  'device.coolant-pump': 'coolant pump',
  'device.switchable-pump': 'switchable pump',
  'device.heat-module': 'heat-management module',
  'device.map-thermostat': 'map thermostat',
  'device.aux-heater-pump': 'auxiliary heater pump',
  'device.heater-valve': 'heater valve',
  'device.grille-shutter': 'grille shutter',
  'device.fan-clutch': 'fan clutch',
  'device.blend-door': 'blend door',
  'device.oil-cooler': 'oil cooler',
  'device.gearbox-cooler': 'gearbox cooler',
  'device.egr-cooler': 'EGR cooler',
  'device.injector-sleeve': 'injector sleeve',
  'device.liner': 'liner',
  'device.air-compressor': 'air compressor',
  'says.speeds.all': 'All speeds of the fan are there',
  'says.speeds.one-missing': 'One speed of the fan is missing',
  'says.scanSide.low':
    'The scan tool is the lower of the two, and a second thermometer seldom tells more than there is',
  'says.scanSide.high': 'The scan tool is the higher of the two',
  'says.scanAgainstSecond':
    'Scan tool reads {way, select, at {the same as} above {{difference} above} other {{difference} below}} the second source',
  'says.fanNever': 'Fan did not start',
  'says.fanCools.yes': 'Temperature falls once the fan runs',
  'says.fanCools.no': 'The fan runs and the temperature does not fall',
  'says.pressureAtSixty': '{pressure} already at {temperature}',
  'says.levelLate': 'Level rises by {rate} late in the run',
  'says.creep': 'Level rose {rise}; {rate} at the end',
  'assumes.halfGlycol':
    'Boiling points are reckoned for half-and-half glycol: the system profile does not say how much.',
}
