import { figure, answer, button, row, rowMore, KEEP, verdict, type Panel } from './commonest'

/** Of the checks of a hot engine, of the bench and after a repair. */
export const HOT: readonly Panel[] = [
  {
    check: 'warm-up-run',
    entered: [
      answer('Air conditioning', 'Off'),
      answer('Fan is watched', 'Yes'),
      button('Begin the run'),
      { at: (page) => page.getByRole('button', { name: 'It ran before' }) },
      figure('It shows', '19'),
      button('Keep the reading'),
    ],
    told: (_, panel) => panel.getByRole('radio', { name: 'Scan tool 19 °C' }),
  },
  {
    check: 'felt-by-hand',
    entered: [
      answer('Engine', 'Too hot'),
      answer('Upper hose', 'Cold'),
      answer('Lower hose', 'Cold'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'sensor-agreement',
    entered: [
      figure('Scan tool says', '118'),
      figure('Second source says', '92'),
      answer('Second source', 'Contact probe'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'fan-in-action',
    entered: [
      figure('Hottest at its switch', '106'),
      figure('Should start at', '95'),
      answer('Air conditioning', 'Off'),
      answer('Fan ran', 'No'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'clutch-hot',
    entered: [
      figure('Turns after switch-off', '9'),
      answer('Drag by hand, just stopped', 'None'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'heater',
    entered: [figure('Inlet hose', '86'), figure('Outlet hose', '48'), KEEP],
    told: verdict,
  },
  {
    check: 'radiator-survey',
    entered: [
      figure('Inlet', '88'),
      figure('Outlet', '70'),
      answer('Thermostat open', 'Shown'),
      answer('Fan', 'Off'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'pump-delivery',
    entered: [
      answer('Return stream seen', 'Weak'),
      answer('Lower hose when revved', 'Stays round'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'chemical-gas-test',
    entered: [answer('Fluid', 'Stayed the same'), answer('Engine ran', 'At idle'), KEEP],
    told: verdict,
  },
  {
    check: 'gas-analyser',
    entered: [
      figure('Hydrocarbons', '640'),
      figure('Background before', '15'),
      answer('Engine ran', 'At raised speed'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'running-pressure',
    entered: [
      ...row({ After: '0', Coolant: '15', Pressure: '0' }),
      ...rowMore({ After: '240', Coolant: '45', Pressure: '5' }),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'level-creep',
    entered: [
      answer('Bubbles', 'None'),
      ...row({ After: '0', Level: '0' }),
      ...rowMore({ After: '10', Level: '14' }),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'load-run',
    entered: [
      button('Add a row'),
      answer('Road', 'Climb'),
      figure('For', '12'),
      figure('On average', '96'),
      figure('At most', '116'),
      answer('Air conditioning', 'Off'),
      answer('Heater', 'Off'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'actuators',
    entered: [
      answer('What was commanded', 'Grille shutter'),
      figure('Commanded', '80'),
      figure('Supply', '12.4'),
      answer('Actual', 'Nothing moved'),
      answer('Calibrated', 'Yes'),
      answer('High-voltage loop identified', 'Does not apply'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'thermostat-bath',
    entered: [
      figure('Stamped on it', '88'),
      figure('This engine asks for', '88'),
      answer('Starts to open at', 'Never opened'),
      figure('Bath at its hottest', '99'),
      answer('In the housing', 'A thermostat'),
      answer('When cold', 'Shut'),
      answer('Bath of', 'Water'),
      answer('Read with', 'Probe in the liquid'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'pump-off',
    entered: [answer('Impeller', 'Loose on the shaft'), answer('Shaft', 'No play'), KEEP],
    told: verdict,
  },
  {
    check: 'radiator-flow',
    entered: [answer('Water poured in', 'Backs up'), KEEP],
    told: verdict,
  },
  {
    check: 'teardown',
    entered: [
      answer('What is measured', 'Head'),
      figure('Maker’s limit', '0.05'),
      ...row({ Along: '120', Across: '0', Gap: '0.18' }),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'refill',
    entered: [
      answer('Filled', 'By vacuum'),
      answer('Air out', 'Shown'),
      answer('The complaint', 'Is still there'),
      KEEP,
    ],
    told: verdict,
  },
  {
    check: 'level-follow-up',
    entered: [figure('Days after', '7'), answer('Level now', 'At the mark'), KEEP],
    told: verdict,
  },
]
