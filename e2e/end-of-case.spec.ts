import { expect, test } from '@playwright/test'
import { complaint, open, press } from './panel-steps'
import { allSent, enter, radio, settled } from './steps'

/** Mended, proven by what had failed before, closed, and opened again. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('a case is mended, proven, closed and opened again', async ({ page }) => {
      const tab = async (name: string) => {
        if (mode === 'touch') await page.getByRole('button', { name, exact: true }).tap()
      }
      const finish = page.getByRole('dialog', { name: 'Repair and close' })
      const choose = async (label: string, fault: string) => {
        await finish.getByRole('combobox', { name: label }).fill(fault)
        await page.getByRole('option', { name: fault }).click()
        await page.keyboard.press('Escape')
      }
      await enter(page, 'oren')
      await complaint(page, 'Loses coolant', `Ends by ${mode}`, mode)
      await open(page, 'level-and-condition', mode)
      await press(radio(page, 'Level, cold', 'Low'), mode)
      await settled(page)

      await tab('Suspects')
      await press(page.getByRole('button', { name: 'Repair, close' }), mode)
      await press(finish.getByRole('button', { name: 'Close the case' }), mode)
      await expect(finish.getByRole('alert')).toContainText('Choose the cause that was confirmed')
      await press(finish.getByRole('button', { name: 'Record the repair' }), mode)
      await expect(finish.getByRole('alert')).toContainText('Choose the fault that was mended')
      await choose('Fault that was mended', 'Upper hose')
      await finish.getByLabel('What was done, which part').fill('New hose, two clamps')
      await press(finish.getByRole('button', { name: 'Record the repair' }), mode)
      const proof = finish.getByTestId('proof')
      await expect(proof).toContainText('Level, condition: to be done again')
      await expect(finish.getByText('the repair is not proven yet')).toBeVisible()
      await press(finish.getByRole('button', { name: 'Back to the check' }), mode)

      // What failed before the repair is next, and says why.
      await settled(page)
      await open(page, 'look-round', mode)
      await tab('Suspects')
      await expect(page.getByRole('heading', { name: 'Next: level, condition' })).toBeVisible()
      await expect(page.getByText('It failed before the repair')).toBeVisible()
      await press(page.getByRole('button', { name: 'Go there' }), mode)
      await press(radio(page, 'Level, cold', 'Right'), mode)
      await settled(page)

      await tab('Suspects')
      await press(page.getByRole('button', { name: 'Repair, close' }), mode)
      await expect(proof).toContainText('Level, condition: done again, nothing found')
      await expect(finish.getByText('the repair is not proven yet')).toBeHidden()
      await finish.getByLabel('In words, for whoever opens it next').fill('Dry after a week.')
      await press(finish.getByRole('button', { name: 'Close the case' }), mode)
      await expect(finish).toBeHidden()
      await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeVisible()
      await allSent(page)

      await page.reload()
      await tab('Suspects')
      await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeVisible()
      await press(page.getByRole('button', { name: 'Repair, close' }).first(), mode)
      await finish.getByLabel('Why it is opened again').fill('Low again')
      await press(finish.getByRole('button', { name: 'Open it again' }), mode)
      await press(finish.getByRole('button', { name: 'Back to the check' }), mode)
      await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeHidden()
      await allSent(page)
    })
  })
}
