import { expect, test } from '@playwright/test'
import { complaint, open, press, verdict } from './panel-steps'
import { allSent, enter, radio, settled } from './steps'

/** A minute a row: the engine warms evenly, the radiator's side from the sixteenth minute on. */
const LOG = [
  'Time (s),Coolant temp (°C),Engine hose (°C),Radiator hose (°C)',
  ...Array.from({ length: 26 }, (_, minute) => {
    const engine = Math.min(92, 16 + minute * 4.6)
    const radiator = minute < 16 ? 16 + minute * 0.3 : Math.min(80, 21 + (minute - 15) * 16)
    return [minute * 60, engine, engine - 3, radiator].map((n) => n.toFixed(1)).join(',')
  }),
].join('\n')

/** What is done on a running engine, on the road and on the bench, once by touch and once by keyboard. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('the heater on a hot engine: started first, measured, corrected, repeated, taken back', async ({
      page,
    }) => {
      await enter(page, 'oren', '/new')
      await complaint(page, 'No heat', `Warm by ${mode}`, mode)
      await open(page, 'heater', mode)
      const panel = page.locator('[data-panel=heater]')
      await press(panel.getByRole('button', { name: 'Start the engine' }), mode)
      await press(page.getByRole('button', { name: 'Started: engine runs' }), mode)
      await expect(panel.getByRole('button', { name: 'Start the engine' })).toBeHidden()

      await page.getByLabel('Inlet hose').fill('86')
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(page.getByRole('alert')).toHaveText('Still to fill in: Outlet hose.')
      await page.getByLabel('Outlet hose').fill('48')
      await page.getByLabel('Engine, by a second source').fill('88')
      await press(radio(page, 'Heater set', 'Full hot'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toHaveText('Core or valve holds the flow back.')
      await expect(panel.getByText('Drop across the core')).toBeVisible()
      await allSent(page)

      await page.getByLabel('Outlet hose').fill('78')
      await press(page.getByRole('button', { name: 'Correct it' }), mode)
      await page.getByLabel('Left vent').fill('21')
      await press(page.getByRole('button', { name: 'Correct it' }), mode)
      await expect(verdict(page)).toHaveText('Hoses hot, air cold: the air side.')
      await allSent(page)
      await page.reload()
      await expect(verdict(page)).toHaveText('Hoses hot, air cold: the air side.')
      await expect(page.getByLabel('Outlet hose')).toHaveValue('78')

      await press(page.getByRole('button', { name: 'Do it once more' }), mode)
      await expect(page.getByLabel('Outlet hose')).toHaveValue('')
      await page.getByLabel('Inlet hose').fill('45')
      await page.getByLabel('Outlet hose').fill('40')
      await page.getByLabel('Engine, by a second source').fill('88')
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toHaveText('No hot coolant reaches the heater.')
      await press(page.getByRole('button', { name: 'Take it back' }), mode)
      await expect(verdict(page)).toHaveText('Hoses hot, air cold: the air side.')
      await allSent(page)
    })

    test('a run from a log, a core with a cold patch, a test for gas that proves nothing, a drive and a bath', async ({
      page,
    }) => {
      await enter(page, 'oren', '/new')
      await complaint(page, 'Overheats', `Run by ${mode}`, mode)
      await open(page, 'warm-up-run', mode)
      await press(radio(page, 'Air conditioning', 'Off'), mode)
      await press(radio(page, 'Fan is watched', 'Yes'), mode)
      await press(page.getByRole('button', { name: 'Begin the run' }), mode)
      await press(page.getByRole('button', { name: 'It ran before' }), mode)
      await page.getByLabel('It shows').fill('19')
      await press(page.getByRole('button', { name: 'Keep the reading' }), mode)
      await expect(page.getByRole('radio', { name: 'Scan tool 19 °C' })).toBeVisible()
      if (mode === 'keyboard') {
        // Stopped on the rail, the engine's run stands still; it goes on when the engine does.
        const keep = page.getByRole('button', { name: 'Keep the reading' })
        const rail = page.locator('.rail')
        await press(rail.getByRole('button', { name: 'Start the engine' }), mode)
        await press(page.getByRole('button', { name: 'Started: engine runs' }), mode)
        await press(rail.getByRole('button', { name: 'Engine stopped' }), mode)
        await expect(keep).toBeHidden()
        await press(rail.getByRole('button', { name: 'Start the engine' }), mode)
        await press(page.getByRole('button', { name: 'Started: engine runs' }), mode)
        await expect(keep).toBeVisible()
      }
      const file = (name: string, text: string) => ({
        name,
        mimeType: 'text/csv',
        buffer: Buffer.from(text),
      })
      const log = page.locator('input[type=file][accept*=csv]')
      const columns = page.getByRole('region', { name: 'What each column of the log is' })
      const takeIn = columns.getByRole('button', { name: 'Take in the log' })
      await log.setInputFiles(file('bad.csv', 'a,b\nx,y\nz,w'))
      await press(takeIn, mode)
      await expect(page.getByRole('alert')).toContainText('No column of this file looks like time')
      await press(columns.getByRole('button', { name: 'Leave it' }), mode)
      await expect(columns).toBeHidden()
      if (mode === 'touch') await log.setInputFiles(file('run.csv', LOG))
      else {
        // A log in other words: each column is named by hand, one of them twice at first.
        await log.setInputFiles(file('odd.csv', LOG.replace(/^.*\n/, 'T1,A1,A2,A3\n')))
        const name = async (column: string, what: string) => {
          await columns.getByRole('group', { name: column }).getByLabel('It is').press('Enter')
          await page.getByRole('option', { name: what, exact: true }).click()
          await expect(page.locator('.v-select__content')).toHaveCount(0)
        }
        for (const [column, what] of [
          ['T1', 'Time'],
          ['A1', 'Scan tool'],
          ['A2', 'Scan tool'],
          ['A3', 'Hose, radiator side'],
        ] as const)
          await name(column, what)
        await press(takeIn, mode)
        await expect(page.getByRole('alert')).toContainText('Two columns cannot both be')
        await name('A2', 'Hose, engine side')
        await press(takeIn, mode)
        await expect(columns).toBeHidden()
      }
      await expect(verdict(page)).toContainText('Thermostat opened.')
      await expect(page.getByText('Engine when it opened')).toBeVisible()
      await settled(page)

      await open(page, 'radiator-survey', mode)
      await page.getByLabel('Inlet', { exact: true }).fill('88')
      await page.getByLabel('Outlet', { exact: true }).fill('70')
      const grid = page.getByLabel('Face of the core')
      await grid.fill('82 83 81 82\n81 82 x 80')
      await expect(page.getByText('Type numbers with blanks between them.')).toBeVisible()
      if (mode === 'keyboard') await grid.fill('82 83 81 82\n81 82 80 80\n80 79 40 41\n78 77 39 40')
      else {
        // Walked with the gun: a figure, and on; one is taken back and read again.
        await grid.fill('')
        await press(page.getByRole('button', { name: 'Walk across it, point by point' }), mode)
        const walk = page.getByRole('region', { name: 'Walk across it, point by point' })
        await walk.getByLabel('Points across').fill('4')
        await walk.getByLabel('Points across').press('Tab')
        const read = async (celsius: number) => {
          await walk.getByLabel('It reads').fill(`${celsius}`)
          await walk.getByLabel('It reads').press('Enter')
        }
        for (const c of [82, 83, 81, 82, 81, 82, 80, 80, 80, 79, 40, 41, 78, 77, 39, 99])
          await read(c)
        await expect(walk.getByRole('status')).toHaveText('Every point is read.')
        await press(walk.getByRole('button', { name: 'Back one' }), mode)
        await expect(walk.getByRole('status')).toContainText('row 4, point 4')
        await read(40)
        await press(page.getByRole('button', { name: 'Close the walk' }), mode)
        await expect(grid).toHaveValue('82 83 81 82\n81 82 80 80\n80 79 40 41\n78 77 39 40')
      }
      await press(radio(page, 'Thermostat open', 'Shown'), mode)
      await press(radio(page, 'Fan', 'Off'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toHaveText('Parts of the core are cold: blocked.')
      await expect(page.getByText('The face of the core, rows from the top')).toBeVisible()

      await open(page, 'chemical-gas-test', mode)
      await press(radio(page, 'Fluid', 'Stayed the same'), mode)
      await press(radio(page, 'Engine ran', 'At idle'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toHaveText('No change, and the test proves nothing.')

      await open(page, 'load-run', mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(page.getByRole('alert')).toHaveText('Still to fill in: Stretches of the road.')
      await press(page.getByRole('button', { name: 'Add a row' }), mode)
      await press(radio(page, 'Road', 'Climb'), mode)
      await page.getByLabel('For', { exact: true }).fill('12')
      await page.getByLabel('On average').fill('96')
      await page.getByLabel('At most').fill('116')
      await press(radio(page, 'Air conditioning', 'Off'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(page.getByRole('alert')).toHaveText('Row 1 still lacks: Heater.')
      await press(radio(page, 'Heater', 'Off'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toHaveText('Hot climbing.')

      await open(page, 'thermostat-bath', mode)
      await page.getByLabel('Stamped on it').fill('88')
      await page.getByLabel('This engine asks for').fill('88')
      await press(radio(page, 'Starts to open at', 'Never opened'), mode)
      await page.getByLabel('Bath at its hottest').fill('99')
      for (const [group, answer] of [
        ['In the housing', 'A thermostat'],
        ['When cold', 'Shut'],
        ['Bath of', 'Water'],
        ['Read with', 'Probe in the liquid'],
      ] as const)
        await press(radio(page, group, answer), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toContainText('Stuck shut.')
      await settled(page)
      await allSent(page)
    })
  })
}
