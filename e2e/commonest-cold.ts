import { figure, answer, button, part, verdict, shows, type Panel } from './commonest'

/** Of the checks of a cold engine, in the order in which they are walked. */
export const COLD: readonly Panel[] = [
  {
    check: 'interview',
    entered: [
      {
        at: (_, panel) =>
          panel
            .getByRole('region', { name: 'Ask next' })
            .getByRole('radio', { name: 'No' })
            .first(),
      },
    ],
    told: (_, panel) =>
      panel.getByRole('region', { name: 'Ask next' }).getByRole('radiogroup').first(),
  },
  {
    check: 'level-and-condition',
    entered: [answer('Level, cold', 'Low')],
    told: verdict,
  },
  {
    check: 'look-round',
    entered: [
      {
        at: (page) =>
          page
            .getByRole('region', { name: 'Front' })
            .getByRole('button', { name: 'All the rest dry' }),
      },
    ],
    told: (page) => page.getByRole('region', { name: 'Front' }).getByText('all looked at'),
  },
  {
    check: 'mix',
    entered: [figure('Antifreeze', '30'), button('Keep the reading')],
    told: verdict,
  },
  {
    check: 'cap',
    entered: [
      figure('Marked', '103'),
      figure('Opens at', '105'),
      figure('A minute after', '101'),
      button('Keep the cap test'),
    ],
    told: shows('Good.'),
  },
  {
    check: 'tester-self-check',
    entered: [
      figure('Pumped to', '100'),
      figure('Then shows', '100'),
      button('Keep the self-check'),
    ],
    told: shows('Sound.'),
  },
  {
    check: 'pressure-hold',
    entered: [
      answer('Level in the system', 'Near full, marked'),
      button('Pumped up: start the clock'),
    ],
    told: (_, panel) => panel.getByTestId('add-reading'),
  },
  {
    check: 'clean-and-dry',
    entered: [button('All joints wiped')],
    told: shows(/^(\d+) of \1 wiped/),
  },
  {
    check: 'leak-trace',
    entered: [
      {
        at: (page) =>
          page.locator('[data-place]').first().getByRole('radio', { name: 'Seen issuing' }),
      },
    ],
    told: verdict,
  },
  {
    check: 'cranking-rise',
    entered: [figure('Cranked for', '5'), figure('After', '3'), button('Keep the run')],
    told: verdict,
  },
  {
    check: 'endoscope',
    entered: [part('[data-cylinder="2"]'), answer('Cylinder 2 looks', 'Coolant in it')],
    told: verdict,
  },
  {
    check: 'vacuum-decay',
    entered: [
      figure('Vacuum drawn', '-80'),
      figure('At the end', '-60'),
      figure('Stood for', '10'),
      button('Keep the vacuum test'),
    ],
    told: verdict,
  },
  {
    check: 'fan-by-hand',
    entered: [answer('Push the fan: how does it turn, cold?', 'Does not slip')],
    told: verdict,
  },
  {
    check: 'belt-and-pump',
    entered: [answer('Belt: glazed, slack, or slipping', 'Slips much')],
    told: verdict,
  },
  {
    check: 'cold-soak',
    entered: [
      figure('Coolant, scan tool', '21'),
      figure('Stood for', '12'),
      figure('Air outside', '6'),
      button('Keep the comparison'),
    ],
    told: verdict,
  },
  {
    check: 'fan-circuit',
    entered: [
      figure('Temperature there', '98'),
      figure('It should switch at', '96'),
      button('Keep'),
    ],
    told: verdict,
  },
  {
    check: 'cylinder-leakage',
    entered: [
      part('[data-cylinder="3"]'),
      figure('Cylinder 3 leaks', '45'),
      answer('Bubbles in the neck', 'Bubbles'),
      button('Keep cylinder 3'),
    ],
    told: verdict,
  },
  { check: 'cooler-test', entered: [answer('Oil cooler', 'Tight')], told: verdict },
]
