import type { CheckWords } from './check-words'

export const coldSoak: CheckWords = {
  name: 'Sensors, cold',
  why: 'The sensor against the morning air.',
  states: {
    agrees: 'The sensor agrees.',
    biased: 'The sensor is off.',
    doubtful: 'Nearly: the block may not have stood in the air that was measured.',
    'not-soaked': 'Not stood long enough to judge.',
    'nothing-to-compare': 'Nothing to compare with yet.',
    'resistance-right': 'The sensor’s resistance is right.',
    'resistance-doubtful': 'The sensor’s resistance lies just beside its range.',
    'resistance-off': 'The sensor’s resistance is not what it should be.',
    'signal-right': 'The sensor’s signal is right.',
    'signal-doubtful': 'The sensor’s signal lies just beside its range.',
    'signal-off': 'The sensor’s signal is not what it should be.',
  },
  panel: {
    'cold-soak.beforeAnyStartAfterHours':
      'Before any start, after {soak_hours} hours or more: every sensor should read the morning air.',
    'cold-soak.coolantSensorAgainstTheAir': 'Coolant sensor against the air',
    'cold-soak.theyAgreeWhenTheyLie':
      'They agree when they lie within {agrees_within_k} of each other.',
    'cold-soak.theSensorByItself': 'The sensor by itself, plug pulled',
    'form.cold-soak.measuredOhm': 'Resistance measured',
    'form.cold-soak.at': 'Sensor is at',
    'form.cold-soak.specifiedFromOhm': 'Maker’s table, from',
    'form.cold-soak.specifiedToOhm': 'Maker’s table, to',
    'cold-soak.itsSignal': 'Its signal, plug in',
    'form.cold-soak.measuredVolts': 'Signal measured',
    'form.cold-soak.specifiedFromVolts': 'Maker’s table, from',
    'form.cold-soak.specifiedToVolts': 'Maker’s table, to',
    'cold-soak.stoodFor': 'Stood for',
    'cold-soak.coolantScanTool': 'Coolant, scan tool',
    'cold-soak.airOutside': 'Air outside',
    'cold-soak.intakeAirScanTool': 'Intake air, scan tool',
    'cold-soak.scanTool': 'Scan tool',
    'cold-soak.airMeasuredWith': 'Air measured with',
    'cold-soak.readingWhilePlugAndWire': 'Reading while plug and wire are moved',
    'cold-soak.steady': 'Steady',
    'cold-soak.jumps': 'Jumps',
    'cold-soak.notTried': 'Not tried',
    'cold-soak.keepTheComparison': 'Keep the comparison',
    'cold-soak.takeItBack': 'Take it back',
    'cold-soak.coolantSensor': 'Coolant sensor',
    'cold-soak.intakeAir': 'Intake air',
    'cold-soak.sayHowManyHoursIt':
      'Say how many hours it stood: a warm engine agrees with nothing.',
    'cold-soak.typeTheCoolantSensorsReading':
      'Type the coolant sensor’s reading from the scan tool.',
    'cold-soak.typeTheAirOutsideOr':
      'Type the air outside, or the intake-air sensor, to compare with.',
  },
  sentences: {
    'coldSoak.pass.hot': 'a sensor that fails only hot',
    'coldSoak.shortSoak':
      'Stood for less than {hours, plural, one {# hour} other {# hours}}: the block is still warm, and this counts little.',
    'coldSoak.lookAtTheWiring':
      'The sensor itself is right at this temperature. If what it tells is not, look at plug, wire and ground.',
    'says.resistance.right': 'The sensor’s resistance is what it should be',
    'says.resistance.warmer': 'By its resistance the sensor reads {off} too warm',
    'says.resistance.colder': 'By its resistance the sensor reads {off} too cold',
    'says.coldSoak':
      'Coolant sensor reads {way, select, at {the same as} above {{difference} above} other {{difference} below}} the air after {hours, plural, one {# hour} other {# hours}}',
    'coldSoak.signalOff':
      'The signal is wrong for {at}. Sensor, wire, ground or supply: pull the plug and measure the sensor’s resistance, then the supply at the plug.',
    'says.signal.right': 'The sensor’s signal is what it should be',
    'says.signal.colder': 'The sensor’s signal stands for a colder engine than there is',
    'says.signal.warmer': 'The sensor’s signal stands for a warmer engine than there is',
    'says.wiring.steady': 'Reading steady while the wiring is moved',
    'says.wiring.jumps': 'Reading jumps when the wiring is moved',
  },
}
