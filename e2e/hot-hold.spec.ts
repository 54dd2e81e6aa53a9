import { expect, test } from '@playwright/test'
import { open, press } from './panel-steps'
import { addReading, allSent, enter, newComplaint, radio, settled } from './steps'

/** A hot hold: only on a hot engine, only through an adapter that keeps its relief; a check of its own on the rail. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('a hold on a hot engine is set up, read, ended and judged', async ({ page }) => {
      await page.clock.install()
      await enter(page, 'ilka', '/new')
      await newComplaint(page, `Leaks hot only, by ${mode}`)
      await open(page, 'pressure-hold-hot', mode)
      await expect(page.getByText('Only through an adapter that keeps its relief')).toBeVisible()
      await page.getByLabel('Gauge', { exact: true }).selectOption('new')
      await page.getByLabel('Name of the gauge').fill(`Hot gauge, ${mode}`)
      await page.getByLabel('Smallest graduation').fill('0.5')
      await page.getByLabel('Pump until it shows').fill('70')
      await press(radio(page, 'Level in the system', 'Near full, marked'), mode)
      const start = page.getByRole('button', { name: 'Pumped up: start the clock' })
      const problem = page.getByRole('alert')
      await press(start, mode)
      await expect(problem).toHaveText('Say how hot the coolant is: a hot hold is judged by it.')
      await page.getByLabel('Coolant temperature now').fill('45')
      await press(start, mode)
      await expect(problem).toContainText('Not hot: run it until the coolant has 60')
      await page.getByLabel('Coolant temperature now').fill('92')
      await press(radio(page, 'Pressed through', 'Something else'), mode)
      await press(start, mode)
      await expect(problem).toContainText('nothing is opened hot')
      await press(radio(page, 'Pressed through', 'An adapter with its relief, fitted cold'), mode)
      await press(start, mode)
      for (const reading of ['70', '68.5', '67', '65.5', '64', '62.5']) {
        await page.clock.fastForward('02:00')
        await addReading(page, reading)
      }
      // Nobody knows yet how much of this fall is the coolant's cooling.
      await expect(page.getByTestId('verdict')).toContainText('take its temperature when you end')
      await press(page.getByRole('button', { name: 'End the hold' }), mode)
      await page.getByLabel('Coolant temperature now').fill('91.8')
      await page.getByRole('radiogroup', { name: 'The tray under it' }).getByText('Wet').click()
      await press(page.getByRole('button', { name: 'Keep the end' }), mode)
      await settled(page)
      await expect(page.getByTestId('verdict')).toContainText('Seep.')

      // It is not the cold hold, which is still to be done.
      await open(page, 'pressure-hold', mode)
      await expect(page.getByRole('button', { name: 'Pumped up: start the clock' })).toBeVisible()
      await open(page, 'pressure-hold-hot', mode)
      await expect(page.getByRole('button', { name: 'Hold again' })).toBeVisible()
      await allSent(page)
    })
  })
}
