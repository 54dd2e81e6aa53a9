import { expect, test } from '@playwright/test'
import { allSent, enter, newComplaint, openCheck } from './steps'

test('what was done to the vehicle is taken back and brought back; after a repair a part is looked at anew', async ({
  page,
}) => {
  await enter(page, 'ilka', '/new')
  await newComplaint(page, 'Clamped Sett 4')
  await openCheck(page, 'look-round')
  await page
    .getByRole('region', { name: 'Look round' })
    .getByRole('button', { name: /^Radiator/ })
    .click()
  const seen = page.getByRole('radiogroup', { name: 'Radiator' })
  await seen.getByRole('radio', { name: 'Seen issuing' }).click()
  await expect(seen.getByRole('radio', { name: 'Seen issuing' })).toBeChecked()

  await openCheck(page, 'clean-and-dry')
  await page.getByRole('button', { name: 'Clamped off', exact: true }).click()
  await page.getByRole('button', { name: 'Clamp taken off' }).click()
  await expect(page.getByRole('button', { name: 'Clamped off', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'History' }).click()
  const history = page.getByRole('dialog')
  await history.getByRole('radio', { name: 'The whole case' }).click()
  await history
    .getByRole('listitem')
    .filter({ hasText: 'Done: Clamp taken off' })
    .getByRole('button', { name: 'Take back' })
    .click()
  await expect(history.getByText('Took back: Clamp taken off')).toBeVisible()
  await history.getByRole('button', { name: 'Back to the check' }).click()
  await expect(page.getByRole('button', { name: 'Clamp taken off' })).toBeVisible()
  await page.getByRole('button', { name: 'History' }).click()
  await history.getByRole('button', { name: 'Bring it back' }).click()
  await expect(history.getByText('Brought back')).toBeVisible()
  await history.getByRole('button', { name: 'Back to the check' }).click()

  await page.getByRole('button', { name: /^Repaired: / }).click()
  await expect(page.getByText('Already seen wet')).toBeHidden()
  await openCheck(page, 'look-round')
  await expect(seen.getByRole('radio', { checked: true })).toHaveCount(0)
  await seen.getByRole('radio', { name: 'Dry', exact: true }).click()
  await expect(page.getByText('Kept: look round.')).toBeVisible()
  await page.getByRole('button', { name: 'History' }).click()
  await expect(history.getByText('Recorded: Look round')).toHaveCount(2)
  await history.getByRole('radio', { name: 'The whole case' }).click()
  await history
    .getByRole('listitem')
    .filter({ hasText: 'Done: Repaired' })
    .getByRole('button', { name: 'Take back' })
    .click()
  await history.getByRole('button', { name: 'Back to the check' }).click()
  await expect(seen.getByRole('radio', { name: 'Dry', exact: true })).toBeChecked()
  await allSent(page)
})
