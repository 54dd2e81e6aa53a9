import { expect, test, type Page } from '@playwright/test'
import { complaint, type Mode, open, press, verdict } from './panel-steps'
import { allSent, enter, radio, settled } from './steps'

/** What is entered in a panel: a figure by its label, an answer by its question, or a row of a list. */
type Entry =
  | { label: string; figure: string }
  | { group: string; answer: string }
  | { row: Readonly<Record<string, string>> }

/** A panel that is a form of its record: what is entered, what it comes to, and what a correction makes of it. */
interface Panel {
  check: string
  entered: readonly Entry[]
  says: string
  corrected: Entry
  saysThen: string
}

const figure = (label: string, typed: string): Entry => ({ label, figure: typed })
const row = (figures: Readonly<Record<string, string>>): Entry => ({ row: figures })
const answer = (group: string, chosen: string): Entry => ({ group, answer: chosen })

const HOT: readonly Panel[] = [
  {
    check: 'sensor-agreement',
    entered: [
      figure('Scan tool says', '118'),
      figure('Second source says', '92'),
      answer('Second source', 'Contact probe'),
      answer('Engine hot by hand and hose', 'Yes'),
      answer('Coolant level', 'Full'),
    ],
    says: 'The sensor does not read true.',
    corrected: figure('Scan tool says', '93'),
    saysThen: 'The sensor reads true.',
  },
  {
    check: 'fan-in-action',
    entered: [
      answer('Air conditioning', 'Off'),
      answer('Fan ran', 'No'),
      figure('Hottest at its switch', '106'),
      figure('Should start at', '95'),
    ],
    says: 'Fan never starts, though it should.',
    corrected: figure('Hottest at its switch', '80'),
    saysThen: 'It was not hot enough to be called for.',
  },
  {
    check: 'clutch-hot',
    entered: [
      answer('Drag by hand, just stopped', 'None'),
      figure('Turns after switch-off', '9'),
      answer('Roars when hot', 'No'),
      figure('Air behind the radiator', '82'),
    ],
    says: 'Clutch slips hot.',
    corrected: answer('Roars when hot', 'Always, cold too'),
    saysThen: 'Free by hand and roaring do not go together.',
  },
  {
    check: 'running-pressure',
    entered: [
      row({ After: '0', Coolant: '15', Pressure: '0' }),
      row({ After: '240', Coolant: '45', Pressure: '5' }),
      row({ After: '480', Coolant: '62', Pressure: '70' }),
      answer('Adapter’s relief at or below the cap', 'Yes'),
      answer('Level before', 'At the mark'),
    ],
    says: 'Pressure rises before it is warm.',
    corrected: figure('Coolant', '95'),
    saysThen: 'Pressure follows the temperature.',
  },
  {
    check: 'level-creep',
    entered: [
      row({ After: '0', Level: '0' }),
      row({ After: '10', Level: '14' }),
      row({ After: '20', Level: '18' }),
      row({ After: '30', Level: '19' }),
      row({ After: '40', Level: '19' }),
      answer('Bubbles', 'None'),
      answer('It began', 'At the mark'),
    ],
    says: 'Level rises and holds: normal.',
    corrected: answer('Bubbles', 'Without end'),
    saysThen: 'It bubbles without end.',
  },
  {
    check: 'gas-analyser',
    entered: [
      figure('Hydrocarbons', '640'),
      figure('Background before', '15'),
      figure('Carbon dioxide', '3.1'),
      figure('Engine', '92'),
      answer('Thermostat open', 'Shown'),
      answer('Engine ran', 'At raised speed'),
    ],
    says: 'Combustion gas over the neck.',
    corrected: figure('Hydrocarbons', '16'),
    saysThen: 'Doubtful: repeat it hot, under load.',
  },
  {
    check: 'pump-delivery',
    entered: [
      figure('Pressure at the port', '150'),
      figure('Static pressure, engine stopped', '60'),
      figure('Engine speed', '3000'),
      figure('Specified pressure', '95'),
      figure('Specified at', '3000'),
      answer('Specification includes the static pressure', 'No'),
      figure('Coolant', '90'),
      figure('Specified for a coolant of', '90'),
    ],
    says: 'Pump delivers.',
    corrected: figure('Pressure at the port', '85'),
    saysThen: 'Pump is weak.',
  },
  {
    check: 'actuators',
    entered: [
      answer('What was commanded', 'Grille shutter'),
      figure('Commanded', '80'),
      answer('Actual', 'Nothing moved'),
      figure('Supply', '12.4'),
      answer('Calibrated', 'Yes'),
      answer('High-voltage loop identified', 'Does not apply'),
    ],
    says: 'It does not follow the command.',
    corrected: figure('Supply', '0.2'),
    saysThen: 'It gets no supply.',
  },
]

const OPENED: readonly Panel[] = [
  {
    check: 'pump-off',
    entered: [answer('Impeller', 'Loose on the shaft'), answer('Shaft', 'No play')],
    says: 'Impeller is loose on its shaft.',
    corrected: answer('Impeller', 'Sound'),
    saysThen: 'Impeller is sound.',
  },
  {
    check: 'radiator-flow',
    entered: [
      answer('Water poured in', 'Backs up'),
      answer('Looked in from the tanks', 'Both clear'),
    ],
    says: 'Water backs up: the core is restricted.',
    corrected: answer('Water poured in', 'Runs out as fast'),
    saysThen: 'Water runs through freely.',
  },
  {
    check: 'teardown',
    entered: [
      answer('What is measured', 'Head'),
      row({ Along: '120', Across: '0', Gap: '0.18' }),
      figure('Maker’s limit', '0.05'),
      answer('It overheated', 'Yes'),
    ],
    says: 'Face is out of true.',
    corrected: figure('Maker’s limit', '0.3'),
    saysThen: 'Face is flat.',
  },
  {
    check: 'refill',
    entered: [
      answer('Filled', 'By vacuum'),
      figure('Went in', '6.2'),
      answer('Air out', 'Shown'),
      answer('The complaint', 'Is still there'),
    ],
    says: 'Full, and the air is out.',
    corrected: answer('Air out', 'Not shown'),
    saysThen: 'Full; not shown that the air is out.',
  },
  {
    check: 'level-follow-up',
    entered: [figure('Days after', '7'), answer('Level now', 'At the mark')],
    says: 'Level stands at the mark.',
    corrected: answer('Level now', 'Lower'),
    saysThen: 'Level has fallen.',
  },
]

/** Enters one thing; gives the taps that it took. */
async function put(page: Page, check: string, entry: Entry, mode: Mode): Promise<number> {
  const panel = page.locator(`[data-panel="${check}"]`)
  if ('figure' in entry) {
    // Of a list: the last row's.
    await panel.getByLabel(entry.label, { exact: true }).last().fill(entry.figure)
    return 1
  }
  if ('group' in entry) {
    await press(radio(page, entry.group, entry.answer), mode)
    return 1
  }
  await press(panel.getByRole('button', { name: 'Add a row' }), mode)
  const figures = Object.entries(entry.row)
  for (const [label, typed] of figures)
    await panel.getByLabel(label, { exact: true }).last().fill(typed)
  return 1 + figures.length
}

/** Keeps, corrects, reads again after a reload, and takes back what a panel is for. */
async function whole(page: Page, { check, entered, says, corrected, saysThen }: Panel, mode: Mode) {
  await open(page, check, mode)
  let taps = 1
  for (const entry of entered) taps += await put(page, check, entry, mode)
  await press(page.getByRole('button', { name: 'Keep it' }), mode)
  await expect(verdict(page)).toContainText(says)
  console.log(`${check} by ${mode}: kept after ${taps + 1} taps`)
  await put(page, check, corrected, mode)
  await press(page.getByRole('button', { name: 'Correct it' }), mode)
  await expect(verdict(page)).toContainText(saysThen)
  await settled(page)
  await press(page.getByRole('button', { name: 'Take it back' }), mode)
  await expect(verdict(page)).toBeHidden()
}

for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    for (const [what, panels] of [
      ['on a hot engine', HOT],
      ['on the bench and after the repair', OPENED],
    ] as const)
      test(`${what}: ${panels.map(({ check }) => check).join(', ')}`, async ({ page }) => {
        await enter(page, 'oren', '/new')
        await complaint(page, 'Overheats', `${what}, by ${mode}`, mode)
        for (const panel of panels) await whole(page, panel, mode)
        await allSent(page)
      })
  })
}
