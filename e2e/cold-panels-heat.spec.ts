import { expect, test } from '@playwright/test'
import { complaint, open, press, verdict } from './panel-steps'
import { allSent, enter, radio } from './steps'

/** Every cold panel through the real interface, once by touch on a phone and once by keyboard on a laptop. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('overheating: fan and pump by hand, sensors cold, circuit walk, leakage, coolers, and the warning before a start', async ({
      page,
    }) => {
      test.setTimeout(150_000)
      await enter(page, 'oren', '/new')
      await complaint(page, 'Overheats', `Hot by ${mode}`, mode)

      await open(page, 'fan-by-hand', mode)
      await press(radio(page, 'Push the fan: how does it turn, cold?', 'Does not slip'), mode)
      await expect(verdict(page)).toHaveText('Clutch seized.')
      await page.getByLabel('Turns after a push').fill('900')
      await expect(page.getByRole('alert')).toContainText(
        'Turns after a push lies between 0 and 50',
      )

      await open(page, 'belt-and-pump', mode)
      await press(radio(page, 'Belt: glazed, slack, or slipping', 'Slips much'), mode)
      await expect(verdict(page)).toHaveText('The belt slips.')

      await open(page, 'cold-soak', mode)
      await page.getByLabel('Coolant, scan tool').fill('21')
      await press(page.getByRole('button', { name: 'Keep the comparison' }), mode)
      await expect(page.getByRole('alert')).toContainText('Say how many hours it stood')
      await page.getByLabel('Stood for').fill('12')
      await page.getByLabel('Air outside').fill('6')
      await press(page.getByRole('button', { name: 'Keep the comparison' }), mode)
      await expect(verdict(page)).toHaveText('The sensor is off.')
      const soak = page.locator('[data-panel=cold-soak]')
      await soak.locator('summary', { hasText: 'Its signal, plug in' }).click()
      const signal = soak.locator('details', { hasText: 'Its signal, plug in' })
      await signal.getByLabel('Signal measured').fill('3.9')
      await signal.getByLabel('Sensor is at').fill('20')
      await signal.getByLabel('Maker’s table, from').first().fill('2.9')
      await signal.getByLabel('Maker’s table, to').first().fill('3.2')
      await press(signal.getByRole('button', { name: 'Keep it', exact: true }), mode)
      await expect(
        signal.getByText('The sensor’s signal is not what it should be.').first(),
      ).toBeVisible()
      await expect(signal.getByText(/measure the sensor’s resistance/)).toBeVisible()

      await open(page, 'fan-circuit', mode)
      await page.getByLabel('Temperature there').fill('98')
      await press(page.getByRole('button', { name: 'Keep', exact: true }), mode)
      await expect(page.getByRole('alert')).toContainText('Both are needed')
      await page.getByLabel('It should switch at').fill('96')
      await press(page.getByRole('button', { name: 'Keep', exact: true }), mode)
      await expect(page.getByText(/^Measure next: /)).toBeVisible()
      await press(page.locator('[data-link=wire]'), mode)
      await page.getByLabel('Battery').fill('12.5')
      await page.getByLabel('At the plug').fill('14')
      await press(page.getByRole('button', { name: 'Keep', exact: true }), mode)
      await expect(page.getByRole('alert')).toContainText('More at the plug than at the battery')
      await page.getByLabel('At the plug').fill('0.2')
      await press(page.getByRole('button', { name: 'Keep', exact: true }), mode)
      await expect(page.getByText(/^4 links are still open/)).toBeVisible()
      await press(
        page.getByRole('group', { name: 'Measurements' }).getByRole('button', { name: /bridged/ }),
        mode,
      )
      await press(page.getByRole('radio', { name: 'It runs' }), mode)
      await expect(page.getByText(/^2 links are still open: relay, control/)).toBeVisible()
      await press(page.getByRole('radio', { name: 'Command present' }), mode)
      await expect(page.getByText('The break is at: relay.')).toBeVisible()

      await open(page, 'cylinder-leakage', mode)
      await press(page.locator('[data-cylinder="3"]'), mode)
      await press(page.getByRole('button', { name: 'Keep cylinder 3' }), mode)
      await expect(page.getByRole('alert')).toContainText('Type the leakage in per cent')
      await page.getByLabel('Cylinder 3 leaks').fill('45')
      await press(radio(page, 'Bubbles in the neck', 'Bubbles'), mode)
      await press(page.getByRole('button', { name: 'Keep cylinder 3' }), mode)
      await expect(verdict(page)).toHaveText('Leaks to the coolant.')

      await open(page, 'cooler-test', mode)
      await press(radio(page, 'Oil cooler', 'Tight'), mode)
      await expect(verdict(page)).toHaveText('Tight.')

      if (mode === 'touch') await page.getByRole('button', { name: 'Steps', exact: true }).tap()
      await press(page.getByRole('button', { name: 'Start the engine' }), mode)
      await expect(page.getByRole('alertdialog')).toContainText(
        /wait about 60 minutes of cooling down/,
      )
      await press(page.getByRole('button', { name: 'Started: engine runs' }), mode)
      await open(page, 'mix', mode)
      await expect(
        page.getByText('The engine runs: cold checks wait. Never open a hot system.'),
      ).toBeVisible()
      await press(page.getByRole('button', { name: 'Undo the last entry' }), mode)
      await expect(
        page.getByText('The engine runs: cold checks wait. Never open a hot system.'),
      ).toBeHidden()
      await allSent(page)
    })
  })
}
